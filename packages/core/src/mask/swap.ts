import { gramsPerMillilitre, ingredientById, type Allergen, type Catalogue, type Ingredient } from '../ingredient';
import { tightened } from './careful';
import { normaliseShares } from './formula';
import { rebalanced } from './rebalance';
import { estimateTexture, type TextureEstimate } from './texture';
import type { FormulaPart, Mask } from './types';

/** What a maker asks to be without, in the words of the kitchen. */
export const SWAP_WISHES = ['without-egg', 'without-dairy', 'without-nuts', 'without-honey', 'lighter-oil'] as const;
export type SwapWish = (typeof SWAP_WISHES)[number];

/** Swaps by ingredient: what stands in for what. */
export type Swaps = Readonly<Record<string, string>>;

/** Oils lighter than this flow do not weigh fine hair down (common practice, no published source; the figure is ours). */
const LIGHT_OIL_FLOW = 1.85;

/** True when a wish asks to be without this ingredient. */
export function offends(row: Ingredient, wish: SwapWish): boolean {
  const holds = (allergen: Allergen): boolean => row.allergens.includes(allergen);
  switch (wish) {
    case 'without-egg':
      return holds('egg');
    case 'without-dairy':
      return holds('milk');
    case 'without-nuts':
      return holds('nuts');
    case 'without-honey':
      return holds('bee-products');
    case 'lighter-oil':
      return row.traits.matter === 'fat' && row.flowLog10 > LIGHT_OIL_FLOW;
  }
}

export interface SwapOptions {
  /** Never offered: an allergen of the wearer's, an ingredient she asks to be without. */
  readonly avoid?: (row: Ingredient) => boolean;
  /** Only these are offered: what is on hand. */
  readonly onHand?: ReadonlySet<string>;
}

/**
 * What could stand in for one ingredient of a mask: what its maker says, then what a cook would take, as its row says, then its own
 * family where that does the same work. Never across kinds by mass alone: no onion for milk, no glycerine for honey.
 */
export function swapCandidates(
  mask: Pick<Mask, 'parts'>,
  ingredientId: string,
  catalogue: Catalogue,
  { avoid = () => false, onHand }: SwapOptions = {},
): readonly Ingredient[] {
  const part = mask.parts.find((candidate) => candidate.ingredientId === ingredientId);
  if (!part) return [];
  const now = ingredientById(catalogue, ingredientId);
  const taken = new Set(mask.parts.map((other) => other.ingredientId));
  const said = [...(part.instead ?? []), ...now.traits.swaps.map((partner) => partner.ingredientId)];
  const rank = new Map([...new Set(said)].map((id, i) => [id, i]));
  const order = (row: Ingredient): number => rank.get(row.id) ?? rank.size + distance(now, row);
  return [...catalogue.values()]
    .filter(
      (row) =>
        !taken.has(row.id) &&
        (rank.has(row.id) ||
          (row.family === now.family &&
            row.traits.matter === now.traits.matter &&
            row.traits.roles.includes(part.role))) &&
        (onHand === undefined || onHand.has(row.id) || row.traits.isFromTap) &&
        !avoid(row),
    )
    .sort((a, b) => order(a) - order(b) || a.id.localeCompare(b.id));
}

/** How unlike two ingredients of a family are: a decade of flow, and 20 g of protein or fat in 100, count one each. */
function distance(a: Ingredient, b: Ingredient): number {
  const grams = (row: Ingredient, key: 'proteinGrams' | 'fatGrams') => row.composition?.[key] ?? 0;
  const apart = (key: 'proteinGrams' | 'fatGrams') => Math.abs(grams(a, key) - grams(b, key)) / 20;
  return Math.abs(a.flowLog10 - b.flowLog10) + apart('proteinGrams') + apart('fatGrams');
}

/**
 * A mask with some ingredients standing in for others: volume for volume times the partner's ratio, then re-balanced to the texture it is meant
 * to have, and tightened by the rules of what came in. What is not in the mask is passed over; two that become
 * the same are put together.
 * @throws RangeError for an unknown ingredient
 */
export function swapped(mask: Mask, swaps: Swaps, catalogue: Catalogue): Mask {
  if (!mask.parts.some(({ ingredientId }) => (swaps[ingredientId] ?? ingredientId) !== ingredientId)) return mask;
  const merged = new Map<string, FormulaPart>();
  for (const part of mask.parts) {
    const stand = stoodIn(part, swaps[part.ingredientId] ?? part.ingredientId, catalogue);
    const known = merged.get(stand.ingredientId);
    merged.set(stand.ingredientId, known ? { ...known, share: known.share + stand.share } : stand);
  }
  const parts = normaliseShares([...merged.values()]);
  const ids = new Set(parts.map(({ ingredientId }) => ingredientId));
  const next: Mask = {
    ...mask,
    parts: rebalanced({ parts, texture: mask.texture }, catalogue),
    heldRatios: mask.heldRatios.filter(
      ({ ingredientId, toIngredientId }) => ids.has(ingredientId) && ids.has(toIngredientId),
    ),
  };
  return tightened(next, catalogue);
}

/** The part with another ingredient in it: as much by volume as a cook would take. */
function stoodIn(part: FormulaPart, ingredientId: string, catalogue: Catalogue): FormulaPart {
  if (ingredientId === part.ingredientId) return part;
  const before = ingredientById(catalogue, part.ingredientId);
  const after = ingredientById(catalogue, ingredientId);
  const { writtenAmount: _written, ...rest } = part;
  const ratio = before.traits.swaps.find((partner) => partner.ingredientId === ingredientId)?.ratio ?? 1;
  return {
    ...rest,
    ingredientId,
    share: (part.share / gramsPerMillilitre(before)) * ratio * gramsPerMillilitre(after),
    measuredBy: after.measuredBy.includes(part.measuredBy) ? part.measuredBy : after.measuredBy[0],
  };
}

