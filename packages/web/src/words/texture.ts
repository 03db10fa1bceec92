import type { FittedAmounts } from '@amber-ladle/core/batch';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';

/** From thin to stiff, as they stand on the scale. */
export const TEXTURES = ['runny', 'pourable', 'creamy', 'thick', 'stiff'] as const;
export type ScaleTexture = (typeof TEXTURES)[number];

/** What thickens and what thins the bowl most, in words. */
export function pullWords(bowl: Pick<FittedAmounts, 'texture'>, catalogue: Catalogue): string {
  const sorted = [...bowl.texture.pulls].sort((a, b) => b.pull - a.pull);
  const thickest = sorted[0];
  const thinnest = sorted.at(-1);
  const name = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  if (!thickest || !thinnest || thickest === thinnest) return '';
  return `${name(thickest.ingredientId)} thickens it most, ${name(thinnest.ingredientId)} thins it most`;
}
