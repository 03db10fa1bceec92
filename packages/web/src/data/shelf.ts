import {
  api,
  type KeptPlace,
  type NewLot,
  type NewMovement,
  type StockAnswer,
  type StockChange,
} from '@amber-ladle/contract';
import {
  lotPast,
  placeOf,
  windowOf,
  type Lot,
  type LotWindow,
  type Place,
  type RestockLevel,
} from '@amber-ladle/core/shelf';
import { latestOf } from '@amber-ladle/core/time';
import { defineStore } from 'pinia';
import { computed, watch } from 'vue';
import { v4 as newId } from 'uuid';
import { useLoaded } from './answer';
import { call } from './client';
import { useHeld } from './held';
import { useHousehold } from './household';
import { useNotice } from './notice';

/** What lies there and what is always to be there are one answer. */
export const SHELF_KEY = ['shelf-levels'] as const;
/** So many lots are drawn; a household that has more sees what ends first. */
const MOST_LOTS = 100;

export interface ShelvedLot {
  readonly lot: Lot;
  readonly name: string;
  readonly place: Place | undefined;
  readonly window: LotWindow;
}

/** When something last happened to a lot, as far as it is told. */
const momentsOf = ({ since, stays, touches }: Lot): string[] => [
  since,
  ...stays.map(({ from }) => from),
  ...touches.map(({ at }) => at),
];

/** Stock, places and temperatures as the screens need them. */
export const useShelf = defineStore('shelf', () => {
  const household = useHousehold();
  const notice = useNotice();
  const { value, load, again, know } = useLoaded({
    key: SHELF_KEY,
    changesWith: [...api.stock.shelf.changesWith, ...api.stock.levels.changesWith],
    ask: async () => {
      const [shelf, levels] = await Promise.all([
        call(api.stock.shelf, { query: { limit: MOST_LOTS } }),
        call(api.stock.levels),
      ]);
      return { shelf, levels };
    },
  });
  const lots = computed<readonly Lot[]>(() => value.value?.shelf.lots ?? []);
  const total = computed(() => value.value?.shelf.total ?? 0);
  const restock = computed<readonly RestockLevel[]>(() => value.value?.levels ?? []);
  const isReady = computed(() => value.value !== undefined);
  const climate = computed(() => household.climate);
  const places = computed(() => climate.value.places);
  const readings = computed(() => climate.value.readings);
  watch(
    () => value.value?.shelf,
    (shelf) => {
      if (!shelf) return;
      household.climate = { places: shelf.places, readings: shelf.readings, paces: shelf.paces };
      household.seen(latestOf([...shelf.lots.flatMap(momentsOf), ...shelf.readings.map(({ at }) => at)]));
    },
    { flush: 'sync' },
  );

  const placeById = (id: string): Place | undefined => places.value.find((place) => place.id === id);

  /** Every lot with its window as things are now. */
  const shelved = computed<readonly ShelvedLot[]>(() =>
    lots.value.flatMap((lot) => {
      const row = household.catalogue.get(lot.ingredientId);
      if (!row) return [];
      const window = windowOf(row, lotPast(lot), climate.value, household.moment);
      return [{ lot, name: row.name, place: placeById(placeOf(lot)), window }];
    }),
  );
  /** What is on the shelf and may still be used, by ingredient. */
  const onHand = computed(
    () => new Set(shelved.value.filter(({ window }) => !window.isPast).map(({ lot }) => lot.ingredientId)),
  );

  /** The answer to a change says how its lots stand now; the whole shelf is read anew when its turn comes. */
  function show({ lots: changed }: StockAnswer): void {
    const before = value.value;
    if (before) {
      const now = new Map(changed.map((lot) => [lot.id, lot] as const));
      const known = new Set(lots.value.map(({ id }) => id));
      const shown = [
        ...lots.value.map((lot) => now.get(lot.id) ?? lot),
        ...changed.filter(({ id }) => !known.has(id)),
      ].filter(({ grams }) => grams > 0);
      know({ ...before, shelf: { ...before.shelf, lots: shown } });
    }
    household.seen(latestOf(changed.flatMap(momentsOf)));
    void again().catch(() => undefined);
  }

  /** Changes the stock and offers the way back. */
  async function change(note: string, movements: NewMovement[], born: NewLot[] = []): Promise<StockChange> {
    const wanted: StockChange = { id: newId(), note, lots: born, movements };
    show(await call(api.stock.change, { body: wanted }));
    notice.show(note, () => undo(wanted.id));
    return wanted;
  }
  /**
   * What came home from the shop; held here while nobody answers, since shops have thick walls.
   * @param line of the list to buy that it ticks off
   */
  async function comeHome(line: string, note: string, lot: NewLot, movement: NewMovement): Promise<void> {
    const change: StockChange = { id: newId(), note, lots: [lot], movements: [movement] };
    const pressedAt = household.now().getTime();
    await useHeld().tellBought({ pressId: change.id, pressedAt, line, change }, show);
    notice.show(note, () => undo(change.id));
  }
  async function undo(id: string): Promise<void> {
    show(await call(api.stock.undo, { params: { id } }));
  }
  async function savePlace({ id, ...place }: KeptPlace): Promise<void> {
    await call(api.stock.savePlace, { params: { id }, body: place });
    await again();
  }
  async function removePlace(id: string): Promise<void> {
    await call(api.stock.removePlace, { params: { id } });
    await again();
  }
  async function setRestock({ ingredientId, grams }: RestockLevel): Promise<void> {
    const seenGrams = restock.value.find((level) => level.ingredientId === ingredientId)?.grams ?? 0;
    try {
      await call(api.stock.setLevel, { params: { ingredientId }, body: { grams, seenGrams } });
    } finally {
      await again();
    }
  }

  return {
    lots,
    total,
    places,
    readings,
    restock,
    isReady,
    climate,
    shelved,
    onHand,
    load,
    placeById,
    change,
    comeHome,
    undo,
    savePlace,
    removePlace,
    setRestock,
  };
});
