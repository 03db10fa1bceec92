/** What can change elsewhere, as the server tells it. */
export type Change =
  'heads' | 'bowls' | 'masks' | 'ingredients' | 'shelf' | 'climate' | 'settings' | 'clock' | 'washdays' | 'notes';

const listeners = new Map<Change, Set<() => unknown>>();
let stream: EventSource | undefined;

/** Looks again whenever another tab, device or clock changed something. One stream serves all. */
export function onChange(what: Change, run: () => unknown): () => void {
  const set = listeners.get(what) ?? new Set();
  listeners.set(what, set.add(run));
  if (!stream) {
    stream = new EventSource('/api/events');
    stream.addEventListener('change', (event) => {
      for (const told of listeners.get((event as MessageEvent<Change>).data) ?? []) told();
    });
  }
  return () => set.delete(run);
}
