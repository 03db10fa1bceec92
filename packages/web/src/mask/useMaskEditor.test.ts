// @vitest-environment happy-dom
import type { MaskInput } from '@amber-ladle/contract';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { ApiError, call } from '../data/client';
import { forget, inPage, know } from '../data/testing';
import { useHandOver, useMaskEditor, type MaskEditor } from './useMaskEditor';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
const never = () => new Promise(() => undefined);
vi.mock('../data/sizing', () => ({
  sizing: () => ({ live: () => undefined, review: never, size: never, slips: never }),
}));

const RICE = BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')!;
const sent: { path: string; body: MaskInput & { version?: number } }[] = [];
let refusal: Error | undefined;
let pages: (() => void)[] = [];

/** The page on which a mask is written. */
function open(key: string, from?: Mask, newName?: string): MaskEditor {
  const { there, leave } = inPage(() => useMaskEditor(key, ref(from), newName));
  pages.push(leave);
  return there;
}
async function write(editor: MaskEditor, ...lines: string[]): Promise<void> {
  await flushPromises();
  editor.set({ name: 'Lock gate' });
  for (const line of lines) editor.draft.add(line);
  await flushPromises();
}
beforeEach(() => {
  sent.length = 0;
  refusal = undefined;
  sessionStorage.clear();
  forget();
  setActivePinia(createPinia());
  know({ heads: [], masks: BUILT_IN_MASKS });
  vi.mocked(call).mockImplementation((endpoint, wish) => {
    if (!endpoint.path.startsWith('/masks') || endpoint.method === 'GET') return never();
    const { body } = wish as { body: MaskInput & { version?: number } };
    sent.push({ path: endpoint.path, body });
    return refusal ? Promise.reject(refusal) : Promise.resolve({ id: 'kept', version: 1, ...body } as never);
  });
});
afterEach(() => {
  for (const leave of pages) leave();
  pages = [];
});

it('begins a new mask with an empty line, which is no change yet', () => {
  const editor = open('new-');
  expect(editor.draft.rows.value).toHaveLength(1);
  expect(editor.mask.value).toBeUndefined();
  expect(editor.isTouched.value).toBe(false);
});

it('keeps what is typed through a reload, until it is thrown away', async () => {
  const first = open('new-');
  await write(first, '150 g yogurt', '2 tbsp honey');
  await flushPromises();
  const again = open('new-');
  expect(again.fields.value.name).toBe('Lock gate');
  expect(again.mask.value?.parts.map(({ ingredientId }) => ingredientId)).toEqual(['yogurt', 'honey']);
  again.startOver();
  await flushPromises();
  expect(open('new-').mask.value).toBeUndefined();
});

it('calls a new mask by the texture it is estimated to have, until its maker calls it something else', async () => {
  const editor = open('new-');
  await write(editor, '200 g water');
  await flushPromises();
  const thin = editor.fields.value.texture;
  editor.draft.add('300 g white clay');
  await flushPromises();
  const thick = editor.fields.value.texture;
  expect(thick).not.toBe(thin);
  editor.set({ texture: 'runny' });
  editor.draft.add('300 g white clay');
  await flushPromises();
  expect(editor.fields.value.texture).toBe('runny');
});

it('starts a version from the mask that is, under its name or another, and says so to the server', async () => {
  const editor = open('rice-silk', RICE, 'Rice, again');
  expect(editor.fields.value.name).toBe('Rice, again');
  expect(editor.mask.value?.parts.map(({ ingredientId }) => ingredientId)).toEqual(
    RICE.parts.map(({ ingredientId }) => ingredientId),
  );
  editor.mask.value?.parts.forEach(({ share }, i) => {
    expect(share).toBeCloseTo(RICE.parts[i]?.share ?? 0, 3);
  });
  void editor.save({ id: 'own', version: 4 }).catch(() => undefined);
  await flushPromises();
  expect(sent[0]).toMatchObject({ path: '/masks/:id', body: { name: 'Rice, again', version: 4 } });
});

it('leaves out a ratio once one of its two has left', async () => {
  const editor = open('new-');
  await write(editor, '100 g yogurt', '20 g honey');
  editor.set({ heldRatios: [{ ingredientId: 'honey', toIngredientId: 'yogurt', ratio: 0.2 } as never] });
  expect(editor.mask.value?.heldRatios).toHaveLength(1);
  const honey = editor.draft.rows.value.find(({ ingredientId }) => ingredientId === 'honey');
  editor.draft.remove(honey?.key ?? 0);
  expect(editor.mask.value?.heldRatios).toEqual([]);
});

it('is not sent while a line is open, nor where the contract does not take it', async () => {
  const editor = open('new-');
  await write(editor, '100 g yogurt');
  editor.draft.add('a glug of harbour', false);
  expect(await editor.save(undefined)).toBeUndefined();
  expect(editor.errors.value['parts']).toBeTruthy();
  const glug = editor.draft.rows.value.at(-1);
  editor.draft.remove(glug?.key ?? 0);
  editor.set({ name: '' });
  expect(await editor.save(undefined)).toBeUndefined();
  expect(editor.errors.value['name']).toBeTruthy();
  expect(sent).toEqual([]);
  // What is changed is no longer complained of.
  editor.set({ name: 'Quay' });
  expect(editor.errors.value).toEqual({});
});

it('says at its field what the server had to say, and keeps the draft', async () => {
  const editor = open('new-');
  await write(editor, '100 g yogurt');
  refusal = new ApiError({ title: 'No.', status: 409, fields: { name: 'There is one already.' } } as never);
  expect(await editor.save(undefined)).toBeUndefined();
  expect(editor.errors.value['name']).toBe('There is one already.');
  expect(editor.isTouched.value).toBe(true);
  refusal = new Error('The server is away.');
  await expect(editor.save(undefined)).rejects.toThrow(/away/);
  expect(editor.mask.value?.parts).toHaveLength(1);
});

it('makes egg cool and short where its ingredients ask for it', async () => {
  const editor = open('new-');
  await write(editor, '2 eggs', '20 g olive oil');
  editor.set({ heat: 'warm' as never });
  editor.tighten();
  expect(editor.fields.value.rinse.temperature).toBe('cool-to-lukewarm');
  expect(editor.fields.value.heat).not.toBe('warm');
});

it('takes a pasted mask in the place of what was being written, or puts it to that', async () => {
  const first = open('new-');
  await write(first, '100 g yogurt');
  await flushPromises();
  const handed = {
    fields: { ...first.fields.value, name: 'Pasted' },
    parts: RICE.parts,
    read: [],
    open: ['a glug of harbour'],
  };
  useHandOver().give(handed, false);
  await flushPromises();
  const both = open('new-');
  expect(both.fields.value.name).toBe('Lock gate');
  expect(both.draft.written.value).toHaveLength(1 + RICE.parts.length + 1);
  expect(new Set(both.draft.rows.value.map(({ key }) => key)).size).toBe(both.draft.rows.value.length);
  expect(both.draft.open.value.map(({ text }) => text)).toEqual(['a glug of harbour']);
  useHandOver().give(handed, true);
  await flushPromises();
  const alone = open('new-');
  expect(alone.fields.value.name).toBe('Pasted');
  expect(alone.draft.written.value).toHaveLength(RICE.parts.length + 1);
});
