import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '../ingredient';
import { bowlMillilitresPerGram, BUILT_IN_MASKS, composed, normaliseShares, type Mask } from '../mask';
import { SPOON_SETS, spoonMillilitres } from '../measure';
import { anAdult, aProfile } from '../testing';
import { capsFor, measureOf, pieceGramsOf, sizeBowl, withinCaps, type FitProblem, type SizedBowl } from '.';
import { evaluate } from './fit/objective';

/*
 * Whole cards against trying everything, with lists of amounts that are put together here and not asked of the code under test:
 * from nothing at all to four times what the formula wants, every cut of every piece, every handful of spoons.
 */
/** A sixteenth of a US teaspoon. */
const PINCH = 4.92892159375 / 16;
const spoons = SPOON_SETS.us;
interface Amount {
  readonly grams: number;
  readonly charge: number;
}

function pieces(each: number, cutInto: number, most: number): Amount[] {
  const all: Amount[] = [];
  for (let parts = 0; (parts / cutInto) * each <= most + each; parts++) {
    // How fine the last cut is: a half, a quarter, an eighth.
    const of = [1, 2, 4, 8, 16].find((cut) => Number.isInteger((parts * cut) / cutInto))!;
    all.push({ grams: (parts / cutInto) * each, charge: of === 1 ? 0 : 0.12 + 0.04 * (Math.log2(of) - 1) });
  }
  return all;
}

/** Any number of the largest and up to four others, none of which is lost beside what is there already. */
function spoonfuls(density: number, mostGrams: number): Amount[] {
  const sizes = spoons.map(spoonMillilitres).sort((a, b) => b - a);
  const most = mostGrams / density;
  const fewest = new Map<number, { millilitres: number; count: number }>();
  const take = (millilitres: number, count: number): void => {
    const key = Math.round(millilitres * 50);
    if (count > 0 && millilitres <= most && (fewest.get(key)?.count ?? Infinity) > count)
      fewest.set(key, { millilitres, count });
  };
  const others = (size: number, left: number, millilitres: number, count: number): void => {
    take(millilitres, count);
    if (size >= sizes.length) return;
    for (let n = 0; n <= left; n++) {
      const after = millilitres + n * sizes[size]!;
      if (after > most || (n > 0 && sizes[size]! < 0.045 * after)) break;
      others(size + 1, left - n, after, count + n);
    }
  };
  for (let full = 0; full * sizes[0]! <= most; full++)
    for (let extra = 0; extra <= (full === 0 ? 4 : 0); extra++)
      others(1, 4 - extra, (full + extra) * sizes[0]!, full + extra);
  for (let n = 1; n * PINCH < 0.9 * sizes.at(-1)!; n++) take(n * PINCH, n);
  return [...fewest.values()].map(({ millilitres, count }) => ({
    grams: millilitres * density,
    charge: 0.01 * (count - 1),
  }));
}

function everyAmount(mask: Mask, index: number, ideal: number): Amount[] {
  const part = mask.parts[index]!;
  const row = ingredientById(CATALOGUE, part.ingredientId);
  const most = 4 * ideal;
  switch (measureOf(part, {})) {
    case 'piece':
      return pieces(pieceGramsOf(CATALOGUE, row.id, {}), row.pieces!.cutInto, most);
    case 'spoon':
      return [{ grams: 0, charge: 0 }, ...spoonfuls(gramsPerMillilitre(row), most)];
    case 'pinch':
      return Array.from({ length: 40 }, (_, n) => ({ grams: n * PINCH * gramsPerMillilitre(row), charge: 0 }));
    default:
      throw new Error(`No list for ${row.id}.`);
  }
}

/** The least that the objective comes to over all of them, and the card's own. */
function held(mask: Mask, bowl: SizedBowl): { readonly card: number; readonly best: number } {
  const need = bowl.needMillilitres;
  const formula = { ...mask, parts: normaliseShares(mask.parts) };
  const caps = capsFor(formula, CATALOGUE, anAdult, need);
  const { parts } = withinCaps(formula, CATALOGUE, caps, need);
  const perGram = parts.map(({ ingredientId }) => bowlMillilitresPerGram(formula, CATALOGUE, ingredientId));
  const wanted = need / parts.reduce((sum, { share }, i) => sum + share * perGram[i]!, 0);
  const problem: FitProblem = {
    parts: parts.map(({ share, tolerance }, i) => ({ share, tolerance, millilitresPerGram: perGram[i]!, choices: [] })),
    needMillilitres: need,
    limitMillilitres: 1.1 * need,
    caps,
  };
  const lists = parts.map(({ share }, i) => everyAmount(formula, i, share * wanted));
  const chargeOf = (i: number, grams: number): number =>
    lists[i]!.find((one) => Math.abs(one.grams - grams) < 1e-6 * (1 + grams))?.charge ?? NaN;
  const grams = bowl.lines.map((line) => line.grams);
  const card = evaluate(
    problem,
    grams,
    grams.reduce((sum, one, i) => sum + chargeOf(i, one), 0),
  ).objective;
  let best = Infinity;
  const walk = (i: number, taken: number[], millilitres: number, charge: number): void => {
    if (i === lists.length) {
      if (taken.some((one) => one > 0)) best = Math.min(best, evaluate(problem, taken, charge).objective);
      return;
    }
    for (const one of lists[i]!) {
      const after = millilitres + one.grams * perGram[i]!;
      // Half as much again over the need costs one and a half at the least and eight beyond the limit.
      if (after > 1.5 * need + 60) continue;
      taken[i] = one.grams;
      walk(i + 1, taken, after, charge + one.charge);
    }
  };
  walk(0, [], 0, 0);
  return { card, best };
}

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
/** A tablespoon of soda to three of conditioner: far over its limit. */
const overItsCap: Mask = {
  ...maskCalled('soda-reset'),
  id: 'too-much-soda',
  heldRatios: [],
  parts: composed(
    [
      { ingredientId: 'conditioner', grams: 45 },
      { ingredientId: 'water', grams: 15 },
      { ingredientId: 'baking-soda', grams: 13 },
    ],
    CATALOGUE,
  ),
};
const crop = aProfile({ stretchedLengthCentimetres: 4, evenness: 'short-layers' });
const shoulder = aProfile({ stretchedLengthCentimetres: 30 });

describe('a card', () => {
  it.each([
    ['light-white', crop],
    ['light-white', shoulder],
    ['galley-egg', crop],
    ['galley-egg', shoulder],
    ['papaya-polish', crop],
    ['lock-gate-clay', crop],
    ['too-much-soda', crop],
    ['too-much-soda', shoulder],
    ['cucumber-cool', crop],
    ['clear-set', crop],
    ['rose-rice', crop],
  ] as const)('of %s is the best there is of all that a kitchen can measure', (id, profile) => {
    const mask = id === 'too-much-soda' ? overItsCap : maskCalled(id);
    const bowl = sizeBowl({ profile, wearer: anAdult }, mask, CATALOGUE, { spoons });
    expect(bowl.gap).toBe(0);
    expect(bowl.brokenCaps).toEqual([]);
    const { card, best } = held(mask, bowl);
    expect(Math.abs(card - best)).toBeLessThan(1e-6);
  });
});
