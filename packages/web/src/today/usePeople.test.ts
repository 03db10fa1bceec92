// @vitest-environment happy-dom
import type { BowlSummary, Head } from '@amber-ladle/contract';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { usePeople } from './usePeople';

type Pair = { readonly head: Head; readonly mask: Mask };
/** What each head takes, by the name of the mask; what was asked waits until it is answered. */
const asked: (readonly Pair[])[] = [];
const answers: (() => void)[] = [];
const takesOf = ({ head, mask }: Pair): number => 10 * mask.name.length + (head.id === 'wren' ? 101.4 : 51.2);
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({
  sizing: () => ({
    live: () => undefined,
    usually: (pairs: readonly Pair[]) => {
      asked.push(pairs);
      return new Promise((resolve) =>
        answers.push(() => {
          resolve(pairs.map(takesOf));
        }),
      );
    },
  }),
}));

const head = (id: string): Head => ({ id, name: id, profile: {}, version: 1 }) as unknown as Head;
const bowl = (headId: string, maskId: string): BowlSummary =>
  ({ id: `${headId}-${maskId}`, headId, maskId }) as unknown as BowlSummary;
const [first, second, third] = BUILT_IN_MASKS.map(({ id }) => id);

let people: ReturnType<typeof usePeople>['people'];
let leave: () => void;
beforeEach(() => {
  asked.length = answers.length = 0;
  forget();
  setActivePinia(createPinia());
  vi.mocked(call).mockImplementation(() => new Promise(() => undefined));
  ({
    there: { people },
    leave,
  } = inPage(usePeople));
});
afterEach(() => {
  leave();
});
async function answered(): Promise<void> {
  await flushPromises();
  for (const answer of answers.splice(0)) answer();
  await flushPromises();
}

it('has everybody with the mask of her newest bowl, and who has none yet with the first of the book', async () => {
  know({
    heads: [head('wren'), head('teo')],
    masks: BUILT_IN_MASKS,
    bowls: [bowl('wren', second!), bowl('wren', third!)],
  });
  await flushPromises();
  expect(people.value.map(({ head: { id }, mask, isAgain }) => [id, mask?.id, isAgain])).toEqual([
    ['wren', second, true],
    ['teo', first, false],
  ]);
});

it('shows nobody a figure before it is known, and then each her own, as a kitchen tells it', async () => {
  know({ heads: [head('wren'), head('teo')], masks: BUILT_IN_MASKS, bowls: [bowl('wren', second!)] });
  await flushPromises();
  expect(people.value.every(({ takes }) => takes === undefined)).toBe(true);
  await answered();
  await answered();
  const told = people.value.map(({ takes }) => takes);
  const exact = people.value.map(({ head: one, mask }) => takesOf({ head: one, mask: mask! }));
  told.forEach((takes, i) => {
    expect(Math.abs(takes! - exact[i]!)).toBeLessThanOrEqual(5);
  });
  expect(told[0]).not.toBe(told[1]);
});

it('never shows what one mask takes beside the name of another', async () => {
  know({ heads: [head('wren')], masks: BUILT_IN_MASKS, bowls: [bowl('wren', second!)] });
  await answered();
  await answered();
  expect(people.value[0]?.takes).toBeGreaterThan(0);
  know({ bowls: [bowl('wren', third!), bowl('wren', second!)] });
  await flushPromises();
  expect(people.value[0]?.mask?.id).toBe(third);
  expect(people.value[0]?.takes).toBeUndefined();
  await answered();
  expect(asked.at(-1)?.[0]?.mask.id).toBe(third);
  expect(people.value[0]?.takes).toBeGreaterThan(0);
});
