// @vitest-environment happy-dom
import { api, type OpenLog } from '@amber-ladle/contract';
import { createPinia, setActivePinia } from 'pinia';
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { forget } from '../data/testing';
import { useAsked, type Meant } from './useAsked';

const { call, listeners } = vi.hoisted(() => ({ call: vi.fn(), listeners: new Map<string, () => void>() }));
vi.mock('../data/client', async (original) => ({ ...(await original<object>()), call }));
vi.mock('../data/changes', () => ({ onChange: (topic: string, run: () => void) => listeners.set(topic, run) }));

const page = (bowlId: string, headId = 'wren'): OpenLog =>
  ({
    bowlId,
    headId,
    version: 1,
    log: { note: 'soft' },
    wants: 'rinsed',
    at: '2026-03-14T09:00:00Z',
  }) as unknown as OpenLog;
let answers: readonly OpenLog[];
beforeEach(() => {
  forget();
  setActivePinia(createPinia());
  answers = [page('new'), page('old'), page('old', 'moss')];
  call.mockReset();
  call.mockImplementation((endpoint: unknown) => Promise.resolve(endpoint === api.notes.open ? answers : []));
});

async function asked(meant: Meant = { bowlId: undefined, headId: undefined }) {
  const all = effectScope().run(() => useAsked(ref(meant))) as ReturnType<typeof useAsked>;
  await settled();
  return all;
}
async function settled(): Promise<void> {
  for (let i = 0; i < 20; i++) await nextTick();
}

it('shows the first that asks, or the one that was come for', async () => {
  expect((await asked()).chosen.value).toBe('new wren');
  expect((await asked({ bowlId: 'old', headId: undefined })).chosen.value).toBe('old wren');
  expect((await asked({ bowlId: 'old', headId: 'moss' })).chosen.value).toBe('old moss');
  expect((await asked({ bowlId: 'gone', headId: 'wren' })).chosen.value).toBe('new wren');
});

it('keeps the one that is written in, though it asks for nothing more', async () => {
  const { shown, open } = await asked();
  answers = [page('old')];
  listeners.get('notes')?.();
  await settled();
  expect(shown.value?.bowlId).toBe('new');
  expect(open.value.map(({ bowlId }) => bowlId)).toEqual(['new', 'old']);
});

it('asks no more where that is said, and keeps what was written meanwhile elsewhere', async () => {
  const { notNow, shown } = await asked();
  const newer = { ...page('new'), version: 7, log: { note: 'softer' } };
  call.mockImplementation((endpoint: unknown) =>
    Promise.resolve(
      endpoint === api.notes.open ? answers : endpoint === api.notes.ofBowl ? [page('new', 'moss'), newer] : {},
    ),
  );
  answers = [page('old')];
  await notNow();
  expect(call).toHaveBeenCalledWith(api.notes.write, {
    params: { id: 'new', headId: 'wren' },
    body: { version: 7, log: { note: 'softer', isNextDayAsked: true } },
  });
  expect(shown.value?.bowlId).toBe('old');
});

it('leaves what is shown as it is where nobody answers', async () => {
  const { shown } = await asked();
  call.mockImplementation(() => Promise.reject(new Error('away')));
  listeners.get('notes')?.();
  await settled();
  expect(shown.value?.bowlId).toBe('new');
});
