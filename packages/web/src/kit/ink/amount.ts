import { pieceSize, wholeGrams, type Ingredient, type MeasuredBy } from '@amber-ladle/core/ingredient';
import { spoonBreakdown, spoonMillilitres, type Spoon } from '@amber-ladle/core/measure';
import { ballCentimetres, spoonCentimetres } from './spoons';

/** What of a line of a bowl can be seen. */
export interface ToDraw {
  readonly measuredBy: MeasuredBy;
  readonly millilitres: number;
  readonly pieces?: number | undefined;
  /** Usable grams of one piece. */
  readonly pieceGrams?: number | undefined;
}
export type AmountDrawn =
  | { readonly kind: 'pieces'; readonly shares: readonly number[]; readonly centimetres: number }
  | {
      readonly kind: 'spoons';
      readonly each: readonly { readonly millilitres: number; readonly centimetres: number }[];
    }
  | { readonly kind: 'thing' };

/** More than these are not counted by eye; one of each stands for them, the words tell how many. */
const MOST_PIECES = 8;
const MOST_SPOONS = 7;
/** A melon would fill the card. */
const LARGEST_CENTIMETRES = 11;
/** Less of a piece than this is a trimming. */
const LEAST_SHARE = 0.02;

/**
 * The pieces, spoons or cups of an amount, as many and as large as they are.
 * @returns shares of each piece, 1 for a whole one, and how wide one is; or spoons in falling order with their width in cm
 * @example amountDrawn(avocado, { measuredBy: 'piece', millilitres: 170, pieces: 1.25, pieceGrams: 136 }, spoons).shares // [1, 0.25]
 */
export function amountDrawn(ingredient: Ingredient, line: ToDraw, spoons: readonly Spoon[]): AmountDrawn {
  const { pieces } = line;
  if (line.measuredBy === 'piece' && pieces && ingredient.pieces) {
    const each = line.pieceGrams ?? pieceSize(ingredient).usableGrams;
    const centimetres = ballCentimetres(wholeGrams(each, ingredient.pieces.refuseShare));
    const whole = Math.floor(pieces + LEAST_SHARE);
    const rest = pieces - whole;
    const shares = [...new Array<number>(whole).fill(1), ...(rest > LEAST_SHARE ? [rest] : [])];
    return {
      kind: 'pieces',
      shares: shares.length > MOST_PIECES ? [1] : shares,
      centimetres: Math.min(LARGEST_CENTIMETRES, centimetres),
    };
  }
  if (line.measuredBy !== 'spoon' || line.millilitres <= 0 || spoons.length === 0) return { kind: 'thing' };
  const each = spoonBreakdown(line.millilitres, spoons).counts.flatMap(({ spoon, count }) => {
    const millilitres = spoonMillilitres(spoon);
    return Array.from({ length: count }, () => ({ millilitres, centimetres: spoonCentimetres(millilitres) }));
  });
  return each.length > 0 && each.length <= MOST_SPOONS ? { kind: 'spoons', each } : { kind: 'thing' };
}
