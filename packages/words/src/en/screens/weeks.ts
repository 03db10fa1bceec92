import type { WeekBack } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';
import type { Difference, WeekLane, Weeks } from '@amber-ladle/core/plan';
import type { Day } from '@amber-ladle/core/time';
import { daysBetween } from '@amber-ladle/core/time';
import { capital, listed } from '../../sentence';
import { nounFor } from '../../amount';
import { dayWord, type Where } from './when';
import { writeMoney, type Written } from '../../units';

/** Grams of something as pieces where a shop counts them: "1¼ avocados", "120 g yogurt". */
export function amountOf(ingredientId: string, grams: number, catalogue: Catalogue): string {
  const row = ingredientById(catalogue, ingredientId);
  const { pieces } = row;
  const size = pieces?.sizes.find(({ id }) => id === pieces.usualSize)?.usableGrams;
  if (!pieces || !size || row.measuredBy[0] !== 'piece') return `${kitchenRound(grams)} g ${row.name.toLowerCase()}`;
  const count = Math.max(0.25, Math.round((grams / size) * 4) / 4);
  const name = pieces.nounIsName === false ? ` ${row.name.toLowerCase()}` : '';
  return `${writeFraction(count)} ${nounFor(count, pieces)}${name}`;
}

/** A good deal of something: "140 g", "2 kg", "1.6 kg". */
export const weightWords = (grams: number, { locale }: Pick<Where, 'locale'>): string =>
  grams < 1000
    ? `${kitchenRound(grams)} g`
    : `${new Intl.NumberFormat(locale, { maximumFractionDigits: 1 }).format(grams / 1000)} kg`;

/** What a plan comes to, in a sentence. */
export function sumWords(weeks: Weeks, nameOf: (headId: string) => string, catalogue: Catalogue, where: Where): string {
  const most = [...weeks.lost].sort((a, b) => b.grams - a.grams).slice(0, 2);
  const names = most.map(({ ingredientId }) => ingredientById(catalogue, ingredientId).name.toLowerCase());
  const lost =
    weeks.lostGrams < 20
      ? 'Nothing turns'
      : `About ${weightWords(weeks.lostGrams, where)} will turn${names.length > 0 ? `, most of it ${listed([...new Set(names)], where.locale)}` : ''}`;
  const late = weeks.late.filter(({ days }) => days > 0);
  const waits =
    late.length === 0
      ? 'and nobody waits'
      : `and ${listed(
          late.map(({ headId, days }) => `${nameOf(headId)} waits ${days} ${days > 1 ? 'days' : 'day'}`),
          where.locale,
        )}`;
  const saved = weeks.byDay.lostGrams - weeks.lostGrams;
  const than = saved >= 20 ? ` Going by the day, ${weightWords(saved, where)} more would.` : '';
  return `${lost}, ${waits}.${than}`;
}

/** So many whole weeks are looked back on. */
const WEEKS_BACK = 4;
/**
 * What a plan is expected to lose, beside doing as in the last whole weeks; nothing before there was one.
 * @param back the last week first; those in which nothing was are left out
 * @example 'In the last 4 weeks 86 g a week were thrown away; this plan expects 20 g a week.'
 */
export function againstLastWords(
  back: readonly Pick<WeekBack, 'week' | 'lostGrams'>[],
  { lostGrams, days }: { readonly lostGrams: number; readonly days: number },
  today: Day,
  where: Pick<Where, 'locale'>,
): string {
  const age = ({ week }: Pick<WeekBack, 'week'>): number => Math.floor(daysBetween(week, today) / 7);
  const whole = back.filter((week) => age(week) >= 1 && age(week) <= WEEKS_BACK);
  const weeks = Math.max(0, ...whole.map(age));
  if (weeks === 0) return '';
  const lost = whole.reduce((sum, week) => sum + week.lostGrams, 0) / weeks;
  const span = weeks === 1 ? 'Last week' : `In the last ${weeks} weeks`;
  const each = weeks === 1 ? '' : ' a week';
  const expected = (lostGrams * 7) / days;
  const more = expected > lost ? ' More lies there than can be worn: what is eaten meanwhile does not turn.' : '';
  return `${span} ${weightWords(lost, where)}${each} were thrown away; this plan expects ${weightWords(expected, where)} a week.${more}`;
}

/** What the shopping of a plan costs as far as prices are known. */
export function spendingWords(
  { spent, purchases, unpriced }: Pick<Weeks, 'spent' | 'purchases' | 'unpriced'>,
  where: Pick<Written, 'locale' | 'currency'>,
): string {
  if (purchases.length === 0) return 'Nothing has to be bought for it.';
  if (unpriced === purchases.length) return 'No price is known of what the plan has to buy.';
  const more = unpriced > 0 ? `; of ${unpriced} more no price is known` : '';
  return `What the plan has to buy comes to about ${writeMoney(spent, where)}${more}.`;
}

/**
 * What becomes of something that turns; nothing where all of it is used in time.
 * @param days the days of the plan
 * @example 'into the fridge once ready, 12 % of it turns'
 */
