import {
  frozenHoursOf,
  isPerishable,
  keepingOf,
  standingAlone,
  type Ingredient,
  type Keeping,
  type LotState,
} from '../ingredient';
import type { SourceId } from '../source';
import { HOUR } from '../time';
import { spansOf, standsAt, type Climate, type Span, type Stay } from './climate';
import { COLD_CELSIUS, spoilingRate } from './keeping';
import { paced, type Pace } from './pace';
import type { Place } from './place';
import { forecast, ripenessAt, type RipenessForecast, type Touch } from './ripeness';

/** Everything that decides how long a lot may be used. */
export interface LotPast {
  readonly state: LotState;
  /** When it came into this state: bought, opened, cut, cooked. */
  readonly since: string;
  readonly stays: readonly Stay[];
  /** How ripe it was at moments; for what ripens, the first is how it was bought. */
  readonly touches: readonly Touch[];
}

export interface LotWindow {
  /** Milliseconds since 1970; Infinity for what ends nowhere in sight. */
  readonly endsAt: number;
  readonly isPast: boolean;
  /** What decides. */
  readonly reason: 'ripeness' | 'keeping';
  readonly source: SourceId;
  /** Share of its keeping time that is used up. */
  readonly usedShare: number;
  /** It stands in a fridge that is too warm to be one for it: above 5 °C the two-hour rule holds. °C. */
  readonly tooWarmCelsius?: number;
  readonly keeping: Keeping;
  /** For what ripens and is still whole. */
  readonly ripeness?: RipenessForecast;
  /** How such fruit ripens in this kitchen, where that was learnt. */
  readonly pace?: Pace;
}

/**
 * Share of a keeping time used up over spans; additive, so a span may be split anywhere.
 * @example usedShare(keepingOf(yogurt, 'opened'), [{ from: 0, to: 60 * 3_600_000, celsius: 4 }]) // 0.5
 */
export function usedShare(keeping: Keeping, spans: readonly Span[]): number {
  return spans.reduce((sum, { from, to, celsius }) => sum + spoilingRate(keeping, celsius) * ((to - from) / HOUR), 0);
}

/**
 * Until when a lot may be used if it stays where it is now, and what decides that. What ripens and is whole goes by
 * its ripeness; everything else by how long it keeps where it stood.
 * @param now milliseconds since 1970
 */
export function windowOf(ingredient: Ingredient, past: LotPast, climate: Climate, now: number): LotWindow {
  const keeping = standingAlone(keepingOf(ingredient, past.state));
  const used = usedShare(keeping, spansOf(past.stays, climate, Date.parse(past.since), now));
  const here = standsAt(past.stays, climate, now);
  const { ripening: row } = ingredient;
  const pace = climate.paces?.[ingredient.id];
  const ripening = row && paced(row, pace);
  if (ripening && past.state === 'whole' && past.touches.length > 0) {
    const frozenHours = frozenHoursOf(ingredient, past.state);
    const frozen = frozenHours === undefined ? undefined : { frozenHours };
    const soFar = ripenessAt(ripening, past.touches, past.stays, climate, now, frozen !== undefined);
    const ripeness = forecast(ripening, soFar, now, here, frozen);
    return {
      endsAt: ripeness.pastAt,
      isPast: ripeness.stage === 'past',
      reason: 'ripeness',
      source: ripening.source,
      usedShare: Math.min(1, ripeness.ripeness / 2),
      keeping,
      ripeness,
      ...(pace ? { pace } : {}),
    };
  }
  const rate = spoilingRate(keeping, here.celsius);
  const endsAt = used >= 1 ? whenUsedUp(keeping, past, climate, now) : now + ((1 - used) / rate) * HOUR;
  const isTooWarm = here.kind === 'fridge' && here.celsius > COLD_CELSIUS && isPerishable(keeping);
  return {
    endsAt,
    isPast: used >= 1,
    reason: 'keeping',
    source: keeping.source,
    usedShare: used,
    ...(isTooWarm ? { tooWarmCelsius: here.celsius } : {}),
    keeping,
  };
}

/** The moment at which a keeping time was used up, before now. */
function whenUsedUp(keeping: Keeping, past: LotPast, climate: Climate, now: number): number {
  let left = 1;
  for (const span of spansOf(past.stays, climate, Date.parse(past.since), now)) {
    const rate = spoilingRate(keeping, span.celsius) / HOUR;
    const used = rate * (span.to - span.from);
    if (used >= left) return span.from + left / rate;
    left -= used;
  }
  return now;
}

/** The same lot, were it moved to another place now. */
export function windowIfMoved(
  ingredient: Ingredient,
  past: LotPast,
  climate: Climate,
  now: number,
  to: Place,
): LotWindow {
  const stays = [...past.stays, { placeId: to.id, from: new Date(now).toISOString() }];
  return windowOf(ingredient, { ...past, stays }, climate, now);
}
