import { DEFAULT_ENOUGH_CHANCE, type SizedHead } from '../batch';
import type { HairProfile, TextureClass } from '../hair';
import { nextUse } from '../learn';
import { localDay, startOfDay } from '../time';
import type { House } from './house';

/** A head as far as sizing needs it. */
export interface HeadInHouse {
  readonly id: string;
  readonly ageYears: number;
  readonly sensitiveSkin: boolean;
  readonly profile: HairProfile;
}

/** What is asked of what a head's bowls taught. */
export interface TaughtOptions {
  /** The texture of the mask; left out, all bowls count alike. */
  readonly texture?: TextureClass | undefined;
  readonly enoughChance?: number | undefined;
}

/**
 * A head with what its bowls taught, ready to be sized; one of which no bowl spoke yet has the model's own spread.
 * The same on the screen and on the server, so that a kept bowl is the one that was shown.
 * @example taughtHead(house, ada).personalFactor // undefined: no bowl has spoken yet
 */
export function taughtHead(
  { learning, zone, now }: Pick<House, 'learning' | 'zone' | 'now'>,
  { id, ageYears, sensitiveSkin, profile }: HeadInHouse,
  { texture, enoughChance = DEFAULT_ENOUGH_CHANCE }: TaughtOptions = {},
): SizedHead {
  const head: SizedHead = { profile, wearer: { ageYears, sensitiveSkin } };
  const evidence = learning.heads[id]?.evidence ?? [];
  if (evidence.length === 0) return head;
  // By the day, so that what is shown and what is kept a moment later are the same.
  const today = startOfDay(localDay(now, zone), zone);
  const options = { amount: profile.amount.kind, now: today, texture };
  return { ...head, personalFactor: nextUse(evidence, options, enoughChance) };
}
