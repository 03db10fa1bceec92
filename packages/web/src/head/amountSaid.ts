import { PROFILE_LIMITS, ponytailOf, strandCount, type HairAmount, type HairProfile } from '@amber-ladle/core/hair';

const { min, max } = PROFILE_LIMITS.circumferenceMillimetres;

/** Which way of saying how much hair there is, as one word. @example keyOfAmount({ kind: 'eye', look: 'plenty' }) // 'eye:plenty' */
export function keyOfAmount(amount: HairAmount): string {
  if (amount.kind === 'density') return `density:${amount.density}`;
  return amount.kind === 'eye' ? `eye:${amount.look}` : 'ponytail';
}

/**
 * The amount by another way of saying it. A ponytail is as thick as what was said before makes it, so that no bowl changes
 * until somebody has measured.
 */
export function amountSaid(key: string, before: HairProfile): HairAmount {
  const [kind, value] = key.split(':');
  if (kind === 'density') return { kind, density: value } as HairAmount;
  if (kind === 'eye') return { kind, look: value } as HairAmount;
  const round = Math.round(ponytailOf(strandCount(before), before.strandDiameterMicrometres));
  return { kind: 'ponytail', circumferenceMillimetres: Math.min(max, Math.max(min, round)) };
}
