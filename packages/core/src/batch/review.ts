import type { HairProfile } from '../hair';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Spoon } from '../measure';
import { EGG_LIMIT_MINUTES, estimateTexture, isRawEgg, leavesBits, type Mask } from '../mask';
import type { Wearer } from './caps';
import { sizeBowl } from './size';

export const REVIEW_IDS = [
  'texture-off',
  'oil-too-thick',
  'wear-order',
  'stain-after-shampoo',
  'egg-warm',
  'egg-long',
  'bits-unstrained',
  'does-not-fit',
  'breaks-limit',
] as const;
export type ReviewId = (typeof REVIEW_IDS)[number];

/** One thing that a mask should be looked at for. */
export interface ReviewFinding {
  readonly id: ReviewId;
  /** A maker may have her reasons for a `note`; a `fault` makes a bowl that does harm or cannot be made. */
  readonly severity: 'note' | 'fault';
  readonly words: string;
}

const head = (stretchedLengthCentimetres: number, density: 'low' | 'medium' | 'high'): HairProfile => ({
  amount: { kind: 'density', density },
  strandDiameterMicrometres: 70,
  stretchedLengthCentimetres,
  evenness: 'long-layers',
  scalpAreaSquareCentimetres: 600,
  style: 'loose',
});

/** The heads that a mask must serve: short and sparse, medium, hip-long and dense. */
export const REVIEW_HEADS: readonly (readonly [words: string, profile: HairProfile])[] = [
  ['short, sparse hair', head(10, 'low')],
  ['medium hair', head(40, 'medium')],
  ['hip-long, dense hair', head(85, 'high')],
];
const REVIEW_WEARER: Wearer = { ageYears: 30, sensitiveSkin: false };

/**
 * Reads a mask as a careful colleague would: texture in its class, wear times in order, egg cool and not long, stains
 * before the shampoo, bits through a cloth, limits held and amounts within tolerance from the shortest to the
 * longest head. Every built-in mask passes without a word.
 *
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function reviewMask(mask: Mask, catalogue: Catalogue, spoons: readonly Spoon[]): readonly ReviewFinding[] {
  const findings: ReviewFinding[] = [];
  const note = (id: ReviewId, words: string): void => void findings.push({ id, severity: 'note', words });
  const fault = (id: ReviewId, words: string): void => void findings.push({ id, severity: 'fault', words });
  const rows = mask.parts.map(({ ingredientId }) => ingredientById(catalogue, ingredientId));

  const { flowLog10, texture } = estimateTexture(
    mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
    catalogue,
  );
  // An oil stands apart: it is classed by how it spreads, and must at least pour.
  if (mask.texture === 'oil') {
    if (flowLog10 >= 3) note('oil-too-thick', `Called an oil, it comes out ${texture} and will not spread like one.`);
  } else if (texture !== mask.texture) {
    note('texture-off', `Meant to be ${mask.texture}, it comes out ${texture} by estimate.`);
  }

  const { minimumMinutes, aimMinutes, limitMinutes } = mask.wear;
  if (!(minimumMinutes <= aimMinutes && aimMinutes <= limitMinutes))
    fault('wear-order', 'Wear times rise from the least over the aim to the limit.');
  if (rows.some(({ stains }) => stains) && mask.slot !== 'before-shampoo')
    note(
      'stain-after-shampoo',
      'Something in it stains: put on after the shampoo it leaves a cast and wants a second.',
    );
  if (rows.some(isRawEgg)) {
    if (mask.heat !== 'never' || mask.rinse.temperature !== 'cool-to-lukewarm')
      fault('egg-warm', 'Raw egg cooks: no heat while it is worn, and cool to lukewarm water.');
    if (limitMinutes > EGG_LIMIT_MINUTES) fault('egg-long', `Raw egg comes out within ${EGG_LIMIT_MINUTES} minutes.`);
  }
  const bits = rows.filter(leavesBits).map(({ name }) => name.toLowerCase());
  if (bits.length > 0 && !mask.strained)
    note('bits-unstrained', `${bits.join(' and ')}: without a cloth, bits stay in the hair.`);

  const misfits: string[] = [];
  const limits = new Set<string>();
  for (const [words, profile] of REVIEW_HEADS) {
    const bowl = sizeBowl({ profile, wearer: REVIEW_WEARER }, mask, catalogue, { spoons });
    if (bowl.outOfTolerance.length > 0) misfits.push(words);
    for (const cap of bowl.brokenCaps) limits.add(cap.words);
  }
  if (misfits.length > 0)
    note(
      'does-not-fit',
      `For ${misfits.join(' and ')} no whole pieces and spoons keep the formula within its tolerances.`,
    );
  for (const words of limits) fault('breaks-limit', `It breaks a limit: ${words}.`);
  return findings;
}
