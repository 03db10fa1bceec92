import { gramsPerMillilitre, ingredientById, type Catalogue, type Ingredient, type Limit } from '../ingredient';
import { bowlMillilitresPerGram, type Mask } from '../mask';
import { MILLILITRES_PER } from '../measure';
import { message, type Message } from '../message';
import type { FitCap } from './fit';
import type { SourceId } from '../source';

/** Who wears it, as far as limits go. */
export interface Wearer {
  readonly ageYears: number;
  readonly sensitiveSkin: boolean;
}

/** Whose limits hold where it is not said whose: the most that anybody may have. */
export const GROWN: Wearer = { ageYears: 30, sensitiveSkin: false };

export interface NamedCap extends FitCap {
  readonly id: string;
  /** What the limit says. */
  readonly what: Message;
  readonly source: SourceId;
}

/**
 * Essential oil in a rinse-off bowl, as a volume share, by age in years: none under 3.
 * Our own limits, stricter than Tisserand and Young.
 * @example scentLimit(7) // 0.005
 */
export function scentLimit(ageYears: number): number {
  if (ageYears < 3) return 0;
  if (ageYears < 6) return 0.0025;
  return ageYears < 16 ? 0.005 : 0.01;
}

const isScent = ({ traits }: Ingredient): boolean => traits.matter === 'drops';
/** A bowl whose body is cooked starch: oil stands on it. */
const isLightStarch = ({ traits, recipe }: Ingredient): boolean =>
  traits.thickens === 'cooked-starch' && recipe?.method === 'stir-over-heat';

/** Builds caps over the parts of one mask. */
function capBuilder(mask: Mask, catalogue: Catalogue) {
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));
  const volumes = mask.parts.map(({ ingredientId }) => bowlMillilitresPerGram(mask, catalogue, ingredientId));
  return {
    rows,
    /** At most so much of what counts to a millilitre of bowl. */
    perBowlMillilitre: (counts: (row: Ingredient) => number, limit: number): FitCap => ({
      coefficients: rows.map((row, i) => counts(row) - limit * (volumes[i] ?? 0)),
      bound: 0,
      norm: 1,
    }),
    /** At most so many grams of one row. */
    gramsOf: (of: Ingredient, bound: number, norm: number): FitCap => ({
      coefficients: rows.map((row) => (row.id === of.id ? 1 : 0)),
      bound,
      norm,
    }),
  };
}

type Builder = ReturnType<typeof capBuilder>;

/**
 * The limits that hold for a mask on a head while it is scaled. A cap always wins over the formula.
 * @param millilitres of the bowl, for the words alone: a limit is told in the measures of this bowl
 */
export function capsFor(mask: Mask, catalogue: Catalogue, wearer: Wearer, millilitres: number): readonly NamedCap[] {
  const builder = capBuilder(mask, catalogue);
  const { rows } = builder;
  return [
    ...(rows.some(isScent) ? [scentCap(builder, wearer)] : []),
    ...rows.flatMap((row) =>
      row.traits.limits.flatMap((limit, i) => limitCap(builder, row, limit, i, wearer, millilitres) ?? []),
    ),
    ...mask.heldRatios.flatMap((ratio) => ratioCaps(mask, catalogue, ratio)),
  ];
}

/** A rounding error is no excess, in norms. */
const ROUNDING = 1e-9;

/**
 * The caps that amounts break, each once.
 * @param grams usable grams, in the order of the mask's parts that the caps were made for
 * @example capsOver(capsFor(riceSilk, CATALOGUE, ada, 200), [160, 20, 20]) // []: no limit is broken
 */
export function capsOver(caps: readonly NamedCap[], grams: readonly number[]): readonly NamedCap[] {
  const over = caps.filter(
    ({ coefficients, bound, norm }) =>
      coefficients.reduce((sum, coefficient, i) => sum + coefficient * (grams[i] ?? 0), 0) > bound + ROUNDING * norm,
  );
  return [...new Map(over.map((cap) => [cap.id, cap])).values()];
}

const volumeOf = (row: Ingredient): number => 1 / gramsPerMillilitre(row);

function scentCap({ perBowlMillilitre }: Builder, { ageYears }: Wearer): NamedCap {
  const limit = scentLimit(ageYears);
  return {
    ...perBowlMillilitre((row) => (isScent(row) ? volumeOf(row) : 0), limit),
    id: 'scent',
    norm: 0.1,
    what: limit === 0 ? message('cap.scent-none') : message('cap.scent', { percent: limit * 100 }),
    source: 'own',
  };
}

/** What one limit of a row comes to in this bowl; nothing where it does not hold. */
function limitCap(
  { rows, perBowlMillilitre, gramsOf }: Builder,
  row: Ingredient,
  limit: Limit,
  index: number,
  { ageYears, sensitiveSkin }: Wearer,
  millilitres: number,
): NamedCap | undefined {
  const { name } = row;
  const shared = { id: `${limit.kind}:${row.id}:${index}`, source: limit.source };
  const only = (of: (row: Ingredient) => number) => (one: Ingredient) => (one.id === row.id ? of(one) : 0);
  switch (limit.kind) {
    case 'per-bowl': {
      if (limit.beside === 'light-starch' && !rows.some(isLightStarch)) return undefined;
      const what =
        limit.beside === 'light-starch'
          ? message('cap.beside-starch', { name })
          : message('cap.per-bowl', { name, grams: limit.gramsPerMillilitre * millilitres, millilitres });
      return {
        ...shared,
        ...perBowlMillilitre(
          only(() => 1),
          limit.gramsPerMillilitre,
        ),
        what,
      };
    }
    case 'pinches': {
      const count = sensitiveSkin ? limit.sensitive : limit.usual;
      const pinch = MILLILITRES_PER.pinch * gramsPerMillilitre(row);
      const what = sensitiveSkin
        ? message('cap.pinches-sensitive', { name, count })
        : message('cap.pinches', { name, count });
      // A thousandth of slack, so that the pinch itself is within it.
      return { ...shared, ...gramsOf(row, count * pinch * 1.001, pinch), what };
    }
    case 'share':
      return {
        ...shared,
        ...perBowlMillilitre(only(volumeOf), limit.mostShare),
        norm: 0.1,
        what: message('cap.share', { name, percent: limit.mostShare * 100 }),
      };
    case 'from-age':
      return ageYears >= limit.years
        ? undefined
        : { ...shared, ...gramsOf(row, 0, 1), what: message('cap.from-age', { name, years: limit.years }) };
  }
}

/** Two sides of a ratio that is held: at most and at least, with its slack. */
function ratioCaps(
  mask: Mask,
  catalogue: Catalogue,
  { ingredientId, toIngredientId, ratio, tolerance }: Mask['heldRatios'][number],
): readonly NamedCap[] {
  const perMillilitre = (id: string) => gramsPerMillilitre(ingredientById(catalogue, id));
  const side = (sign: 1 | -1): NamedCap => ({
    id: `ratio:${ingredientId}:${toIngredientId}:${sign > 0 ? 'most' : 'least'}`,
    coefficients: mask.parts.map((part) => {
      if (part.ingredientId === ingredientId) return sign / perMillilitre(ingredientId);
      if (part.ingredientId === toIngredientId)
        return (-sign * ratio * (1 + sign * tolerance)) / perMillilitre(toIngredientId);
      return 0;
    }),
    bound: 0,
    norm: 5,
    what: message('cap.ratio'),
    source: 'common-practice',
  });
  return [side(1), side(-1)];
}
