import type { NewMovement } from '@amber-ladle/contract';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { cutDraft, opening, type Lot, type Place, type Stage } from '@amber-ladle/core/shelf';
import { v4 as newId } from 'uuid';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { shelfText, amountWords, lotName, STAGE_WORDS } from '@amber-ladle/words';

/** What hands do with a lot; each is one change of stock with a way back. */
export function useLotActions() {
  const household = useHousehold();
  const shelf = useShelf();
  const notice = useNotice();
  const rowOf = (lot: Lot) => ingredientById(household.catalogue, lot.ingredientId);
  const called = (lot: Lot): string => lotName(lot, rowOf(lot));

  async function change(note: string, ...movements: NewMovement[]): Promise<void> {
    try {
      await shelf.change(note, movements);
    } catch (error) {
      notice.fail(error);
    }
  }
  const move = (lot: Lot, place: Place): Promise<void> =>
    change(shelfText.standsIn(called(lot), place.name), { lotId: lot.id, kind: 'move', grams: 0, placeId: place.id });
  const touch = (lot: Lot, stage: Stage): Promise<void> =>
    change(`${called(lot)}: ${STAGE_WORDS[stage]}.`, { lotId: lot.id, kind: 'touch', grams: 0, stage });
  /** Opened, it goes to the cold where it has to. */
  function open(lot: Lot): Promise<void> {
    const opened = opening(lot, rowOf(lot), shelf.places);
    const place = opened.placeId === undefined ? undefined : shelf.placeById(opened.placeId);
    return change(place ? shelfText.isOpenedIn(called(lot), place.name) : shelfText.isOpened(called(lot)), opened);
  }
  const correct = (lot: Lot, grams: number): Promise<void> =>
    change(`${called(lot)}: ${Math.round(grams)} g.`, { lotId: lot.id, kind: 'correct', grams: grams - lot.grams });
  const discard = (lot: Lot, grams: number, reason: string): Promise<void> =>
    change(shelfText.ofThrownAway(amountWords({ ...lot, grams }, rowOf(lot)), called(lot).toLowerCase()), {
      lotId: lot.id,
      kind: 'discard',
      grams: -grams,
      reason,
    });
  const useOtherwise = (lot: Lot, grams: number): Promise<void> =>
    change(shelfText.ofUsedOtherwise(amountWords({ ...lot, grams }, rowOf(lot)), called(lot).toLowerCase()), {
      lotId: lot.id,
      kind: 'use-otherwise',
      grams: -grams,
    });
  /** Cuts one whole piece; what is cut goes to the cold. */
  async function cut(lot: Lot): Promise<void> {
    const row = rowOf(lot);
    const { lots, movements } = cutDraft(lot, row, shelf.places, household.now().toISOString(), newId);
    const place = shelf.placeById(movements.at(-1)?.placeId ?? '');
    try {
      await shelf.change(
        shelfText.oneIsCut(row.pieces?.noun ?? row.name, place?.name ?? ''),
        [...movements],
        [...lots],
      );
    } catch (error) {
      notice.fail(error);
    }
  }
  return { cut, move, touch, open, correct, discard, useOtherwise };
}
