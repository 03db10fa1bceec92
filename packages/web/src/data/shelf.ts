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
import { computed, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import { onChange } from './changes';
import { call } from './client';
import { useHeld } from './held';
import { useHousehold } from './household';
import { inTurn } from './inTurn';
import { useNotice } from './notice';

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
  const lots = shallowRef<readonly Lot[]>([]);
  const total = ref(0);
  const climate = computed(() => household.climate);
  const places = computed(() => climate.value.places);
  const readings = computed(() => climate.value.readings);
  const restock = shallowRef<readonly RestockLevel[]>([]);
  const isReady = ref(false);
  let isFollowing = false;

  const read = inTurn(
    () => Promise.all([call(api.stock.shelf, { query: { limit: MOST_LOTS } }), call(api.stock.levels)]),
    ([shelf, levels]) => {
      lots.value = shelf.lots;
      total.value = shelf.total;
      household.climate = { places: shelf.places, readings: shelf.readings, paces: shelf.paces };
      restock.value = levels;
      isReady.value = true;
      household.seen(latestOf([...shelf.lots.flatMap(momentsOf), ...shelf.readings.map(({ at }) => at)]));
    },
  );
  /** Reads the shelf, once, and follows it from then on. */
  async function load(): Promise<void> {
    if (!isFollowing) {
      isFollowing = true;
      for (const what of ['shelf', 'climate'] as const) onChange(what, () => void read().catch(() => undefined));
    }
    if (!isReady.value) await read();
  }

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
    read.outdate();
    const now = new Map(changed.map((lot) => [lot.id, lot] as const));
    const known = new Set(lots.value.map(({ id }) => id));
    lots.value = [
      ...lots.value.map((lot) => now.get(lot.id) ?? lot),
      ...changed.filter(({ id }) => !known.has(id)),
    ].filter(({ grams }) => grams > 0);
    household.seen(latestOf(changed.flatMap(momentsOf)));
    void read().catch(() => undefined);
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
    await read();
  }
  async function removePlace(id: string): Promise<void> {
    await call(api.stock.removePlace, { params: { id } });
    await read();
  }
  async function setRestock({ ingredientId, grams }: RestockLevel): Promise<void> {
    const seenGrams = restock.value.find((level) => level.ingredientId === ingredientId)?.grams ?? 0;
    try {
      await call(api.stock.setLevel, { params: { ingredientId }, body: { grams, seenGrams } });
    } finally {
      await read();
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
    read,
    placeById,
    change,
    comeHome,
    undo,
    savePlace,
    removePlace,
    setRestock,
  };
});
