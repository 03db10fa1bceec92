import { gramsPerMillilitre, type Ingredient } from '../ingredient';
import { dropsToMillilitres, MILLILITRES_PER, spoonMillilitres, type Spoon } from '../measure';
import type { MeasuredBy } from '../ingredient';
import type { FitChoice } from './fit';

/** Charge for leaving a piece cut open. Assumption of this project. */
export const CUT_CHARGE = 0.12;
/** Charge for each halving after the first: a quarter is more trouble than a half. Assumption of this project. */
export const FINE_CUT_CHARGE = 0.04;
/** Charge for each spoon after the first. Assumption of this project. */
export const SPOON_CHARGE = 0.01;
/** A spoon smaller than this share of the whole is not worth adding. Assumption of this project. */
const SMALLEST_SPOON_SHARE = 0.045;
const MOST_SMALLER_SPOONS = 4;

export interface ChoiceOptions {
  readonly measuredBy: MeasuredBy;
  /** Grams of one piece as it lies there, for an ingredient measured in pieces. */
  readonly pieceGrams?: number;
  readonly spoons: readonly Spoon[];
  /** Grams wanted by the formula at the need. */
  readonly idealGrams: number;
  /** Largest amount worth looking at, in grams. */
  readonly mostGrams: number;
  /** None at all is an answer too: a limit pushes that low. */
  readonly mayBeNone?: boolean;
}

/** Smallest amount worth looking at, as a share of the ideal. */
const LEAST_SHARE = 0.35;

/**
 * The amounts in which an ingredient can be measured, from about a third of the ideal up to the most,
 * and always the least there is (one egg, a quarter avocado, the smallest spoon).
 * Trouble is charged for: cut pieces, many spoons.
 */
export function measurableAmounts(ingredient: Ingredient, options: ChoiceOptions): readonly FitChoice[] {
  const all = amountsBy(ingredient, options);
  if (options.mayBeNone === true)
    return [
      { grams: 0, charge: 0 },
      ...all.filter(({ grams }) => grams > 0 && grams <= options.mostGrams * (1 + 1e-9)),
    ];
  // Nothing at all stays a choice for drops and pinches: a limit by age may ask for it.
  const inReach = all.filter(
    ({ grams }) => grams === 0 || (grams >= LEAST_SHARE * options.idealGrams && grams <= options.mostGrams),
  );
  if (inReach.some(({ grams }) => grams > 0)) return inReach;
  const below = all.filter(({ grams }) => grams < LEAST_SHARE * options.idealGrams).at(-1);
  const above = all.find(({ grams }) => grams > options.mostGrams);
  return [below, above].filter((choice) => choice !== undefined);
}

/**
 * The least amount above nothing in which an ingredient can be measured, in grams.
 * @example leastMeasurableGrams(avocado, { measuredBy: 'piece', pieceGrams: 136, spoons: SPOON_SETS.us }) // 17: an eighth
 */
export function leastMeasurableGrams(
  ingredient: Ingredient,
  options: Omit<ChoiceOptions, 'idealGrams' | 'mostGrams' | 'mayBeNone'>,
): number {
  switch (options.measuredBy) {
    case 'piece':
      return (options.pieceGrams ?? 0) / (ingredient.pieces?.cutInto ?? 1);
    case 'weight':
      return 1;
    case 'drop':
      return dropsToMillilitres(1) * gramsPerMillilitre(ingredient);
    case 'pinch':
    case 'spoon':
      return MILLILITRES_PER.pinch * gramsPerMillilitre(ingredient);
  }
}

/**
 * The next amount that can be measured, up or down from one: what a plus or a minus on the card comes to.
 * @param grams where to step from, above 0
 * @returns grams, or undefined when there is nothing smaller
 * @example neighbouringGrams(avocado, { measuredBy: 'piece', pieceGrams: 136, spoons: SPOON_SETS.us }, 136, -1) // 119: seven eighths
 */
