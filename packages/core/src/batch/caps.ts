import { gramsPerMillilitre, ingredientById, type Catalogue, type Family } from '../ingredient';
import { bowlMillilitresPerGram, type Mask } from '../mask';
import type { FitCap } from './fit';
import type { SourceId } from '../source';

/** Who wears it, as far as limits go. */
export interface Wearer {
  readonly ageYears: number;
  readonly sensitiveSkin: boolean;
}

export interface NamedCap extends FitCap {
  readonly id: string;
  /** What the limit says, in words for the card. */
  readonly words: string;
  readonly source: SourceId;
}

/**
 * Essential oil in a rinse-off bowl, as a volume share, by age in years: none under 3.
 * Our own limits, stricter than Tisserand and Young.
 */
export function scentLimit(ageYears: number): number {
  if (ageYears < 3) return 0;
  if (ageYears < 6) return 0.0025;
  return ageYears < 16 ? 0.005 : 0.01;
}

/** Grams of a powder in 200 mL of bowl beyond which it dries or roughens (common practice, no published source). */
const POWDER_GRAMS_PER_200_MILLILITRES: Readonly<Record<string, { grams: number; words: string }>> = {
  'hibiscus-powder': { grams: 2.9, words: 'leaf and petal powder: about a teaspoon a bowl, more dries' },
  'nettle-powder': { grams: 2.9, words: 'leaf powder: about a teaspoon a bowl, more dries' },
  'fenugreek-powder': { grams: 7.5, words: 'fenugreek: two teaspoons a bowl, more sets like paste' },
  'baking-soda': { grams: 5, words: 'baking soda: a teaspoon a bowl, it roughens' },
};

/** Coconut oil in a light starch mask: ¼ tsp to 100 mL, with the slack of a spoon's rim (common practice, no published source). */
const COCONUT_GRAMS_PER_MILLILITRE = 0.0135;

/** A pinch of ground pepper in grams: 1/16 tsp at 2.3 g to the teaspoon (USDA, from memory). */
const PEPPER_PINCH_GRAMS = 2.3 / 16;

/** The limits that hold for a mask on a head while it is scaled. A cap always wins over the formula. */
export function capsFor(mask: Mask, catalogue: Catalogue, wearer: Wearer): readonly NamedCap[] {
  const familyOf = (id: string): Family => ingredientById(catalogue, id).family;
  const volumes = mask.parts.map(({ ingredientId }) => bowlMillilitresPerGram(mask, catalogue, ingredientId));
  const perBowlMillilitre = (
    id: string,
    counts: (ingredientId: string) => number,
    limit: number,
  ): Omit<NamedCap, 'words' | 'source'> => ({
    id,
    coefficients: mask.parts.map(({ ingredientId }, i) => counts(ingredientId) - limit * (volumes[i] ?? 0)),
    bound: 0,
    norm: 1,
  });
  const caps: NamedCap[] = [];

  if (mask.parts.some(({ ingredientId }) => familyOf(ingredientId) === 'scent')) {
    const limit = scentLimit(wearer.ageYears);
    caps.push({
      ...perBowlMillilitre(
        'scent',
        (id) => (familyOf(id) === 'scent' ? 1 / gramsPerMillilitre(ingredientById(catalogue, id)) : 0),
        limit,
      ),
      norm: 0.1,
      words:
        limit === 0
          ? 'no essential oil under three years'
          : `essential oil: at most ${limit * 100} % of the bowl at this age`,
      source: 'own',
    });
  }
  for (const { ingredientId } of mask.parts) {
    const powder = POWDER_GRAMS_PER_200_MILLILITRES[ingredientId];
    if (powder)
      caps.push({
        ...perBowlMillilitre(`powder:${ingredientId}`, (id) => (id === ingredientId ? 1 : 0), powder.grams / 200),
        words: powder.words,
        source: 'common-practice',
      });
    if (ingredientId === 'coconut-oil' && mask.parts.some((part) => familyOf(part.ingredientId) === 'starch'))
      caps.push({
        ...perBowlMillilitre('coconut-in-starch', (id) => (id === ingredientId ? 1 : 0), COCONUT_GRAMS_PER_MILLILITRE),
        words: 'coconut oil in a starch mask: ¼ tsp to 100 mL, more is greasy',
        source: 'common-practice',
      });
    if (familyOf(ingredientId) === 'pepper')
      caps.push({
        id: 'pepper',
        coefficients: mask.parts.map((part) => (part.ingredientId === ingredientId ? 1 : 0)),
        bound: PEPPER_PINCH_GRAMS * (wearer.sensitiveSkin ? 1 : 2) * 1.001,
        norm: PEPPER_PINCH_GRAMS,
        words: wearer.sensitiveSkin ? 'pepper: one pinch on sensitive skin' : 'pepper: two pinches at the most',
        source: 'common-practice',
      });
  }
  for (const { ingredientId, toIngredientId, ratio, tolerance } of mask.heldRatios) {
    const perMillilitre = (id: string) => gramsPerMillilitre(ingredientById(catalogue, id));
    const side = (sign: 1 | -1): NamedCap => ({
      id: `ratio:${ingredientId}:${toIngredientId}:${sign > 0 ? 'most' : 'least'}`,
      coefficients: mask.parts.map((part) => {
        if (part.ingredientId === ingredientId) return sign / perMillilitre(ingredientId);
        if (part.ingredientId === toIngredientId)
          return (-sign * ratio * (1 + sign * tolerance)) / perMillilitre(toIngredientId);
        return 0;
      }),
      bound: 0,
      norm: 5,
      words: 'the two liquids keep their ratio',
      source: 'common-practice',
    });
    caps.push(side(1), side(-1));
  }
  return caps;
}
