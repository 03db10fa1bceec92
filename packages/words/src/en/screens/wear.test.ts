import type { Mask } from '@amber-ladle/core/mask';
import { expect, it } from 'vitest';
import { coatedWords, lastsWords } from './wear';

it('says by how much a bowl runs short, and nothing to do where it lasts', () => {
  expect(lastsWords({ isShort: true, ratio: 0.7 })).toMatch(/^It will run short by about 30 %: lighter/);
  expect(lastsWords({ isShort: false, ratio: 1.2 })).toBe('It will last.');
});

const rinse = (conditioner: boolean): Mask['rinse'] =>
  ({ temperature: 'lukewarm', shampoos: 1, conditioner }) as Mask['rinse'];

it('never sends warm water after egg, and conditioner only where the mask is rinsed with it', () => {
  expect(coatedWords({ heat: 'never', rinse: rinse(true) })).toBe(
    'Again with cool water and a little conditioner for slip; never warm while egg is in it.',
  );
  expect(coatedWords({ heat: 'cap', rinse: rinse(false) })).toBe(
    'Again with more water and fingers, from the nape up, combed out under the water.',
  );
});
