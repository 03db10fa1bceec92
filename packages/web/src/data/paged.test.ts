// @vitest-environment happy-dom
import type { Page } from '@amber-ladle/contract';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope, ref } from 'vue';
import { usePaged } from './paged';
import { forget } from './testing';

const { listeners } = vi.hoisted(() => ({ listeners: new Map<string, () => void>() }));
vi.mock('./changes', () => ({ onChange: (topic: string, run: () => void) => listeners.set(topic, run) }));

let rows: string[];
let asked: [string, number][];
const of = ref<string>();
const page = (offset: number, limit: number): Page<string> => ({
  items: rows.slice(offset, offset + limit),
  total: rows.length,
  offset,
});
const paged = () =>
  effectScope().run(() =>
    usePaged(() => {
      const name = of.value;
      if (name === undefined) return undefined;
      const ask = (offset: number, limit: number) => {
        asked.push([name, offset]);
        return Promise.resolve(page(offset, limit));
      };
      return { of: name, changesWith: ['notes'], ask };
    }, 2),
  ) as ReturnType<typeof usePaged<Page<string>>>;
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  rows = ['a', 'b', 'c', 'd', 'e'];
  asked = [];
  of.value = undefined;
});

it('gives the beginning, and what is asked for more', async () => {
  of.value = 'a list';
  const { page: shown, readMore } = paged();
  await flushPromises();
  expect(shown.value).toEqual({ items: ['a', 'b'], total: 5, offset: 0 });
  readMore();
  expect(shown.value?.items).toHaveLength(2);
  await flushPromises();
  readMore();
  await flushPromises();
  expect(shown.value?.items).toEqual(rows);
});

it('reads all that is shown anew where it changed', async () => {
  of.value = 'a changing list';
  const { page: shown, readMore } = paged();
  await flushPromises();
  readMore();
  await flushPromises();
  rows = ['new', ...rows];
  listeners.get('notes')?.();
  await flushPromises();
  expect(shown.value?.items).toEqual(['new', 'a', 'b', 'c']);
});

it('begins another list with its first page', async () => {
  of.value = 'one list';
  const { page: shown, readMore } = paged();
  await flushPromises();
  readMore();
  await flushPromises();
  asked = [];
  of.value = 'another';
  await flushPromises();
  expect(asked).toEqual([['another', 0]]);
  expect(shown.value?.items).toEqual(['a', 'b']);
});

it('asks nothing before it is known of what', async () => {
  const { page: shown } = paged();
  await flushPromises();
  expect([shown.value, asked]).toEqual([undefined, []]);
});
