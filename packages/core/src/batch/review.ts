import type { HairProfile } from '../hair';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Spoon } from '../measure';
import {
  estimateTexture,
  isOvernight,
  mostWearMinutes,
  rowsOf,
  spoilsOnHead,
  textureOf,
  type Mask,
  wearsOf,
} from '../mask';
import { message, type Message } from '../message';
import { GROWN } from './caps';
import { sizeBowl, type SizedBowl } from './size';

export const REVIEW_IDS = [
  'texture-off',
  'oil-too-thick',
  'wear-order',
  'stain-after-shampoo',
  'egg-warm',
  'egg-long',
  'spoils-overnight',
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
  readonly what: Message;
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
export const REVIEW_HEADS: readonly (readonly [who: Message, profile: HairProfile])[] = [
  [message('review-head.short'), head(10, 'low')],
  [message('review-head.medium'), head(40, 'medium')],
  [message('review-head.long'), head(85, 'high')],
];

/**
 * Reads a mask as a careful colleague would: texture in its class, wear times in order, egg cool and not long, stains
 * before the shampoo, bits through a cloth, limits held and amounts within tolerance from the shortest to the
 * longest head. Every built-in mask passes without a word.
 *
 * @throws RangeError for an empty formula or an unknown ingredient
 */
export function reviewMask(mask: Mask, catalogue: Catalogue, spoons: readonly Spoon[]): readonly ReviewFinding[] {
  const findings: ReviewFinding[] = [];
  const note = (id: ReviewId, what: Message): void => void findings.push({ id, severity: 'note', what });
  const fault = (id: ReviewId, what: Message): void => void findings.push({ id, severity: 'fault', what });
  const rows = rowsOf(mask, catalogue);

  const comes = textureOf(mask, catalogue);
  if (comes !== mask.texture) {
    note('texture-off', message('review.texture-off', { meant: mask.texture, comes }));
  } else if (comes === 'oil') {
    // An oil stands apart: it is classed by how it spreads, and must at least pour.
    const parts = mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share }));
    const { flowLog10, texture } = estimateTexture(parts, catalogue);
    if (flowLog10 >= 3) note('oil-too-thick', message('review.oil-too-thick', { comes: texture }));
  }

  // What holds of its usual length of wear holds of every other one that it offers.
  const wears = wearsOf(mask);
  if (wears.some((wear) => !(wear.minimumMinutes <= wear.aimMinutes && wear.aimMinutes <= wear.limitMinutes)))
    fault('wear-order', message('review.wear-order'));
  if (rows.some(({ stains }) => stains) && mask.slot !== 'before-shampoo')
    note('stain-after-shampoo', message('review.stain-after-shampoo'));
  const cooking = rows.filter(({ traits }) => traits.cooksInWarmth);
  if (cooking.length > 0) {
    if (mask.heat !== 'never' || mask.rinse.temperature !== 'cool-to-lukewarm')
      fault('egg-warm', message('review.egg-warm'));
    const most = mostWearMinutes(cooking);
    if (wears.some(({ limitMinutes }) => limitMinutes > most))
      fault('egg-long', message('review.egg-long', { minutes: most }));
  }
  const each = spoilsOnHead(rows).map(({ name, hours }) => ({ name, hours }));
  if (wears.some(isOvernight) && each.length > 0)
    fault('spoils-overnight', message('review.spoils-overnight', { each }));
  const bits = rows.filter(({ traits }) => traits.leavesBits).map(({ name }) => name);
  if (bits.length > 0 && !mask.strained) note('bits-unstrained', message('review.bits-unstrained', { names: bits }));

  const heads: Message[] = [];
  const limits = new Map<string, Message>();
  for (const [who, profile] of REVIEW_HEADS) {
    const bowl = sizeBowl({ profile, wearer: GROWN }, mask, catalogue, { spoons });
    if (bowl.outOfTolerance.length > 0 && !isLeastPiece(bowl, catalogue)) heads.push(who);
    for (const { ingredientId, heldBy } of bowl.lines) if (heldBy) limits.set(ingredientId, heldBy);
  }
  if (heads.length > 0) note('does-not-fit', message('review.does-not-fit', { heads }));
  for (const limit of limits.values()) note('breaks-limit', message('review.breaks-limit', { limit }));
  return findings;
}

/** True where the least that a piece can be cut to is in the bowl: it is the head that is small, not the formula that is off. */
const isLeastPiece = ({ lines }: SizedBowl, catalogue: Catalogue): boolean =>
  lines.some(
    ({ ingredientId, pieces }) =>
      pieces !== undefined && pieces * (ingredientById(catalogue, ingredientId).pieces?.cutInto ?? 1) < 1 + 1e-9,
  );
