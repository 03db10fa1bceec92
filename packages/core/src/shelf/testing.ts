import type { Climate } from './climate';
import type { Lot } from './lot';
import type { Place } from './place';

/** Places of a made-up kitchen, for tests. */
export const KITCHEN: readonly Place[] = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20 },
  { id: 'bag', name: 'Paper bag', kind: 'bag', celsius: 20 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 },
  { id: 'freezer', name: 'Freezer', kind: 'freezer', celsius: -18 },
  { id: 'roof', name: 'Roof', kind: 'outside', celsius: 35 },
];
export const STILL: Climate = { places: KITCHEN, readings: [] };
export const HOUR = 3_600_000;
export const DAY = 24 * HOUR;
export const iso = (milliseconds: number): string => new Date(milliseconds).toISOString();
export const T0 = Date.parse('2026-03-14T08:00:00Z');

/** A hundred whole grams in the fridge since T0, for tests. */
export const aLot = (id: string, ingredientId: string, change: Partial<Lot> = {}): Lot => ({
  id,
  ingredientId,
  state: 'whole',
  since: iso(T0),
  grams: 100,
  label: '',
  stays: [{ placeId: 'fridge', from: iso(T0) }],
  touches: [],
  ...change,
});
