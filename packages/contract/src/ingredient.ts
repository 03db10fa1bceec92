import { ALLERGENS, FAMILIES, MEASURED_BY, type Ingredient } from '@amber-ladle/core/ingredient';
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

const madeOfSchema = object({
  parts: array()
    .of(
      object({
        ingredientId: string().required().max(80),
        share: number().required().moreThan(0, 'Each part needs an amount above nothing.').max(1),
      }).noUnknown(),
    )
    .required()
    .min(1, 'A made thing needs at least one ingredient.')
    .max(20, 'A made thing has at most 20 ingredients.'),
  keptBackShare: number().required().min(0).lessThan(1, 'Something must come through the cloth.'),
  minutes: number().required().min(0).max(100_000),
  how: string().defined().max(500),
}).noUnknown();

/** A row of the catalogue, built in or the owner's. */
export const ingredientSchema = object({
  id: string()
    .required()
    .matches(/^[a-z][a-z0-9-]{1,60}$/, 'An id is lower-case letters, digits and hyphens.'),
  name: string().trim().required('Give it a name.').max(60, 'A name has at most 60 letters.'),
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
  madeOf: madeOfSchema.default(undefined).optional(),
  advice: string().defined().max(300),
})
  .noUnknown()
  .test('density', 'An ingredient needs a density or a composition.', (row) => Boolean(row.density ?? row.composition))
  .test(
    'pieces',
    'What is counted in pieces needs sizes.',
    (row) => !row.measuredBy.includes('piece') || Boolean(row.pieces),
  );

/** A household's own or corrected row, as the server keeps it. */
export interface OwnIngredient {
  row: Ingredient;
  /** Rises with every change; a write names the version it saw, 0 for a new one. */
  version: number;
  updatedAt: string;
}

/** A change to the catalogue names the version that was on the screen. */
export const ingredientUpdateSchema = object({
  row: ingredientSchema.required(),
  version: number().integer().min(0).required('Say which version was changed.'),
}).noUnknown();
