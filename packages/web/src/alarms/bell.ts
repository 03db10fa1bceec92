import { useEventListener } from '@vueuse/core';
import { ref, type Ref } from 'vue';

export interface Bell {
  /** True once the browser lets it sound: from the first tap or key on. */
  readonly isReady: Readonly<Ref<boolean>>;
  /** Two notes, twice. @param loudness 0 to 1 */
  ring(loudness: number): void;
}

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

/** The bell of this page. Its sound is made on the spot. */
export function useBell(): Bell {
  useEventListener(window, ['pointerdown', 'keydown'], () => void unlock(), { capture: true, passive: true });
  return { isReady, ring };
}

function ring(loudness: number): void {
  const sounding = context;
  if (sounding?.state !== 'running') return;
  for (const [i, hertz] of [660, 880, 660, 880].entries()) note(sounding, hertz, i * 0.3, loudness);
}

function note(sounding: AudioContext, hertz: number, delay: number, loudness: number): void {
  const begin = sounding.currentTime + delay;
  const tone = sounding.createOscillator();
  const level = sounding.createGain();
  tone.type = 'triangle';
  tone.frequency.value = hertz;
  level.gain.setValueAtTime(0, begin);
  level.gain.linearRampToValueAtTime(Math.max(0.02, loudness), begin + 0.03);
  level.gain.exponentialRampToValueAtTime(0.001, begin + 0.8);
  tone.connect(level).connect(sounding.destination);
  tone.start(begin);
  tone.stop(begin + 0.9);
}
