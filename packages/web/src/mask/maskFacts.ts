import { inARow } from '../data/inARow';
import { maskText, ALLERGEN_WORDS } from '@amber-ladle/words';
import { gramsPerMillilitre, ingredientById, type Catalogue, type Ingredient } from '@amber-ladle/core/ingredient';
import type { FormulaPart, Mask } from '@amber-ladle/core/mask';

/** A part of a mask with what is known of its thing, and how much of 100 g of the mask it fills. */
export interface PartRow {
  readonly part: FormulaPart;
  readonly ingredient: Ingredient;
  /** mL in 100 g of the mask. */
  readonly millilitres: number;
}

/** The parts of a mask, as its page lists them. */
export const partRows = (parts: readonly FormulaPart[], catalogue: Catalogue): readonly PartRow[] =>
  parts.map((part) => {
    const ingredient = ingredientById(catalogue, part.ingredientId);
    return { part, ingredient, millilitres: (part.share * 100) / gramsPerMillilitre(ingredient) };
  });

/** A share in whole percent; drops and pinches to a tenth. */
export const shareWords = (share: number): string => `${(share * 100).toFixed(share < 0.02 ? 1 : 0)} %`;

/** The parts of a version in one line, with whatever has left the book by its id. */
export const partsInWords = (parts: readonly FormulaPart[], catalogue: Catalogue): string =>
  inARow(
    parts.map(({ ingredientId, share }) => `${catalogue.get(ingredientId)?.name ?? ingredientId} ${shareWords(share)}`),
  );

/**
 * What is to be minded with a mask: allergens, its own cautions, latex, stains, the patch test, and what its things advise.
 * @param spell how the household spells what is ours; her own cautions stay as she wrote them
 */
export function careOf(
  rows: readonly PartRow[],
  { cautions = [], stains = false }: Pick<Mask, 'cautions' | 'stains'>,
  spell: (words: string) => string,
): readonly string[] {
  const things = rows.map(({ ingredient }) => ingredient);
  const allergens = inARow([...new Set(things.flatMap((one) => one.allergens))].map((one) => ALLERGEN_WORDS[one]));
  const staining = things.filter((one) => one.stains).map(({ name }) => name);
  return [
    ...(allergens === '' ? [] : [maskText.containsAFoodAllergy(allergens)]),
    ...cautions,
    ...(things.some((one) => one.crossesWithLatex) ? [maskText.aLatexAllergyCan] : []),
    ...(staining.length > 0 || stains ? [maskText.canStainDarkTowel(inARow(staining) || maskText.thisOne)] : []),
    maskText.newToAHead,
    ...things.flatMap(({ name, advice }) => (advice ? [`${name}: ${spell(advice)}`] : [])),
  ];
}
