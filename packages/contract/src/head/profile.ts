import { HAIR_STYLES, PROFILE_LIMITS, type HairAmount, type HairProfile } from '@amber-ladle/core/hair';
import { number, object, string, type ObjectSchema } from 'yup';
import { byKind } from '../wire';

const { stretchedLengthCentimetres, strandDiameterMicrometres, circumferenceMillimetres, scalpAreaSquareCentimetres } =
  PROFILE_LIMITS;

/** A number within limits, with a message that says what to do. */
const within = (what: string, unit: string, { min, max }: { min: number; max: number }) =>
  number()
    .typeError(`${what} is a number, in ${unit}.`)
    .required(`${what} is missing.`)
    .min(min, `${what} is at least ${min} ${unit}.`)
    .max(max, `${what} is at most ${max} ${unit}; check the unit.`);

const amountShape: Readonly<Record<HairAmount['kind'], ObjectSchema<object>>> = {
  ponytail: object({
    kind: string()
      .oneOf(['ponytail'] as const)
      .required(),
    circumferenceMillimetres: within('The way round the ponytail', 'mm', circumferenceMillimetres),
  }).noUnknown(),
  density: object({
    kind: string()
      .oneOf(['density'] as const)
      .required(),
    density: string().oneOf(['low', 'medium', 'high'], 'Density is low, medium or high.').required(),
  }).noUnknown(),
  eye: object({
    kind: string()
      .oneOf(['eye'] as const)
      .required(),
    look: string().oneOf(['sparse', 'middling', 'plenty'], 'By eye it is sparse, middling or plenty.').required(),
  }).noUnknown(),
};

/** How much hair there is: measured, by class, or by eye. Each kind has its own fields. */
const amountSchema = byKind<HairAmount>(
  amountShape,
  'Say how much hair there is: by ponytail, density or eye.',
).required('Say how much hair there is.');

/** A head's measurements, with limits that catch a slip of the key or the unit. */
export const profileSchema: ObjectSchema<HairProfile> = object({
  amount: amountSchema,
  strandDiameterMicrometres: within('Strand thickness', 'µm', strandDiameterMicrometres),
  stretchedLengthCentimetres: within('Length', 'cm', stretchedLengthCentimetres),
  evenness: string()
    .oneOf(['blunt', 'long-layers', 'short-layers'] as const, 'The cut is blunt, long layers or short layers.')
    .required(),
  scalpAreaSquareCentimetres: within('Scalp area', 'cm²', scalpAreaSquareCentimetres),
  style: string().oneOf(HAIR_STYLES, 'Hair is worn loose, in twists, in braids or in cornrows.').required(),
}).noUnknown();
