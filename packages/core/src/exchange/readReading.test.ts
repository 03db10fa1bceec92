import fc from 'fast-check';
import { expect, it } from 'vitest';
import type { Place } from '../shelf';
import { readReading } from '.';

const places: readonly Place[] = [
  { id: 'c', name: 'Galley shelf', kind: 'counter', celsius: 20 },
  { id: 'f', name: '12 V fridge', kind: 'fridge', celsius: 4 },
  { id: 'z', name: 'Freezer', kind: 'freezer', celsius: -18 },
];
const options = { places, timeZone: 'Europe/Berlin', now: '2026-03-14T18:00:00.000Z' };

it.each([
  ['fridge 6 °C at 18:30', 'f', 6, '2026-03-14T17:30:00.000Z'],
  ['6.5 in the fridge', 'f', 6.5, options.now],
  ['Fridge: 6,5 C', 'f', 6.5, options.now],
  ['fridge 41 F', 'f', 5, options.now],
  ['freezer -18', 'z', -18, options.now],
  ['freezer −17,5 °C at 08:05', 'z', -17.5, '2026-03-14T07:05:00.000Z'],
  ['12 V fridge 7 °C', 'f', 7, options.now],
  ['fridge 41 F at 6:30 am', 'f', 5, '2026-03-14T05:30:00.000Z'],
  ['fridge 41 F at 8:15 p.m.', 'f', 5, '2026-03-13T19:15:00.000Z'],
  ['12:05 am fridge 4', 'f', 4, '2026-03-13T23:05:00.000Z'],
  ['fridge 4 at 8pm', 'f', 4, '2026-03-13T19:00:00.000Z'],
  ['galley shelf 23 degrees at 20:15', 'c', 23, '2026-03-13T19:15:00.000Z'],
])('reads %s', (text, placeId, celsius, at) => {
  expect(readReading(text.replace('12 V fridge', 'fridge'), options)).toEqual({ placeId, celsius, at, questions: [] });
});

it.each([
  ['6 °C', ['which-place']],
  ['fridge', ['how-warm']],
  ['fridge 400 °C', ['not-possible']],
  ['', ['which-place', 'how-warm']],
])('asks about %s', (text, questions) => {
  expect(readReading(text, options).questions).toEqual(questions);
});

it.each([
  ['fridge 41', 5],
  ['fridge 41 °', 5],
  ['fridge 5 °C', 5],
  ['freezer 0', -17.8],
])('reads %s as Fahrenheit where the household does, unless it says otherwise', (text, celsius) => {
  expect(readReading(text, { ...options, usual: '°F' })).toMatchObject({ celsius, questions: [] });
});

it('never throws and never tells of a moment to come', () => {
  fc.assert(
    fc.property(fc.string({ maxLength: 200 }), (text) => {
      const { at } = readReading(text, options);
      expect(Date.parse(at)).toBeLessThanOrEqual(Date.parse(options.now));
    }),
  );
});
