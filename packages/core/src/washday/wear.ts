import { MINUTE } from '../time';
import { isOvernight, type Mask, type WearTime } from '../mask';

/** Where a mask is in its time: still too early, on the way, right, late, or past its limit. */
export type WearPhase = 'early' | 'fine' | 'aim' | 'late' | 'over';

export interface WearState {
  readonly phase: WearPhase;
  readonly elapsedMinutes: number;
  /** Milliseconds since 1970 of each mark. */
  readonly minimumAt: number;
  readonly aimAt: number;
  readonly limitAt: number;
}

/** A hood takes over a third of the time under the cap, in steps of five minutes, and no more than this. */
const HOOD = { share: 1 / 3, step: 5, most: 20 } as const;

/**
 * Minutes at the end of wearing that may be spent under a hood, where the mask takes warmth: half an hour about the house in a
 * cap, then a quarter of an hour under the hood (common practice, no published source). None through the night.
 * @example hoodMinutes({ heat: 'dryer-may-help', wear: { minimumMinutes: 20, aimMinutes: 45, limitMinutes: 60 } }) // 15
 */
export function hoodMinutes({ heat, wear }: Pick<Mask, 'heat' | 'wear'>): number {
  if (heat !== 'dryer-may-help' || isOvernight(wear)) return 0;
  return Math.min(HOOD.most, Math.round((wear.aimMinutes * HOOD.share) / HOOD.step) * HOOD.step);
}

/** A mask counts as at its aim for this share of it before it is late. Assumption of this project. */
const AIM_SLACK = 0.15;

/**
 * The time of a mask that is worn. Only instants go in, so that a reload or a sleeping tablet changes nothing.
 * @param since ISO 8601, when the last section was done and the cap went on
 * @param now milliseconds since 1970
 * @example wearState({ minimumMinutes: 20, aimMinutes: 30, limitMinutes: 60 }, '2026-03-14T08:35:00Z', now) // { phase: 'fine', elapsedMinutes: 25 }
 */
export function wearState(wear: WearTime, since: string, now: number): WearState {
  const began = Date.parse(since);
  const elapsedMinutes = (now - began) / MINUTE;
  const { minimumMinutes, aimMinutes, limitMinutes } = wear;
  const marks = {
    minimumAt: began + minimumMinutes * MINUTE,
    aimAt: began + aimMinutes * MINUTE,
    limitAt: began + limitMinutes * MINUTE,
  };
  return { phase: phaseAt(wear, elapsedMinutes), elapsedMinutes, ...marks };
}

function phaseAt({ minimumMinutes, aimMinutes, limitMinutes }: WearTime, elapsed: number): WearPhase {
  if (elapsed >= limitMinutes) return 'over';
  if (elapsed < minimumMinutes) return 'early';
  if (elapsed < aimMinutes) return 'fine';
  return elapsed <= aimMinutes * (1 + AIM_SLACK) ? 'aim' : 'late';
}
