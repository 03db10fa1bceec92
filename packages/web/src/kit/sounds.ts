import { play, sounding } from './audio';
import { useThisDevice } from './useThisDevice';

/** The kitchen's own sounds: far below the bell, so that nobody takes one for the other. */
const LOUDNESS = 0.05;

/** A wooden tap: something is done. */
function tap(through: AudioContext): void {
  play(through, { hertz: 520, delay: 0, loudness: LOUDNESS, seconds: 0.07 });
  play(through, { hertz: 1180, delay: 0.01, loudness: LOUDNESS / 2, seconds: 0.05 });
}

/** Something thick that is poured: a murmur that rises as the bowl fills. */
function pour(through: AudioContext): void {
  const seconds = 0.9;
  const murmur = through.createBufferSource();
  const noise = through.createBuffer(1, through.sampleRate * seconds, through.sampleRate);
  const samples = noise.getChannelData(0);
  for (let at = 0; at < samples.length; at++) samples[at] = Math.random() * 2 - 1;
  murmur.buffer = noise;
  const throat = through.createBiquadFilter();
  throat.type = 'bandpass';
  throat.Q.value = 6;
  const begin = through.currentTime;
  throat.frequency.setValueAtTime(300, begin);
  throat.frequency.exponentialRampToValueAtTime(820, begin + seconds);
  const level = through.createGain();
  level.gain.setValueAtTime(0, begin);
  level.gain.linearRampToValueAtTime(LOUDNESS * 2, begin + 0.12);
  level.gain.linearRampToValueAtTime(0, begin + seconds);
  murmur.connect(throat).connect(level).connect(through.destination);
  murmur.start(begin);
}
const SOUNDS = { tap, pour };

/** Quiet sounds of this device; none where it does not want them, or before the first tap. */
export function useSounds(): (sound: keyof typeof SOUNDS) => void {
  const wishes = useThisDevice();
  return (sound) => {
    const through = wishes.value.hasSounds ? sounding() : undefined;
    if (through) SOUNDS[sound](through);
  };
}
