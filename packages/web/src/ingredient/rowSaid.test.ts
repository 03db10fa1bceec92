import { CATALOGUE, hasPot, overlaid, type Ingredient } from '@amber-ladle/core/ingredient';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { checked, ingredientSchema } from '@amber-ladle/contract';
import { describe, expect, it } from 'vitest';
import type { ValidationError } from 'yup';
import { faultWords } from '../data/reason';
import { blendOf, formOf, missingIn, type IngredientForm } from './ingredientForm';
import { idFor, rowSaid, type SaidFrom } from './rowSaid';

const SPOONS = SPOON_SETS.us;
const [SPOON] = SPOONS as readonly [(typeof SPOONS)[number]];
const known = (id: string): Ingredient => {
  const row = CATALOGUE.get(id);
  if (!row) throw new Error(`No ${id}.`);
  return row;
};
/** A level US tablespoon is 14.79 mL: NIST Handbook 44, Appendix C, has a fluid ounce of 29.5735 mL, and a spoon is half of one. */
const TABLESPOON = SPOONS.find(({ unit, part }) => unit === 'us-tablespoon' && part === 1) ?? SPOON;
/** What a form of a row says once somebody changed something in it. */
function said(before: Ingredient | undefined, change: Partial<IngredientForm> = {}, parts: SaidFrom['parts'] = []) {
  const initial = formOf(before, TABLESPOON);
  const blend = blendOf(before)?.parts ?? parts;
  return rowSaid({ ...initial, ...change }, { before, initial, catalogue: CATALOGUE, spoons: SPOONS, parts: blend });
}
/** The row as the household has it once that is kept. */
const kept = (...args: Parameters<typeof said>): Ingredient => {
  const row = checked(ingredientSchema, said(...args));
  return overlaid([row]).get(row.id) as Ingredient;
};

describe('a form that is opened and kept', () => {
  // What is blended of others is the household's own from then on, with its weight reckoned from its parts.
  const rows = [...CATALOGUE.values()].filter((row) => !blendOf(row));
  it.each(rows.map((row) => [row.id, row] as const))('changes nothing of %s', (_id, row) => {
    const { alsoCalled: _a, ...after } = kept(row);
    const { alsoCalled: _b, ...before } = row;
    expect(after).toEqual(before);
  });
});

describe('a correction', () => {
  it('of the weight of a spoon is the household’s figure, and touches nothing else', () => {
    const after = kept(known('honey'), { spoonGrams: 19 });
    expect(after.density?.source).toBe('household');
    const { density: _after, ...rest } = after;
    const { density: _before, ...before } = known('honey');
    expect(rest).toEqual(before);
  });

  it('of a usual piece leaves the other sizes as they were', () => {
    const before = known('avocado');
    const after = kept(before, { pieceGrams: 160 });
    const sizes = after.pieces?.sizes ?? [];
    expect(
      sizes.filter(({ source }) => source === 'household').map(({ id, usableGrams }) => [id, usableGrams]),
    ).toEqual([[before.pieces?.usualSize, 160]]);
    expect(after.pieces?.refuseSource).toBe(before.pieces?.refuseSource);
    expect(kept(before, { refusePercent: 40 }).pieces).toMatchObject({ refuseShare: 0.4, refuseSource: 'household' });
  });

  it('of how it keeps is of the state in which it goes into a bowl', () => {
    const before = known('yogurt');
    const after = kept(before, { keepDays: 3 });
    expect(after.keeping[before.traits.inBowl]).not.toEqual(before.keeping[before.traits.inBowl]);
    expect(formOf(after, SPOON).keepDays).toBe(3);
  });

  const pots = [...CATALOGUE.values()].filter((row) => hasPot(row));
  it.each(pots.map((row) => [row.id, row] as const))('of how long %s stands leaves all else of its pot', (_id, row) => {
    const { pot } = formOf(row, TABLESPOON);
    const after = kept(row, { pot: { ...pot, standMinutes: pot.standMinutes + 5 } });
    expect(after.recipe).toEqual({ ...row.recipe, standMinutes: pot.standMinutes + 5, source: 'household' });
  });

  it('of what a pot gives keeps what no kitchen weighs', () => {
    const before = known('chia-gel');
    const { pot } = formOf(before, TABLESPOON);
    const after = kept(before, { pot: { ...pot, madePerRaw: pot.madePerRaw + 1 } });
    expect(after.recipe?.yield).toEqual({ ...before.recipe?.yield, madePerRaw: pot.madePerRaw + 1 });
  });

  it('of a likeness is as thick as what it is like, by the household’s word', () => {
    expect(kept(known('honey'), { likeId: 'yogurt' })).toMatchObject({
      flowLog10: known('yogurt').flowLog10,
      flowSource: 'household',
    });
  });
});

