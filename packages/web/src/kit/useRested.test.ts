import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useRested } from './useRested';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});

it('takes the first value at once, and every later one when it has rested', async () => {
  const value = ref<number>();
  const scope = effectScope();
  const { rested, isMoving } = scope.run(() => useRested(value, 100))!;
  expect(rested.value).toBeUndefined();

  value.value = 1;
  await nextTick();
  expect(rested.value).toBe(1);

  value.value = 2;
  await nextTick();
  expect([rested.value, isMoving.value]).toEqual([1, true]);
  await vi.advanceTimersByTimeAsync(60);
  value.value = 3;
  await nextTick();
  await vi.advanceTimersByTimeAsync(60);
  expect(rested.value).toBe(1);
  await vi.advanceTimersByTimeAsync(60);
  expect([rested.value, isMoving.value]).toEqual([3, false]);
  scope.stop();
});
