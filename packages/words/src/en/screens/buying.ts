import type { KeptBuyLine } from '@amber-ladle/contract';
import { ingredientById, type Aisle, type Catalogue } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import type { BuyStage } from '@amber-ladle/core/shelf';
import type { Day } from '@amber-ladle/core/time';
import { nounFor } from '../../amount';
import { listed } from '../../sentence';
import { writeMoney, type Written } from '../../units';
import { aboutWords, dayWord, type Where } from './when';

export const AISLE_WORDS: Readonly<Record<Aisle, string>> = {
  fresh: 'Fruit and vegetables',
  dry: 'Dry, in jars and in bottles',
  care: 'For skin and hair',
  cold: 'From the cold',
};

/** So many bowls are named that want a thing; of others it is said how many. */
const MOST_REASONS = 2;
const STAGE_WORDS: Readonly<Record<BuyStage, string>> = { unripe: 'hard', nearly: 'nearly ready', ready: 'ripe' };

/** How much is asked for in a shop. @example '3 avocados', '2 × 340 g', '150 g' */
export function buyAmount({ ingredientId, pieces, packs, shopGrams }: KeptBuyLine, catalogue: Catalogue): string {
  if (pieces) return `${pieces} ${nounFor(pieces, ingredientById(catalogue, ingredientId).pieces ?? {})}`.trim();
  if (packs && packs.count > 1) return `${packs.count} × ${kitchenRound(packs.grams)} g`;
  return `${kitchenRound(shopGrams)} g`;
}

/** What it is, where its amount does not say so already. */
export function buyName({ ingredientId, pieces, what }: KeptBuyLine, catalogue: Catalogue): string {
  const { name, pieces: size } = ingredientById(catalogue, ingredientId);
  return pieces && name.toLowerCase() === size?.noun ? '' : what;
}

/** How ripe, by when, what for. */
export function buyReasons(line: KeptBuyLine, reasons: readonly string[], now: number, where: Where): string {
  const when = line.readyBy ? aboutWords(Date.parse(line.readyBy), now, where) : '';
  const how = line.buy ? `buy ${STAGE_WORDS[line.buy]}, ready for ${when}` : when && `for ${when}`;
  const more = reasons.length - MOST_REASONS;
  const said = more > 0 ? [...reasons.slice(0, MOST_REASONS), `${more} more`] : reasons;
  return [how, listed(said, where.locale)].filter(Boolean).join(' · ');
}

/** What would do instead. @example 'or pear, apple or guava' */
export const buyInstead = (
  { instead }: KeptBuyLine,
  catalogue: Catalogue,
  { locale }: Pick<Where, 'locale'>,
): string => {
  const names = instead.map((id) => ingredientById(catalogue, id).name.toLowerCase());
  return names.length > 0 ? `or ${listed(names, locale, 'disjunction')}` : '';
};

/** The day with a shop, as a heading. @example 'Saturday, 21 Mar' */
export function tripDay(day: Day, today: Day, where: Pick<Where, 'locale'>): string {
  const word = dayWord(day, today, where);
  return word.charAt(0).toLocaleUpperCase(where.locale) + word.slice(1);
}

/** What a way to the shop comes to, as far as prices are known; nothing where none is. @example 'about 7.40, 2 without a price' */
export function tripMoney(lines: readonly KeptBuyLine[], where: Pick<Written, 'locale' | 'currency'>): string {
  const known = lines.flatMap(({ money }) => (money === undefined ? [] : [money]));
  if (known.length === 0) return '';
  const sum = known.reduce((all, one) => all + one, 0);
  const others = lines.length - known.length;
  return `about ${writeMoney(sum, where)}${others > 0 ? `, ${others} without a price` : ''}`;
}
