import { boolean, number, object } from 'yup';
import type { Of } from '../wire';
import { fault } from '../wire/fault';

/** What stands in for devices here: in the demo they count, in a household they are off or only for practice. */
export type DeviceMode = 'off' | 'practice' | 'demo';

/** A thermometer in a place: what it says now, and hands that can change it where it is simulated. */
export interface Thermometer {
  readonly placeId: string;
  readonly name: string;
  readonly celsius: number;
  readonly isDoorOpen: boolean;
  readonly hasPower: boolean;
}

/** What hands do at a simulated fridge. */
export const thermometerHandsSchema = object({
  isDoorOpen: boolean().optional(),
  hasPower: boolean().optional(),
}).noUnknown();

/** What hands do at a simulated scale: put on (or take off) grams, set zero, clear it. */
export const scaleHandsSchema = object({
  put: number().min(-10_000, fault('10-kg')).max(10_000, fault('10-kg')).optional(),
  tare: boolean().optional(),
  clear: boolean().optional(),
}).noUnknown();

/** What is asked of a simulated scale. */
export type ScaleHands = Of<typeof scaleHandsSchema>;

/** How far the demo's clock is moved on. */
export const clockSchema = object({
  minutes: number()
    .required()
    .integer()
    .min(1, fault('time-goes-forward'))
    .max(60 * 24 * 60, fault('two-months')),
}).noUnknown();
