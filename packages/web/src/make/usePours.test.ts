// @vitest-environment happy-dom
import type { Bowl, WashDay } from '@amber-ladle/contract';
import { sizing as sizeIn, bareHouse, NO_CHOICES, refitted, type RecordedBowl } from '@amber-ladle/core/house';
import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { message } from '@amber-ladle/core/message';
import { aProfile } from '@amber-ladle/core/testing';
import { step, type DayEvent, type PlanStep } from '@amber-ladle/core/washday';
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { inPage } from '../data/testing';
import { usePours } from './usePours';

const refits: Readonly<Record<string, number>>[] = [];
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    refit: (record: RecordedBowl, poured: Readonly<Record<string, number>>) => {
      refits.push(poured);
      return Promise.resolve(refitted(record, poured));
    },
  }),
}));

const AVOCADO = BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado')!;
const head = { id: 'wren', ageYears: 34, sensitiveSkin: false, profile: aProfile() };
const { mask, bowl: sized } = sizeIn(bareHouse(SPOON_SETS.us, 0), {
  heads: [head],
  mask: AVOCADO,
  choices: NO_CHOICES,
});
const IDS = sized.lines.map(({ ingredientId }) => ingredientId);
const gramsOf = (id: string): number => sized.lines.find(({ ingredientId }) => ingredientId === id)!.grams;
const bowl = shallowRef<Bowl>();
const day = shallowRef<WashDay>();
const now = shallowRef<PlanStep>();
const catalogue = shallowRef(CATALOGUE);

const FIRST = step({ id: 'mash', kind: 'mix', title: message('cap.ratio'), ingredientIds: IDS.slice(0, 1) });
const REST = step({ id: 'stir', kind: 'mix', title: message('cap.ratio'), ingredientIds: IDS.slice(1) });
const poured = (stepId: string, ingredientId: string, grams: number): DayEvent =>
  ({
    ...{ id: `${stepId} ${ingredientId}`, pressId: `${stepId} ${ingredientId}`, at: '2026-03-14T09:31:00.000Z' },
    ...{ kind: 'weigh', stepId, ingredientId, grams },
  }) as unknown as DayEvent;
const dayWith = (...events: DayEvent[]): WashDay => ({ id: 'day', steps: [FIRST, REST], events }) as unknown as WashDay;

let pours: ReturnType<typeof usePours>;
let leave: () => void;
beforeEach(() => {
  refits.length = 0;
  bowl.value = {
    snapshot: {
      ...{ head, others: [], mask, choices: NO_CHOICES, spoons: SPOON_SETS.us, sized },
      ingredients: IDS.map((id) => ingredientById(CATALOGUE, id)),
    },
  } as unknown as Bowl;
  [day.value, now.value] = [dayWith(), FIRST];
  ({ there: pours, leave } = inPage(() => usePours(bowl, catalogue, day, now)));
});
afterEach(() => {
  leave();
});

it('shows what goes in now with its target, and nothing of the other steps', () => {
  expect(pours.rows.value.map(({ ingredientId }) => ingredientId)).toEqual(IDS.slice(0, 1));
  const [row] = pours.rows.value;
  expect(row).toMatchObject({ targetGrams: gramsOf(IDS[0]!), isIn: false });
  expect(row?.amount).not.toBe('');
  expect(pours.next.value?.ingredientId).toBe(IDS[0]);
  now.value = REST;
  expect(pours.rows.value.map(({ ingredientId }) => ingredientId)).toEqual(IDS.slice(1));
});

it('takes what came near enough as it was meant, and goes on to the next', async () => {
  now.value = REST;
  day.value = dayWith(poured('stir', IDS[1]!, gramsOf(IDS[1]!) + 0.5));
  await flushPromises();
  expect(refits).toEqual([]);
  expect(pours.changes.value).toEqual([]);
  expect(pours.rows.value[0]?.isIn).toBe(true);
  expect(pours.next.value?.ingredientId).toBe(IDS[2]);
  expect(pours.madeMillilitres.value).toBe(sized.madeMillilitres);
});

it('fits what is still to come around a pour that went off, says what changed, and leaves alone what is in', async () => {
  const much = 1.5 * gramsOf(IDS[0]!);
  day.value = dayWith(poured('mash', IDS[0]!, much));
  now.value = REST;
  for (let turns = 0; turns < 3; turns++) await flushPromises();
  expect(refits.at(-1)?.[IDS[0]!]).toBeCloseTo(much, 6);
  expect(Object.keys(pours.off.value)).toEqual([IDS[0]]);
  expect(pours.madeMillilitres.value).toBeGreaterThan(1.2 * sized.madeMillilitres);
  expect(pours.changes.value.length).toBeGreaterThan(0);
  expect(pours.changes.value.map(({ ingredientId }) => ingredientId)).not.toContain(IDS[0]);
  for (const { ingredientId, toGrams, fromGrams } of pours.changes.value) {
    expect(fromGrams).toBe(gramsOf(ingredientId));
    expect(pours.rows.value.find((row) => row.ingredientId === ingredientId)?.targetGrams).toBe(toGrams);
  }
});

it('is the plan again once the pour is taken back', async () => {
  day.value = dayWith(poured('mash', IDS[0]!, 2 * gramsOf(IDS[0]!)));
  for (let turns = 0; turns < 3; turns++) await flushPromises();
  expect(pours.madeMillilitres.value).not.toBe(sized.madeMillilitres);
  day.value = dayWith();
  await flushPromises();
  expect([pours.madeMillilitres.value, pours.changes.value]).toEqual([sized.madeMillilitres, []]);
  bowl.value = undefined;
  expect([pours.rows.value, pours.madeMillilitres.value]).toEqual([[], 0]);
});
