// @vitest-environment happy-dom
import type { Bowl, BowlLife, Wearing } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { lognormal } from '@amber-ladle/core/statistic';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { computed, ref, shallowRef } from 'vue';
import { ApiError, call } from '../data/client';
import { withHeld } from '../data/heldLife';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { GUEST } from '../head';
import { useWearing, type WearingOnScreen } from './useWearing';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const RICE = BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')!;
const { limitMinutes, aimMinutes } = RICE.wear;
const NOW = Date.parse('2026-03-14T09:30:00Z');
const half = { total: lognormal(100, 0.3) };
type Told = Wearing & { headId: string; secondsAgo?: number };
const told: Told[] = [];
let refusal: Error | undefined;
const bowl = shallowRef<Bowl>();
const headId = ref<string>();
let wearing: WearingOnScreen;
let leave: () => void;

const lifeOf = (): BowlLife => {
  const life = bowl.value?.life;
  if (!life) throw new Error('No bowl.');
  return life;
};
/** Everything pressed has been told, and answered. */
const settled = async (): Promise<void> => {
  await vi.advanceTimersByTimeAsync(50);
  await flushPromises();
};
const pass = async (minutes: number): Promise<void> => {
  await vi.advanceTimersByTimeAsync(minutes * 60_000);
};
beforeEach(async () => {
  vi.useFakeTimers({ now: NOW });
  told.length = 0;
  refusal = undefined;
  headId.value = undefined;
  localStorage.clear();
  sessionStorage.clear();
  forget();
  setActivePinia(createPinia());
  know({ heads: [], masks: BUILT_IN_MASKS, lots: [] });
  bowl.value = {
    id: 'bowl',
    snapshot: {
      head: { ...GUEST, id: 'wren', name: 'Wren' },
      others: [{ ...GUEST, id: 'teasel', name: 'Teasel' }],
      mask: RICE,
      sized: { demand: half, others: [half], onHeadMillilitres: 200 },
    },
    life: { wearing: {} },
  } as unknown as Bowl;
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint.method === 'GET') return new Promise(() => undefined);
    const { body } = wish as { body: Told };
    told.push(body);
    if (refusal) return Promise.reject(refusal);
    // As the server has it: each press at its moment.
    const pressedAt = Date.now() - (body.secondsAgo ?? 0) * 1000;
    return Promise.resolve(
      withHeld(lifeOf(), [{ kind: 'wear', pressId: '', bowlId: 'bowl', pressedAt, body }]) as never,
    );
  });
  const kept = { bowl: computed(() => bowl.value), know: (now: Bowl): void => void (bowl.value = now) };
  ({ there: wearing, leave } = inPage(() => useWearing(kept, headId)));
  await settled();
});
afterEach(() => {
  leave();
  vi.useRealTimers();
});
/** All sections of the head that is shown, then the cap. */
async function coatAll(): Promise<void> {
  while (wearing.next.value) {
    wearing.forward();
    await settled();
  }
  wearing.forward();
  await settled();
}

it('shares the bowl among its heads, and a head’s share among its sections', () => {
  expect(wearing.heads.value.map(({ name, millilitres }) => [name, Math.round(millilitres)])).toEqual([
    ['Wren', 100],
    ['Teasel', 100],
  ]);
  expect(wearing.amounts.value.reduce((sum, { millilitres }) => sum + millilitres, 0)).toBeCloseTo(100, 6);
  headId.value = 'teasel';
  expect(wearing.head.value?.name).toBe('Teasel');
  headId.value = 'nobody';
  expect(wearing.head.value?.name).toBe('Wren');
});

it('goes on section by section, then the cap, then the rinse once it has been on long enough; and one back each time', async () => {
  const [first, second] = wearing.amounts.value;
  wearing.forward();
  await settled();
  wearing.forward();
  await settled();
  expect(wearing.doneIds.value).toEqual([first?.id, second?.id]);
  wearing.back();
  await settled();
  expect(wearing.doneIds.value).toEqual([first?.id]);
  await coatAll();
  expect(wearing.state.value?.phase).toBe('early');
  // Pressed too early, nothing happens: a wet hand rinses nothing by mistake.
  wearing.forward();
  await settled();
  expect(wearing.isRinsed.value).toBe(false);
  wearing.back();
  await settled();
  expect(told.at(-1)).toMatchObject({ isCapOn: false });
  wearing.forward();
  await settled();
  await pass(aimMinutes);
  wearing.forward();
  await settled();
  expect(wearing.isRinsed.value).toBe(true);
  expect(wearing.isAllRinsed.value).toBe(false);
  expect(told.every((press) => press.headId === 'wren')).toBe(true);
});

it('says where it is in its time by instants alone', async () => {
  await coatAll();
  await pass(limitMinutes - 1);
  expect(wearing.state.value?.phase).not.toBe('over');
  await pass(2);
  expect(wearing.state.value?.phase).toBe('over');
});

it('reckons how it will last from what is left at that section, and forgets it with the next', async () => {
  for (let coated = 0; coated < 3; coated++) wearing.forward();
  await settled();
  expect(wearing.pace.value).toBeUndefined();
  await wearing.seeLeft(0.1);
  expect(wearing.leftShare.value).toBe(0.1);
  expect(wearing.pace.value).toBeDefined();
  wearing.forward();
  await settled();
  expect(wearing.leftShare.value).toBeUndefined();
});

it('asks why where the cap was refused, and sends the reason with the next try', async () => {
  refusal = new ApiError({ title: 'Past its time.', status: 409, fields: { decision: 'Say why.' } } as never);
  await wearing.capOn();
  expect(wearing.needsDecision.value).toBe(true);
  expect(useNotice().current?.text).toMatch(/Past its time/);
  refusal = undefined;
  wearing.decision.value = '  smelt it, still fine ';
  await wearing.capOn();
  expect(told.at(-1)).toMatchObject({ isCapOn: true, decision: 'smelt it, still fine' });
  expect(wearing.needsDecision.value).toBe(false);
  // Two letters are no reason.
  wearing.decision.value = ' ok';
  await wearing.capOn();
  expect(told.at(-1)?.decision).toBeUndefined();
});

it('moves a rinse that is told late to when it was, no further back than it was on', async () => {
  await coatAll();
  await pass(22);
  await wearing.rinsed('uncomfortable' as never);
  await settled();
  expect(wearing.earlier.value).toEqual([5, 15]);
  await Promise.all([wearing.rinsedEarlier(15), pass(1)]);
  await settled();
  const { rinsedAt, rinsedWhy } = lifeOf().wearing['wren'] ?? {};
  expect((Date.now() - Date.parse(rinsedAt ?? '')) / 60_000).toBeCloseTo(16, 0);
  expect(rinsedWhy).toBe('uncomfortable');
});

it('notes what still feels coated under the water, and takes it back', async () => {
  const id = wearing.amounts.value[0]?.id ?? '';
  await wearing.feel(id);
  expect(wearing.coated.value).toEqual([id]);
  await wearing.feel(id);
  expect(wearing.coated.value).toEqual([]);
});

it('counts in what comes to it later for what was left', async () => {
  know({ heads: [{ ...GUEST, id: 'pip', name: 'Pip' }] });
  bowl.value = {
    ...bowl.value!,
    life: { wearing: { pip: { sectionsDone: [] } }, leftOver: { millilitres: 40 } } as unknown as BowlLife,
  };
  await settled();
  expect(wearing.heads.value.map(({ name, millilitres }) => [name, Math.round(millilitres)])).toEqual([
    ['Wren', 100],
    ['Teasel', 100],
    ['Pip', 40],
  ]);
});
