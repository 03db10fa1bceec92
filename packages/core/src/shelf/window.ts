import type { Ingredient } from '../ingredient';
import type { SourceId } from '../source';
import { spansOf, type Climate, type Span, type Stay } from './climate';
import { isPerishable, keepingOf, type Keeping, type LotState } from './keeping';
import type { Place } from './place';
import { forecast, ripenessAt, RIPENING, type RipenessForecast, type Touch } from './ripeness';

const HOUR = 3_600_000;
/** A fridge keeps as it should up to here (USDA FSIS and the Food Code, from memory). */
export const COLD_CELSIUS = 5;
/** A weak fridge, up to here, keeps a third as long. Assumption of this project. */
const WEAK_CELSIUS = 8;
const WEAK_TIMES = 3;
export const FROZEN_CELSIUS = -10;
/** Above this the two-hour rule is a one-hour rule (USDA FSIS: 90 °F, from memory). */
export const HOT_CELSIUS = 32;

/** How fast a keeping time is used up at a temperature, as a share of it per hour. */
export function spoilingRate(keeping: Keeping, celsius: number): number {
  const { roomHours, coldHours, frozenHours } = keeping;
  if (celsius <= FROZEN_CELSIUS) return 1 / (frozenHours ?? coldHours);
  if (celsius <= COLD_CELSIUS) return 1 / coldHours;
  if (celsius <= WEAK_CELSIUS) return Math.min(1 / roomHours, WEAK_TIMES / coldHours);
  return (celsius > HOT_CELSIUS && isPerishable(keeping) ? 2 : 1) / roomHours;
}

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
  readonly keeping: Keeping;
  /** For what ripens and is still whole. */
  readonly ripeness?: RipenessForecast;
}

/** Share of a keeping time used up over spans; additive, so a span may be split anywhere. */
export function usedShare(keeping: Keeping, spans: readonly Span[]): number {
  return spans.reduce((sum, { from, to, celsius }) => sum + spoilingRate(keeping, celsius) * ((to - from) / HOUR), 0);
}

/**
 * Until when a lot may be used if it stays where it is now, and what decides that. What ripens and is whole goes by
 * its ripeness; everything else by how long it keeps where it stood.
 * @param now milliseconds since 1970
 */
export function windowOf(ingredient: Ingredient, past: LotPast, climate: Climate, now: number): LotWindow {
  const keeping = keepingOf(ingredient, past.state);
  const used = usedShare(keeping, spansOf(past.stays, climate, Date.parse(past.since), now));
  const here = standsAt(past.stays, climate, now);
  const ripening = RIPENING[ingredient.id];
  if (ripening && past.state === 'whole' && past.touches.length > 0) {
    const ripeness = forecast(ripening, ripenessAt(ripening, past.touches, past.stays, climate, now), now, here);
    return {
      endsAt: ripeness.pastAt,
      isPast: ripeness.stage === 'past',
      reason: 'ripeness',
      source: ripening.source,
      usedShare: Math.min(1, ripeness.ripeness / 2),
      keeping,
      ripeness,
    };
  }
  const rate = spoilingRate(keeping, here.celsius);
  const endsAt = used >= 1 ? whenUsedUp(keeping, past, climate, now) : now + ((1 - used) / rate) * HOUR;
  return { endsAt, isPast: used >= 1, reason: 'keeping', source: keeping.source, usedShare: used, keeping };
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

/** The temperature and kind of place something stands in at a moment. */
export function standsAt(stays: readonly Stay[], climate: Climate, now: number): Pick<Span, 'celsius' | 'kind'> {
  const last = spansOf(stays, climate, now, now + 1).at(-1);
  return last ?? { celsius: 20, kind: 'counter' };
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
