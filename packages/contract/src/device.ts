import { boolean, number, object, string } from 'yup';
import { instant } from './stock';

/** What stands in for devices here: in the demo they count, in a household they are off or only for practice. */
export type DeviceMode = 'off' | 'practice' | 'demo';

/** What somebody read off a thermometer. */
export const readingSchema = object({
  placeId: string().required('Say where it hangs.').max(80),
  celsius: number()
    .typeError('A temperature is a number.')
    .required('Say what it shows.')
    .min(-60, 'Colder than −60 °C is no kitchen.')
    .max(60, 'Warmer than 60 °C is no kitchen.'),
  at: instant.required('Say when.'),
}).noUnknown();

/** What hands do at a simulated fridge. */
export const thermometerHandsSchema = object({
  isDoorOpen: boolean().optional(),
  hasPower: boolean().optional(),
}).noUnknown();

/** What hands do at a simulated scale: put on (or take off) grams, set zero, clear it. */
export const scaleHandsSchema = object({
  put: number().min(-10_000, 'At most 10 kg.').max(10_000, 'At most 10 kg.').optional(),
  tare: boolean().optional(),
  clear: boolean().optional(),
}).noUnknown();

/** How far the demo's clock is moved on. */
export const clockSchema = object({
  minutes: number()
    .required()
    .integer()
    .min(1, 'Time goes forward.')
    .max(60 * 24 * 60, 'At most two months at once.'),
}).noUnknown();
