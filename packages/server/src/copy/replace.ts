import { TOPICS } from '@amber-ladle/contract';
import { fileOf, type Household } from '../kernel/household';
import { beside } from './beside';

/** All that a household holds; only the clock is the machine's. */
const EVERYTHING = TOPICS.filter((topic) => topic !== 'clock');

/** Puts the contents of another database in the place of this one's, between two writes: all of it, or nothing. */
export async function replaceWith(household: Household, fresh: string): Promise<void> {
  await household.writes.alone(EVERYTHING, () =>
    beside(household, 'putInPlace', { fresh, household: fileOf(household) }),
  );
}
