import { onScopeDispose } from 'vue';
import type { Topic } from '@amber-ladle/contract';
import { onChange } from './changes';

/** Looks again whenever something changed elsewhere, for as long as the screen that asks is there. */
export function useChanges(whats: readonly Topic[], run: () => unknown): void {
  const stops = whats.map((what) => onChange(what, run));
  onScopeDispose(() => {
    stops.forEach((stop) => {
      stop();
    });
  });
}
