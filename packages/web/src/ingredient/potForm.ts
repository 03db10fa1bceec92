import { rawRecipeOf, type Ingredient, type Lid, type Method, type Recipe } from '@amber-ladle/core/ingredient';

/** The pot of a made thing, as a kitchen says it. */
export interface PotForm {
  method: Extract<Method, 'boil-and-strain' | 'boil-and-blend' | 'stir-over-heat' | 'steep'>;
  rawName: string;
  /** What a level spoon (the form's) of the raw thing weighs. */
  rawSpoonGrams: number;
  liquidId: string;
  minutes: number;
  lid: Lid;
  /** Where something is strained out: grams made from a gram of it. */
  madePerRaw: number;
  /** Where it stays in: solids of the raw thing in the finished one, per cent. */
  solidsPercent: number;
  standMinutes: number;
}

const FRESH_POT: PotForm = {
  method: 'boil-and-strain',
  rawName: '',
  rawSpoonGrams: 8,
  liquidId: 'water',
  minutes: 7,
  lid: 'open',
  madePerRaw: 7,
  solidsPercent: 10,
  standMinutes: 0,
};
/** Water in a dry grain or flour, and what a cloth keeps of its solids. Assumptions of this project. */
const [DRY_WATER, CLOTH_KEEPS, COOKED_LIQUID] = [0.11, 0.1, 0.85] as const;
/** What a strained-out thing keeps of the liquid, grams to a gram. Assumption of this project. */
const KEPT_PER_RAW = 1.5;

/** The pot of a known row, as the form shows it. */
export function potFormOf(row: Ingredient | undefined, spoonMl: number): PotForm {
  const recipe = row && rawRecipeOf(row);
  if (!recipe) return { ...FRESH_POT };
  const { raw, pot, yield: how, standMinutes } = recipe;
  const methods = ['boil-and-strain', 'boil-and-blend', 'stir-over-heat', 'steep'] as const;
  return {
    method: methods.find((method) => method === recipe.method) ?? 'boil-and-strain',
    rawName: raw.name,
    rawSpoonGrams: Math.round(raw.gramsPerMillilitre * spoonMl * 100) / 100,
    liquidId: pot.liquidId,
    minutes: pot.minutes,
    lid: pot.lid,
    madePerRaw: how.kind === 'extract' ? how.madePerRaw : FRESH_POT.madePerRaw,
    solidsPercent: how.kind === 'solids' ? Math.round((1 - how.madeLiquidShare) * 1000) / 10 : FRESH_POT.solidsPercent,
    standMinutes,
  };
}

/** What was said of a pot, as a recipe. */
export function recipeOf(said: PotForm, spoonMl: number, before: Recipe | undefined): Recipe {
  const isStrained = said.method === 'boil-and-strain' || said.method === 'steep';
  const made = 1 - said.solidsPercent / 100;
  return {
    method: said.method,
    raw: {
      name: said.rawName.trim(),
      alsoCalled: before?.raw?.name === said.rawName.trim() ? before.raw.alsoCalled : [],
      gramsPerMillilitre: said.rawSpoonGrams / spoonMl,
    },
    pot: { liquidId: said.liquidId, minutes: said.method === 'steep' ? 0 : said.minutes, lid: said.lid },
    yield: isStrained
      ? { kind: 'extract', madePerRaw: said.madePerRaw, keptPerRaw: KEPT_PER_RAW }
      : {
          kind: 'solids',
          rawWaterShare: DRY_WATER,
          cookedLiquidShare: said.method === 'boil-and-blend' ? Math.min(made, COOKED_LIQUID) : made,
          madeLiquidShare: made,
          clothShare: said.method === 'boil-and-blend' ? CLOTH_KEEPS : 0,
        },
    standMinutes: said.standMinutes,
    how: before?.how ?? '',
    source: 'household',
  };
}
