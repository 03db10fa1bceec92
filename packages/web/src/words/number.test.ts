import { expect, it } from 'vitest';
import { readNumber } from './number';

it.each([
  ['12', 12],
  ['12,5', 12.5],
  [' 12.5 ', 12.5],
  ['0,125', 0.125],
  ['.5', 0.5],
  ['12.', 12],
  ['−18', -18],
  ['-18,5', -18.5],
  ['1250', 1250],
])('reads “%s” as %d', (written, value) => {
  expect(readNumber(written)).toBe(value);
});

it.each(['', ' ', 'a lot', '1,250', '12 g', '1.2.3', '1e3', '0x10', ','])('does not guess at “%s”', (written) => {
  expect(readNumber(written)).toBeNaN();
});
