import {
  gramsPerMillilitre,
  pieceSize,
  rawRecipeOf,
  usableGrams,
  type Ingredient,
  type MeasuredBy,
  type RawRecipe,
} from '../../ingredient';
import { message, type Message } from '../../message';
import { madeFromRaw } from '../../recipe';
import { HEAPED, type WrittenAmount } from '../readAmount';
import { sizeWord } from '../words';

/** What a written amount comes to. */
export interface Reckoned {
  /** Usable grams. */
  readonly grams: number;
  readonly measuredBy: MeasuredBy;
  /** What was taken for granted on the way. */
  readonly assumed: readonly Message[];
}

/**
 * Usable grams of a written amount of an ingredient.
 * @param isCooked true when the dry thing was written as cooked already
 * @param isRaw true when the dry thing was written that the ingredient is made from
 * @returns undefined where the amount says too little
 */
export function gramsOf(amount: WrittenAmount, row: Ingredient, isRaw = false, isCooked = false): Reckoned | undefined {
  const assumed: Message[] = [];
  let quantity = amount.quantity;
  if (amount.upTo !== undefined) {
    quantity = (amount.quantity + amount.upTo) / 2;
    assumed.push(message('read.middle', { from: amount.quantity, to: amount.upTo }));
  }
  const recipe = isRaw ? rawRecipeOf(row) : undefined;
  const cooked = isCooked ? recipe?.raw.cooked : undefined;
  const asMade = (grams: number): number => {
    if (!recipe) return grams;
    const rawGrams = cooked ? dryOf(recipe, cooked, grams) : grams;
    if (cooked) assumed.push(message('read.cooked', { cookedGrams: grams, rawGrams }));
    const { madeGrams } = madeFromRaw(recipe, rawGrams);
    assumed.push(message('read.raw-makes', { rawGrams, raw: recipe.raw.name, grams: madeGrams, name: row.name }));
    return madeGrams;
  };
  switch (amount.unit.kind) {
    case 'vague':
      return undefined;
    case 'mass':
      return { grams: asMade(quantity * amount.unit.grams), measuredBy: byWeight(row), assumed };
    case 'volume': {
      if (amount.isHeaped) {
        quantity *= HEAPED;
        assumed.push(message('read.heaped'));
      }
      const perMillilitre = cooked?.gramsPerMillilitre ?? recipe?.raw.gramsPerMillilitre ?? gramsPerMillilitre(row);
      const small = amount.unit.name === 'drops' ? 'drop' : amount.unit.name === 'pinch' ? 'pinch' : 'spoon';
      const measuredBy = row.measuredBy.includes(small)
        ? small
        : row.measuredBy.includes('spoon')
          ? 'spoon'
          : row.measuredBy[0];
      return { grams: asMade(quantity * amount.unit.millilitres * perMillilitre), measuredBy, assumed };
    }
    case 'length': {
      const perCentimetre = row.pieces?.gramsPerCentimetre;
      if (perCentimetre === undefined || recipe) return undefined;
      const centimetres = quantity * amount.unit.centimetres;
      const grams = centimetres * perCentimetre;
      assumed.push(message('read.by-length', { centimetres, grams }));
      return { grams, measuredBy: byWeight(row), assumed };
    }
    case 'piece': {
      const { pieces } = row;
      if (amount.bracketGrams !== undefined && (!pieces || recipe))
        return { grams: asMade(amount.bracketGrams), measuredBy: byWeight(row), assumed };
      if (!pieces || recipe) return undefined;
      if (amount.bracketGrams !== undefined) {
        assumed.push(message('read.bracket', { grams: amount.bracketGrams }));
        return { grams: usableGrams(amount.bracketGrams, pieces.refuseShare), measuredBy: 'piece', assumed };
      }
      const size = pieceSize(row, sizeWord(amount.description, row));
      assumed.push(message('read.piece', { size: size.name, grams: size.usableGrams }));
      return { grams: quantity * size.usableGrams, measuredBy: 'piece', assumed };
    }
  }
}

/** Dry grams in a cooked grain: its solids. */
const dryOf = (recipe: RawRecipe, cooked: { readonly waterShare: number }, grams: number): number =>
  recipe.yield.kind === 'solids' ? (grams * (1 - cooked.waterShare)) / (1 - recipe.yield.rawWaterShare) : grams;

const byWeight = (row: Ingredient): MeasuredBy => (row.measuredBy.includes('weight') ? 'weight' : row.measuredBy[0]);
