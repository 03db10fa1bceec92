import { ingredientById, type Catalogue, type PieceSize } from '../ingredient';
import {
  kitchenRound,
  MILLILITRES_PER,
  millilitresToDrops,
  spoonBreakdown,
  writeFraction,
  writeSpoons,
  type Spoon,
} from '../measure';
import type { SizedLine } from './amounts';

/** One line of a measures card, as it is read out. */
export interface WrittenLine {
  /** What to take: `1½ avocados`, `2 tbsp + 1 tsp`, `12 g`, `8 drops`. */
  readonly amount: string;
  /** The name that goes with it; empty where the amount already names it. */
  readonly name: string;
  /** The same in grams and millilitres. */
  readonly beside: string;
  /** What stays of a cut piece: `¼ avocado stays`; empty when nothing does. */
  readonly left: string;
}

/**
 * Writes one line of a sized bowl as a cook would.
 * @param spoons those the owner has
 */
export function writeLine(line: SizedLine, catalogue: Catalogue, spoons: readonly Spoon[]): WrittenLine {
  const ingredient = ingredientById(catalogue, line.ingredientId);
  const beside = `${kitchenRound(line.grams)} g · ${kitchenRound(line.millilitres)} mL`;
  const nothing = line.grams === 0;
  if (nothing) return { amount: 'none', name: ingredient.name, beside: 'a limit leaves it out', left: '' };
  switch (line.measuredBy) {
    case 'piece': {
      const { noun = '', nouns = '' } = ingredient.pieces ?? {};
      const pieces = line.pieces ?? 0;
      const left = line.leftOfPiece ?? 0;
      return {
        amount: `${writeFraction(pieces)} ${pieces > 1 ? nouns : noun}`,
        name: ingredient.name.toLowerCase() === noun || ingredient.name.toLowerCase() === nouns ? '' : ingredient.name,
        beside,
        left: left > 0 ? `${writeFraction(left)} ${noun} stays` : '',
      };
    }
    case 'drop': {
      const drops = millilitresToDrops(line.millilitres);
      return { amount: `${drops} ${drops === 1 ? 'drop' : 'drops'}`, name: ingredient.name, beside, left: '' };
    }
    case 'weight':
      return {
        amount: `${kitchenRound(line.grams)} g`,
        name: ingredient.name,
        beside: `${kitchenRound(line.millilitres)} mL`,
        left: '',
      };
    case 'pinch':
    case 'spoon':
      return { amount: spooned(line.millilitres, spoons), name: ingredient.name, beside, left: '' };
  }
}

/** A spooned volume; in pinches where it is less than the smallest spoon. */
function spooned(millilitres: number, spoons: readonly Spoon[]): string {
  const pinches = Math.round(millilitres / MILLILITRES_PER.pinch);
  if (pinches < 4 && Math.abs(pinches * MILLILITRES_PER.pinch - millilitres) < 0.02)
    return `${pinches} ${pinches === 1 ? 'pinch' : 'pinches'}`;
  return writeSpoons(spoonBreakdown(millilitres, spoons));
}

/** A size as it is said of a piece: `medium, 136 g`. */
export function writeSize(size: PieceSize): string {
  return `${size.name}, ${kitchenRound(size.usableGrams)} g`;
}