/**
 * The swaps that fulfil a wish for a mask: for each ingredient it asks to be without, the nearest that does not offend.
 * @returns the swaps, and the ingredients for which nothing was found
 */
export function swapsFor(
  mask: Mask,
  wish: SwapWish,
  catalogue: Catalogue,
  options: SwapOptions = {},
): { readonly swaps: Swaps; readonly without: readonly string[] } {
  const swaps: Record<string, string> = {};
  const without: string[] = [];
  const avoid = (row: Ingredient): boolean => offends(row, wish) || (options.avoid?.(row) ?? false);
  for (const { ingredientId } of mask.parts) {
    if (!offends(ingredientById(catalogue, ingredientId), wish)) continue;
    const used = new Set(Object.values(swaps));
    const found = swapCandidates(mask, ingredientId, catalogue, { ...options, avoid }).find(({ id }) => !used.has(id));
    if (found) swaps[ingredientId] = found.id;
    else without.push(ingredientId);
  }
  return { swaps, without };
}

/**
 * The swaps that make a mask from what is on hand: for each ingredient that is not there, the nearest that is.
 * @returns the swaps, and the ingredients for which nothing on hand does the work
 */
export function swapsFromHand(
  mask: Mask,
  onHand: ReadonlySet<string>,
  catalogue: Catalogue,
  options: Omit<SwapOptions, 'onHand'> = {},
): { readonly swaps: Swaps; readonly without: readonly string[] } {
  const swaps: Record<string, string> = {};
  const without: string[] = [];
  for (const { ingredientId } of mask.parts) {
    const { traits } = ingredientById(catalogue, ingredientId);
    // From the tap, or in drops: nobody keeps book of it.
    if (onHand.has(ingredientId) || traits.isFromTap || traits.matter === 'drops') continue;
    const used = new Set(Object.values(swaps));
    const found = swapCandidates(mask, ingredientId, catalogue, { ...options, onHand }).find(({ id }) => !used.has(id));
    if (found) swaps[ingredientId] = found.id;
    else without.push(ingredientId);
  }
  return { swaps, without };
}

/**
 * The swaps that make a mask lighter, for roots that grease or hair that is easily weighed down: for each ingredient the first stand-in
 * that its row calls lighter (common practice, no published source: water for milk, jojoba for olive oil, white for whole egg).
 * @example lighterSwaps({ parts: [{ ingredientId: 'milk', share: 1 }] }, CATALOGUE) // { milk: 'water' }
 */
export function lighterSwaps(mask: Pick<Mask, 'parts'>, catalogue: Catalogue, options: SwapOptions = {}): Swaps {
  const swaps: Record<string, string> = {};
  for (const { ingredientId } of mask.parts) {
    const { traits } = ingredientById(catalogue, ingredientId);
    const lighter = traits.swaps.filter(({ changes }) => changes.includes('lighter')).map((one) => one.ingredientId);
    const used = new Set(Object.values(swaps));
    const found = swapCandidates(mask, ingredientId, catalogue, options).find(
      ({ id }) => lighter.includes(id) && !used.has(id),
    );
    if (found) swaps[ingredientId] = found.id;
  }
  return swaps;
}

/** What a swap changes, for the maker to weigh. */
export interface SwapConsequences {
  readonly textureBefore: TextureEstimate;
  readonly textureAfter: TextureEstimate;
  readonly allergensGained: readonly Allergen[];
  readonly allergensLost: readonly Allergen[];
  readonly latexGained: boolean;
  /** Fields of the mask that the new ingredients tightened. */
  readonly tightened: readonly ('heat' | 'rinse' | 'wear' | 'slot' | 'strained' | 'keeping')[];
  /** Drift of the shares of what stayed, by ingredient, relative. */
  readonly shifted: readonly { readonly ingredientId: string; readonly drift: number }[];
}

/** Compares a mask with itself after swaps. @throws RangeError for an unknown ingredient */
export function swapConsequences(before: Mask, after: Mask, catalogue: Catalogue): SwapConsequences {
  const allergens = (mask: Mask) =>
    new Set(mask.parts.flatMap(({ ingredientId }) => ingredientById(catalogue, ingredientId).allergens));
  const latex = (mask: Mask) =>
    mask.parts.some(({ ingredientId }) => ingredientById(catalogue, ingredientId).crossesWithLatex);
  const texture = (mask: Mask) =>
    estimateTexture(
      mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
      catalogue,
    );
  const [had, has] = [allergens(before), allergens(after)];
  const shareBefore = new Map(before.parts.map(({ ingredientId, share }) => [ingredientId, share]));
  const fields = ['heat', 'rinse', 'wear', 'slot', 'strained', 'keeping'] as const;
  return {
    textureBefore: texture(before),
    textureAfter: texture(after),
    allergensGained: [...has].filter((one) => !had.has(one)),
    allergensLost: [...had].filter((one) => !has.has(one)),
    latexGained: latex(after) && !latex(before),
    tightened: fields.filter((field) => JSON.stringify(before[field]) !== JSON.stringify(after[field])),
    shifted: after.parts.flatMap(({ ingredientId, share }) => {
      const was = shareBefore.get(ingredientId);
      return was === undefined || was === 0 ? [] : [{ ingredientId, drift: share / was - 1 }];
    }),
  };
}
