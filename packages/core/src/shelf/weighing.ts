import { MINUTE, SECOND } from '../time';

/** What a scale showed over the last minute, so that a deliberate change of load is told from a display that creeps. */
export interface Weighing {
  /** What it showed before the load was changed, grams. */
  readonly baselineGrams: number;
  readonly shown: readonly { readonly at: number; readonly grams: number }[];
  /** True once something was put on or taken off since the last zero. */
  readonly isChanged: boolean;
}

export const NOTHING_WEIGHED: Weighing = { baselineGrams: 0, shown: [], isChanged: false };

/** A hand changes the display by this much within a minute; a zero that creeps does not in an hour. Assumption of this project. */
const DELIBERATE_GRAMS = 2;
const WINDOW = MINUTE;
/** Readings closer than this to the last are not kept. */
const APART = SECOND / 4;

/**
 * The weighing after one more reading. Only a deliberate change of load counts: a display that creeps, grams an hour,
 * is followed as a new baseline and never becomes an ingredient.
 * @param at milliseconds since 1970
 * @param grams what the display says
 */
export function weighingAfter(weighing: Weighing, at: number, grams: number): Weighing {
  const recent = weighing.shown.filter((reading) => at - reading.at <= WINDOW);
  const last = recent.at(-1);
  const shown =
    last && at - last.at < APART ? [...recent.slice(0, -1), { at: last.at, grams }] : [...recent, { at, grams }];
  if (weighing.isChanged) return { ...weighing, shown };
  const least = Math.min(...shown.map((reading) => reading.grams));
  const most = Math.max(...shown.map((reading) => reading.grams));
  if (most - least < DELIBERATE_GRAMS) return { baselineGrams: grams, shown, isChanged: false };
  return { baselineGrams: shown[0]?.grams ?? grams, shown, isChanged: true };
}

/**
 * Grams that were put on since the last zero; 0 until a hand did something.
 * @example putOn({ baselineGrams: 1, shown: [], isChanged: true }, 43) // 42
 */
export const putOn = (
  { baselineGrams, isChanged }: Pick<Weighing, 'baselineGrams' | 'isChanged'>,
  grams: number,
): number => (isChanged ? grams - baselineGrams : 0);
