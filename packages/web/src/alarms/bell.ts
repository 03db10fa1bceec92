import type { Ref } from 'vue';
import { play, sounding, useAudio } from '../kit/audio';

export interface Bell {
  /** True once the browser lets it sound: from the first tap or key on. */
  readonly isReady: Readonly<Ref<boolean>>;
  /** Two notes, twice. @param loudness 0 to 1 */
  ring(loudness: number): void;
}

const SOFTEST = 0.02;

/** The bell of this page. */
export function useBell(): Bell {
  return { isReady: useAudio(), ring };
}

function ring(loudness: number): void {
  const through = sounding();
  if (!through) return;
  for (const [i, hertz] of [660, 880, 660, 880].entries())
    play(through, { hertz, delay: i * 0.3, loudness: Math.max(SOFTEST, loudness), seconds: 0.8 });
}