export function laneWords(
  { lostGrams, frozenGrams, freezeOn, needsCold, grams }: WeekLane,
  days: readonly { readonly day: Day }[],
  today: Day,
  where: Pick<Where, 'locale'>,
): string {
  const [lost, frozen] = [Math.round((lostGrams / grams) * 100), Math.round((frozenGrams / grams) * 100)];
  const word = dayWord(days[freezeOn ?? 0]?.day ?? today, today, where);
  const what = frozen > 90 ? 'freeze it' : 'freeze the rest';
  return [
    needsCold ? 'into the fridge once ready' : '',
    frozen >= 5 ? `${what} ${freezeOn === 0 ? word : `by ${word}`}` : '',
    lost > 90 ? 'turns unused' : lost >= 8 ? `${lost} % of it turns` : '',
  ]
    .filter(Boolean)
    .join(', ');
}

/**
 * What it would come to if a bowl stood on a day.
 * @param day as it is said: today, Thursday
 * @param found nothing where that is forbidden
 */
export function trialWords(
  day: string,
  found: { readonly difference: Difference; readonly gone: readonly unknown[] } | undefined,
  catalogue: Catalogue,
  where: Where & Written,
): string {
  if (!found) return `Not ${day}: something forbids it then.`;
  const gone = found.gone.length > 0 ? ['another bowl would give way'] : [];
  return `${capital(day)}: ${[...differenceWords(found.difference, catalogue, where), ...gone].join('; ')}.`;
}

/** How good a plan is known to be. */
export function proofWords({ isProven, gap }: Pick<Weeks, 'isProven' | 'gap'>, isSearching: boolean): string {
  if (isSearching) return 'Looking for a better one';
  if (isProven) return 'No better one exists';
  return `Within ${Math.max(1, Math.round(gap * 100))} % of the best there can be`;
}

/** What a change would bring, as short sentences; one at the least. */
export function differenceWords(
  difference: Difference,
  catalogue: Catalogue,
  where: Where & Written,
): readonly string[] {
  const name = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  const more = difference.lost.filter(({ grams }) => grams >= 15);
  const less = difference.lost.filter(({ grams }) => grams <= -15);
  const of = (all: Difference['lost']): string =>
    listed(
      all.slice(0, 3).map(({ ingredientId, grams }) => `${kitchenRound(Math.abs(grams))} g ${name(ingredientId)}`),
      where.locale,
    );
  const words = [
    ...(difference.missing.length > 0
      ? [
          `${listed([...new Set(difference.missing.map(({ ingredientId }) => name(ingredientId)))], where.locale)} would be missing`,
        ]
      : []),
    ...(more.length > 0 ? [`${of(more)} would turn`] : []),
    ...(less.length > 0 ? [`${of(less)} would be saved`] : []),
    ...(difference.buys.length > 0
      ? [`to buy: ${listed([...new Set(difference.buys.map(({ ingredientId }) => name(ingredientId)))], where.locale)}`]
      : []),
    ...(Math.abs(difference.money) >= 0.05
      ? [`${writeMoney(Math.abs(difference.money), where)} ${difference.money > 0 ? 'more' : 'less'} to pay`]
      : []),
  ];
  if (words.length > 0) return words;
  return [Math.abs(difference.points) < 0.25 ? 'as good' : difference.points > 0 ? 'suits less' : 'suits better'];
}

/** How sure it is that something is ready by then. @example sureWords(0.62) // 'probably ready' */
export function sureWords(chance: number): string {
  if (chance >= 0.93) return 'ready';
  if (chance >= 0.75) return 'very likely ready';
  return 'probably ready';
}

const CAUSES = {
  wishes: 'Since you wished it so',
  shelf: 'Since the shelf is other than it was',
  heads: 'Since a head has changed, or had a bowl',
  masks: 'Since the book of masks has changed',
  time: 'Looked at once more',
} as const;

interface ChangedBowl {
  readonly day: Day;
  readonly maskId: string;
  readonly headIds: readonly string[];
}

/**
 * What became of a plan, in a sentence: a mask instead of another where they stood for the same head on the same day.
 * @example 'Since the shelf is other than it was: Oat ease instead of Towpath avocado on Tuesday, Rice silk on Friday.'
 */
export function changeWords(
  {
    gone,
    come,
    cause,
  }: {
    readonly gone: readonly ChangedBowl[];
    readonly come: readonly ChangedBowl[];
    readonly cause: keyof typeof CAUSES;
  },
  maskName: (id: string) => string,
  today: Day,
  where: Pick<Where, 'locale'>,
): string {
  const on = (day: Day): string => {
    const word = dayWord(day, today, where);
    return word === 'today' || word === 'tomorrow' ? word : `on ${word}`;
  };
  const isSameSeat = (one: ChangedBowl, other: ChangedBowl): boolean =>
    one.day === other.day && one.headIds.some((id) => other.headIds.includes(id));
  const instead = come.map((bowl) => {
    const old = gone.find((one) => isSameSeat(one, bowl) && one.maskId !== bowl.maskId);
    return `${maskName(bowl.maskId)}${old ? ` instead of ${maskName(old.maskId)}` : ''} ${on(bowl.day)}`;
  });
  const left = gone
    .filter((bowl) => !come.some((one) => isSameSeat(one, bowl)))
    .map((bowl) => `no ${maskName(bowl.maskId)} ${on(bowl.day)}`);
  return `${CAUSES[cause]}: ${[...new Set([...instead, ...left])].join(', ')}.`;
}
