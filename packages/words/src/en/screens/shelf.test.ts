import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import { windowOf } from '@amber-ladle/core/shelf';
import { describe, expect, it } from 'vitest';
import { lotInSentence, lotName, paceWords, stockDone, windowReason } from './shelf';

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

describe('how a kind ripens in this kitchen', () => {
  it.each([
    [1.2, 'about 20 % faster'],
    [0.8, 'about 25 % slower'],
    [1.08, 'about 10 % faster'],
    [1.06, ''],
    [0.94, ''],
  ])('%f: %s', (factor, words) => {
    expect(paceWords({ factor })).toBe(words);
  });

  it('is said where the window of such fruit is explained, and only where it is other than its row says', () => {
    const where = { locale: 'en-GB', lengthIn: 'cm', warmthIn: '°C', currency: '' } as const;
    const pace = { factor: 1.2, low: 1, high: 1.4, lots: 6 };
    const reason = (change: object) =>
      windowReason(windowOf(avocado, past, { ...climate, ...change }, NOW), 'whole', where);
    expect(reason({ paces: { avocado: pace } })).toContain(
      'In this kitchen it ripens about 20 % faster than that, going by the last 6.',
    );
    expect(reason({ paces: { avocado: { ...pace, factor: 1.02 } } })).not.toContain('kitchen');
    expect(reason({})).not.toContain('kitchen');
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

describe('in which state a thing is', () => {
  const egg = ingredientById(CATALOGUE, 'egg-white');
  it('is said as a kitchen says it: nobody cuts an egg', () => {
    expect(lotName({ state: 'cut' }, egg)).toBe('Egg white, cracked');
    expect(lotInSentence({ state: 'cut' }, egg)).toBe('the cracked egg white');
    expect(lotName({ state: 'cut' }, avocado)).toBe('Avocado, cut');
    expect(lotName({ state: 'opened' }, ingredientById(CATALOGUE, 'yogurt'))).toBe('Plain yogurt, opened');
    expect(lotName({ state: 'whole' }, avocado)).toBe('Avocado');
  });
});
