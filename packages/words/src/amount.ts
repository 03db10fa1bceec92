import type { AmountValue } from '@amber-ladle/core/message';
import {
  kitchenRound,
  MILLILITRES_PER,
  millilitresToDrops,
  spoonBreakdown,
  writeFraction,
  writeSpoons,
  type Spoon,
} from '@amber-ladle/core/measure';

/** What is counted, by its number; where there is none yet, of any number. @example nounFor(1, { noun: 'egg', nouns: 'eggs' }) // 'egg' */
export const nounFor = (
  count: number | undefined,
  { noun = '', nouns = '' }: Partial<Pick<AmountValue, 'noun' | 'nouns'>>,
): string => (count === undefined || count > 1 ? nouns : noun);

/** What to take, as a cook says it: `1½ avocados`, `2 tbsp + 1 tsp`, `12 g`, `8 drops`. */
export function writeAmount(amount: AmountValue, spoons: readonly Spoon[]): string {
  switch (amount.measuredBy) {
    case 'piece': {
      const { pieces = 0 } = amount;
      return `${writeFraction(pieces)} ${nounFor(pieces, amount)}`.trim();
    }
    case 'drop': {
      const drops = millilitresToDrops(amount.millilitres);
      return `${drops} ${drops === 1 ? 'drop' : 'drops'}`;
    }
    case 'weight':
      return `${kitchenRound(amount.grams)} g`;
    case 'pinch':
    case 'spoon':
      return spooned(amount.millilitres, spoons);
  }
}

/** A spooned volume; in pinches where it is less than the smallest spoon. */
function spooned(millilitres: number, spoons: readonly Spoon[]): string {
  const pinches = Math.round(millilitres / MILLILITRES_PER.pinch);
  if (pinches < 4 && Math.abs(pinches * MILLILITRES_PER.pinch - millilitres) < 0.02)
    return `${pinches} ${pinches === 1 ? 'pinch' : 'pinches'}`;
  return writeSpoons(spoonBreakdown(millilitres, spoons));
}

/** True where the counted noun is the thing's own name: "2 bananas" need no "Banana" behind them. */
export const namesItself = ({ name, noun, nouns }: Pick<AmountValue, 'name' | 'noun' | 'nouns'>): boolean =>
  [noun, nouns].includes(name.toLowerCase());
