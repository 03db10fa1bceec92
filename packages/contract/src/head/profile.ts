import type { Message } from '@amber-ladle/core/message';
import { HAIR_STYLES, PROFILE_LIMITS, type HairAmount, type HairProfile } from '@amber-ladle/core/hair';
import { number, object, string, type ObjectSchema } from 'yup';
import { byKind } from '../wire';
import { fault, field } from '../wire/fault';

const { stretchedLengthCentimetres, strandDiameterMicrometres, circumferenceMillimetres, scalpAreaSquareCentimetres } =
  PROFILE_LIMITS;

/** A number within limits, with a message that says what to do. */
const within = (what: Message, unit: string, { min, max }: { min: number; max: number }) =>
  number()
    .typeError(fault('number-in', { what, unit }))
    .required(fault('is-missing', { what }))
    .min(min, fault('least-in', { what, min, unit }))
    .max(max, fault('most-in', { what, max, unit }));

const amountShape: Readonly<Record<HairAmount['kind'], ObjectSchema<object>>> = {
  ponytail: object({
    kind: string()
      .oneOf(['ponytail'] as const)
      .required(),
    circumferenceMillimetres: within(field('ponytail'), 'mm', circumferenceMillimetres),
  }).noUnknown(),
  density: object({
    kind: string()
      .oneOf(['density'] as const)
      .required(),
    density: string().oneOf(['low', 'medium', 'high']).required(),
  }).noUnknown(),
  eye: object({
    kind: string()
      .oneOf(['eye'] as const)
      .required(),
    look: string().oneOf(['sparse', 'middling', 'plenty']).required(),
  }).noUnknown(),
};

/** How much hair there is: measured, by class, or by eye. Each kind has its own fields. */
const amountSchema = byKind<HairAmount>(amountShape, fault('say-how-much-hair-by')).required(
  fault('say-how-much-hair'),
);

/** A head's measurements, with limits that catch a slip of the key or the unit. */
export const profileSchema: ObjectSchema<HairProfile> = object({
  amount: amountSchema,
  strandDiameterMicrometres: within(field('strand'), 'µm', strandDiameterMicrometres),
  stretchedLengthCentimetres: within(field('length'), 'cm', stretchedLengthCentimetres),
  evenness: string()
    .oneOf(['blunt', 'long-layers', 'short-layers'] as const)
    .required(),
  scalpAreaSquareCentimetres: within(field('scalp'), 'cm²', scalpAreaSquareCentimetres),
  style: string().oneOf(HAIR_STYLES).required(),
}).noUnknown();
