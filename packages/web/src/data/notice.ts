import { reasonOf } from './reason';
import { defineStore } from 'pinia';
import { ref } from 'vue';

export interface Notice {
  readonly text: string;
  readonly tone: 'plain' | 'error';
  /** A way back, where there is one. */
  readonly undo?: () => Promise<unknown>;
}

/** One line at the foot of the screen: what just happened, and how to take it back. */
export const useNotice = defineStore('notice', () => {
  const current = ref<Notice>();
  const open = ref(false);
  function show(text: string, undo?: Notice['undo']): void {
    current.value = { text, tone: 'plain', ...(undo ? { undo } : {}) };
    open.value = true;
  }
  function fail(error: unknown): void {
    current.value = { text: reasonOf(error), tone: 'error' };
    open.value = true;
  }
  return { current, open, show, fail };
});
