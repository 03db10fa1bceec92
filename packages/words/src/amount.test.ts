import { expect, it } from 'vitest';
import { nounFor } from './amount';

it('counts one and less as one thing, and more, or what is not counted yet, as several', () => {
  const avocado = { noun: 'avocado', nouns: 'avocados' };
  const counted = [0.5, 1, 1.25, 2, undefined].map((count) => nounFor(count, avocado));
  expect(counted).toEqual(['avocado', 'avocado', 'avocados', 'avocados', 'avocados']);
  expect(nounFor(2, {})).toBe('');
});
