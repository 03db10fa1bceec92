import { afterEach, beforeEach, expect, it } from 'vitest';
import { listBowls } from '../bowl';
import { factorBand, learnFactor } from '@amber-ladle/core/learn';
import { listHeads } from '../head';
import { readLearning } from '../notes';
import { testHouse, type TestHouse } from '../testing';
import { seedDemo } from './seed';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());

it('fills an empty household once, with dates before the present', async () => {
  await seedDemo(house.home);
  await seedDemo(house.home);
  expect((await listHeads(house.home)).map(({ name }) => name)).toEqual(['Isaura', 'Pip', 'Teo']);
  const { items } = await listBowls(house.home, 0, 20);
  expect(items).toHaveLength(13);
  for (const { keptAt } of items) expect(keptAt < house.home.clock.now()).toBe(true);
  expect(items[0]?.keptAt.slice(0, 10)).toBe('2026-03-12');
});

it.each(['2026-11-30T23:25:00.000Z', '2026-11-30T00:05:00.000Z'])('begins as well around midnight: %s', async (at) => {
  house.home.clock.set(at);
  await seedDemo(house.home);
  expect((await listBowls(house.home, 0, 20)).items).toHaveLength(13);
});

it('has bowls that taught: Isaura takes less than the model expects, Pip more, and the app can say how sure it is', async () => {
  await seedDemo(house.home);
  const { heads } = await readLearning(house.home);
  const named = new Map((await listHeads(house.home)).map(({ name, id }) => [name, id]));
  const band = (name: string) => {
    const { evidence } = heads[named.get(name) ?? ''] ?? { evidence: [] };
    return factorBand(learnFactor(evidence, { amount: 'ponytail', now: Date.parse(house.home.clock.now()) }));
  };
  expect(heads[named.get('Isaura') ?? '']?.evidence).toHaveLength(6);
  expect(band('Isaura').high).toBeLessThan(1);
  expect(band('Pip').median).toBeGreaterThan(1);
});
