import { blob, points } from '../curve';
import { gleam } from '../marks';
import type { Drawing, Mark } from '../types';

/** What is peeled before it goes into a bowl; the rest is scooped, pressed or goes in with its skin. Common practice, no published source. */
export const PEELED: ReadonlySet<string> = new Set([
  ...['avocado', 'banana', 'papaya', 'mango', 'melon', 'peach', 'apple', 'pear', 'kiwi', 'orange'],
  ...['cucumber', 'carrot', 'potato', 'sweet-potato', 'aloe-gel'],
]);

/** A strip of skin that came off and lies at the foot. */
const CURL = blob(points([8, 84, 22, 80, 40, 88, 60, 83, 80, 88, 94, 82, 92, 92, 78, 97, 58, 92, 40, 97, 18, 93]));

/**
 * A thing without its skin: its own outline in the colour of its flesh, with a strip of the skin before it.
 * @returns nothing where it has no face to take the colours from
 */
export function peeledOf({ face }: Drawing): readonly Mark[] {
  const [skin, flesh] = face?.marks ?? [];
  if (!skin?.fill || !flesh?.fill) return [];
  return [
    { ...skin, fill: flesh.fill },
    gleam(points([36, 40, 31, 54, 32, 66])),
    { d: CURL, fill: skin.fill, ink: 'line' },
  ];
}
