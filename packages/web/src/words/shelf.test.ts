import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import { windowOf } from '@amber-ladle/core/shelf';
import { describe, expect, it } from 'vitest';
import { stockDone, windowReason } from './shelf';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const avocado = ingredientById(CATALOGUE, 'avocado');
const since = new Date(NOW).toISOString();
const past = {
  state: 'whole',
  since,
  stays: [{ placeId: 'counter', from: since }],
  touches: [{ at: since, stage: 'unripe' }],
} as const;
const climate = { places: [{ id: 'counter', name: 'Counter', kind: 'counter', celsius: 20 }], readings: [] } as const;
const window = windowOf(avocado, past, climate, NOW);

/** Why the window of an avocado that is so ripe ends when it does. */
function said(ripeness: number): string {
  if (!window.ripeness) throw new Error('An avocado ripens.');
  return windowReason({ ...window, ripeness: { ...window.ripeness, ripeness } }, 'whole', {
    locale: 'en-GB',
    lengthIn: 'cm',
    warmthIn: '°C',
    currency: '',
  });
}

describe('how ripe a fruit is, in words', () => {
  it.each([
    [0.15, 'hardly begun'],
    [0.35, 'about a third'],
    [0.5, 'half-way'],
    [0.7, 'two thirds of the way'],
    [0.95, 'nearly there'],
    [1.1, 'most are still to come'],
    [1.5, 'about half are gone'],
    [1.95, 'the last is here'],
  ])('%f: %s', (ripeness, words) => {
    expect(said(ripeness)).toContain(words);
    expect(said(ripeness)).not.toMatch(/%/);
  });
});

describe('a change of stock, long after', () => {
  it.each([
    ['On the shelf: honey.', 'add', 'On the shelf: honey.'],
    ['honey 340 g jar', 'add', 'honey 340 g jar: came in.'],
    ['for Still water', 'draw', 'Taken for Still water.'],
    ['Honey, Oats', 'draw', 'Taken: Honey, Oats.'],
    ['Papaya', 'discard', 'Papaya: thrown away.'],
    ['Papaya', undefined, 'Shelf: Papaya.'],
  ] as const)('%s, %s', (what, did, sentence) => {
    expect(stockDone(what, did)).toBe(sentence);
  });
});
