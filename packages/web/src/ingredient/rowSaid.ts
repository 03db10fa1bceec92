import {
  coldDays,
  keepsDays,
  recipeOfPot,
  saidOf,
  type Catalogue,
  type Ingredient,
  type MeasuredBy,
  type SaidIngredient,
  USUAL_PIECE_SPREAD,
} from '@amber-ladle/core/ingredient';
import type { FormulaPart } from '@amber-ladle/core/mask';
import { spoonMillilitres, type Spoon } from '@amber-ladle/core/measure';
import type { IngredientForm } from './ingredientForm';
import { potSaid } from './potForm';

/** What a form is read against. */
export interface SaidFrom {
  /** The row that is corrected; nothing for a new one. */
  readonly before: Ingredient | undefined;
  /** The form as it was opened: what nobody touched keeps the figure it came from. */
  readonly initial: IngredientForm;
  readonly catalogue: Catalogue;
  readonly spoons: readonly Spoon[];
  /** What it is blended of. */
  readonly parts: readonly Pick<FormulaPart, 'ingredientId' | 'share'>[];
}

/** A name as an id: "Bramley apple, stewed" → "bramley-apple-stewed", "Crème fraîche" → "creme-fraiche". */
export function idFor(name: string, isTaken: (id: string) => boolean): string {
  const plainName = name
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}+/gu, '')
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^[^a-z]+|-+$/g, '')
    .slice(0, 48);
  const base = plainName.length > 1 ? plainName : `own-${plainName || 'ingredient'}`;
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${i}`;
    if (!isTaken(id)) return id;
  }
}

/** The row that a form stands for. */
export function rowSaid(said: IngredientForm, from: SaidFrom): SaidIngredient {
  const { before, catalogue } = from;
  const like = catalogue.get(said.likeId);
  const isCounted = said.noun.trim() !== '' && (said.pieceGrams ?? 0) > 0;
  const measuredBy: MeasuredBy[] = before
    ? [...before.measuredBy]
    : [...(isCounted ? (['piece'] as const) : []), 'spoon', 'weight'];
  return {
    id: before?.id ?? idFor(said.name, (id) => catalogue.has(id)),
    name: said.name.trim(),
    family: said.family,
    state: said.state.trim(),
    ...weightSaid(said, from),
    ...(isCounted ? { pieces: piecesSaid(said, before) } : {}),
    measuredBy: measuredBy as [MeasuredBy, ...MeasuredBy[]],
    flowLog10: like?.flowLog10 ?? 3,
    flowSource: before && said.likeId === before.id ? before.flowSource : 'household',
    strainedOutShare: said.strainedPercent / 100,
    allergens: said.allergens,
    crossesWithLatex: said.crossesWithLatex,
    stains: said.stains,
    ...recipeSaid(said, from),
    ...keepingSaid(said, from),
    ...(before?.ripening ? { ripening: before.ripening } : {}),
    ...(before ? { alsoCalled: before.alsoCalled } : {}),
    advice: said.advice.trim(),
  };
}

/** What it weighs by volume. A weight that nobody touched keeps the figure it came from. */
function weightSaid(
  said: IngredientForm,
  { before, initial, spoons }: SaidFrom,
): Pick<SaidIngredient, 'density' | 'composition'> {
  const composition = before?.composition ? { composition: before.composition } : {};
  const spoon = spoons.find(({ id }) => id === said.spoonId);
  switch (said.weight) {
    case 'composition':
      // A composition that nobody touched keeps its source.
      return JSON.stringify(said.composition) === JSON.stringify(initial.composition)
        ? composition
        : { composition: { ...said.composition, source: 'household' } };
    case 'made':
      // A made thing's own figures follow its parts and are reckoned by the server.
      return { density: { gramsPerMillilitre: 1, source: 'own' }, ...composition };
    case 'spoon':
      if (before?.density && said.spoonGrams === initial.spoonGrams) return { density: before.density, ...composition };
      return spoon && said.spoonGrams && said.spoonGrams !== initial.spoonGrams
        ? {
            density: { gramsPerMillilitre: said.spoonGrams / spoonMillilitres(spoon), source: 'household' },
            ...composition,
          }
        : composition;
  }
}

function piecesSaid(said: IngredientForm, before: Ingredient | undefined): NonNullable<SaidIngredient['pieces']> {
  const usual = before?.pieces?.usualSize ?? 'usual';
  const sizes = before?.pieces?.sizes ?? [{ id: 'usual', name: 'usual', usableGrams: 0, source: 'household' as const }];
  return {
    // How much of a leaf is in a centimetre, and what else is known of it, no form asks about.
    ...before?.pieces,
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
    refuseSource: before?.pieces?.refuseShare === said.refusePercent / 100 ? before.pieces.refuseSource : 'household',
    weightSpread: before?.pieces?.weightSpread ?? USUAL_PIECE_SPREAD,
  };
}

/** How it is made: blended of others, or out of a pot; what nobody touched stays what it was. */
function recipeSaid(
  said: IngredientForm,
  { before, initial, spoons, parts }: SaidFrom,
): Pick<SaidIngredient, 'recipe'> {
  if (said.weight === 'made')
    return {
      recipe: {
        method: 'stir-together',
        yield: {
          kind: 'blend',
          parts: parts.map(({ ingredientId, share }) => ({ ingredientId, share })),
          keptBackShare: said.keptBackPercent / 100,
        },
        standMinutes: said.minutes,
        how: said.how.trim(),
        source: 'household',
      },
    };
  if (!said.hasPot) return {};
  if (before?.recipe && JSON.stringify(said.pot) === JSON.stringify(initial.pot)) return { recipe: before.recipe };
  const spoon = spoons.find(({ id }) => id === said.spoonId);
  return { recipe: recipeOfPot(potSaid(said.pot, spoon ? spoonMillilitres(spoon) : 5, before), before?.recipe) };
}

/** How it keeps, where somebody said so: for the state in which it goes into a bowl. */
function keepingSaid(
  { spoils, keepDays, hasPot, smells }: IngredientForm,
  { before, initial }: SaidFrom,
): Pick<SaidIngredient, 'traits' | 'keeping'> {
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
