import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { v5 as uuidFrom } from 'uuid';
import type { NewLot, NewMovement } from '@amber-ladle/contract';
import { ingredientById, pieceSize, CATALOGUE } from '@amber-ladle/core/ingredient';
import type { LotState } from '@amber-ladle/core/ingredient';
import type { Place, Stage } from '@amber-ladle/core/shelf';
import { Clock } from '../kernel/clock';
import { addReading, listPlaces, removePlace, savePlace } from '../place';
import type { Household } from '../kernel/household';
import { setRestock } from '../stock';
import { changeStock } from '../stock';

/** Where things stand on the narrowboat: a small 12 V fridge with an ice box, a box of produce and an aloe on the roof. */
const PLACES: readonly Place[] = [
  { id: 'galley', name: 'Galley box', kind: 'counter', celsius: 18 },
  { id: 'bag', name: 'Paper bag', kind: 'bag', celsius: 18 },
  { id: 'roof', name: 'Roof box', kind: 'outside', celsius: 12 },
  { id: 'fridge', name: '12 V fridge', kind: 'fridge', celsius: 4 },
  { id: 'ice', name: 'Ice box', kind: 'freezer', celsius: -14 },
];

interface Row {
  readonly what: string;
  readonly daysAgo: number;
  readonly place: string;
  /** Pieces of usable grams each, or grams altogether. */
  readonly pieces?: number;
  readonly each?: number;
  readonly grams?: number;
  readonly state?: LotState;
  readonly stage?: Stage;
  readonly price?: number;
}

/** Made up, so that something turns today, something is cut, something ripens and something keeps. */
const STOCK: readonly Row[] = [
  { what: 'avocado', pieces: 3, each: 133, daysAgo: 2.4, place: 'galley', stage: 'unripe', price: 4.2 },
  { what: 'avocado', grams: 126, daysAgo: 0.7, place: 'fridge', state: 'cut', price: 0.7 },
  { what: 'papaya', grams: 190, daysAgo: 1.6, place: 'fridge', state: 'cut', price: 1.1 },
  { what: 'pear', pieces: 2, each: 178, daysAgo: 3.2, place: 'galley', stage: 'nearly', price: 1.4 },
  { what: 'banana', pieces: 4, each: 118, daysAgo: 2, place: 'galley', stage: 'nearly', price: 1.2 },
  { what: 'egg-whole', pieces: 6, each: 50, daysAgo: 4, place: 'fridge', price: 2.4 },
  { what: 'egg-white', grams: 66, daysAgo: 1.1, place: 'fridge', state: 'cut', price: 0.3 },
  { what: 'aloe-gel', pieces: 2, each: 230, daysAgo: 1, place: 'roof' },
  { what: 'yogurt', grams: 320, daysAgo: 3, place: 'fridge', state: 'opened', price: 1.6 },
  { what: 'strawberry', grams: 180, daysAgo: 1.2, place: 'fridge', price: 2.2 },
  { what: 'rice-cream', grams: 900, daysAgo: 20, place: 'galley', state: 'raw', price: 1.9 },
  { what: 'honey', grams: 410, daysAgo: 30, place: 'galley', state: 'opened', price: 5.5 },
  { what: 'olive-oil', grams: 380, daysAgo: 25, place: 'galley', state: 'opened', price: 4.1 },
  { what: 'jojoba-oil', grams: 90, daysAgo: 40, place: 'galley', state: 'opened', price: 7.2 },
  { what: 'coconut-milk', grams: 400, daysAgo: 15, place: 'galley', price: 1.5 },
];

const SPACE = '7b7a5d0e-5a0e-4f0a-9d55-0c1d7a1e0b00';

/** Where things stand, before anything does. */
export async function seedPlaces(household: Household): Promise<void> {
  const before = await listPlaces(household.source.manager);
  for (const place of PLACES)
    await savePlace(household, { ...place, version: before.find(({ id }) => id === place.id)?.version ?? 0 });
  for (const { id } of await listPlaces(household.source.manager))
    if (!PLACES.some((place) => place.id === id)) await removePlace(household, id);
}

/** Fills the demo's shelf, with a history of a few weeks; all moments are relative to the present. */
export async function seedShelf(household: Household): Promise<void> {
  const present = Date.parse(household.clock.now());
  const then = new Clock();
  const earlier: Household = { ...household, clock: then };
  const rows = [...STOCK].sort((a, b) => b.daysAgo - a.daysAgo);
  for (const [i, row] of rows.entries()) {
    const at = new Date(present - row.daysAgo * TWENTY_FOUR_HOURS).toISOString();
    then.set(at);
    const grams =
      row.grams ?? (row.pieces ?? 1) * (row.each ?? pieceSize(ingredientById(CATALOGUE, row.what)).usableGrams);
    const lot: NewLot = {
      id: uuidFrom(`lot ${i}`, SPACE),
      ingredientId: row.what,
      state: row.state ?? 'whole',
      since: at,
      label: '',
      ...(row.each ? { pieceGrams: row.each } : {}),
      ...(row.price === undefined ? {} : { pricePerGram: row.price / grams }),
    };
    const movements: NewMovement[] = [
      { lotId: lot.id, kind: 'add', grams, placeId: row.place, ...(row.stage ? { stage: row.stage } : {}) },
    ];
    await changeStock(earlier, { id: uuidFrom(`add ${i}`, SPACE), note: '', lots: [lot], movements });
  }
  await seedWaste(earlier, then, present);
  await seedReadings(household, present);
  await setRestock(household, { ingredientId: 'olive-oil', grams: 500 }, 0);
}

/** A day of the fridge up to where the practice thermometer stands: held by its thermostat, warmer after a door that stood open. */
async function seedReadings(household: Household, present: number): Promise<void> {
  for (let halfHours = 47; halfHours >= 1; halfHours--) {
    const at = present - halfHours * (TWENTY_FOUR_HOURS / 48);
    const round = 0.3 * Math.sin(((halfHours - 1) / 48) * 2 * Math.PI);
    const door = halfHours <= 29 && halfHours > 24 ? 0.7 * Math.exp((halfHours - 29) / 2) : 0;
    const celsius = Math.round((4 + round + door) * 10) / 10;
    await addReading(household, { placeId: 'fridge', at: new Date(at).toISOString(), celsius });
  }
}

/** What went in the bin in the months before, so that the book has something to tell. */
async function seedWaste(earlier: Household, then: Clock, present: number): Promise<void> {
  const bins = [
    { what: 'banana', grams: 236, daysAgo: 62, reason: 'brown' },
    { what: 'rice-cream', grams: 310, daysAgo: 55, reason: 'too much cut', state: 'made' as const },
    { what: 'avocado', grams: 133, daysAgo: 33, reason: 'past its time' },
    { what: 'yogurt', grams: 90, daysAgo: 21, reason: 'past its time', state: 'opened' as const },
    { what: 'papaya', grams: 120, daysAgo: 9, reason: 'past its time', state: 'cut' as const },
  ];
  for (const [i, { what, grams, daysAgo, reason, state = 'whole' }] of bins.entries()) {
    const at = new Date(present - daysAgo * TWENTY_FOUR_HOURS).toISOString();
    then.set(at);
    const id = uuidFrom(`waste ${i}`, SPACE);
    await changeStock(earlier, {
      id: uuidFrom(`bin ${i}`, SPACE),
      note: '',
      lots: [{ id, ingredientId: what, state, since: at, label: '', pricePerGram: 0.006 }],
      movements: [
        { lotId: id, kind: 'add', grams, placeId: 'fridge' },
        { lotId: id, kind: 'discard', grams: -grams, reason },
      ],
    });
  }
}
