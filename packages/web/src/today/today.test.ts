import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import type { Lot, LotWindow } from '@amber-ladle/core/shelf';
import type { Head } from '@amber-ladle/contract';
import { expect, it } from 'vitest';
import type { ShelvedLot } from '../data/shelf';
import { soonOf, turningOf } from './turning';
import { saidOf, type Worth } from './worth';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const HOUR = 3_600_000;
const WHERE = {
  locale: 'en-GB',
  timeZone: 'Europe/London',
  lengthIn: 'cm',
  warmthIn: '°C',
  currency: 'GBP',
} as const;

const aLot = (ingredientId: string, change: Partial<Lot> = {}): Lot => ({
  id: `of ${ingredientId}`,
  ingredientId,
  state: 'whole',
  since: '2026-03-10T09:00:00Z',
  grams: 150,
  label: '',
  stays: [],
  touches: [],
  ...change,
});
const shelved = (ingredientId: string, hours: number, window: Partial<LotWindow> = {}): ShelvedLot =>
  ({
    lot: aLot(ingredientId),
    name: ingredientId,
    place: { name: 'Bowl on the counter' },
    window: { endsAt: NOW + hours * HOUR, isPast: hours <= 0, ...window },
  }) as ShelvedLot;

it('shows what turns until tomorrow evening, the first to turn first, and what is pressing', () => {
  const all = [shelved('yogurt', 31), shelved('banana', 29), shelved('avocado', 5), shelved('mango', 12.5)];
  const turning = turningOf([...all, shelved('papaya', -1)], CATALOGUE, NOW, WHERE);
  expect(turning.map(({ ingredientId, isUrgent }) => [ingredientId, isUrgent])).toEqual([
    ['avocado', true],
    ['mango', false],
    ['banana', false],
  ]);
  expect(turning[0]).toMatchObject({ amount: '150 g', place: 'Bowl on the counter', left: '5 h' });
});

it('says what will be ready within four days', () => {
  const ripens = (hours: number): Partial<LotWindow> =>
    ({ ripeness: { stage: 'unripe', ready: { at: NOW + hours * HOUR } } }) as Partial<LotWindow>;
  const said = soonOf(
    [shelved('avocado', 200, ripens(48)), shelved('mango', 200, ripens(97)), shelved('honey', 9000)],
    CATALOGUE,
    NOW,
    WHERE,
  );
  expect(said).toHaveLength(1);
  expect(said[0]).toMatch(/^150 g: .*Monday/);
});

const WREN = { id: 'wren', name: 'Wren' } as Head;
const MOSS = { id: 'moss', name: 'Moss' } as Head;
const [MASK, OTHER] = BUILT_IN_MASKS as readonly [(typeof BUILT_IN_MASKS)[number], (typeof BUILT_IN_MASKS)[number]];
const worth = (change: Partial<Worth> = {}): Worth => ({
  mask: MASK,
  headIds: ['wren'],
  bowl: { madeMillilitres: 143 },
  ranked: { terms: [] },
  saves: [{ lotId: 'of avocado' }],
  missing: [],
  ...change,
});
const FROM = {
  heads: [WREN, MOSS],
  masks: BUILT_IN_MASKS,
  lots: [aLot('avocado', { state: 'cut' })],
  catalogue: CATALOGUE,
  now: NOW,
  where: WHERE,
};

it('says what a bowl saves, for whom, and opens the bench with it', () => {
  const said = saidOf(worth(), FROM);
  expect(said.reason).toBe('The cut avocado turns by tomorrow: 143 mL, enough for Wren.');
  expect(said.beside).toBe('Everything else is in the house.');
  expect(said.to.query).toEqual({ head: 'wren', mask: MASK.id });
  expect(said.second).toBe('');
});

it('leaves out what went from the shelf meanwhile', () => {
  expect(saidOf(worth({ saves: [{ lotId: 'gone' }] }), FROM).reason).toBe('143 mL, enough for Wren.');
});

it('names everybody of a shared bowl, and brings all of them to the bench', () => {
  const said = saidOf(worth({ headIds: ['wren', 'moss'] }), FROM);
  expect(said).toMatchObject({ isShared: true, names: 'Wren and Moss' });
  expect(said.to.query).toEqual({ head: 'wren', mask: MASK.id, with: 'moss' });
});

it('says of what is missing which is in the house and hard', () => {
  const missing = [
    { ingredientId: 'honey', grams: 12 },
    { ingredientId: 'avocado', grams: 90 },
  ];
  const unripe = [{ ingredientId: 'avocado', readyAt: NOW + 48 * HOUR }];
  const said = saidOf(worth({ missing, ranked: { terms: [{ id: 'in-house', points: -1, unripe }] } }), FROM);
  expect(said.beside).toMatch(/^Still missing: 12 g honey\. Not ripe yet: 90 g avocado \(about .*Monday/);
});

it('says what would be next best, and why', () => {
  const terms = [{ id: 'quick', points: 1, minutes: 12 }] as const;
  const said = saidOf(worth({ runnerUp: { maskId: OTHER.id, terms } }), FROM);
  expect(said.second).toMatch(new RegExp(`^Next best: ${OTHER.name}\\. \\S`));
});
