import type { SizedBowl } from '@amber-ladle/core/batch';
import { gramsPerMillilitre, ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { gramsToReach, textureBounds, type Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';

/** From thin to stiff, as they stand on the scale. */
export const TEXTURES = ['runny', 'pourable', 'creamy', 'thick', 'stiff'] as const;
export type ScaleTexture = (typeof TEXTURES)[number];

/** More thinner than this share of the bowl is another mask, not a fix. */
const MOST_OF_BOWL = 0.35;

/** A little inside the class, so that the fix does not end on its edge. */
const INSIDE = 0.15;

/**
 * How to bring a bowl one class thinner, in one sentence: with the mask's own thinner where it has one, else water.
 * Empty where the bowl is as thin as bowls get, or where it would take so much that it were another mask.
 */
export function thinnerWords(bowl: SizedBowl, mask: Mask, catalogue: Catalogue): string {
  const at = TEXTURES.indexOf(bowl.texture.texture);
  const wanted = TEXTURES[at - 1];
  if (!wanted) return '';
  const own = mask.parts.find(({ role }) => role === 'thinner')?.ingredientId ?? 'water';
  const [, upper] = textureBounds(wanted);
  for (const id of [own, 'water']) {
    const thinner = ingredientById(catalogue, id);
    const grams = gramsToReach(bowl.texture, bowl.madeGrams, thinner.flowLog10, upper - INSIDE);
    if (grams === undefined || grams > MOST_OF_BOWL * bowl.madeGrams) continue;
    const millilitres = kitchenRound(grams / gramsPerMillilitre(thinner));
    return `About ${millilitres} mL more ${thinner.name.toLowerCase()} would make it ${wanted}.`;
  }
  return '';
}

/** What thickens and what thins the bowl most, in words. */
export function pullWords(bowl: SizedBowl, catalogue: Catalogue): string {
  const sorted = [...bowl.texture.pulls].sort((a, b) => b.pull - a.pull);
  const thickest = sorted[0];
  const thinnest = sorted.at(-1);
  const name = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  if (!thickest || !thinnest || thickest === thinnest) return '';
  return `${name(thickest.ingredientId)} thickens it most, ${name(thinnest.ingredientId)} thins it most`;
}
