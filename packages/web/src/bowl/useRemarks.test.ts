// @vitest-environment happy-dom
import { bareHouse, NO_CHOICES, sizing } from '@amber-ladle/core/house';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import type { BowlChoices } from '@amber-ladle/contract';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { computed, ref } from 'vue';
import { GUEST } from '../head';
import { useRemarks } from './useRemarks';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
beforeEach(() => {
  setActivePinia(createPinia());
});

const HOUSE = bareHouse(SPOON_SETS.us, Date.parse('2026-03-14T09:30:00Z'));
const AVOCADO: Mask = BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado') ?? expect.fail('no such mask');
/** The remarks about a bowl that is sized in earnest, with what is changed about it. */
function remarks(choices: Partial<BowlChoices>, change: object = {}, of: Mask = AVOCADO): string[] {
  const said = { ...NO_CHOICES, ...choices };
  const bowl = { ...sizing(HOUSE, { heads: [GUEST], mask: of, choices: said }).bowl, ...change };
  return useRemarks({
    bowl: computed(() => bowl),
    mask: computed(() => of),
    choices: ref(said),
  }).value;
}
const usual = sizing(HOUSE, { heads: [GUEST], mask: AVOCADO, choices: NO_CHOICES }).bowl;

it('says nothing about a bowl that is as it was asked for', () => {
  expect(remarks({}, { texture: { ...usual.texture, texture: AVOCADO.texture } })).toEqual([]);
});

it('says why there is more than is needed, but not where one thing is all there is', () => {
  const locked = { lockedGrams: { yogurt: 400 } };
  expect(remarks(locked).join(' ')).toMatch(/that much plain yogurt is fixed/);
  expect(remarks({ ...locked, aroundId: 'yogurt' }).join(' ')).not.toMatch(/is fixed/);
});

it('says that a bowl comes out otherwise than it is meant, except oil, which is what it is', () => {
  const runny = { texture: { ...usual.texture, texture: 'runny' } };
  expect(remarks({}, runny)).toEqual([`Comes out runny rather than ${AVOCADO.texture}.`]);
  expect(remarks({}, runny, { ...AVOCADO, texture: 'oil' })).toEqual([]);
});

it('says what was not kept to, and what was not looked for to the end', () => {
  const texture = { ...usual.texture, texture: AVOCADO.texture };
  const [cap = expect.fail('no mask has a limit')] = BUILT_IN_MASKS.flatMap(
    (mask) => sizing(HOUSE, { heads: [GUEST], mask, choices: NO_CHOICES }).bowl.caps,
  );
  expect(remarks({}, { texture, outOfTolerance: ['honey'] })[0]).toMatch(/keep the formula/);
  expect(remarks({}, { texture, gap: 0.2 })[0]).toMatch(/slightly closer bowl/);
  expect(remarks({}, { texture, brokenCaps: [cap] })[0]).toMatch(/^Over a limit: ./);
});
