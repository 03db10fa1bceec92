import { evidenceOf, type BowlOnHead, type Evidence, type Lasted } from './use';

/** How a mask that its maker brings along has lasted on a head so far, in her words. */
export const TOLD_OUTCOMES = ['just-enough', 'some-left', 'half-left', 'ran-short'] as const;
export type ToldOutcome = (typeof TOLD_OUTCOMES)[number];

/** What is left, as a share of the bowl. "Some" is a spoonful or two (common practice, no published source). */
const LEFT_SHARE = { 'just-enough': 0, 'some-left': 0.2, 'half-left': 0.5 } as const;

/** What was mixed by eye and is told from memory is off by this much beside a bowl that was measured. Assumption of this project. */
const TOLD_NOISE = 0.15;

/** Her words as the log would have it. @param madeMillilitres what the text makes */
export const lastedAsTold = (outcome: ToldOutcome, madeMillilitres: number): Lasted =>
  outcome === 'ran-short'
    ? { kind: 'ran-out' }
    : { kind: 'left', millilitres: LEFT_SHARE[outcome] * madeMillilitres, how: 'judged' };

/**
 * What a mask that its maker brings along says of her head, before any bowl was sized: "it was just enough", "half of it was
 * left". An observation like any other, a little less sure.
 * @returns nothing where nothing of it would reach the hair
 * @example
 * const bowl = { at: '2026-03-14T09:00:00Z', texture: 'creamy', modelMillilitres: 200, madeMillilitres: 200, heads: 1 };
 * toldEvidence({ ...bowl, holdUpMillilitres: 0, dripShare: 0 }, 'half-left')?.logRatio // about -0.69: half
 */
export function toldEvidence(bowl: BowlOnHead, outcome: ToldOutcome): Evidence | undefined {
  const evidence = evidenceOf(bowl, lastedAsTold(outcome, bowl.madeMillilitres));
  return evidence && { ...evidence, noise: Math.hypot(evidence.noise, TOLD_NOISE) };
}
