// @vitest-environment happy-dom
import type { MaskInput } from '@amber-ladle/contract';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { call } from '../data/client';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { GUEST } from '../head';
import { useHandOver } from '../mask';
import { useKeepPasted } from './useKeepPasted';
import { usePastedMask, type PastedMask } from './usePastedMask';

const push = vi.fn();
vi.mock('vue-router', async (original) => ({ ...(await original<object>()), useRouter: () => ({ push }) }));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

interface Sent {
  readonly what: string;
  readonly body: unknown;
}
const sent: Sent[] = [];
let refusal: Error | undefined;
const whole = ref<MaskInput>();
let pasted: PastedMask;
let keeping: ReturnType<typeof useKeepPasted>;
let leave: () => void;
beforeEach(async () => {
  sent.length = 0;
  refusal = undefined;
  whole.value = undefined;
  push.mockReset();
  sessionStorage.clear();
  forget();
  setActivePinia(createPinia());
  know({ heads: [{ ...GUEST, id: 'wren', name: 'Wren' }], masks: BUILT_IN_MASKS });
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint.path.startsWith('/masks') && endpoint.method === 'GET') return Promise.resolve([] as never);
    if (endpoint.path.startsWith('/ingredients') && endpoint.method === 'GET') return Promise.resolve([] as never);
    if (endpoint.method === 'GET') return new Promise(() => undefined);
    const { body, params } = wish as { body?: { name?: string }; params?: Record<string, string> };
    sent.push({ what: [endpoint.method, endpoint.path, params?.['headId'] ?? ''].join(' ').trim(), body });
    if (refusal) return Promise.reject(refusal);
    return Promise.resolve({ id: 'kept', version: 1, name: body?.name ?? '' } as never);
  });
  pasted = usePastedMask();
  ({ there: keeping, leave } = inPage(() => useKeepPasted(pasted, whole)));
  pasted.clear();
  pasted.text.value = 'Harbour\n1 cup yogurt\n1 tbsp honey';
  await flushPromises();
});
afterEach(() => {
  leave();
});

it('puts the mask into the book, empties the page, and leads to the bowl of whoever makes it so', async () => {
  keeping.headId.value = 'wren';
  await keeping.keep();
  expect(sent).toEqual([{ what: 'POST /masks', body: expect.objectContaining({ name: 'Harbour' }) as object }]);
  expect(pasted.text.value).toBe('');
  expect(push).toHaveBeenCalledWith({ name: 'bowl', query: { mask: 'kept', head: 'wren' } });
  expect(useNotice().current?.text).toMatch(/Harbour/);
});

it('tells how it came out, for the first head where nobody was named', async () => {
  keeping.outcome.value = 'half-left';
  await keeping.keep();
  expect(sent[1]).toMatchObject({ body: { outcome: 'half-left' } });
  expect(sent[1]?.what).toMatch(/wren$/);
});

it('keeps a mask that came whole as it is, and tells nothing of it', async () => {
  whole.value = { ...pasted.input(), name: 'Whole' };
  keeping.outcome.value = 'half-left';
  await keeping.keep();
  expect(sent.map(({ what }) => what)).toEqual(['POST /masks']);
  expect(sent[0]?.body).toMatchObject({ name: 'Whole' });
});

it('loses nothing where the server cannot take it', async () => {
  refusal = new Error('The server is away.');
  await keeping.keep();
  expect(pasted.text.value).toMatch(/Harbour/);
  expect(keeping.isKeeping.value).toBe(false);
  expect(push).not.toHaveBeenCalled();
});

it('hands it over to be changed by hand, with what is still to be asked', async () => {
  pasted.text.value += '\n1 cup babassu milk';
  await flushPromises();
  expect(useHandOver().hasDraft.value).toBe(false);
  keeping.byHand(true);
  await flushPromises();
  expect(useHandOver().hasDraft.value).toBe(true);
  expect(pasted.text.value).toBe('');
  expect(push).toHaveBeenCalledWith({ name: 'mask-new' });
});

it('throws away what was pasted and what came whole', () => {
  whole.value = pasted.input();
  keeping.throwAway();
  expect([whole.value, pasted.text.value]).toEqual([undefined, '']);
});
