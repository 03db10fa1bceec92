import { HOUR } from '../time';
import type { Paces } from './pace';
import type { Place, PlaceKind } from './place';

/** From this moment on it stands there. Instants are ISO 8601 in UTC. */
export interface Stay {
  readonly placeId: string;
  readonly from: string;
}

/** What a thermometer in a place said. */
export interface Reading {
  readonly placeId: string;
  readonly at: string;
  readonly celsius: number;
}

/** A span of time at one temperature. */
export interface Span {
  /** Milliseconds since 1970. */
  readonly from: number;
  readonly to: number;
  readonly celsius: number;
  readonly kind: PlaceKind;
}

/** The places of a household, what their thermometers said, and how things ripen there. */
export interface Climate {
  readonly places: readonly Place[];
  /** By rising instant. */
  readonly readings: readonly Reading[];
  /** As far as it was learnt; of other kinds as their row says. */
  readonly paces?: Paces;
}

/** A reading speaks for its place until the next one, or for this long. Assumption of this project. */
export const READING_HOLDS_MILLISECONDS = 2 * HOUR;

/** What is taken of a place that has left the list. */
const UNKNOWN_PLACE: Pick<Place, 'kind' | 'celsius'> = { kind: 'counter', celsius: 20 };

/**
 * Where something stood between two moments and how warm it was, as spans of one temperature each that follow each
 * other without a gap. A reading holds until the next, at most two hours; otherwise the place has its usual temperature.
 *
 * @param stays by rising instant; before the first one it counts as standing there already
 * @param from and `to` in milliseconds since 1970
 * @returns nothing when `to` is not after `from`
 */
export function spansOf(stays: readonly Stay[], climate: Climate, from: number, to: number): readonly Span[] {
  if (!(to > from) || stays.length === 0) return [];
  const spans: Span[] = [];
  stays.forEach((stay, i) => {
    const start = i === 0 ? from : Math.max(from, Date.parse(stay.from));
    const next = stays[i + 1];
    const end = Math.min(to, next ? Date.parse(next.from) : to);
    if (end > start) spans.push(...spansAt(stay.placeId, climate, start, end));
  });
  return spans;
}

function spansAt(placeId: string, { places, readings }: Climate, from: number, to: number): Span[] {
  const { kind, celsius: usual } = places.find(({ id }) => id === placeId) ?? UNKNOWN_PLACE;
  const spans: Span[] = [];
  let at = from;
  const push = (until: number, celsius: number): void => {
    const end = Math.min(until, to);
    if (end <= at) return;
    const last = spans.at(-1);
    if (last && last.celsius === celsius) spans[spans.length - 1] = { ...last, to: end };
    else spans.push({ from: at, to: end, celsius, kind });
    at = end;
  };
  const own = readings.filter((reading) => reading.placeId === placeId);
  own.forEach((reading, i) => {
    const begins = Date.parse(reading.at);
    const next = own[i + 1];
    const ends = Math.min(begins + READING_HOLDS_MILLISECONDS, next ? Date.parse(next.at) : Infinity);
    if (ends <= at) return;
    push(begins, usual);
    push(ends, reading.celsius);
  });
  push(to, usual);
  return spans;
}

/** The temperature and kind of place something stands in at a moment. */
export function standsAt(stays: readonly Stay[], climate: Climate, now: number): Pick<Span, 'celsius' | 'kind'> {
  const last = spansOf(stays, climate, now, now + 1).at(-1);
  return last ?? { celsius: 20, kind: 'counter' };
}
