import type { Ingredient } from '@amber-ladle/core/ingredient';
import { preparationOf } from '@amber-ladle/core/ingredient';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';
import {
  isPerishable,
  type Lot,
  type LotState,
  type LotWindow,
  type PlaceKind,
  type Stage,
} from '@amber-ladle/core/shelf';
import { SOURCES, type SourceId } from '@amber-ladle/core/source';
import { differenceInCalendarDays } from 'date-fns';

export const STAGE_WORDS: Readonly<Record<Stage, string>> = {
  unripe: 'hard',
  nearly: 'nearly ready',
  ready: 'ready',
  'last-day': 'last day',
  past: 'past',
};

export const STATE_WORDS: Readonly<Record<LotState, string>> = {
  whole: 'whole',
  opened: 'opened',
  cut: 'cut',
  made: 'made',
  raw: 'dry',
};

export const PLACE_WORDS: Readonly<Record<PlaceKind, string>> = {
  counter: 'counter or shelf',
  bag: 'closed bag with an apple',
  outside: 'outside',
  fridge: 'fridge',
  freezer: 'freezer',
};

/** What is left of a lot, as it is said: "2 avocados", "½ papaya, cut", "340 g". */
export function amountWords(lot: Pick<Lot, 'grams' | 'pieceGrams' | 'state'>, row: Ingredient): string {
  const { pieces } = row;
  if (lot.pieceGrams && pieces && lot.state === 'whole') {
    const count = lot.grams / lot.pieceGrams;
    return `${writeFraction(Math.round(count * 4) / 4)} ${count > 1.01 ? pieces.nouns : pieces.noun}`;
  }
  return `${kitchenRound(lot.grams)} g`;
}

/** The name of a lot with its state: "Avocado, cut", "white rice, dry". */
export function lotName(lot: Pick<Lot, 'state'>, row: Ingredient): string {
  if (lot.state === 'raw') {
    const raw = preparationOf(row.id)?.raw ?? row.name;
    return `${raw[0]?.toUpperCase()}${raw.slice(1)}`;
  }
  return lot.state === 'cut' || lot.state === 'opened' ? `${row.name}, ${STATE_WORDS[lot.state]}` : row.name;
}

/** A lot inside a sentence: "the cut avocado", "the opened yogurt". */
export function lotInSentence(lot: Pick<Lot, 'state'>, row: Ingredient): string {
  const name = lot.state === 'raw' ? (preparationOf(row.id)?.raw ?? row.name) : row.name.toLowerCase();
  return lot.state === 'cut' || lot.state === 'opened' ? `the ${STATE_WORDS[lot.state]} ${name}` : `the ${name}`;
}

/** Till when, as a whole: "till Friday", "for months". */
export function tillWords(at: number, now: number, timeZone: string): string {
  const words = untilWords(at, now, timeZone);
  return words === 'for months' ? words : `till ${words}`;
}

/** A moment to come, as people say it: "today 18:40", "tomorrow", "Friday", "3 April", "for months". */
export function untilWords(at: number, now: number, timeZone: string): string {
  if (!Number.isFinite(at)) return 'for months';
  const local = (moment: number) => new Date(new Date(moment).toLocaleString('en-US', { timeZone }));
  const days = differenceInCalendarDays(local(at), local(now));
  const say = (options: Intl.DateTimeFormatOptions): string =>
    new Intl.DateTimeFormat('en-GB', { ...options, timeZone }).format(new Date(at));
  if (days < 0) return days === -1 ? 'yesterday' : say({ day: 'numeric', month: 'short' });
  if (days === 0) return `today ${say({ hour: '2-digit', minute: '2-digit' })}`;
  if (days === 1) return `tomorrow ${say({ hour: '2-digit', minute: '2-digit' })}`;
  if (days < 7) return say({ weekday: 'long' });
  if (days > 60) return 'for months';
  return say({ day: 'numeric', month: 'short' });
}

const HOUR = 3_600_000;

/** Time left, in the largest unit that says enough: "40 min", "5 h", "3 days". */
export function leftWords(milliseconds: number): string {
  if (milliseconds <= 0) return 'over';
  if (milliseconds < 1.5 * HOUR) return `${Math.max(1, Math.round(milliseconds / 60_000))} min`;
  if (milliseconds < 36 * HOUR) return `${Math.round(milliseconds / HOUR)} h`;
  return `${Math.round(milliseconds / (24 * HOUR))} days`;
}

function sourceWords(source: SourceId): string {
  const { title, fromMemory } = SOURCES[source];
  return fromMemory ? `${title}, from memory` : title;
}

/** Why a window ends when it does, in a sentence or two with the source. */
export function windowReason({ reason, keeping, source, usedShare, ripeness }: LotWindow, state: LotState): string {
  const from = `(${sourceWords(source)})`;
  if (reason === 'ripeness' && ripeness) {
    const how = Math.round(ripeness.ripeness * 100);
    return ripeness.ripeness < 1
      ? `Ripening: ${how} % of the way to ready, at the temperature it stands in ${from}.`
      : `Ready, and ${Math.round((ripeness.ripeness - 1) * 100)} % of its ready days are gone ${from}.`;
  }
  const day = 24;
  const time = (hours: number): string =>
    hours >= 60 * day
      ? `${Math.round(hours / (30 * day))} months`
      : hours > day
        ? `${Math.round(hours / day)} days`
        : `${hours} h`;
  const room = isPerishable(keeping)
    ? `${time(keeping.roomHours)} in a room, half above 32 °C`
    : `${time(keeping.roomHours)} in a room`;
  const spent = usedShare > 0.005 ? ` ${Math.round(Math.min(1, usedShare) * 100)} % of that is used.` : '';
  return `${STATE_WORDS[state][0]?.toUpperCase()}${STATE_WORDS[state].slice(1)}: ${room}, ${time(keeping.coldHours)} in a fridge ${from}.${spent}`;
}
