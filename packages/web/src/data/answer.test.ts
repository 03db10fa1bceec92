// @vitest-environment happy-dom
import { api, type OpenLog } from '@amber-ladle/contract';
import { flushPromises } from '@vue/test-utils';
import { createPinia, setActivePinia } from 'pinia';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, ref, type EffectScope } from 'vue';
import { questions, reading, useAnswer, useLoaded, useRead, type Answer, type Asking, type Question } from './answer';
import { useNotice } from './notice';

const { kept, listeners, call } = vi.hoisted(() => ({
  kept: new Set<unknown>(),
  listeners: new Map<string, () => void>(),
  call: vi.fn(),
}));
vi.mock('./changes', () => ({ onChange: (topic: string, run: () => void) => listeners.set(topic, run) }));
vi.mock('./client', async (original) => ({
  ...(await original<object>()),
  call,
  isFromBefore: (answer: unknown) => kept.has(answer),
}));
const change = (...topics: string[]): Promise<unknown> => {
  for (const topic of topics) listeners.get(topic)?.();
  return flushPromises();
};

/** A server whose answers come when the test lets them. */
interface Waiting {
  answer: (value: string) => Promise<unknown>;
  fail: (error: Error) => Promise<unknown>;
}
let waiting: Waiting[];
const ask = (): Promise<string> =>
  new Promise((resolve, reject) =>
    waiting.push({
      answer: (value) => (resolve(value), flushPromises()),
      fail: (error) => (reject(error), flushPromises()),
    }),
  );
const question: Question<string> = { key: ['what'], changesWith: ['heads', 'bowls'], ask };
let scope: EffectScope;
const within = <T>(use: () => T): T => scope.run(use) as T;
const answering = (asking?: Asking): Answer<string> => within(() => useAnswer(() => question, asking));

beforeEach(() => {
  questions.clear();
  setActivePinia(createPinia());
  scope = effectScope();
  waiting = [];
  kept.clear();
  call.mockReset();
});
afterEach(() => {
  scope.stop();
});

it('asks once, however many ask the same, and tells all of them', async () => {
  const [one, other] = [answering(), answering()];
  expect([one.value.value, waiting.length]).toEqual([undefined, 1]);
  await waiting[0]?.answer('so');
  expect([one.value.value, other.value.value]).toEqual(['so', 'so']);
});

it('asks anew where what it rests on has changed, once for whatever is told at once, and else not', async () => {
  const { value } = answering();
  await waiting[0]?.answer('one');
  await change('notes', 'shelf');
  expect(waiting).toHaveLength(1);
  await change('heads', 'bowls');
  expect(waiting).toHaveLength(2);
  expect(value.value).toBe('one');
  await waiting[1]?.answer('two');
  expect(value.value).toBe('two');
});

it('asks once more where something changed while it was asked for the first time', async () => {
  const { value } = answering();
  await change('heads');
  await waiting[0]?.answer('before the change');
  expect(waiting).toHaveLength(2);
  await waiting[1]?.answer('after it');
  expect(value.value).toBe('after it');
});

it('drops the answer that was asked before one that is taken already', async () => {
  const { value } = answering();
  await waiting[0]?.answer('one');
  await change('heads');
  await change('heads');
  await waiting[2]?.answer('new');
  await waiting[1]?.answer('old');
  expect(value.value).toBe('new');
});

it('drops what was asked before something newer was known, and takes what is asked then', async () => {
  const { value, know, again } = answering();
  await waiting[0]?.answer('one');
  await change('heads');
  know('told');
  await waiting[1]?.answer('before it was told');
  expect(value.value).toBe('told');
  const fresh = again();
  await waiting[2]?.answer('after');
  await fresh;
  expect(value.value).toBe('after');
});

it('asks once more where somebody else did something before the answer to what was done here had come', async () => {
  const { value, know } = answering();
  await waiting[0]?.answer('one');
  await change('heads');
  await change('heads');
  know('as it was when this was done');
  await waiting[2]?.answer('as it is since, and dropped');
  expect(waiting).toHaveLength(4);
  await waiting[3]?.answer('as it is since');
  expect(value.value).toBe('as it is since');
  await change('heads');
  know('done again');
  expect(waiting).toHaveLength(5);
});

it('knows the answer when it was waited for', async () => {
  const { value, again } = answering();
  const seen: unknown[] = [];
  void again().then(() => seen.push(value.value));
  await waiting[0]?.answer('here');
  expect(seen).toEqual(['here']);
});

