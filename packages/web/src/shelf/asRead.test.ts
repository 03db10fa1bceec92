import { readLot } from '@amber-ladle/core/exchange';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { sentenceOf, type Where, type Written } from '@amber-ladle/words';
import { expect, it } from 'vitest';
import { asRead } from './asRead';

const NOW = '2026-03-14T09:30:00.000Z';
const PLACES = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4 },
] as const;
const where = { locale: 'en-GB', timeZone: 'UTC', currency: 'EUR', lengthIn: 'cm', warmthIn: '°C' } as Written & Where;

const shown = (text: string): string => {
  const draft = readLot(text, CATALOGUE, { system: 'us', places: PLACES, timeZone: 'UTC', now: NOW });
  const row = CATALOGUE.get(draft.ingredientId ?? '');
  const place = PLACES.find(({ id }) => id === draft.placeId)?.name;
  return asRead(draft, row, place, { where, say: (message) => sentenceOf(message), now: Date.parse(NOW) });
};

it.each([
  ['500 g papaya', 'Papaya · 310 g usable · of 500 g as bought · hard · Counter'],
  [
    '3 hard avocados 180 g',
    'Avocado · 400 g usable · in 3 of 133 g · 180 g each with peel, stone or shell · hard · Counter',
  ],
  // Okra is not dry, and rice makes nothing yet.
  ['200 g okra', 'Okra pods, sliced · 200 g · Fridge'],
  ['1 kg rice', 'White rice, dry · 1000 g · Counter'],
  ['500 g yogurt', 'Plain yogurt · 500 g · Fridge'],
  ['2 egg whites', 'Egg white · 66 g · cracked · Fridge'],
  ['60 ml lemon juice', 'Lemon juice · 62 g · made · Fridge'],
])('%s is read as %s', (text, wanted) => {
  expect(shown(text)).toContain(wanted);
});

it('asks what is not clear, whatever else was understood', () => {
  expect(shown('300 g cooked rice')).toBe(
    'Dry, or cooked? Cooked it is kept as rice cream: write “rice cream cooked”, or leave “cooked” out.',
  );
  expect(shown('1 jar honey')).toBe('How much is in it? Such as “340 g” or “400 ml”.');
  expect(shown('2 tins coconut milk')).toContain('in each?');
  // Of eggs the number says it.
  for (const counted of ['bananas', 'carton of eggs']) expect(shown(counted)).toBe('How many, or how much in grams?');
  expect(shown('2 moonfruit')).toContain('moonfruit');
});
