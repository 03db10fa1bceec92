import type { Ingredient } from './types';

/** Fats from this flow on are firm in a cool room, log₁₀ mPa·s. Assumption of this project. */
const FIRM_FROM = 3;

/** True for a fat that is melted before it goes in. @example isFirmFat(ingredientById(CATALOGUE, 'shea-butter')) // true */
export const isFirmFat = ({ traits, flowLog10 }: Pick<Ingredient, 'traits' | 'flowLog10'>): boolean =>
  traits.matter === 'fat' && flowLog10 >= FIRM_FROM;
