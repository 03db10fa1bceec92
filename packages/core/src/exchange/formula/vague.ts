import { gramsPerMillilitre, ingredientById, type Catalogue } from '../../ingredient';
import type { DraftLine } from './readLine';

/** What a hand usually pours by a vague word, mL (common practice, no published source; the figures are this project's). */
const USUAL_MILLILITRES: Readonly<Record<string, number>> = {
  bit: 5,
  little: 5,
  'little bit': 5,
  some: 15,
  few: 15,
  sprinkle: 2,
  splash: 5,
  squeeze: 10,
  drizzle: 10,
  glug: 15,
  dollop: 20,
  spoon: 15,
  spoonful: 15,
  scoop: 30,
  handful: 60,
  ladle: 120,
  teacup: 150,
  glass: 200,
  mug: 250,
  bowl: 350,
};
/** A hand of leaf, from wrist to fingertip, cm (common practice, no published source). */
const HAND_CENTIMETRES = 18;

/**
 * What a vague amount usually comes to, to be taken by a tap and never by itself.
 * @returns usable grams, or undefined where the amount is not vague or the word says nothing
 * @example usualGrams(readLine('a glug of olive oil', CATALOGUE, 'us'), CATALOGUE) // 13.7
 */
export function usualGrams({ amount, ingredientId }: DraftLine, catalogue: Catalogue): number | undefined {
  if (amount?.unit.kind !== 'vague' || ingredientId === undefined) return undefined;
  const row = ingredientById(catalogue, ingredientId);
  if (amount.unit.name === 'hand') {
    const perCentimetre = row.pieces?.gramsPerCentimetre;
    return perCentimetre === undefined ? undefined : amount.quantity * HAND_CENTIMETRES * perCentimetre;
  }
  const millilitres = USUAL_MILLILITRES[amount.unit.name];
  return millilitres === undefined ? undefined : amount.quantity * millilitres * gramsPerMillilitre(row);
}