export function neighbouringGrams(
  ingredient: Ingredient,
  options: Omit<ChoiceOptions, 'idealGrams' | 'mostGrams' | 'mayBeNone'>,
  grams: number,
  direction: 1 | -1,
): number | undefined {
  const least = leastMeasurableGrams(ingredient, options);
  const all = amountsBy(ingredient, { ...options, idealGrams: grams, mostGrams: 1.6 * grams + 2 * least });
  const slack = 0.01 * grams;
  const beyond = all.filter((amount) => amount.grams > 0 && direction * (amount.grams - grams) > slack);
  return (direction === 1 ? beyond[0] : beyond.at(-1))?.grams;
}

function amountsBy(ingredient: Ingredient, options: ChoiceOptions): FitChoice[] {
  const { measuredBy, spoons, mostGrams } = options;
  switch (measuredBy) {
    case 'piece': {
      const cutInto = ingredient.pieces?.cutInto ?? 1;
      const step = (options.pieceGrams ?? 0) / cutInto;
      return steps(step, mostGrams, (count) => cutCharge(count, cutInto));
    }
    case 'weight':
      return weights(mostGrams);
    case 'drop':
      return [
        { grams: 0, charge: 0 },
        ...steps(dropsToMillilitres(1) * gramsPerMillilitre(ingredient), mostGrams, () => 0),
      ];
    case 'pinch':
      return [
        { grams: 0, charge: 0 },
        ...steps(MILLILITRES_PER.pinch * gramsPerMillilitre(ingredient), mostGrams, () => 0),
      ];
    case 'spoon': {
      const density = gramsPerMillilitre(ingredient);
      return spoonable(spoons, mostGrams / density).map(({ millilitres, count }) => ({
        grams: millilitres * density,
        charge: SPOON_CHARGE * (count - 1),
      }));
    }
  }
}

/** What leaving a piece cut open costs, the more the finer it is cut; nothing for whole ones. */
function cutCharge(count: number, cutInto: number): number {
  if (count % cutInto === 0) return 0;
  let [parts, of] = [count, cutInto];
  while (parts % 2 === 0) [parts, of] = [parts / 2, of / 2];
  return CUT_CHARGE + FINE_CUT_CHARGE * (Math.log2(of) - 1);
}

function steps(step: number, most: number, charge: (count: number) => number): FitChoice[] {
  const count = Math.max(1, Math.ceil(most / step));
  return Array.from({ length: count }, (_, i) => ({ grams: (i + 1) * step, charge: charge(i + 1) }));
}

/** Grams as a kitchen scale is read: by ones, then twos, fives and tens as the amount grows. */
function weights(most: number): FitChoice[] {
  const choices: FitChoice[] = [];
  for (let grams = 1; grams <= Math.max(1, most); grams += grams < 30 ? 1 : grams < 100 ? 2 : grams < 300 ? 5 : 10)
    choices.push({ grams, charge: 0 });
  return choices;
}

/**
 * Volumes that a few spoons measure: as many of the largest as it takes and up to four smaller ones,
 * none of them lost beside the rest. Pinches serve below the smallest spoon.
 */
export function spoonable(spoons: readonly Spoon[], most: number): readonly { millilitres: number; count: number }[] {
  const sizes = spoons.map(spoonMillilitres).sort((a, b) => b - a);
  const [largest = 5] = sizes;
  const smallest = sizes.at(-1) ?? 5;
  const fewest = new Map<number, { millilitres: number; count: number }>();
  const note = (millilitres: number, count: number): void => {
    const key = Math.round(millilitres * 50);
    const known = fewest.get(key);
    if (!known || count < known.count) fewest.set(key, { millilitres, count });
  };
  const add = (from: number, left: number, millilitres: number, count: number): void => {
    if (count > 0) note(millilitres, count);
    if (left === 0) return;
    for (let i = from; i < sizes.length; i++) {
      const size = sizes[i] ?? 0;
      const next = millilitres + size;
      if (next <= most && size >= SMALLEST_SPOON_SHARE * next) add(i, left - 1, next, count + 1);
    }
  };
  for (let pinches = 1; pinches * MILLILITRES_PER.pinch < smallest * 0.9; pinches++)
    note(pinches * MILLILITRES_PER.pinch, pinches);
  for (let full = 0; full * largest <= most; full++) add(full === 0 ? 0 : 1, MOST_SMALLER_SPOONS, full * largest, full);
  return [...fewest.values()].sort((a, b) => a.millilitres - b.millilitres);
}
