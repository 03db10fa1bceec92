import { api, TOPICS, type Topic } from '@amber-ladle/contract';
import { call, linkTo } from './client';
import { answered, onReturn } from './reach';

/** One name for the lock and the channel that the tabs of a browser share. */
const NAME = 'amber-ladle-changes';

const listeners = new Map<Topic, Set<() => unknown>>();
let isFollowing = false;

/** Looks again whenever another tab, device or clock changed something. One stream serves all tabs of a browser. */
export function onChange(what: Topic, run: () => unknown): () => void {
  const set = listeners.get(what) ?? new Set();
  listeners.set(what, set.add(run));
  if (!isFollowing) follow();
  return () => set.delete(run);
}

/** A stream that takes longer to open is not waited for: it says by itself, once open, that something may have been missed. */
const MOST_WAIT_MILLISECONDS = 500;
let heard: () => void = () => undefined;
const isHeard = new Promise<void>((resolve) => (heard = resolve));

/** Once changes are heard of. What is read from then on can be missed no change of. */
export async function listening(): Promise<void> {
  await Promise.race([isHeard, new Promise((resolve) => setTimeout(resolve, MOST_WAIT_MILLISECONDS))]);
}

function tell(topics: readonly Topic[]): void {
  for (const topic of topics) for (const run of listeners.get(topic) ?? []) run();
}

/**
 * A browser lets a page have six connections to one server and no more: a stream for each tab would leave none to ask by. So one tab
 * listens for all and passes on what it hears; when it goes, the next takes over.
 */
function follow(): void {
  isFollowing = true;
  const others = new BroadcastChannel(NAME);
  others.addEventListener('message', ({ data }: MessageEvent<readonly Topic[]>) => {
    tell(data);
  });
  const asked = performance.now();
  const listen = (): Promise<void> => {
    // Whoever had to wait for its turn may have missed something between two listeners.
    heed(others, performance.now() - asked > AT_ONCE_MILLISECONDS);
    return new Promise(() => undefined);
  };
  // Only pages that came safely have locks; the others listen each for itself.
  if (!('locks' in navigator)) return void listen();
  void navigator.locks.query().then(({ held = [] }) => {
    if (held.some(({ name }) => name === NAME)) heard();
    void navigator.locks.request(NAME, listen);
  });
}

/** A lock that is free is given within this. */
const AT_ONCE_MILLISECONDS = 1000;

function heed(others: BroadcastChannel, wasAway: boolean): void {
  const pass = (topics: readonly Topic[]): void => {
    tell(topics);
    others.postMessage(topics);
  };
  let mayHaveMissed = wasAway;
  const late = setTimeout(() => (mayHaveMissed = true), MOST_WAIT_MILLISECONDS);
  const stream = new EventSource(linkTo(api.household.events));
  stream.addEventListener('change', ({ data }: MessageEvent<Topic>) => {
    pass([data]);
  });
  stream.addEventListener('error', () => {
    mayHaveMissed = true;
    // Refused for good, as to a device that was put out: asking says so.
    void call(api.household.health).catch(() => undefined);
  });
  // A stream that heard nothing for long may never hear that it was cut off.
  onReturn(() => {
    pass(TOPICS);
  });
  stream.addEventListener('open', () => {
    clearTimeout(late);
    answered();
    heard();
    if (mayHaveMissed) pass(TOPICS);
    mayHaveMissed = false;
  });
}
