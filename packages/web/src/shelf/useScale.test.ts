// @vitest-environment happy-dom
import { createPinia, setActivePinia } from 'pinia';
import { flushPromises } from '@vue/test-utils';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { inPage } from '../data/testing';
import { useScale, useScaleReading } from './useScale';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const mode = ref('demo');
vi.mock('../data/household', () => ({
  useHousehold: () => ({
    get deviceMode() {
      return mode.value;
    },
  }),
}));
const hands: object[] = [];
vi.mock('../data/client', () => ({
  linkTo: () => '/api/devices/scale',
  call: (_endpoint: unknown, { body }: { body: object }) => {
    hands.push(body);
    return Promise.resolve({ grams: 0, isStable: true });
  },
}));

/** A stream that says what the test puts on. */
class Stream extends EventTarget {
  static readonly open: Stream[] = [];
  constructor(readonly url: string) {
    super();
    Stream.open.push(this);
  }
  says(grams: number): void {
    this.dispatchEvent(new MessageEvent('reading', { data: JSON.stringify({ grams, isStable: true }) }));
  }
  close(): void {
    Stream.open.splice(Stream.open.indexOf(this), 1);
  }
}

let scale: ReturnType<typeof useScale>;
let taken: ReturnType<typeof useScaleReading>;
let leave: () => void;
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'], now: NOW });
  vi.stubGlobal('EventSource', Stream);
  [hands.length, mode.value] = [0, 'demo'];
  setActivePinia(createPinia());
  ({
    there: { scale, taken },
    leave,
  } = inPage(() => ({ scale: useScale(), taken: useScaleReading() })));
});
afterEach(() => {
  leave();
  vi.useRealTimers();
  vi.unstubAllGlobals();
});
const later = (seconds: number): void => void vi.setSystemTime(Date.now() + seconds * 1000);

it('is asked once, however often it is switched on, and let go with the page', () => {
  scale.connect();
  scale.connect();
  expect(Stream.open).toHaveLength(1);
  leave();
  expect(Stream.open).toHaveLength(0);
});

it('counts what a hand put on, and nothing that only crept', () => {
  scale.connect();
  const [stream] = Stream.open;
  for (let grams = 0; grams < 6; grams += 0.3) {
    stream?.says(grams);
    later(60);
  }
  expect(scale.onScale.value).toBe(0);
  stream?.says(5.7);
  later(1);
  stream?.says(85.7);
  expect(scale.onScale.value).toBeCloseTo(80, 6);
  expect(taken.value?.grams).toBe(85.7);
});

it('begins from nothing again after a tare', async () => {
  scale.connect();
  const [stream] = Stream.open;
  stream?.says(0);
  later(1);
  stream?.says(136);
  expect(scale.onScale.value).toBeCloseTo(136, 6);
  await scale.hands({ tare: true });
  await flushPromises();
  expect(hands).toEqual([{ tare: true }]);
  stream?.says(0);
  expect(scale.onScale.value).toBe(0);
});

it('gives no weight to a real bowl while it is there to practise with, and is not there at all where devices are off', () => {
  mode.value = 'practice';
  scale.connect();
  Stream.open[0]?.says(136);
  expect(scale.reading.value?.grams).toBe(136);
  expect([scale.isThere.value, scale.counts.value]).toEqual([true, false]);
  expect(taken.value).toBeUndefined();
  scale.disconnect();
  mode.value = 'off';
  scale.connect();
  expect(Stream.open).toHaveLength(0);
  expect(scale.isThere.value).toBe(false);
});
