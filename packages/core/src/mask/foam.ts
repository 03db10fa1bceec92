import { ingredientById, type Catalogue } from '../ingredient';

/** Part of the air that folding in the rest leaves. Assumption of this project. */
const KEPT_WHEN_FOLDED = 0.5;

export interface Foam {
  /** Liquid that is whisked, mL. */
  readonly liquidMillilitres: number;
  /** How high the whisked part stands before it is folded in, mL: the size of the bowl to whisk in. */
  readonly whiskedMillilitres: number;
  /** How high the whole stands just after folding, mL. It settles to its liquid volume. */
  readonly standingMillilitres: number;
}

/**
 * Foam is where volumes do not add up: whisked white stands high and settles again on the hair. Amounts always count
 * the settled liquid; this says how large a bowl it takes meanwhile.
 * @param lines millilitres of each ingredient in the bowl
 * @returns undefined when nothing in it whisks
 * @example foamOf([{ ingredientId: 'egg-white', bowlMillilitres: 60 }], CATALOGUE) // { liquidMillilitres: 60, whiskedMillilitres: 360, standingMillilitres: 210 }
 */
export function foamOf(
  lines: readonly { readonly ingredientId: string; readonly bowlMillilitres: number }[],
  catalogue: Catalogue,
): Foam | undefined {
  let liquid = 0;
  let whisked = 0;
  let total = 0;
  for (const { ingredientId, bowlMillilitres } of lines) {
    total += bowlMillilitres;
    const times = ingredientById(catalogue, ingredientId).traits.foams;
    if (!times) continue;
    liquid += bowlMillilitres;
    whisked += bowlMillilitres * times;
  }
  if (liquid === 0) return undefined;
  return {
    liquidMillilitres: liquid,
    whiskedMillilitres: whisked,
    standingMillilitres: total + (whisked - liquid) * KEPT_WHEN_FOLDED,
  };
}
