import { cannot } from '../message';
import { ingredientById, type Catalogue, type Ingredient, type MeasuredBy, type Role } from '../ingredient';
import { normaliseShares, ROLE_TOLERANCE } from './formula';
import type { FormulaPart } from './types';

/** One ingredient with the amount a maker takes of it. */
export interface Amount {
  readonly ingredientId: string;
  /** Usable grams, above 0. */
  readonly grams: number;
  readonly role?: Role;
  readonly measuredBy?: MeasuredBy;
  readonly tolerance?: number;
  /** As she wrote it: "2 yolks". */
  readonly writtenAmount?: string;
  readonly instead?: readonly string[];
}

/** Wet things of this share or more carry the bowl. Assumption of this project. */
const BODY_SHARE = 0.4;

/** The role an ingredient usually has at a share of the bowl, 0 to 1: what can carry a bowl and is much of it does. */
export function usualRole({ traits }: Pick<Ingredient, 'traits'>, share: number): Role {
  return share >= BODY_SHARE && traits.roles.includes('body') ? 'body' : traits.roles[0];
}

/**
 * A formula from amounts: "2 yolks, 3 tbsp oil, half a papaya" as shares by mass, with usual roles and their tolerances.
 * The same ingredient named twice is added up.
 * @throws RangeError for no amount at all, one that is not above nothing, or an unknown ingredient
 */
export function composed(amounts: readonly Amount[], catalogue: Catalogue): readonly FormulaPart[] {
  if (amounts.some(({ grams }) => !(grams > 0))) throw cannot('part-of-nothing');
  const total = amounts.reduce((sum, { grams }) => sum + grams, 0);
  const byId = new Map<string, Amount>();
  for (const amount of amounts) {
    const known = byId.get(amount.ingredientId);
    const { writtenAmount: _written, ...summed } = { ...known, ...amount };
    byId.set(amount.ingredientId, known ? { ...summed, grams: known.grams + amount.grams } : amount);
  }
  return normaliseShares(
    [...byId.values()].map(({ ingredientId, grams, ...given }) => {
      const row = ingredientById(catalogue, ingredientId);
      const role = given.role ?? usualRole(row, grams / total);
      return {
        ingredientId,
        share: grams,
        role,
        tolerance: given.tolerance ?? ROLE_TOLERANCE[role],
        measuredBy: given.measuredBy ?? row.measuredBy[0],
        ...(given.writtenAmount === undefined ? {} : { writtenAmount: given.writtenAmount }),
        ...(given.instead === undefined || given.instead.length === 0 ? {} : { instead: given.instead }),
      };
    }),
  );
}
