import { ALLERGENS, FAMILIES, MEASURED_BY } from '@amber-ladle/core/ingredient';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { array, boolean, number, object, string } from 'yup';

const source = string()
  .oneOf(Object.keys(SOURCES) as SourceId[], 'Every figure names a known source.')
  .required();
const share = number().required().min(0).max(1);
const grams = number().required().min(0).max(100);

const compositionSchema = object({
  waterGrams: grams,
  proteinGrams: grams,
  fatGrams: grams,
  carbohydrateGrams: grams,
  fibreGrams: grams,
  ashGrams: grams,
  source,
}).noUnknown();

const piecesSchema = object({
  noun: string().required(),
  nouns: string().required(),
  sizes: array()
    .of(
      object({
        id: string().required(),
        name: string().required(),
        usableGrams: number().required().moreThan(0).max(5000),
        source,
      }).noUnknown(),
    )
    .required()
    .min(1),
  usualSize: string().required(),
  cutInto: number().required().integer().min(1).max(16),
  refuseShare: number().required().min(0).lessThan(1),
  refuseSource: source,
  weightSpread: number().required().min(0).max(1),
}).noUnknown();

/** A row of the catalogue, built in or the owner's. */
export const ingredientSchema = object({
  id: string()
    .required()
    .matches(/^[a-z][a-z0-9-]{1,60}$/, 'An id is lower-case letters, digits and hyphens.'),
  name: string().required().max(60),
  family: string().oneOf(FAMILIES).required(),
  state: string().defined().max(120),
  composition: compositionSchema.default(undefined).optional(),
  density: object({ gramsPerMillilitre: number().required().min(0.2).max(3), source })
    .noUnknown()
    .default(undefined)
    .optional(),
  pieces: piecesSchema.default(undefined).optional(),
  measuredBy: array().of(string().oneOf(MEASURED_BY).required()).required().min(1),
  flowLog10: number().required().min(-1).max(14),
  flowSource: source,
  strainedOutShare: share,
  allergens: array().of(string().oneOf(ALLERGENS).required()).required(),
  crossesWithLatex: boolean().required(),
  stains: boolean().required(),
  advice: string().defined().max(300),
})
  .noUnknown()
  .test('density', 'An ingredient needs a density or a composition.', (row) => Boolean(row.density ?? row.composition))
  .test(
    'pieces',
    'What is counted in pieces needs sizes.',
    (row) => !row.measuredBy.includes('piece') || Boolean(row.pieces),
  );
