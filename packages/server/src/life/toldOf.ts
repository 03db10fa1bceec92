import type { Topic } from '@amber-ladle/contract';
import type { BowlLifeRow } from './table';

/** A bowl's life but for which sections of a head have its mask on. */
const butSections = ({ wearing, ...rest }: BowlLifeRow): string =>
  JSON.stringify([rest, Object.entries(wearing).map(([headId, { sectionsDone: _, ...worn }]) => [headId, worn])]);

/**
 * What there is to tell of bowls that stood so and stand so. Most of what is tapped with a mask in the hands are sections, and
 * little rests on those: neither what heads have worn nor what bowls taught.
 * @param before as {@link standing} had them
 */
export function toldOf(before: Standing, after: readonly BowlLifeRow[]): readonly Topic[] {
  const now = standing(after);
  if (now.butSections !== before.butSections) return ['bowls'];
  return now.all === before.all ? [] : ['sections'];
}

/** How bowls stand, for {@link toldOf} to hold against how they stand later: rows may be changed in place. */
export interface Standing {
  readonly all: string;
  readonly butSections: string;
}
export const standing = (lives: readonly BowlLifeRow[]): Standing => ({
  all: JSON.stringify(lives),
  butSections: lives.map(butSections).join('\n'),
});
