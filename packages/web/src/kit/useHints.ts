import { createSharedComposable, useLocalStorage } from '@vueuse/core';

/** Hints that were closed for good in this browser. */
export const useHints = createSharedComposable(() => {
  const closed = useLocalStorage<string[]>('amber-ladle-hints-closed', []);
  return {
    closed,
    close: (id: string): void => void (closed.value = [...closed.value, id]),
    showAgain: (): void => void (closed.value = []),
  };
});
