import {
  POT_METHODS,
  rawRecipeOf,
  type Ingredient,
  type Lid,
  type PotMethod,
  type SaidPot,
} from '@amber-ladle/core/ingredient';

/** The pot of a made thing, as a kitchen says it. */
export interface PotForm {
  method: PotMethod;
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
/** The pot of a known row, as the form shows it. */
export function potFormOf(row: Ingredient | undefined, spoonMl: number): PotForm {
  const recipe = row && rawRecipeOf(row);
  if (!recipe) return { ...FRESH_POT };
  const { raw, pot, yield: how, standMinutes } = recipe;
  return {
    method: POT_METHODS.find((method) => method === recipe.method) ?? 'boil-and-strain',
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

/** What was said of a pot, in the core's units. A figure that nobody touched is what it was, not as the form rounds it. */
export function potSaid(form: PotForm, spoonMl: number, before: Ingredient | undefined): SaidPot {
  const { rawSpoonGrams, solidsPercent, rawName, ...rest } = form;
  const was = potFormOf(before, spoonMl);
  const known = before && rawRecipeOf(before);
  const isSpoonKept = known !== undefined && rawSpoonGrams === was.rawSpoonGrams;
  const isShareKept = known?.yield.kind === 'solids' && solidsPercent === was.solidsPercent;
  return {
    ...rest,
    rawName: rawName.trim(),
    rawGramsPerMillilitre: isSpoonKept ? known.raw.gramsPerMillilitre : rawSpoonGrams / spoonMl,
    solidsShare: isShareKept ? 1 - known.yield.madeLiquidShare : solidsPercent / 100,
  };
}
