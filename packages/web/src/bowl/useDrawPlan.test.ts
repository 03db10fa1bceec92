// @vitest-environment happy-dom
import type { KeptPlace } from '@amber-ladle/contract';
import type { Lot } from '@amber-ladle/core/shelf';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { ref, shallowRef } from 'vue';
import { useHousehold } from '../data/household';
import { forget, inPage, know } from '../data/testing';
import { useDrawPlan, type BowlLines, type DrawPlan } from './useDrawPlan';

vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/client', async (original) => ({
  ...(await original<object>()),
  call: () => new Promise(() => undefined),
}));

const NOW = Date.parse('2026-03-14T09:30:00Z');
const DAY = 86_400_000;
const PLACES = [
  { id: 'counter', name: 'Counter', kind: 'counter', celsius: 20, version: 1 },
  { id: 'fridge', name: 'Fridge', kind: 'fridge', celsius: 4, version: 1 },
  { id: 'bag', name: 'Paper bag', kind: 'bag', celsius: 20, version: 1 },
] as const satisfies readonly KeptPlace[];
const SINCE = '2026-03-13T09:00:00.000Z';
const lotOf = (id: string, ingredientId: string, grams: number, placeId: string, change: Partial<Lot> = {}): Lot => ({
  ...{ id, ingredientId, state: 'whole', since: SINCE, grams, label: '' },
  ...{ stays: [{ placeId, from: SINCE }], touches: [] },
  ...change,
});
const AVOCADOS = lotOf('avocados', 'avocado', 300, 'counter', {
  pieceGrams: 150,
  touches: [{ at: SINCE, stage: 'unripe' }],
});
const YOGURT = lotOf('yogurt', 'yogurt', 80, 'fridge');

const bowl = shallowRef<BowlLines>();
const at = ref(NOW);
const line = (ingredientId: string, grams: number, measuredBy = 'weight') => ({ ingredientId, grams, measuredBy });

let draw: DrawPlan;
let leave: () => void;
beforeEach(async () => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  forget();
  setActivePinia(createPinia());
  at.value = NOW;
  bowl.value = { lines: [line('avocado', 100), line('yogurt', 120), line('water', 50), line('honey', 3, 'drop')] };
  ({ there: draw, leave } = inPage(() => useDrawPlan(bowl, at, ref({}))));
  know({ lots: [AVOCADOS, YOGURT], places: PLACES });
  await flushPromises();
  const household = useHousehold();
  household.moment = NOW;
  household.climate = { ...household.climate, places: PLACES };
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});

describe('where a bowl comes from', () => {
  it('is the shelf as far as it goes, and the shop for the rest; nothing for tap water and drops', () => {
    expect(draw.plan.value.map(({ ingredientId }) => ingredientId)).toEqual(['avocado', 'yogurt']);
    expect([...draw.drawn.value].sort()).toEqual(['avocado', 'yogurt']);
    expect(draw.hasAny.value).toBe(true);
    const yogurt = draw.sourceWords('yogurt');
    expect(yogurt.isShort).toBe(true);
    expect(yogurt.words).toMatch(/80 g.*Fridge.*40 g/s);
    expect(draw.sourceWords('avocado')).toMatchObject({ isShort: false });
    expect(draw.sourceWords('water')).toEqual({ words: '', isShort: false });
  });

  it('names what stays of a piece that is cut, and the place that it is taken from', () => {
    const [avocado] = draw.plan.value;
    const words = draw.takeWords(avocado!.takes[0]!);
    expect(words).toMatch(/avocado/);
    expect(words).toContain('Counter');
    expect(words).toMatch(/\d+ g/);
    expect(draw.takeWords({ ...avocado!.takes[0]!, lotId: 'eaten meanwhile' })).toBe('');
  });

  it('is another lot, or the shop, for what is crossed out, until it is allowed again', () => {
    draw.cross('yogurt');
    expect(draw.crossedLots.value.map(({ lot }) => lot.id)).toEqual(['yogurt']);
    expect(draw.drawn.value.has('yogurt')).toBe(false);
    expect(draw.sourceWords('yogurt').words).toMatch(/120 g/);
    draw.allow('yogurt');
    expect(draw.drawn.value.has('yogurt')).toBe(true);
    draw.cross('yogurt');
    draw.cross('avocados');
    expect(draw.hasAny.value).toBe(false);
    draw.allowAll();
    expect(draw.crossedLots.value).toEqual([]);
  });

  it('says how ripe fruit will be by then, and that a bag would help where it will not be', () => {
    expect(draw.sourceWords('avocado').words).toContain('not ripe yet (hard)');
    at.value = NOW + 2 * DAY;
    expect(draw.sourceWords('avocado').words).toMatch(
      /nearly ready by then; in the paper bag from tonight it will be ready/,
    );
    at.value = NOW + 6 * DAY;
    expect(draw.sourceWords('avocado').words).not.toMatch(/bag|hard/);
  });

  it('is nowhere before the shelf is known', () => {
    leave();
    forget();
    setActivePinia(createPinia());
    ({ there: draw, leave } = inPage(() => useDrawPlan(bowl, at, ref({}))));
    expect(draw.plan.value).toEqual([]);
    expect(draw.hasAny.value).toBe(false);
  });
});

describe('what is taken', () => {
  it('moves stock, with what stays of a piece as a lot of its own', () => {
    const change = draw.changeOf(draw.plan.value, 'For a bowl')!;
    expect(change.note).toBe('For a bowl');
    const moved = change.movements.map(({ lotId, grams }) => [lotId, Math.round(grams)]);
    expect(moved).toContainEqual(['yogurt', -80]);
    expect(change.movements.some(({ lotId, grams }) => lotId === 'avocados' && grams < 0)).toBe(true);
    // Whoever asks twice asks for two things.
    expect(draw.changeOf(draw.plan.value, 'For a bowl')!.id).not.toBe(change.id);
  });

  it('is nothing to tell where nothing is left ticked', () => {
    expect(draw.changeOf([], 'For a bowl')).toBeUndefined();
  });
});
