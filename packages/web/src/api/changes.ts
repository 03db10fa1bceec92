import { api, type Topic } from '@amber-ladle/contract';
import { linkTo } from './client';

const listeners = new Map<Topic, Set<() => unknown>>();
let stream: EventSource | undefined;

/** Looks again whenever another tab, device or clock changed something. One stream serves all. */
export function onChange(what: Topic, run: () => unknown): () => void {
  const set = listeners.get(what) ?? new Set();
  listeners.set(what, set.add(run));
  if (!stream) {
    stream = new EventSource(linkTo(api.household.events));
    stream.addEventListener('change', (event) => {
      for (const told of listeners.get((event as MessageEvent<Topic>).data) ?? []) told();
    });
  }
  return () => set.delete(run);
}
