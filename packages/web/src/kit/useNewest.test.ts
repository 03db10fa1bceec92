import { expect, it } from 'vitest';
import { effectScope, nextTick, ref } from 'vue';
import { useNewest } from './useNewest';

const pause = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 5));

it('works out the first and the newest wish, and none between', async () => {
  const scope = effectScope();
  const asked: number[] = [];
  const wish = ref<number | undefined>(1);
  const newest = scope.run(() =>
    useNewest(wish, async (n) => {
      asked.push(n);
      await pause();
      if (n === 13) throw new Error('unlucky');
      return n * 10;
    }),
  )!;
  for (const n of [2, 3, 4]) {
    wish.value = n;
    await nextTick();
  }
  await pause();
  await pause();
  await pause();
  expect(asked).toEqual([1, 4]);
  expect(newest.current.value).toBe(40);

  wish.value = 13;
  await nextTick();
  await pause();
  await pause();
  expect(newest.failure.value).toBe('unlucky');
  expect(newest.current.value).toBe(40);
  scope.stop();
});
