// @vitest-environment happy-dom
import { api } from '@amber-ladle/contract';
import { CATALOGUE, type Ingredient } from '@amber-ladle/core/ingredient';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { shallowRef } from 'vue';
import { ApiError, call } from '../data/client';
import { forget, know } from '../data/testing';
import { useIngredientForm } from './useIngredientForm';

vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call: vi.fn() }));
vi.mock('../data/changes', () => ({ onChange: () => undefined }));
vi.mock('../data/sizing', () => ({ sizing: () => ({ live: () => undefined }) }));

const saved: { row: Ingredient; version: number }[] = [];
let refusal: Error | undefined;
const known = shallowRef<Ingredient>();
let page: ReturnType<typeof useIngredientForm>;
beforeEach(() => {
  saved.length = 0;
  refusal = undefined;
  known.value = undefined;
  forget();
  setActivePinia(createPinia());
  know({ masks: [] });
  vi.mocked(call).mockImplementation((endpoint, input) => {
    if (endpoint !== (api.ingredients.save as object)) return new Promise(() => undefined);
    if (refusal) return Promise.reject(refusal);
    saved.push((input as unknown as { body: { row: Ingredient; version: number } }).body);
    return Promise.resolve({} as never);
  });
  page = useIngredientForm(known);
});
/** Saves, and does not wait for the book to be read anew. */
const save = async (): Promise<void> => {
  page.save().catch(() => undefined);
  await vi.waitFor(() => {
    expect(saved.length + Object.keys(page.errors.value).length).toBeGreaterThan(0);
  });
};

it('asks how heavy it is before anything is sent, and loses nothing', async () => {
  page.form.value.name = 'Baobab pulp';
  await save();
  expect(Object.keys(page.errors.value)).toEqual(['density']);
  expect(saved).toEqual([]);
  expect(page.form.value.name).toBe('Baobab pulp');
});

it('is kept by the weight of a level spoon, under a name of its own', async () => {
  const { form } = page;
  form.value = { ...form.value, name: 'Baobab pulp', spoonGrams: 3 };
  await save();
  expect(page.errors.value).toEqual({});
  const [{ row, version }] = saved as [(typeof saved)[number]];
  expect(row.name).toBe('Baobab pulp');
  expect(row.id).toMatch(/baobab/);
  expect(version).toBe(0);
});

it('says at the field what the server does not like, and what cannot be', async () => {
  const { form } = page;
  refusal = new ApiError({ status: 422, title: 'No.', fields: { 'row.name': 'That name is taken.' } } as never);
  form.value = { ...form.value, name: 'Honey', spoonGrams: 7 };
  expect(await page.save()).toBeUndefined();
  expect(page.errors.value).toEqual({ name: 'That name is taken.' });
  form.value = { ...form.value, name: '' };
  expect(await page.save()).toBeUndefined();
  expect(Object.keys(page.errors.value)).toContain('name');
  // What is nobody's field is for the page to say.
  refusal = new Error('Nobody answers.');
  form.value = { ...form.value, name: 'Honey' };
  await expect(page.save()).rejects.toThrow('Nobody answers.');
});

it('begins anew with what is known of it: a fault is forgotten, and so is what was written', () => {
  page.form.value.name = 'Half a word';
  page.errors.value = { name: 'No.' };
  known.value = CATALOGUE.get('honey');
  page.reset();
  expect(page.form.value.name).toBe(CATALOGUE.get('honey')?.name);
  expect(page.errors.value).toEqual({});
  // There is always one line to write the first part into.
  expect(page.draft.rows.value).toHaveLength(1);
});

it('brings the parts of a blend along, by their weight', () => {
  const parts = [
    { ingredientId: 'honey', share: 0.4 },
    { ingredientId: 'milk', share: 0.6 },
  ];
  const recipe = { yield: { kind: 'blend', parts, keptBackShare: 0 } };
  known.value = { ...CATALOGUE.get('honey')!, recipe } as unknown as Ingredient;
  page.reset();
  expect(page.draft.parts.value.map(({ ingredientId, share }) => [ingredientId, share])).toEqual([
    ['honey', 0.4],
    ['milk', 0.6],
  ]);
});
