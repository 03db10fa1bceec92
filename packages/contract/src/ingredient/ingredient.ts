import type { Message } from '@amber-ladle/core/message';
import {
  ALLERGENS,
  BLENDING,
  FAMILIES,
  HAZARDS,
  LIDS,
  LOT_STATES,
  MATTERS,
  MEASURED_BY,
  METHODS,
  PREPARED,
  RHYTHMS,
  ROLES,
  SKIN_EFFECTS,
  SMELLS,
  SWAP_CHANGES,
  type Limit,
  type SaidIngredient,
} from '@amber-ladle/core/ingredient';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { array, boolean, lazy, mixed, number, object, string } from 'yup';
import { byKind, seenVersion } from '../wire';
import { fault, field } from '../wire/fault';

/** At least one of a few words, each once. */
const eachOnceOf =
  <T>(words: readonly T[]) =>
  (value: unknown): value is [T, ...T[]] =>
    Array.isArray(value) &&
    value.length > 0 &&
    value.every((one) => new Set<unknown>(words).has(one)) &&
    new Set(value).size === value.length;

const source = string()
  .oneOf(Object.keys(SOURCES) as SourceId[])
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
  noun: string().required().max(40),
  nouns: string().required().max(40),
  sizes: array()
    .of(
      object({
        id: string().required().max(40),
        name: string().required().max(40),
        usableGrams: number().required().moreThan(0).max(5000),
        source,
      }).noUnknown(),
    )
    .required()
    .min(1)
    .max(20),
  usualSize: string().required().max(40),
  cutInto: number().required().integer().min(1).max(16),
  refuseShare: number().required().min(0).lessThan(1),
  refuseSource: source,
  weightSpread: number().required().min(0).max(1),
  gramsPerCentimetre: number().moreThan(0).max(500).optional(),
  nounIsName: boolean<false>().oneOf([false]).optional(),
}).noUnknown();

const partSchema = object({
  ingredientId: string().required().max(80),
  share: number().required().moreThan(0, fault('part-amount')).max(1),
}).noUnknown();

const blendSchema = object({
  kind: string()
    .oneOf(['blend'] as const)
    .required(),
  parts: array().of(partSchema).required().min(1, fault('made-of-nothing')).max(20),
  keptBackShare: number().required().min(0).lessThan(1, fault('through-the-cloth')),
}).noUnknown();

const belowAll = (what: Message) => number().required().min(0).lessThan(1, fault('less-than-all', { what }));

const solidsSchema = object({
  kind: string()
    .oneOf(['solids'] as const)
    .required(),
  rawWaterShare: belowAll(field('water')),
  cookedLiquidShare: belowAll(field('water')),
  madeLiquidShare: belowAll(field('water')),
  clothShare: belowAll(field('cloth')),
}).noUnknown();

const extractSchema = object({
  kind: string()
    .oneOf(['extract'] as const)
    .required(),
  madePerRaw: number().required().moreThan(0, fault('comes-of-it')).max(200),
  keptPerRaw: number().required().min(0).max(50),
}).noUnknown();

const itselfSchema = object({
  kind: string()
    .oneOf(['itself'] as const)
    .required(),
}).noUnknown();

const YIELDS = { blend: blendSchema, solids: solidsSchema, extract: extractSchema, itself: itselfSchema } as const;

