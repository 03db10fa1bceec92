import { cannot } from '../message';
import {
  gramsPerMillilitre,
  ingredientById,
  keepingInBowl,
  mixedFlow,
  rawRecipeOf,
  type BlendYield,
  type Catalogue,
  type Ingredient,
  type Keeping,
} from '../ingredient';
import { makingFor, type Making, type MakingOptions } from './making';

/** One thing to have in an amount, and what it is made from, down to what is bought. */
export interface MakingNode {
  readonly ingredientId: string;
  readonly grams: number;
  /** For what is cooked or steeped: the pot. */
  readonly making?: Making;
  /** What goes into it, made or bought; empty for what comes as it is. */
  readonly from: readonly MakingNode[];
}

/** Made things may rest on made things so many deep; more is a circle or a muddle. */
const DEEPEST = 6;

/**
 * Everything a made thing rests on: a mask calls for rice cream, the cream for rice and water; an oil steeped with
 * petals for the oil, which may itself be a blend.
 *
 * @param grams wanted of it, 0 or more
 * @param options by ingredient, the school each is cooked by
 * @throws RangeError when something is made of itself, directly or on the way round, or of the unknown
 * @example makingTree(CATALOGUE, 'rice-cream', 150).from[0].ingredientId // 'water'
 */
export function makingTree(
  catalogue: Catalogue,
  ingredientId: string,
  grams: number,
  options: Readonly<Record<string, MakingOptions>> = {},
): MakingNode {
  return node(catalogue, ingredientId, grams, options, []);
}

function node(
  catalogue: Catalogue,
  ingredientId: string,
  grams: number,
  options: Readonly<Record<string, MakingOptions>>,
  above: readonly string[],
): MakingNode {
  const ingredient = ingredientById(catalogue, ingredientId);
  if (above.includes(ingredientId)) throw cannot('made-of-itself', { ingredient: ingredient.name });
  if (above.length > DEEPEST) throw cannot('made-too-deep', { ingredient: ingredient.name });
  const path = [...above, ingredientId];
  const how = ingredient.recipe?.yield;
  if (how?.kind === 'blend') {
    const goesIn = grams / (1 - how.keptBackShare);
    const total = how.parts.reduce((sum, { share }) => sum + share, 0);
    if (!(total > 0)) throw cannot('made-of-nothing', { ingredient: ingredient.name });
    const from = how.parts.map((part) =>
      node(catalogue, part.ingredientId, (goesIn * part.share) / total, options, path),
    );
    return { ingredientId, grams, from };
  }
  const recipe = rawRecipeOf(ingredient);
  if (!recipe) return { ingredientId, grams, from: [] };
  const making = makingFor(recipe, grams, options[ingredientId]);
  const liquid = making.liquidGrams + making.blenderGrams + making.topUpGrams;
  return { ingredientId, grams, making, from: [node(catalogue, recipe.pot.liquidId, liquid, options, path)] };
}

/** What follows for a made thing from what goes into it: density, flow, allergens, stains, and how long it keeps. */
export type MadeProperties = Pick<Ingredient, 'density' | 'flowLog10' | 'allergens' | 'crossesWithLatex' | 'stains'> & {
  readonly keeping: { readonly made: Keeping };
};

/** The strictest of several keepings, figure by figure; the source of the shortest time in the cold. */
export function strictestKeeping(all: readonly [Keeping, ...Keeping[]]): Keeping {
  const least = (of: (keeping: Keeping) => number): number => Math.min(...all.map(of));
  const frozen = all.flatMap(({ frozenHours }) => frozenHours ?? []);
  const first = all.reduce((strict, one) => (one.coldHours < strict.coldHours ? one : strict));
  return {
    roomHours: least(({ roomHours }) => roomHours),
    warmHours: least(({ warmHours }) => warmHours),
    coldHours: least(({ coldHours }) => coldHours),
    // What has a part that does not freeze does not freeze.
    ...(frozen.length === all.length ? { frozenHours: Math.min(...frozen) } : {}),
    source: first.source,
  };
}

/**
 * The properties a blend has from its parts: volumes add up, flow is {@link mixedFlow},
 * what any part brings of allergens and stains stays, and it keeps as its most perishable part does.
 * @throws RangeError for parts that sum to nothing or are unknown
 * @example blendProperties({ parts: [{ ingredientId: 'olive-oil', share: 1 }, { ingredientId: 'honey', share: 1 }] }, CATALOGUE).density // { gramsPerMillilitre: 1.11 }
 */
export function blendProperties({ parts }: Pick<BlendYield, 'parts'>, catalogue: Catalogue): MadeProperties {
  const total = parts.reduce((sum, { share }) => sum + share, 0);
  const rows = parts.map(({ ingredientId, share }) => ({
    row: ingredientById(catalogue, ingredientId),
    share: share / total,
  }));
  const [first, ...more] = rows.map(({ row }) => keepingInBowl(row));
  if (!(total > 0) || !first) throw cannot('made-without-amounts');
  const millilitresPerGram = rows.reduce((sum, { row, share }) => sum + share / gramsPerMillilitre(row), 0);
  return {
    density: { gramsPerMillilitre: 1 / millilitresPerGram, source: 'own' },
    flowLog10: mixedFlow(rows.map(({ row, share }) => ({ row, grams: share }))).flowLog10,
    allergens: [...new Set(rows.flatMap(({ row }) => row.allergens))],
    crossesWithLatex: rows.some(({ row }) => row.crossesWithLatex),
    stains: rows.some(({ row }) => row.stains),
    keeping: { made: strictestKeeping([first, ...more]) },
  };
}
