import type { Composition, Ingredient } from './types';

/**
 * Density of a food from its composition, in g/mL.
 *
 * Choi and Okos 1986 (from memory): component densities in kg/m³ at T °C, combined as 1/ρ = Σ xᵢ/ρᵢ.
 * Water 997.18 + 0.0031439 T − 0.0037574 T²; protein 1329.9 − 0.5184 T; fat 925.59 − 0.41757 T;
 * carbohydrate 1599.1 − 0.31046 T; fibre 1311.5 − 0.36589 T; ash 2423.8 − 0.28063 T.
 * A spooned purée holds air and comes out up to 15 % lighter.
 *
 * @param composition shares are taken of their own sum, so a table that adds up to 99 g is no error
 * @param celsius −40 to 150, the range of the published fit
 * @throws RangeError outside that range, or for a composition of nothing
 * @example densityFromComposition({ waterGrams: 73, proteinGrams: 2, fatGrams: 15, carbohydrateGrams: 9, fibreGrams: 0, ashGrams: 1 }) // 1.03
 */
export function densityFromComposition(composition: Composition, celsius = 20): number {
  if (!(celsius >= -40 && celsius <= 150)) throw new RangeError('Densities are known from −40 to 150 °C.');
  const t = celsius;
  const parts: readonly (readonly [grams: number, kilogramsPerCubicMetre: number])[] = [
    [composition.waterGrams, 997.18 + 0.0031439 * t - 0.0037574 * t * t],
    [composition.proteinGrams, 1329.9 - 0.5184 * t],
    [composition.fatGrams, 925.59 - 0.41757 * t],
    [composition.carbohydrateGrams, 1599.1 - 0.31046 * t],
    [composition.fibreGrams, 1311.5 - 0.36589 * t],
    [composition.ashGrams, 2423.8 - 0.28063 * t],
  ];
  const grams = parts.reduce((sum, [part]) => sum + part, 0);
  if (!(grams > 0)) throw new RangeError('A composition needs at least one component.');
  const litresPerKilogram = parts.reduce((sum, [part, density]) => sum + part / grams / density, 0);
  return 1 / litresPerKilogram / 1000;
}

/**
 * Density used in the kitchen, in g/mL: the given figure, else the one that follows from the composition.
 * @throws RangeError when an ingredient has neither
 * @example gramsPerMillilitre(honey) // 1.42
 */
export function gramsPerMillilitre(ingredient: Ingredient): number {
  if (ingredient.density) return ingredient.density.gramsPerMillilitre;
  if (ingredient.composition) return densityFromComposition(ingredient.composition);
  throw new RangeError(`${ingredient.name} has neither a density nor a composition.`);
}
