import type { Stay } from './climate';
import type { LotState } from '../ingredient';
import type { Stage, Touch } from './ripeness';
import { balanceAfter, type Movement } from './stock';
import type { LotPast } from './window';

/** A number of equal pieces of one kind, or grams of it, that came in at one moment. Instants are ISO 8601 in UTC. */
export interface Lot {
  readonly id: string;
  readonly ingredientId: string;
  readonly state: LotState;
  /** When it came into its state: bought, opened, cut, cooked. */
  readonly since: string;
  /** Usable grams that are left (of the raw thing: grams as it is). */
  readonly grams: number;
  /** Usable grams of one piece, for whole pieces. */
  readonly pieceGrams?: number | undefined;
  /** In the household's money; unknown where nobody said. */
  readonly pricePerGram?: number | undefined;
  readonly label: string;
  readonly stays: readonly Stay[];
  readonly touches: readonly Touch[];
}

/** A movement with what it changes beside grams. */
export interface LotMovement extends Movement {
  readonly at: string;
  readonly placeId?: string | undefined;
  readonly stage?: Stage | undefined;
  readonly state?: LotState | undefined;
}

/** What the book of movements says of a lot: everything but what it is. */
export type LotCondition = Pick<Lot, 'grams' | 'state' | 'since' | 'stays' | 'touches'>;

/**
 * The condition of a lot from its movements, in the order they were written down.
 * @param born the state and moment it came in with
 * @throws RangeError where it would fall below nothing, or no movement says where it stands
 */
export function conditionOf(born: Pick<Lot, 'state' | 'since'>, movements: readonly LotMovement[]): LotCondition {
  let { state, since } = born;
  const stays: Stay[] = [];
  const touches: Touch[] = [];
  for (const movement of movements) {
    if (movement.placeId) stays.push({ placeId: movement.placeId, from: movement.at });
    if (movement.stage) touches.push({ at: movement.at, stage: movement.stage });
    if (movement.state) {
      state = movement.state;
      since = movement.at;
    }
  }
  if (stays.length === 0) throw new RangeError('Say where it stands.');
  return { grams: balanceAfter(0, movements), state, since, stays, touches };
}

export const lotPast = ({ state, since, stays, touches }: Lot): LotPast => ({ state, since, stays, touches });

/** Whole pieces left of a lot, where it is counted. */
export const piecesLeft = ({ grams, pieceGrams }: Pick<Lot, 'grams' | 'pieceGrams'>): number | undefined =>
  pieceGrams ? Math.round((grams / pieceGrams) * 100) / 100 : undefined;

/** Where a lot stands. */
export const placeOf = ({ stays }: Pick<Lot, 'stays'>): string => stays.at(-1)?.placeId ?? '';
