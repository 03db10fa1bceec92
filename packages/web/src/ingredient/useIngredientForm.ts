import { fieldMessages, ingredientSchema, checked } from '@amber-ladle/contract';
import {
  gramsPerMillilitre,
  isPerishable,
  keepingInBowl,
  keepsDays,
  coldDays,
  rawRecipeOf,
  saidOf,
  type Allergen,
  type Family,
  type Ingredient,
  type Lid,
  type MeasuredBy,
  type Method,
  type Recipe,
  type SaidIngredient,
  type Smell,
} from '@amber-ladle/core/ingredient';
import { spoonMillilitres } from '@amber-ladle/core/measure';
import { computed, ref, type Ref } from 'vue';
import { ValidationError } from 'yup';
import { ApiError } from '../data/client';
import { useHousehold } from '../data/household';
import { useDraft } from './useDraft';

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
function potFormOf(row: Ingredient | undefined, spoonMl: number): PotForm {
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
function recipeOf(said: PotForm, spoonMl: number, before: Recipe | undefined): Recipe {
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

const NO_COMPOSITION = {
  waterGrams: 0,
  proteinGrams: 0,
  fatGrams: 0,
  carbohydrateGrams: 0,
  fibreGrams: 0,
  ashGrams: 0,
};

/** A name as an id: "Bramley apple, stewed" → "bramley-apple-stewed". */
export function idFor(name: string, isTaken: (id: string) => boolean): string {
  const plainName = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 48);
  const base = plainName.length > 1 ? plainName : `own-${plainName || 'ingredient'}`;
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${i}`;
    if (!isTaken(id)) return id;
  }
}

/** The form of an ingredient: a new one of the household's, or a correction of a known one. */
export function useIngredientForm(known: Ref<Ingredient | undefined>) {
  const household = useHousehold();
  const form = ref(formOf());
  const draft = useDraft(
    computed(() => household.catalogue),
    computed(() => household.settings.measureSystem),
  );
  const errors = ref<Record<string, string>>({});
  let initial = formOf();

  function formOf(): IngredientForm {
    const row = known.value;
    const usual = row?.pieces?.sizes.find(({ id }) => id === row.pieces?.usualSize) ?? row?.pieces?.sizes[0];
    const spoon = household.spoons.at(-3) ?? household.spoons[0];
    return {
      name: row?.name ?? '',
      family: row?.family ?? 'fruit',
      state: row?.state ?? '',
      weight: row?.recipe?.yield.kind === 'blend' ? 'made' : row && !row.density ? 'composition' : 'spoon',
      spoonId: spoon?.id ?? '',
      spoonGrams: row && spoon ? Math.round(gramsPerMillilitre(row) * spoonMillilitres(spoon) * 100) / 100 : null,
      composition: { ...NO_COMPOSITION, ...pickComposition(row) },
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
  function blendOf(row: Ingredient | undefined) {
    const how = row?.recipe?.yield;
    return how?.kind === 'blend' ? how : undefined;
  }
  function pickComposition(row: Ingredient | undefined): Partial<IngredientForm['composition']> {
    if (!row?.composition) return {};
    const { source: _source, ...grams } = row.composition;
    return grams;
  }
  function reset(): void {
    initial = formOf();
    form.value = formOf();
    errors.value = {};
    const blend = blendOf(known.value);
    if (blend) draft.load(blend.parts.map((part) => ({ ...part, role: 'body', tolerance: 0.2, measuredBy: 'weight' })));
    else draft.rows.value = [];
    if (draft.rows.value.length === 0) draft.add();
  }
  reset();

  /** The row that the form stands for. */
  function rowOf(): SaidIngredient {
    const said = form.value;
    const before = known.value;
    const spoon = household.spoons.find(({ id }) => id === said.spoonId);
    const like = household.catalogue.get(said.likeId);
    const isCounted = said.noun.trim() !== '' && (said.pieceGrams ?? 0) > 0;
    const measuredBy: MeasuredBy[] = before
      ? [...before.measuredBy]
      : [...(isCounted ? (['piece'] as const) : []), 'spoon', 'weight'];
    const usual = before?.pieces?.usualSize ?? 'usual';
    const sizes = before?.pieces?.sizes ?? [
      { id: 'usual', name: 'usual', usableGrams: 0, source: 'household' as const },
    ];
    return {
      id: before?.id ?? idFor(said.name, (id) => household.catalogue.has(id)),
      name: said.name.trim(),
      family: said.family,
      state: said.state.trim(),
      // A weight that nobody touched keeps the figure it came from.
      ...(said.weight === 'spoon' && before?.density && said.spoonGrams === initial.spoonGrams
        ? { density: before.density }
        : {}),
      ...(said.weight === 'spoon' && spoon && said.spoonGrams && said.spoonGrams !== initial.spoonGrams
        ? {
            density: {
              gramsPerMillilitre: said.spoonGrams / spoonMillilitres(spoon),
              source: 'household' as const,
            },
          }
        : {}),
      // A made thing's own figures follow its parts and are reckoned by the server.
      ...(said.weight === 'made' ? { density: { gramsPerMillilitre: 1, source: 'own' as const } } : {}),
      ...(said.weight === 'composition'
        ? { composition: { ...said.composition, source: 'household' as const } }
        : before?.composition
          ? { composition: before.composition }
          : {}),
      ...(isCounted
        ? {
            pieces: {
              noun: said.noun.trim(),
              nouns: said.nouns.trim() || `${said.noun.trim()}s`,
              sizes: sizes.map((size) =>
                size.id === usual && size.usableGrams !== said.pieceGrams
                  ? { ...size, usableGrams: said.pieceGrams ?? 0, source: 'household' as const }
                  : size,
              ),
              usualSize: usual,
              cutInto: said.cutInto,
              refuseShare: said.refusePercent / 100,
              refuseSource:
                before?.pieces?.refuseShare === said.refusePercent / 100 ? before.pieces.refuseSource : 'household',
              weightSpread: before?.pieces?.weightSpread ?? 0.12,
            },
          }
        : {}),
      measuredBy: measuredBy as [MeasuredBy, ...MeasuredBy[]],
      flowLog10: like?.flowLog10 ?? 3,
      flowSource: before && said.likeId === before.id ? before.flowSource : 'household',
      strainedOutShare: said.strainedPercent / 100,
      allergens: said.allergens,
      crossesWithLatex: said.crossesWithLatex,
      stains: said.stains,
      ...recipeSaid(),
      ...keepingSaid(),
      ...(before?.ripening ? { ripening: before.ripening } : {}),
      ...(before ? { alsoCalled: before.alsoCalled } : {}),
      advice: said.advice.trim(),
    };
  }

  /** How it is made: blended of others, or out of a pot; what nobody touched stays what it was. */
  function recipeSaid(): Pick<SaidIngredient, 'recipe'> {
    const said = form.value;
    const before = known.value?.recipe;
    if (said.weight === 'made')
      return {
        recipe: {
          method: 'stir-together',
          yield: {
            kind: 'blend',
            parts: draft.parts.value.map(({ ingredientId, share }) => ({ ingredientId, share })),
            keptBackShare: said.keptBackPercent / 100,
          },
          standMinutes: said.minutes,
          how: said.how.trim(),
          source: 'household',
        },
      };
    if (!said.hasPot) return {};
    if (before && JSON.stringify(said.pot) === JSON.stringify(initial.pot)) return { recipe: before };
    const spoon = household.spoons.find(({ id }) => id === said.spoonId);
    return { recipe: recipeOf(said.pot, spoon ? spoonMillilitres(spoon) : 5, before) };
  }
  /** How it keeps, where somebody said so: for the state in which it goes into a bowl. */
  function keepingSaid(): Pick<SaidIngredient, 'traits' | 'keeping'> {
    const { spoils, keepDays, hasPot, smells } = form.value;
    const before = known.value;
    const said = before && saidOf(before);
    const state = before?.traits.inBowl ?? (hasPot ? 'made' : 'opened');
    const isKept = before !== undefined && spoils === initial.spoils && keepDays === initial.keepDays;
    const keeping = spoils ? coldDays(keepDays, 'household') : keepsDays(keepDays, keepDays, 'household');
    return {
      keeping: { ...said?.keeping, ...(isKept ? {} : { [state]: keeping }) },
      traits: {
        ...said?.traits,
        ...(before ? {} : { inBowl: state }),
        ...(smells.join() === initial.smells.join() ? {} : { smells }),
      },
    };
  }

  /** @returns the id of the kept row, or nothing when something needs another look */
  async function save(): Promise<string | undefined> {
    errors.value = {};
    const { weight, spoonGrams, composition } = form.value;
    if (weight === 'spoon' && !((spoonGrams ?? 0) > 0)) {
      errors.value = { density: 'Weigh one level spoon of it, or give its composition.' };
      return undefined;
    }
    if (weight === 'composition' && !(Object.values(composition).reduce((sum, grams) => sum + grams, 0) > 1)) {
      errors.value = { composition: 'The composition of 100 g; it may come to a little less.' };
      return undefined;
    }
    if (weight === 'made' && (draft.parts.value.length === 0 || draft.open.value.length > 0)) {
      errors.value = { recipe: 'Say what it is made of; every line needs an ingredient and an amount.' };
      return undefined;
    }
    if (form.value.hasPot && weight !== 'made' && form.value.pot.rawName.trim() === '') {
      errors.value = { recipe: 'Say what goes in the pot.' };
      return undefined;
    }
    try {
      const row = checked(ingredientSchema, rowOf());
      await household.saveIngredient(row, household.ownById(row.id)?.version ?? 0);
      return row.id;
    } catch (error) {
      if (error instanceof ValidationError) errors.value = fieldMessages(error);
      else if (error instanceof ApiError && error.problem.fields)
        errors.value = Object.fromEntries(
          Object.entries(error.problem.fields).map(([path, words]) => [path.replace(/^row\./, ''), words]),
        );
      else throw error;
      return undefined;
    }
  }

  return { form, draft, errors, reset, save };
}
