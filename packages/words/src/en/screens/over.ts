import type { Overshoot } from '@amber-ladle/core/batch';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { kitchenRound, writeFraction } from '@amber-ladle/core/measure';

/** Why a bowl is more than it need be, in a sentence. */
export function overWords({ millilitres, reason, ingredientId }: Overshoot, catalogue: Catalogue): string {
  const more = `${kitchenRound(millilitres)} mL more than it need be`;
  if (ingredientId === undefined) return `${more}: smaller spoons would be needed to come nearer.`;
  const { name, pieces } = ingredientById(catalogue, ingredientId);
  if (reason === 'locked') return `${more}: that much ${name.toLowerCase()} is fixed.`;
  const noun = pieces?.noun ?? name.toLowerCase();
  const least = pieces && pieces.cutInto > 1 ? `${writeFraction(1 / pieces.cutInto)} ${noun}` : `a whole ${noun}`;
  return `${more}: ${least} is the least that can be taken.`;
}
