import { ENDPOINTS } from '@amber-ladle/contract';
import { expect, it } from 'vitest';
import { countdown, deedWords } from './door';

it('has words for everything that a device can change', () => {
  const changes = ENDPOINTS.filter(({ method }) => method !== 'GET');
  expect(changes.filter((one) => deedWords(one) === 'something').map(({ path }) => path)).toEqual([]);
  expect(deedWords({ path: '/bowls/:id/wear' })).toBe('a mask on a head');
  expect(deedWords({ path: '/bowls/:id/draw' })).toBe('a bowl');
});

it('counts down', () => {
  expect([0, 59, 60, 125, 600].map(countdown)).toEqual(['0:00', '0:59', '1:00', '2:05', '10:00']);
});
