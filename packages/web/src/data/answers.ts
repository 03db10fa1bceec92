import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { useEventListener } from '@vueuse/core';
import { clear, createStore, delMany, entries, get, setMany, type UseStore } from 'idb-keyval';

/** What was answered last to a question, and when by this device's own clock, milliseconds since 1970. */
export interface KeptAnswer {
  readonly answer: unknown;
  readonly at: number;
}

/** Never kept on a device: secrets of the door, copies of everything, and what is true only as long as somebody says it. */
const NOT_KEPT = /^\/api\/(health|door|backups|files|devices|events)(\/|$|\?)/;
/** What is read in quick succession is written once. */
const REST_MILLISECONDS = 200;
/** What nobody asked for in so long is let go of: bowls of last year, days that are over. */
const KEPT_MILLISECONDS = 60 * TWENTY_FOUR_HOURS;

let store: UseStore | undefined;
let waiting = new Map<string, KeptAnswer>();
let resting: ReturnType<typeof setTimeout> | undefined;
let isOn = false;

const stored = (): UseStore => (store ??= createStore('amber-ladle', 'answers'));

/** Whether this device keeps what it was answered, to be seen while the server is away. Switched off, what was kept is gone. */
export async function keepAnswers(wanted: boolean): Promise<void> {
  isOn = wanted;
  await (wanted ? forgetOld() : forgetAnswers());
}

/** Keeps an answer, some time soon. */
export function keepAnswer(address: string, answer: unknown): void {
  if (!isOn || NOT_KEPT.test(address)) return;
  waiting.set(address, { answer, at: Date.now() });
  resting ??= setTimeout(() => void writeDown(), REST_MILLISECONDS);
}

async function writeDown(): Promise<void> {
  clearTimeout(resting);
  resting = undefined;
  const all = [...waiting];
  waiting = new Map();
  // A browser that keeps nothing, as in a private window, is no fault.
  await setMany(all, stored()).catch(() => undefined);
}

/** What was answered last; nothing where it was never asked, or is not kept here. */
export async function lastAnswer(address: string): Promise<KeptAnswer | undefined> {
  if (!isOn) return undefined;
  return waiting.get(address) ?? (await get<KeptAnswer>(address, stored()).catch(() => undefined));
}

async function forgetOld(): Promise<void> {
  const all = await entries<string, KeptAnswer>(stored()).catch(() => []);
  const old = all.filter(([, { at }]) => at < Date.now() - KEPT_MILLISECONDS).map(([address]) => address);
  if (old.length > 0) await delMany(old, stored()).catch(() => undefined);
}

export async function forgetAnswers(): Promise<void> {
  waiting = new Map();
  await clear(stored()).catch(() => undefined);
}

// What was answered just before the page goes is kept too.
useEventListener('pagehide', () => void writeDown());
