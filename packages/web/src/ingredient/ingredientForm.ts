import { ingredientText } from '@amber-ladle/words';
import {
  gramsPerMillilitre,
  isPerishable,
  keepingInBowl,
  rawRecipeOf,
  type Allergen,
  type Family,
  type Ingredient,
  type Smell,
} from '@amber-ladle/core/ingredient';
import { spoonMillilitres, type Spoon } from '@amber-ladle/core/measure';
import { potFormOf, type PotForm } from './potForm';

/** What a person says of an ingredient, in the ways a kitchen can find out. */
export interface IngredientForm {
  name: string;
  family: Family;
  state: string;
  /** How its weight by volume is known. */
  weight: 'spoon' | 'composition' | 'made';
  spoonId: string;
  spoonGrams: number | null;
  composition: Record<
    'waterGrams' | 'proteinGrams' | 'fatGrams' | 'carbohydrateGrams' | 'fibreGrams' | 'ashGrams',
    number
  >;
  /** Thickness, by likeness to something known. */
  likeId: string;
  noun: string;
  nouns: string;
  pieceGrams: number | null;
  refusePercent: number;
  cutInto: number;
  strainedPercent: number;
  allergens: Allergen[];
  crossesWithLatex: boolean;
  stains: boolean;
  advice: string;
  keptBackPercent: number;
  minutes: number;
  how: string;
  smells: Smell[];
  /** Goes off within hours in a room once it is open, cut or made. */
  spoils: boolean;
  /** Days that it then keeps in a fridge. */
  keepDays: number;
  /** Made from something raw in a pot or a jar. */
  hasPot: boolean;
  pot: PotForm;
}

const NO_COMPOSITION: IngredientForm['composition'] = {
  waterGrams: 0,
  proteinGrams: 0,
  fatGrams: 0,
  carbohydrateGrams: 0,
  fibreGrams: 0,
  ashGrams: 0,
};

/** What a blended thing is made of, and what a cloth keeps of it. */
export function blendOf(row: Ingredient | undefined) {
  const how = row?.recipe?.yield;
  return how?.kind === 'blend' ? how : undefined;
}
function compositionOf(row: Ingredient | undefined): IngredientForm['composition'] {
  if (!row?.composition) return { ...NO_COMPOSITION };
  const { source: _source, ...grams } = row.composition;
  return { ...NO_COMPOSITION, ...grams };
}

/**
 * A row as the form shows it; an empty form where there is none.
 * @param spoon the one that weights are said in
 */
export function formOf(row: Ingredient | undefined, spoon: Spoon | undefined): IngredientForm {
  const usual = row?.pieces?.sizes.find(({ id }) => id === row.pieces?.usualSize) ?? row?.pieces?.sizes[0];
  return {
    name: row?.name ?? '',
    family: row?.family ?? 'fruit',
    state: row?.state ?? '',
    weight: blendOf(row) ? 'made' : row && !row.density ? 'composition' : 'spoon',
    spoonId: spoon?.id ?? '',
    spoonGrams: row && spoon ? Math.round(gramsPerMillilitre(row) * spoonMillilitres(spoon) * 100) / 100 : null,
    composition: compositionOf(row),
    likeId: row?.id ?? 'yogurt',
    noun: row?.pieces?.noun ?? '',
    nouns: row?.pieces?.nouns ?? '',
    pieceGrams: usual?.usableGrams ?? null,
    refusePercent: Math.round((row?.pieces?.refuseShare ?? 0) * 100),
    cutInto: row?.pieces?.cutInto ?? 2,
    strainedPercent: Math.round((row?.strainedOutShare ?? 0) * 100),
    allergens: [...(row?.allergens ?? [])],
    crossesWithLatex: row?.crossesWithLatex ?? false,
    stains: row?.stains ?? false,
    advice: row?.advice ?? '',
    keptBackPercent: Math.round((blendOf(row)?.keptBackShare ?? 0) * 100),
    minutes: row?.recipe?.standMinutes ?? 10,
    how: row?.recipe?.how ?? '',
    smells: [...(row?.traits.smells ?? [])],
    spoils: row ? isPerishable(keepingInBowl(row)) : true,
    keepDays: row ? Math.max(1, Math.round(keepingInBowl(row).coldHours / 24)) : 2,
    hasPot: row !== undefined && rawRecipeOf(row) !== undefined,
    pot: potFormOf(row, spoon ? spoonMillilitres(spoon) : 5),
  };
}

/**
 * What is missing before a form can be kept, by where it is said.
 * @param isMadeOf every line of what it is made of has an ingredient and an amount
 */
export function missingIn(form: IngredientForm, isMadeOf: boolean): Readonly<Record<string, string>> {
  const { weight, spoonGrams, composition, hasPot, pot } = form;
  if (weight === 'spoon' && !((spoonGrams ?? 0) > 0)) return { density: ingredientText.weighOneLevelSpoon };
  if (weight === 'composition' && !(Object.values(composition).reduce((sum, grams) => sum + grams, 0) > 1))
    return { composition: ingredientText.compositionComesToLess };
  if (weight === 'made' && !isMadeOf) return { recipe: ingredientText.sayWhat };
  if (hasPot && weight !== 'made' && pot.rawName.trim() === '') return { recipe: ingredientText.sayWhatGoes };
  return {};
}
