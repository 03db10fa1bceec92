// @vitest-environment happy-dom
import { mount } from '@vue/test-utils';
import { beforeEach, expect, it, vi } from 'vitest';
import { defineComponent, h, nextTick } from 'vue';
import { useAudio } from './audio';
import { useSounds } from './sounds';
import { useThisDevice } from './useThisDevice';

/** Of a sound card, what is asked of it: every source that is started, and how loud it may become. */
const begun: string[] = [];
const loudest: number[] = [];
const parameter = () => ({
  value: 0,
  setValueAtTime: (value: number) => loudest.push(value < 1 ? value : 0),
  linearRampToValueAtTime: (value: number) => loudest.push(value < 1 ? value : 0),
  exponentialRampToValueAtTime: () => undefined,
});
const node = (kind: string) => ({
  connect: (next: unknown) => next,
  frequency: parameter(),
  gain: parameter(),
  Q: parameter(),
  start: () => begun.push(kind),
  stop: () => undefined,
});
class SoundCard {
  state = 'suspended';
  readonly currentTime = 0;
  readonly sampleRate = 8000;
  readonly destination = {};
  resume = (): Promise<void> => {
    this.state = 'running';
    return Promise.resolve();
  };
  createOscillator = () => node('note');
  createGain = () => node('gain');
  createBiquadFilter = () => node('filter');
  createBufferSource = () => node('murmur');
  createBuffer = (_channels: number, length: number) => ({ getChannelData: () => new Float32Array(length) });
}
vi.stubGlobal('AudioContext', SoundCard);

const page = mount(
  defineComponent({
    setup() {
      useAudio();
      return { sound: useSounds(), wishes: useThisDevice() };
    },
    render: () => h('p'),
  }),
);
beforeEach(() => {
  begun.length = 0;
  loudest.length = 0;
});

it('is silent until something was tapped', () => {
  page.vm.sound('tap');
  expect(begun).toEqual([]);
});

it('taps for what is done and pours for a bowl, far below a bell', async () => {
  window.dispatchEvent(new Event('pointerdown'));
  await nextTick();
  page.vm.sound('tap');
  expect(begun).toEqual(['note', 'note']);
  page.vm.sound('pour');
  expect(begun).toEqual(['note', 'note', 'murmur']);
  // The bell begins at 0.02 and rises to many times this.
  expect(Math.max(...loudest)).toBeLessThanOrEqual(0.1);
});

it('is still on a device that wants no sounds', () => {
  page.vm.wishes = { ...page.vm.wishes, hasSounds: false };
  page.vm.sound('tap');
  page.vm.sound('pour');
  expect(begun).toEqual([]);
});
