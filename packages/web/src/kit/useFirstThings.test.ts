import { expect, it, vi } from 'vitest';
import { nextTick, ref } from 'vue';

/** The app as it is opened: nothing was shown yet. */
async function opened() {
  vi.resetModules();
  return (await import('./useFirstThings')).useFirstThings;
}

it('lets the rest come a look after what comes first, and at once ever after', async () => {
  vi.useFakeTimers();
  const useFirstThings = await opened();
  const isThere = ref(false);
  const isTime = useFirstThings(isThere);
  await vi.advanceTimersByTimeAsync(500);
  expect(isTime.value).toBe(false);
  isThere.value = true;
  await nextTick();
  expect(isTime.value).toBe(false);
  await vi.advanceTimersByTimeAsync(100);
  expect(isTime.value).toBe(true);
  expect(useFirstThings(ref(false)).value).toBe(true);
  vi.useRealTimers();
});

it('does not wait forever for what never comes', async () => {
  vi.useFakeTimers();
  const useFirstThings = await opened();
  const isTime = useFirstThings(ref(false));
  await vi.advanceTimersByTimeAsync(3000);
  expect(isTime.value).toBe(true);
  vi.useRealTimers();
});
