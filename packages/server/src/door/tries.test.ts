import { expect, it } from 'vitest';
import { Tries } from './tries';

it('lets a guesser try no more than a few hundred codes in a day', () => {
  let now = 0;
  const tries = new Tries(() => now);
  let looked = 0;
  for (; now < 24 * 3600_000; now += 1000) if (tries.begin()) looked++;
  // Of 22⁸ codes, and each is thrown away after ten.
  expect(looked).toBeLessThan(300);
  expect(looked).toBeGreaterThan(100);
});

it('forgives a slip, and forgets what was wrong once something was right', () => {
  const tries = new Tries(() => 0);
  expect([tries.begin(), tries.begin(), tries.begin(), tries.begin(), tries.begin()]).toEqual([
    true,
    true,
    true,
    true,
    false,
  ]);
  tries.forget();
  expect(tries.begin()).toBe(true);
  expect(tries.wrong).toBe(1);
});
