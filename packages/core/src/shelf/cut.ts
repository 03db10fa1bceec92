import type { Ingredient, LotState } from '../ingredient';
import { placeOf, type Lot } from './lot';
import { usualKind, type Place } from './place';
import type { StockDraft } from './stockDraft';
import { CRUMB_GRAMS } from './stock';

/**
 * Where what is left of a cut piece or an opened pack goes unless told otherwise: to the cold, where it is perishable and stood in a
 * room. What is frozen lies there in portions: what is not taken out stays in the freezer.
 * @returns the id of a place; where it stood when there is no fridge
 */
export function remnantPlace(
  row: Ingredient,
  state: LotState,
  lot: Pick<Lot, 'stays'>,
  places: readonly Place[],
): string {
  const here = placeOf(lot);
  const stood = places.find(({ id }) => id === here)?.kind;
  if (stood === 'fridge' || stood === 'freezer' || usualKind(row, state) === 'counter') return here;
  return places.find(({ kind }) => kind === 'fridge')?.id ?? here;
}

/** A pack that is opened: from now on it keeps as an opened one does, and goes to the cold where it has to. */
export function opening(
  lot: Pick<Lot, 'id' | 'stays'>,
  row: Ingredient,
  places: readonly Place[],
): StockDraft['movements'][number] {
  const placeId = remnantPlace(row, 'opened', lot, places);
  return {
    lotId: lot.id,
    kind: 'open',
    grams: 0,
    state: 'opened',
    ...(placeId === placeOf(lot) ? {} : { placeId }),
  };
}

/**
 * A whole piece cut on the shelf: it leaves its lot and becomes a cut one of its own, with the shorter window that goes
 * with that, in the cold.
 * @param at ISO 8601
 * @param newId gives an id that nothing has yet
 * @throws RangeError where nothing whole is left
 */
export function cutDraft(
  lot: Lot,
  row: Ingredient,
  places: readonly Place[],
  at: string,
  newId: () => string,
): StockDraft {
  const grams = Math.min(lot.pieceGrams ?? lot.grams, lot.grams);
  if (lot.state !== 'whole' || !(grams > CRUMB_GRAMS)) throw new RangeError('There is no whole one to cut.');
  const id = newId();
  return {
    lots: [{ id, ingredientId: lot.ingredientId, state: 'cut', since: at, pricePerGram: lot.pricePerGram, label: '' }],
    movements: [
      { lotId: lot.id, kind: 'cut-off', grams: -grams },
      { lotId: id, kind: 'cut-in', grams, placeId: remnantPlace(row, 'cut', lot, places) },
    ],
  };
}
