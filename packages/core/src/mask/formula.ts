import { cannot } from '../message';
import { gramsPerMillilitre, ingredientById, type Catalogue, type Role } from '../ingredient';
import type { FormulaPart, Mask } from './types';

/** How far a share may drift by what the ingredient does. Assumption of this project. */
export const ROLE_TOLERANCE: Readonly<Record<Role, number>> = {
  body: 0.15,
  oil: 0.2,
  humectant: 0.25,
  active: 0.25,
  thinner: 0.35,
  acid: 0.25,
  scent: 0.5,
};

/**
 * The same parts with shares that sum to exactly 1.
 * @throws RangeError when there is nothing to share out: no part, a negative share, or a sum of 0
 */
export function normaliseShares(parts: readonly FormulaPart[]): readonly FormulaPart[] {
  const total = parts.reduce((sum, part) => sum + part.share, 0);
  if (parts.some(({ share }) => !(share >= 0)) || !(total > 0)) throw cannot('formula-of-nothing');
  return parts.map((part) => ({ ...part, share: part.share / total }));
}

/**
 * What part of a gram put in reaches the bowl: the rest stays in the cloth when the mask is strained.
 * @example yieldShare({ strained: true }, 0.1) // 0.9
 */
export function yieldShare(mask: Pick<Mask, 'strained'>, strainedOutShare: number): number {
  return mask.strained ? 1 - strainedOutShare : 1;
}

/**
 * Millilitres in the bowl from one gram put in, by ingredient.
 * Mixing is taken as volume-additive.
 * @example bowlMillilitresPerGram({ strained: false }, CATALOGUE, 'honey') // 0.704
 */
export function bowlMillilitresPerGram(
  mask: Pick<Mask, 'strained'>,
  catalogue: Catalogue,
  ingredientId: string,
): number {
  const ingredient = ingredientById(catalogue, ingredientId);
  return yieldShare(mask, ingredient.strainedOutShare) / gramsPerMillilitre(ingredient);
}

/** Millilitres in the bowl from one gram of the whole formula. @example formulaMillilitresPerGram(riceSilk, CATALOGUE) // 0.96 */
export function formulaMillilitresPerGram(mask: Mask, catalogue: Catalogue): number {
  return mask.parts.reduce(
    (sum, part) => sum + part.share * bowlMillilitresPerGram(mask, catalogue, part.ingredientId),
    0,
  );
}
