import { expect, it } from 'vitest';
import { enoughWords } from './chance';

it.each([
  [0.001, 'nearly always'],
  [0.05, '19 times in 20'],
  [0.15, '6 times in 7'],
  [0.25, '3 times in 4'],
  [0.33, '2 times in 3'],
  [0.5, 'half the time'],
  [0.75, 'once in 4 times'],
  [0.995, 'hardly ever'],
])('says of a chance of %d to come up short: enough %s', (chance, words) => {
  expect(enoughWords(chance)).toBe(words);
});
