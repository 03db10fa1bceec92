import { fieldMessages, ingredientSchema, parse } from '@amber-ladle/contract';
import {
  gramsPerMillilitre,
  type Allergen,
  type Family,
  type Ingredient,
  type MeasuredBy,
} from '@amber-ladle/core/ingredient';
import { spoonMillilitres } from '@amber-ladle/core/measure';
import { computed, ref, type Ref } from 'vue';
import { ValidationError } from 'yup';
import { ApiError } from '../api/client';
import { useHousehold } from '../stores/household';
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
      weight: row?.madeOf ? 'made' : row && !row.density ? 'composition' : 'spoon',
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
      keptBackPercent: Math.round((row?.madeOf?.keptBackShare ?? 0) * 100),
      minutes: row?.madeOf?.minutes ?? 10,
      how: row?.madeOf?.how ?? '',
    };
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
    if (known.value?.madeOf)
      draft.load(
        known.value.madeOf.parts.map((part) => ({ ...part, role: 'body', tolerance: 0.2, measuredBy: 'weight' })),
      );
    else draft.rows.value = [];
    if (draft.rows.value.length === 0) draft.add();
  }
  reset();

  /** The row that the form stands for. */
  function rowOf(): Ingredient {
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
      ...(said.weight === 'made'
        ? {
            madeOf: {
              parts: draft.parts.value.map(({ ingredientId, share }) => ({ ingredientId, share })),
              keptBackShare: said.keptBackPercent / 100,
              minutes: said.minutes,
              how: said.how.trim(),
            },
          }
        : {}),
      advice: said.advice.trim(),
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
      errors.value = { madeOf: 'Say what it is made of; every line needs an ingredient and an amount.' };
      return undefined;
    }
    try {
      const row = parse<Ingredient>(ingredientSchema, rowOf());
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
