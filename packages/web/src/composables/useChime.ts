/** A soft two-note chime made on the spot; silent where the browser does not let it sound yet. */
export function useChime(): () => void {
  let context: AudioContext | undefined;
  return () => {
    try {
      context ??= new AudioContext();
      [660, 880].forEach((hertz, i) => {
        note(context as AudioContext, hertz, i * 0.28);
      });
    } catch {
      // No sound device: the screen says it all the same.
    }
  };
}

function note(context: AudioContext, hertz: number, delay: number): void {
  const begin = context.currentTime + delay;
  const tone = context.createOscillator();
  const level = context.createGain();
  tone.frequency.value = hertz;
  level.gain.setValueAtTime(0, begin);
  level.gain.linearRampToValueAtTime(0.25, begin + 0.03);
  level.gain.exponentialRampToValueAtTime(0.001, begin + 0.9);
  tone.connect(level).connect(context.destination);
  tone.start(begin);
  tone.stop(begin + 1);
}
