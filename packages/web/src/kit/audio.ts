import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';

let context: AudioContext | undefined;
const isReady = ref(false);

/** A browser lets nothing sound that no tap has asked for; every tap asks, so that the one that starts a clock does, too. */
async function unlock(): Promise<void> {
  try {
    context ??= new AudioContext();
    if (context.state !== 'running') await context.resume();
    isReady.value = context.state === 'running';
  } catch {
    // No sound device: the screen, the title and the phone's own buzz say it all the same.
  }
}

/** Unlocked by every tap while the part that asks is there. @returns true once the browser lets sound out */
export function useAudio(): Readonly<Ref<boolean>> {
  useEventListener(window, ['pointerdown', 'keydown'], () => void unlock(), { capture: true, passive: true });
  return isReady;
}

/** What sounds go through; nothing before the first tap, or where there is no sound. */
export const sounding = (): AudioContext | undefined => (context?.state === 'running' ? context : undefined);

/** How one note sounds. */
export interface Note {
  readonly hertz: number;
  /** Seconds from now. */
  readonly delay: number;
  /** 0 to 1. */
  readonly loudness: number;
  /** Seconds until it has died away. */
  readonly seconds: number;
}

/** One note that swells at once and dies away, made on the spot. */
export function play(through: AudioContext, { hertz, delay, loudness, seconds }: Note): void {
  const begin = through.currentTime + delay;
  const tone = through.createOscillator();
  const level = through.createGain();
  tone.type = 'triangle';
  tone.frequency.value = hertz;
  level.gain.setValueAtTime(0, begin);
  level.gain.linearRampToValueAtTime(loudness, begin + Math.min(0.03, seconds / 4));
  level.gain.exponentialRampToValueAtTime(0.001, begin + seconds);
  tone.connect(level).connect(through.destination);
  tone.start(begin);
  tone.stop(begin + seconds + 0.1);
}
