// @vitest-environment happy-dom
import type { Head, HeadInput } from '@amber-ladle/contract';
import { scalpAreaAtAge } from '@amber-ladle/core/hair';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { ApiError, call } from '../data/client';
import { useNotice } from '../data/notice';
import { forget, inPage, know } from '../data/testing';
import { GUEST, newHead } from './newHead';
import { useHeadForm } from './useHeadForm';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const wren: Head = { ...GUEST, id: 'wren', name: 'Wren', version: 3 };
const sent: { method: string; body: HeadInput & { version?: number } }[] = [];
const onSaved = vi.fn();
const id = ref('wren');
let heads: Head[];
let refusal: Error | undefined;
let form: ReturnType<typeof useHeadForm>;
let leave: () => void;

function open(whose: string): void {
  id.value = whose;
  ({ there: form, leave } = inPage(() => useHeadForm(id, onSaved)));
}
/** As on another device. */
async function become(head: Head): Promise<void> {
  heads = [head];
  know({ heads });
  await flushPromises();
}
const savedAs = async (): Promise<HeadInput & { version?: number }> => {
  const before = sent.length;
  await form.save();
  await vi.waitFor(() => {
    expect(sent.length).toBe(before + 1);
    expect(form.isSaving.value).toBe(false);
  });
  const last = sent.at(-1);
  if (!last) throw new Error('Nothing was sent.');
  return last.body;
};
beforeEach(() => {
  sent.length = 0;
  heads = [wren];
  refusal = undefined;
  onSaved.mockReset();
  forget();
  setActivePinia(createPinia());
  know({ heads });
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (endpoint.path === '/heads' && endpoint.method === 'GET') return Promise.resolve(heads as never);
    if (!endpoint.path.startsWith('/heads') || endpoint.method === 'GET') return new Promise(() => undefined);
    const { body } = wish as { body: HeadInput & { version?: number } };
    sent.push({ method: endpoint.method, body });
    if (refusal) return Promise.reject(refusal);
    return Promise.resolve({ ...wren, ...body, version: (body.version ?? 0) + 1 } as never);
  });
});
afterEach(() => {
  leave();
});

it('writes down a new head as it was filled in, and says that it is new', async () => {
  open('new');
  form.name.value = 'Teasel';
  form.profile.value = { ...form.profile.value, stretchedLengthCentimetres: 61 };
  form.sensitiveSkin.value = true;
  const body = await savedAs();
  expect(body).toMatchObject({ name: 'Teasel', sensitiveSkin: true, profile: { stretchedLengthCentimetres: 61 } });
  expect(body.version).toBeUndefined();
  expect(onSaved).toHaveBeenCalledWith(expect.objectContaining({ name: 'Teasel' }), true);
});

it('changes one over the row that was read, and the next time over what came of it', async () => {
  open('wren');
  form.note.value = 'parts on the left';
  expect(await savedAs()).toMatchObject({ name: 'Wren', note: 'parts on the left', version: 3 });
  expect(onSaved).toHaveBeenCalledWith(expect.objectContaining({ version: 4 }), false);
  form.note.value = 'parts on the right';
  expect(await savedAs()).toMatchObject({ version: 4 });
});

it('sends nothing that the contract does not take, and says what is wrong at the field and at the foot', async () => {
  open('wren');
  form.name.value = '';
  await form.save();
  await flushPromises();
  expect(sent).toEqual([]);
  expect(form.errors.value.name).toBeTruthy();
  expect(useNotice().current?.text).toBe(form.errors.value.name);
  expect(onSaved).not.toHaveBeenCalled();
});

it('keeps what is typed when another device changes the head, and lets the server tell by the row it was typed over', async () => {
  open('wren');
  form.note.value = 'mine';
  await become({ ...wren, note: 'theirs', version: 4 });
  expect(form.note.value).toBe('mine');
  expect((await savedAs()).version).toBe(3);
});

it('shows what another device changed while nothing was typed, and another head when it is asked for', async () => {
  open('wren');
  await become({ ...wren, note: 'theirs', version: 4 });
  expect(form.note.value).toBe('theirs');
  form.note.value = 'half a sentence';
  id.value = 'new';
  await flushPromises();
  expect(form.note.value).toBe(newHead().note);
});

it('makes the scalp smaller for a child, until somebody says how large it is', async () => {
  open('new');
  form.ageYears.value = 6;
  await flushPromises();
  expect(form.profile.value.scalpAreaSquareCentimetres).toBe(Math.round(scalpAreaAtAge(6)));
  expect(form.profile.value.scalpAreaSquareCentimetres).toBeLessThan(newHead().profile.scalpAreaSquareCentimetres);
  form.profile.value = { ...form.profile.value, scalpAreaSquareCentimetres: 500 };
  form.ageYears.value = 9;
  await flushPromises();
  expect(form.profile.value.scalpAreaSquareCentimetres).toBe(500);
});

it('shows at its field what the server had to say, and loses nothing', async () => {
  open('wren');
  refusal = new ApiError({ title: 'No.', status: 422, fields: { name: 'There is a Wren already.' } } as never);
  form.note.value = 'kept';
  await savedAs();
  expect(form.errors.value.name).toBe('There is a Wren already.');
  expect(form.note.value).toBe('kept');
  expect(onSaved).not.toHaveBeenCalled();
});
