import { afterEach, beforeEach, expect, it } from 'vitest';
import { listBowls } from '../services/bowls';
import { listHeads } from '../services/heads';
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
  expect(items).toHaveLength(4);
  for (const { keptAt } of items) expect(keptAt < house.home.clock.now()).toBe(true);
  expect(items[0]?.keptAt.slice(0, 10)).toBe('2026-03-12');
});
