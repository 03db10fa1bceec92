import type { Ingredient } from '../ingredient';
import { HOUR, type Day } from '../time';
import type { Climate } from './climate';
import { stateBought } from './habit';
import { lotPast, type Lot } from './lot';
import { paced } from './pace';
import { USUAL_CELSIUS, usualHours, usualPlace } from './place';
import { ripened, TOUCHED, type Stage } from './ripeness';
import { windowOf } from './window';

/** A day on which somebody is in a shop. */
export interface ShopTrip {
  readonly day: Day;
  /** When the day begins: what a bowl of that day wants can be bought on it. Milliseconds since 1970. */
  readonly from: number;
  /** When it is reckoned that things come home. Milliseconds since 1970. */
  readonly at: number;
}

/** How ripe something is bought. */
export type BuyStage = Extract<Stage, 'unripe' | 'nearly' | 'ready'>;

/** The hardest that will be ready then, standing where such fruit stands; ripe where none will be. Undefined for what does not ripen. */
export function stageToBuy(row: Ingredient, climate: Climate, from: number, then: number): BuyStage | undefined {
  const ripening = row.ripening && paced(row.ripening, climate.paces?.[row.id]);
  if (!ripening) return undefined;
  const counter = climate.places.find(({ kind }) => kind === 'counter');
  const span = { from, to: then, celsius: counter?.celsius ?? USUAL_CELSIUS.counter, kind: 'counter' as const };
  const isReady = (stage: BuyStage): boolean => ripened(ripening, TOUCHED[stage], span) >= 1;
  return (['unripe', 'nearly', 'ready'] as const).find(isReady) ?? 'ready';
}

/** A thing as a shop gives it at a moment, standing from then on where such things stand. */
export function lotBought(
  row: Ingredient,
  at: number,
  grams: number,
  climate: Climate,
  stage: BuyStage = 'ready',
): Lot {
  const since = new Date(at).toISOString();
  const state = stateBought(row);
  const placeId = usualPlace(row, state, climate.places);
  return {
    id: `${row.id} bought`,
    ingredientId: row.id,
    state,
    since,
    grams,
    label: '',
    stays: placeId === '' ? [] : [{ placeId, from: since }],
    touches: row.ripening ? [{ at: since, stage }] : [],
  };
}

/**
 * True where what was bought for one bowl still does for another: closed until then, or opened for the first and still good.
 * @param boughtAt when it comes home, @param firstAt when the first bowl takes of it, @param then the other; milliseconds since 1970
 */
export function lastsUntil(
  row: Ingredient,
  climate: Climate,
  boughtAt: number,
  firstAt: number,
  then: number,
): boolean {
  const stage = stageToBuy(row, climate, boughtAt, firstAt);
  const lot = lotBought(row, boughtAt, 1, climate, stage);
  if (lot.state === 'raw') return true;
  const { isPast, endsAt } = windowOf(row, lotPast(lot), climate, then);
  if (isPast || endsAt < then) return false;
  const isPiece = row.pieces !== undefined && row.measuredBy[0] === 'piece';
  if (isPiece) return true;
  return then - firstAt <= usualHours(row, row.traits.isPacked ? 'opened' : 'cut') * HOUR;
}
