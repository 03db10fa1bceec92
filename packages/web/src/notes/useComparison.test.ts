import type { JudgedBowl, Said } from '@amber-ladle/core/learn';
import { beforeEach, expect, it } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useComparison } from './useComparison';

const NAMES: Record<string, string> = { rice: 'Rice silk', oat: 'Oat ease', pear: 'Pear softener' };
const bowl = (maskId: string, day: number, said: Said, changes: JudgedBowl['changes'] = []): JudgedBowl => ({
  maskId,
  at: new Date(Date.UTC(2026, 0, day, 18)).toISOString(),
  said,
  changes,
});
const judged = ref<readonly JudgedBowl[]>([]);
let compared: ReturnType<typeof useComparison>;
beforeEach(() => {
  judged.value = [];
  compared = effectScope().run(() => useComparison(judged, (id) => NAMES[id] ?? id)) as typeof compared;
});
const GOOD: Said = { soft: 3, shine: 3 };
const MIDDLING: Said = { soft: 2, shine: 2 };
/** Rice comes out two or three points of four better than oat, time after time. */
const weeks = (count: number, changes: JudgedBowl['changes'] = []): JudgedBowl[] =>
  Array.from({ length: count }, (_, week) => [
    bowl('rice', 1 + 14 * week, GOOD, changes),
    bowl('oat', 4 + 14 * week, week % 2 === 0 ? MIDDLING : { soft: 2, shine: 1 }),
  ]).flat();

it('offers nothing until two masks were worn near each other', () => {
  judged.value = [bowl('rice', 1, GOOD), bowl('oat', 120, MIDDLING)];
  expect(compared.offered.value).toEqual([]);
  expect(compared.answer.value).toBe('');
});

it('begins with the two of which there are most pairs, and says too few while they are', async () => {
  judged.value = [...weeks(2), bowl('pear', 5, GOOD)];
  await nextTick();
  expect([compared.first.value, compared.second.value].sort()).toEqual(['oat', 'rice']);
  expect(compared.firsts.value.map(({ title }) => title).sort()).toEqual(Object.values(NAMES).sort());
  expect(compared.answer.value).toMatch(/too few to say which/);
});

it('tells it from the side of the better one, whichever is named first', async () => {
  judged.value = weeks(5);
  await nextTick();
  for (const [first, second] of [
    ['rice', 'oat'],
    ['oat', 'rice'],
  ]) {
    compared.first.value = first;
    compared.second.value = second;
    expect(compared.answer.value).toMatch(/^Rice silk came out better by 2\.[0-9] points of 4 \(/);
    expect(compared.answer.value).not.toMatch(/[-−]\d/);
  }
});

it('names what else had changed, and how often', async () => {
  judged.value = weeks(4, ['weather']);
  await nextTick();
  expect(compared.answer.value).toMatch(/Also changed: .+ \(4×\)\.$/);
});

it('takes another to stand against it where the first is changed to one that never met the second', async () => {
  judged.value = [...weeks(3), bowl('pear', 5, GOOD)];
  await nextTick();
  compared.first.value = 'pear';
  await nextTick();
  expect(compared.others.value.map(({ value }) => value)).toContain(compared.second.value);
  expect(compared.second.value).not.toBe('pear');
});
