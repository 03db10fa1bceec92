import { amountOf, type SizedLine } from '@amber-ladle/core/batch';
import type { Catalogue, PieceSize } from '@amber-ladle/core/ingredient';
import { kitchenRound, writeFraction, type Spoon } from '@amber-ladle/core/measure';
import { namesItself, writeAmount } from './amount';

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

/** Less than this nobody weighs, g. */
const LEAST_WEIGHED = 1;

/**
 * Writes one line of a sized bowl as a cook would.
 * @param spoons those the owner has
 * @param isByWeight for those who hold with the scale: grams first, and the pieces and spoons beside them; what is counted in
 *   drops and pinches stays so
 */
export function writeLine(
  line: SizedLine,
  catalogue: Catalogue,
  spoons: readonly Spoon[],
  isByWeight = false,
): WrittenLine {
  const written = byPiecesAndSpoons(line, catalogue, spoons);
  const isCounted = line.measuredBy === 'drop' || line.measuredBy === 'pinch' || line.measuredBy === 'weight';
  if (!isByWeight || isCounted || line.grams < LEAST_WEIGHED) return written;
  return {
    ...written,
    // "½ avocado" names itself; "68 g" does not.
    name: amountOf(line, catalogue).name,
    amount: `${kitchenRound(line.grams)} g`,
    beside: `${written.amount} · ${kitchenRound(line.millilitres)} mL`,
  };
}

function byPiecesAndSpoons(line: SizedLine, catalogue: Catalogue, spoons: readonly Spoon[]): WrittenLine {
  const amount = amountOf(line, catalogue);
  const { name, noun = '' } = amount;
  if (line.grams === 0) return { amount: 'none', name, beside: 'a limit leaves it out', left: '' };
  const isWeighed = line.measuredBy === 'weight';
  const left = line.measuredBy === 'piece' ? (line.leftOfPiece ?? 0) : 0;
  return {
    amount: writeAmount(amount, spoons),
    name: line.measuredBy === 'piece' && namesItself(amount) ? '' : name,
    beside: `${isWeighed ? '' : `${kitchenRound(line.grams)} g · `}${kitchenRound(line.millilitres)} mL`,
    left: left > 0 ? `${writeFraction(left)} ${noun} stays` : '',
  };
}

/** A size as it is said of a piece: `medium, 136 g`. */
export function writeSize(size: PieceSize): string {
  return `${size.name}, ${kitchenRound(size.usableGrams)} g`;
}
