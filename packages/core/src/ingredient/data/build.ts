import type { SourceId } from '../../source';
import { completed } from '../complete';
import { USUAL_PIECE_SPREAD } from '../pieces';
import type { Composition, Ingredient, Pieces, PieceSize, SaidIngredient } from '../types';

/** What a table row must say; the rest has quiet defaults. */
export type Row = Pick<SaidIngredient, 'id' | 'name' | 'family' | 'measuredBy' | 'flowLog10'> & Partial<SaidIngredient>;

/** A catalogue row: nothing strained out, no allergen, no stain unless it says so; the rest from its family. */
export function ingredient(row: Row): Ingredient {
  return completed({
    state: '',
    flowSource: 'own',
    strainedOutShare: 0,
    allergens: [],
    crossesWithLatex: false,
    stains: false,
    advice: '',
    ...row,
  });
}

/** A composition per 100 g: water, protein, fat, carbohydrate without fibre, fibre, ash. */
export function per100(
  figures: readonly [water: number, protein: number, fat: number, carbohydrate: number, fibre: number, ash: number],
  source: SourceId = 'usda-sr',
): Composition {
  const [waterGrams, proteinGrams, fatGrams, carbohydrateGrams, fibreGrams, ashGrams] = figures;
  return { waterGrams, proteinGrams, fatGrams, carbohydrateGrams, fibreGrams, ashGrams, source };
}

/** Millilitres in a US cup and tablespoon, for densities that come from household weights. */
const CUP = 236.5882365;
const TABLESPOON = 14.78676478125;

/** A density from the weight of a household cup. */
export const perCup = (grams: number, source: SourceId = 'usda-sr') => ({ gramsPerMillilitre: grams / CUP, source });
/** A density from the weight of a household tablespoon. */
export const perTablespoon = (grams: number, source: SourceId = 'usda-sr') => ({
  gramsPerMillilitre: grams / TABLESPOON,
  source,
});
/** A density given as such. */
export const gramsEach = (gramsPerMillilitre: number, source: SourceId = 'common-practice') => ({
  gramsPerMillilitre,
  source,
});

type SizeRow = readonly [id: string, usableGrams: number, source?: SourceId];

/** Pieces: nouns, sizes from small to large, the usual one, the cut, the refuse and its source. */
export function pieces(
  [noun, nouns]: readonly [string, string],
  sizes: readonly SizeRow[],
  usualSize: string,
  rest: {
    cutInto: number;
    refuseShare: number;
    refuseSource?: SourceId;
    weightSpread?: number;
    gramsPerCentimetre?: number;
    nounIsName?: false;
  },
): Pieces {
  return {
    noun,
    nouns,
    sizes: sizes.map(([id, usableGrams, source = 'usda-sr']): PieceSize => ({ id, name: id, usableGrams, source })),
    usualSize,
    refuseSource: 'usda-sr',
    weightSpread: USUAL_PIECE_SPREAD,
    ...rest,
  };
}

/** Water and what it may hold: nothing worth a line. */
export const WATERY = per100([99, 0.1, 0, 0.6, 0.1, 0.2], 'own');
export const PURE_FAT = per100([0, 0, 100, 0, 0, 0]);