const recipeSchema = object({
  method: string().oneOf(METHODS).required(),
  raw: object({
    name: string().trim().required(fault('say-what-goes-in')).max(60),
    alsoCalled: array().of(string().required().max(60)).required().max(20),
    gramsPerMillilitre: number().required().min(0.02, fault('spoon-weighs')).max(3),
    cooked: object({
      gramsPerMillilitre: number().required().min(0.02).max(3),
      waterShare: number().required().min(0).lessThan(1),
    })
      .noUnknown()
      .default(undefined)
      .optional(),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  pot: object({
    liquidId: string().required().max(80),
    minutes: number().required().min(0).max(600, fault('ten-hours-on-the-ring')),
    lid: string().oneOf(LIDS).required(),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  oven: object({
    degreesC: number().required().min(50).max(300, fault('oven-300')),
    minutes: number().required().min(0).max(600, fault('ten-hours-in-the-oven')),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  yield: lazy((value: unknown) => {
    const kind = typeof value === 'object' && value !== null && 'kind' in value ? String(value.kind) : '';
    return kind in YIELDS ? YIELDS[kind as keyof typeof YIELDS].required() : blendSchema.required();
  }),
  standMinutes: number().required().min(0).max(100_000),
  how: string().defined().max(500),
  source,
})
  .noUnknown()
  .test('pot', fault('pot-or-jar'), (recipe) => {
    // An optional object that was left out is tested all the same.
    const { raw, pot, yield: how }: Partial<typeof recipe> = recipe ?? {};
    return how?.kind === 'solids' || how?.kind === 'extract' ? Boolean(raw && pot) : true;
  });

const hours = number().required().moreThan(0, fault('keeps-longer')).max(100_000);
const optionalHours = number().moreThan(0, fault('keeps-longer')).max(100_000).optional();
const keepingSchema = object({
  roomHours: hours,
  warmHours: hours,
  coldHours: hours,
  standsHours: optionalHours,
  frozenHours: optionalHours,
  source,
})
  .noUnknown()
  .default(undefined)
  .optional();

const idOf = string().required().max(80);
const some = <T extends string>(known: readonly T[]) =>
  array().of(string().oneOf(known).required()).max(known.length).optional();
const flag = boolean().optional();
const minutes = number().required().min(0).max(600);

const kindOf = <Kind extends string>(kind: Kind) =>
  string()
    .oneOf([kind] as const)
    .required();
const pinches = number().required().integer().min(0).max(50);
const limitSchema = byKind<Limit>(
  {
    'per-bowl': object({
      kind: kindOf('per-bowl'),
      gramsPerMillilitre: number().required().moreThan(0).max(3),
      beside: string()
        .oneOf(['light-starch'] as const)
        .optional(),
      source,
    }).noUnknown(),
    pinches: object({ kind: kindOf('pinches'), usual: pinches, sensitive: pinches, source }).noUnknown(),
    share: object({ kind: kindOf('share'), mostShare: share, source }).noUnknown(),
    'from-age': object({
      kind: kindOf('from-age'),
      years: number().required().min(0).max(120),
      source,
    }).noUnknown(),
  },
  fault('limit-without-figure'),
);

/** What is true of a row beside its figures; what is left out it has from its kind. */
const traitsSchema = object({
  roles: mixed({ type: 'roles', check: eachOnceOf(ROLES) }).optional(),
  matter: string().oneOf(MATTERS).optional(),
  inBowl: string().oneOf(LOT_STATES).optional(),
  isPacked: flag,
  isFromTap: flag,
  stands: string()
    .oneOf(['counter', 'fridge'] as const)
    .optional(),
  prepared: string().oneOf(PREPARED).optional(),
  pressing: object({
    baseMinutes: minutes,
    eachMinutes: minutes,
    tool: string()
      .oneOf(['grater', 'press'] as const)
      .required(),
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  blending: string().oneOf(BLENDING).optional(),
  goesInCool: flag,
  cooksInWarmth: flag,
  mostWearMinutes: number().min(1).max(2880).optional(),
  leavesBits: flag,
  foams: number().min(1).max(20).optional(),
  partOf: object({ wholeId: idOf, share: number().required().moreThan(0).lessThan(1), leavesId: idOf })
    .noUnknown()
    .default(undefined)
    .optional(),
  eggPart: string()
    .oneOf(['whole', 'yolk', 'white'] as const)
    .optional(),
  keepsItsShare: flag,
  isThinner: flag,
  partsFromOil: flag,
  thickens: string()
    .oneOf(['cooked-starch', 'syrup', 'emulsion'] as const)
    .optional(),
  countsAs: some(RHYTHMS),
  smells: some(SMELLS),
  skin: some(SKIN_EFFECTS),
  hazards: some(HAZARDS),
  swaps: array()
    .of(
      object({
        ingredientId: idOf,
        ratio: number().required().moreThan(0).max(10),
        changes: some(SWAP_CHANGES).required(),
      })
        .noUnknown()
        .required(),
    )
    .max(20)
    .optional(),
  limits: array().of(limitSchema.required()).max(5).optional(),
})
  .noUnknown()
  .default(undefined)
  .optional();

const days = number().required().moreThan(0).max(400);
const ripeningSchema = object({
  readyDays: days,
  spanDays: days,
  chillCelsius: number().required().min(-5).max(25),
  coldDays: days,
  hardColdDays: days,
  source,
})
  .noUnknown()
  .default(undefined)
  .optional();

/** A row of the catalogue, built in or the owner's. */
export const ingredientSchema = object({
  id: string()
    .required()
    .matches(/^[a-z][a-z0-9-]{1,60}$/, fault('id-letters')),
  name: string().trim().required(fault('name')).max(60),
  family: string().oneOf(FAMILIES).required(),
  state: string().defined().max(120),
  composition: compositionSchema.default(undefined).optional(),
  density: object({
    gramsPerMillilitre: number().required().min(0.2, fault('spoon-too-light')).max(3, fault('spoon-too-heavy')),
    source,
  })
    .noUnknown()
    .default(undefined)
    .optional(),
  pieces: piecesSchema.default(undefined).optional(),
  measuredBy: mixed({ type: 'measures', check: eachOnceOf(MEASURED_BY) }).required(),
  flowLog10: number().required().min(-1).max(14),
  flowSource: source,
  strainedOutShare: share,
  allergens: array().of(string().oneOf(ALLERGENS).required()).required().max(ALLERGENS.length),
  crossesWithLatex: boolean().required(),
  stains: boolean().required(),
  recipe: recipeSchema.default(undefined).optional(),
  keeping: object(Object.fromEntries(LOT_STATES.map((state) => [state, keepingSchema])))
    .noUnknown()
    .default(undefined)
    .optional(),
  ripening: ripeningSchema,
  traits: traitsSchema,
  alsoCalled: array().of(string().trim().required().max(60)).max(20).optional(),
  advice: string().defined().max(300),
})
  .noUnknown()
  .test('density', fault('density-or-composition'), (row) => Boolean(row.density ?? row.composition))
  .test(
    'pieces',
    fault('pieces-need-sizes'),
    // A row may lack anything while it is checked.
    (row: { measuredBy?: unknown; pieces?: unknown }) =>
      !Array.isArray(row.measuredBy) || !row.measuredBy.includes('piece') || Boolean(row.pieces),
  );

/** A household's own or corrected row, as the server keeps it. */
export interface OwnIngredient {
  row: SaidIngredient;
  /** Rises with every change; a write names the version it saw, 0 for a new one. */
  version: number;
  updatedAt: string;
}

/** A change to the catalogue names the version that was on the screen. */
export const ingredientUpdateSchema = object({
  row: ingredientSchema.required(),
  version: seenVersion(0),
}).noUnknown();
