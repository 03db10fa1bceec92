import { wrap, type Remote } from 'comlink';
import { toRaw } from 'vue';

const isPlain = (value: object): boolean => {
  const above: unknown = Object.getPrototypeOf(value);
  return above === Object.prototype || above === null;
};

/**
 * What stands behind Vue's proxies, all the way down: a worker cannot be sent them. Only what holds one is made anew, and
 * nothing is lost on the way, as `undefined`, infinities and dates would be by way of JSON.
 * @example bare({ masks: reactive([mask]) }).masks[0] === mask // true
 */
export function bare<T>(value: T): T {
  const thing: unknown = toRaw(value);
  if (typeof thing !== 'object' || thing === null) return thing as T;
  if (Array.isArray(thing)) {
    const parts = thing.map(bare);
    return (parts.every((part, at) => part === thing[at]) ? thing : parts) as T;
  }
  if (!isPlain(thing)) return thing as T;
  const parts = Object.entries(thing).map(([name, part]) => [name, bare(part as unknown), part] as const);
  return (parts.every(([, part, before]) => part === before) ? thing : Object.fromEntries(parts)) as T;
}

/** What a worker does, asked from the page. What it is handed may be reactive. */
export const jobsOf = <Jobs>(worker: Worker): Remote<Jobs> =>
  wrap<Jobs>({
    postMessage: (message: unknown, transfer: Transferable[] = []) => {
      worker.postMessage(bare(message), transfer);
    },
    addEventListener: worker.addEventListener.bind(worker),
    removeEventListener: worker.removeEventListener.bind(worker),
  });
