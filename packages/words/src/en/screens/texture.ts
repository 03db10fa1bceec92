import type { FittedAmounts } from '@amber-ladle/core/batch';
import { gramsPerMillilitre, ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { estimateTexture, textureClass, textureFixes, type TextureFix } from '@amber-ladle/core/mask';
import type { TextureClass } from '@amber-ladle/core/hair';
import { kitchenRound } from '@amber-ladle/core/measure';

/** What a bowl comes out as. */
export const TEXTURE_WORDS: Readonly<Record<TextureClass, string>> = {
  oil: 'oil',
  runny: 'runny',
  pourable: 'pourable',
  creamy: 'creamy',
  thick: 'thick',
  stiff: 'stiff',
};

/** What thickens and what thins the bowl most, in words. */
export function pullWords(bowl: Pick<FittedAmounts, 'texture'>, catalogue: Catalogue): string {
  const sorted = [...bowl.texture.pulls].sort((a, b) => b.pull - a.pull);
  const thickest = sorted[0];
  const thinnest = sorted.at(-1);
  const name = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  if (!thickest || !thinnest || thickest === thinnest) return '';
  return `${name(thickest.ingredientId)} thickens it most, ${name(thinnest.ingredientId)} thins it most`;
}

/** One way to have a bowl otherwise, in words: "add about 52 mL (52 g) water". */
export function fixWords(fix: TextureFix, catalogue: Catalogue): string {
  const { does, ingredientId, grams, isInBowl, liquidId } = fix;
  const nameOf = (id: string): string => ingredientById(catalogue, id).name.toLowerCase();
  const name = nameOf(ingredientId);
  const amount = `${kitchenRound(grams / gramsPerMillilitre(ingredientById(catalogue, ingredientId)))} mL (${kitchenRound(grams)} g)`;
  switch (does) {
    case 'add':
      return `add about ${amount} ${isInBowl ? 'more ' : ''}${name}`;
    case 'hold-back':
      return `hold back about ${amount} of the ${name}`;
    case 'cook-thinner':
      return `cook the ${name} thinner: about ${amount} of it less, and as much more ${nameOf(liquidId ?? 'water')} in the pot`;
  }
}

/** Less than this is the plate's own doubt, log₁₀. */
const SAME = 0.5;

/** What a plate says of a bowl that stands there: as reckoned, or otherwise, and what would bring it back. */
export function plateSays(
  bowl: Pick<FittedAmounts, 'texture' | 'lines'>,
  flowLog10: number,
  catalogue: Catalogue,
): string {
  const reckoned = bowl.texture;
  const now = textureClass(flowLog10);
  const apart = flowLog10 - reckoned.flowLog10;
  if (now === reckoned.texture) return `As reckoned: ${TEXTURE_WORDS[now]}.`;
  if (Math.abs(apart) < SAME)
    return `Near enough: reckoned ${TEXTURE_WORDS[reckoned.texture]}, and it is just ${TEXTURE_WORDS[now]}.`;
  const { flowLog10: plain } = estimateTexture(bowl.lines, catalogue);
  const fixes = textureFixes(bowl.lines, catalogue, reckoned.texture, flowLog10 - plain);
  // What is mixed already can only be added to.
  const fix = fixes.find(({ does }) => does === 'add');
  const is = `Reckoned ${TEXTURE_WORDS[reckoned.texture]}, and it is ${TEXTURE_WORDS[now]}`;
  if (!fix)
    return apart > 0 ? `${is}: it lies thicker, so it may not go as far.` : `${is}: it runs, so work over a basin.`;
  return `${is}. As reckoned it would be with this in it: ${fixWords(fix, catalogue)}.`;
}
