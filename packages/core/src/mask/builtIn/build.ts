import { BLANK_MASK } from '../blank';
import { ingredientById, CATALOGUE, type MeasuredBy, type Role } from '../../ingredient';
import { normaliseShares, ROLE_TOLERANCE } from '../formula';
import type { FormulaPart, Mask } from '../types';

type PartRow = readonly [
  ingredientId: string,
  percent: number,
  role: Role,
  measuredBy?: MeasuredBy,
  tolerance?: number,
];

/** A part with the role's tolerance and the ingredient's usual way of being measured, unless the row says otherwise. */
function part([ingredientId, percent, role, measuredBy, tolerance]: PartRow): FormulaPart {
  return {
    ingredientId,
    share: percent / 100,
    role,
    tolerance: tolerance ?? ROLE_TOLERANCE[role],
    measuredBy: measuredBy ?? ingredientById(CATALOGUE, ingredientId).measuredBy[0],
  };
}

type MaskRow = Pick<Mask, 'id' | 'name' | 'summary' | 'needs' | 'slot' | 'texture' | 'wear' | 'rinse' | 'steps'> &
  Partial<Omit<Mask, 'parts'>> & { readonly of: readonly PartRow[] };

/** A built-in mask: a roots-to-tips bowl from the blender for the same day, unless the row says otherwise. */
export function mask({ of, ...row }: MaskRow): Mask {
  return {
    ...BLANK_MASK,
    version: 1,
    parts: normaliseShares(of.map(part)),
    ...row,
  };
}

/** Wear time in minutes: minimum, aim, limit. */
export const minutes = (minimumMinutes: number, aimMinutes: number, limitMinutes: number) => ({
  minimumMinutes,
  aimMinutes,
  limitMinutes,
});

/** Rinse: temperature, shampoos, conditioner after, acid rinse after. */
export const rinse = (
  temperature: Mask['rinse']['temperature'],
  shampoos: 0 | 1 | 2,
  conditioner = false,
  acidRinse = false,
): Mask['rinse'] => ({ temperature, shampoos, conditioner, acidRinse });