describe('a new thing', () => {
  it('has the weight of its spoon by its volume, and is counted where it has a noun and a weight', () => {
    const row = said(undefined, {
      name: ' Quince, stewed ',
      spoonGrams: 14.79,
      noun: 'quince',
      pieceGrams: 90,
      keepDays: 2,
    });
    expect(row.id).toBe('quince-stewed');
    expect(row.name).toBe('Quince, stewed');
    expect(row.density?.gramsPerMillilitre).toBeCloseTo(1, 2);
    expect(row.measuredBy).toEqual(['piece', 'spoon', 'weight']);
    expect(row.pieces?.nouns).toBe('quinces');
    expect(said(undefined, { name: 'Quince', noun: 'quince', pieceGrams: null }).pieces).toBeUndefined();
  });

  it('out of a pot of which something is strained, and of which all stays in', () => {
    const pot = { ...formOf(undefined, SPOON).pot, rawName: 'barley', rawSpoonGrams: 4 };
    const strained = said(undefined, { name: 'Barley water', hasPot: true, pot });
    expect(strained.recipe?.yield).toMatchObject({ kind: 'extract', madePerRaw: pot.madePerRaw });
    const stirred = said(undefined, {
      name: 'Barley paste',
      hasPot: true,
      pot: { ...pot, method: 'stir-over-heat', solidsPercent: 10 },
    });
    expect(stirred.recipe?.yield).toMatchObject({ kind: 'solids', madeLiquidShare: 0.9, clothShare: 0 });
    expect(stirred.traits?.inBowl).toBe('made');
  });

  it('of others has them as its parts', () => {
    const parts = [
      { ingredientId: 'honey', share: 0.25 },
      { ingredientId: 'yogurt', share: 0.75 },
    ];
    const row = said(undefined, { name: 'Sweet yogurt', weight: 'made', keptBackPercent: 5 }, parts);
    expect(row.recipe?.yield).toEqual({ kind: 'blend', parts, keptBackShare: 0.05 });
  });
});

describe('what is missing', () => {
  const fresh = formOf(undefined, SPOON);
  const missing = (change: Partial<IngredientForm>, isMadeOf = true) =>
    Object.keys(missingIn({ ...fresh, ...change }, isMadeOf));

  it('is a weight, a composition or parts, by which of them it is known', () => {
    expect(missing({})).toEqual(['density']);
    expect(missing({ spoonGrams: 5 })).toEqual([]);
    expect(missing({ weight: 'composition' })).toEqual(['composition']);
    expect(missing({ weight: 'composition', composition: { ...fresh.composition, waterGrams: 90 } })).toEqual([]);
    expect(missing({ weight: 'made' }, false)).toEqual(['recipe']);
    expect(missing({ weight: 'made' })).toEqual([]);
  });

  it('is what goes in the pot, where there is one', () => {
    expect(missing({ spoonGrams: 5, hasPot: true })).toEqual(['recipe']);
    expect(missing({ spoonGrams: 5, hasPot: true, pot: { ...fresh.pot, rawName: 'barley' } })).toEqual([]);
  });
});

it('makes an id of a name, and another where that is taken', () => {
  const taken = new Set(['bramley-apple', 'bramley-apple-2']);
  const id = (name: string): string => idFor(name, (one) => taken.has(one));
  expect(['Bramley apple, stewed', 'Bramley apple', 'Crème fraîche', '7 seeds', '雪'].map(id)).toEqual([
    'bramley-apple-stewed',
    'bramley-apple-3',
    'creme-fraiche',
    'seeds',
    'own-ingredient',
  ]);
});

it('says in words what cannot be so', () => {
  for (const spoonGrams of [1, 60]) {
    const faults = (() => {
      try {
        checked(ingredientSchema, said(undefined, { name: 'Quince', spoonGrams }));
        return [];
      } catch (error) {
        return Object.values(faultWords(error as ValidationError));
      }
    })();
    expect(faults).toEqual([expect.stringMatching(/^A level spoon of it weighs .* once more\.$/)]);
  }
});
