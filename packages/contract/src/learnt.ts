import { DEFAULT_ENOUGH_CHANCE, type SizedHead } from '@amber-ladle/core/batch';
import type { HairProfile, TextureClass } from '@amber-ladle/core/hair';
import { learnFactor, nextUse } from '@amber-ladle/core/learn';
import type { Learning } from './log';

const DAY = 86_400_000;

export const NOTHING_LEARNT: Learning = { heads: {}, textures: {} };

/** A head as far as sizing needs it. */
export interface HeadToSize {
  readonly id: string;
  readonly ageYears: number;
  readonly sensitiveSkin: boolean;
  readonly profile: HairProfile;
}

/** What is asked of what a head's bowls taught. */
export interface TaughtOptions {
  /** The present, milliseconds. */
  readonly now: number;
  /** The texture of the mask; left out, all bowls count alike. */
  readonly texture?: TextureClass | undefined;
  readonly enoughChance?: number | undefined;
}

/**
 * A head with what its bowls taught, ready to be sized; one of which no bowl spoke yet has the model's own spread.
 * The same on the screen and on the server, so that a kept bowl is the one that was shown.
 */
export function taughtHead(
  { id, ageYears, sensitiveSkin, profile }: HeadToSize,
  { heads }: Learning,
  { now, texture, enoughChance = DEFAULT_ENOUGH_CHANCE }: TaughtOptions,
): SizedHead {
  const head: SizedHead = { profile, wearer: { ageYears, sensitiveSkin } };
  const evidence = heads[id]?.evidence ?? [];
  if (evidence.length === 0) return head;
  // By the day, so that what is shown and what is kept a moment later are the same.
  const today = Math.floor(now / DAY) * DAY;
  const belief = learnFactor(evidence, { amount: profile.amount.kind, now: today, texture });
  return { ...head, personalFactor: nextUse(belief, enoughChance) };
}