it('takes what was kept from before only where nothing is known', async () => {
  kept.add('from before');
  const { value } = answering();
  await waiting[0]?.answer('from before');
  expect(value.value).toBe('from before');
  await change('heads');
  await waiting[1]?.answer('news');
  await change('heads');
  await waiting[2]?.answer('from before');
  expect(value.value).toBe('news');
});

it('takes nothing of several answers where one of them was kept from before', async () => {
  const old = ['old'];
  const several = [
    { book: ['new'], own: ['new'] },
    { book: old, own: ['newer'] },
  ];
  kept.add(old);
  const { value } = within(() =>
    useAnswer(() => ({ key: ['both'], changesWith: ['masks'], ask: () => Promise.resolve(several.shift()) })),
  );
  await flushPromises();
  await change('masks');
  expect([value.value, several]).toEqual([{ book: ['new'], own: ['new'] }, []]);
});

it('shows what was known where nobody answers, and says why where nothing was', async () => {
  const { value, fault } = answering();
  await waiting[0]?.fail(new Error('Away.'));
  expect([value.value, fault.value?.message]).toEqual([undefined, 'Away.']);
  expect(useNotice().current?.text).toBe('Away.');
  await change('heads');
  await waiting[1]?.answer('back');
  await change('heads');
  await waiting[2]?.fail(new Error('Away again.'));
  expect([value.value, fault.value]).toEqual(['back', undefined]);
});

it('tells nobody where it is asked quietly', async () => {
  const { fault } = answering({ isQuiet: true });
  await waiting[0]?.fail(new Error('Away.'));
  expect(fault.value?.message).toBe('Away.');
  expect(useNotice().current).toBeUndefined();
});

it('fails for whoever waits for it', async () => {
  const { again } = answering();
  const failed = expect(again()).rejects.toThrow('Away.');
  await waiting[0]?.fail(new Error('Away.'));
  await failed;
});

it('forgets what nobody looks at once it has changed, and shows it at once where it has not', async () => {
  answering();
  await waiting[0]?.answer('seen');
  scope.stop();
  scope = effectScope();
  expect(answering().value.value).toBe('seen');
  await waiting[1]?.answer('seen');
  scope.stop();
  scope = effectScope();
  await change('bowls');
  expect(answering().value.value).toBeUndefined();
});

it('shows another thing only once it is known, and a longer list of the same meanwhile', async () => {
  const key = ref<readonly unknown[]>(['log of Ada', 1]);
  const { value } = within(() => useAnswer(() => ({ ...question, key: key.value })));
  await waiting[0]?.answer('a page');
  key.value = ['log of Ada', 2];
  await flushPromises();
  expect(value.value).toBe('a page');
  await waiting[1]?.answer('two pages');
  expect(value.value).toBe('two pages');
  key.value = ['log of Bo', 1];
  await flushPromises();
  expect(value.value).toBeUndefined();
});

it('asks nothing where there is nothing to ask, and forgets whose answer it was', async () => {
  const id = ref<string>();
  call.mockImplementation((_endpoint, { params }: { params: { id: string } }) => Promise.resolve([params.id]));
  const { value, again } = within(() =>
    useRead(api.notes.ofBowl, () => (id.value === undefined ? undefined : { params: { id: id.value } })),
  );
  await again();
  expect([value.value, call.mock.calls.length]).toEqual([undefined, 0]);
  id.value = 'b';
  await flushPromises();
  expect(value.value).toEqual(['b']);
  id.value = undefined;
  await flushPromises();
  expect(value.value).toBeUndefined();
});

it('asks an endpoint by its address, and follows what it changes with', async () => {
  const open: readonly OpenLog[] = [];
  call.mockResolvedValue(open);
  const { key, changesWith, ask: asked } = reading(api.notes.open);
  expect([key, changesWith]).toEqual([['/api/logs/open'], ['notes', 'bowls', 'washdays', 'clock']]);
  expect(await asked()).toBe(open);
  const query = { limit: 5, offset: 10 };
  expect(reading(api.stock.book, { query }).key).toEqual(['/api/movements?limit=5&offset=10']);
});

it('asks from when it is loaded first, once', async () => {
  const { value, load } = within(() => useLoaded(question));
  await change('heads');
  expect(waiting).toHaveLength(0);
  const loaded = load();
  await waiting[0]?.answer('loaded');
  await loaded;
  await load();
  expect([value.value, waiting.length]).toEqual(['loaded', 1]);
  await change('heads');
  expect(waiting).toHaveLength(2);
});
