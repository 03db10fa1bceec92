// @vitest-environment happy-dom
import { beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { speak } from './speech';
import { useAloud, type Said } from './useAloud';
import { useThisDevice } from './useThisDevice';

vi.mock('./speech', () => ({ speak: vi.fn() }));

beforeEach(() => {
  vi.mocked(speak).mockClear();
  useThisDevice().value = { ...useThisDevice().value, speaks: true };
});

it('says a thing once, however its words change, and another thing when it comes', async () => {
  const said = ref<Said | undefined>({ key: 'rinse', text: 'Rinse. 20 minutes left.' });
  const text = effectScope().run(() =>
    useAloud(
      () => said.value,
      () => 'en-GB',
    ),
  )!;
  expect(text.value).toBe('Rinse. 20 minutes left.');
  said.value = { key: 'rinse', text: 'Rinse. 19 minutes left.' };
  await nextTick();
  expect(text.value).toBe('Rinse. 20 minutes left.');
  said.value = { key: 'time', text: 'It is time.' };
  await nextTick();
  expect(text.value).toBe('It is time.');
  said.value = undefined;
  await nextTick();
  expect(text.value).toBe('');
  expect(vi.mocked(speak).mock.calls).toEqual([
    ['Rinse. 20 minutes left.', 'en-GB'],
    ['It is time.', 'en-GB'],
    ['', 'en-GB'],
  ]);
});

it('stays quiet, and is there to be read, where this device is not to speak', () => {
  useThisDevice().value = { ...useThisDevice().value, speaks: false };
  const text = effectScope().run(() =>
    useAloud(
      () => ({ key: 'a', text: 'Mash.' }),
      () => 'en',
    ),
  )!;
  expect(text.value).toBe('Mash.');
  expect(speak).not.toHaveBeenCalled();
});
