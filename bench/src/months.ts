import { NO_CHOICES, sizing } from '@amber-ladle/core/house';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { rhythmsOf } from '@amber-ladle/core/judge';
import {
  dayByDay,
  freezeOn,
  freezingNothing,
  lateDays,
  plan,
  planModel,
  problemOf,
  withBowls,
  type Choice,
  type HouseholdOfWeeks,
  type PlanProblem,
  type Purchase,
  type SizeFor,
  type Solver,
} from '@amber-ladle/core/plan';
import { planDraw, RATE_SIGMA, standsAt, stockDraftOf, TOUCHED, type Lot } from '@amber-ladle/core/shelf';
import { drawsFrom } from '@amber-ladle/core/statistic';
import { aKitchen } from '../../packages/core/src/plan/testing';
import { asKnown, later, stageOf, type TrueLot } from './trueLots';

const DAY = 86_400_000;
const DAYS = 28;
/** What a plan looks ahead in a simulated month. */
const HORIZON = 10;
/** Seconds that the solver has for each day's plan, after the search step by step; the page gives it four. */
const SECONDS = Number(process.env['SECONDS'] ?? 2);
/** Lots that come home by themselves, at the beginning and every Saturday: somewhat more than the masks of three heads can take. */
const LOTS = { begin: 2, weekly: 2 };

/** What a month came to. */
export interface Month {
  /** Grams thrown away, past their time; without what no mask of the book wants. */
  lostGrams: number;
  /** Grams that lie in the freezer at the end, good for months. */
  frozenGrams: number;
  money: number;
  lateDays: number;
  bowls: number;
}
/** By the day, by the plan, or by the plan of somebody who knows how each fruit will ripen. */
export type Way = 'by-day' | 'by-plan' | 'knowing';

/**
 * A month of a made-up household: fruit comes home by itself every Saturday and ripens at rates that nobody knows; each morning
 * everything is touched, and the bowls of the day are those of the plan or those of going by the day. Both put into the fridge
 * what is ready, and both buy what their bowls of the day want. Who plans freezes what the plan says, too; what lies there at the
 * end is told apart.
 */
export function month(seed: number, way: Way, solver: Solver): Month {
  const begin = aKitchen(seed, { heads: 3, lots: LOTS.begin, days: HORIZON });
  const { catalogue } = begin.house;
  const draws = drawsFrom(seed * 7919);
  const sizes = new Map<string, ReturnType<SizeFor>>();
  const size = (...[heads, mask]: Parameters<SizeFor>): ReturnType<SizeFor> => {
    const key = `${heads.map(({ id }) => id).join()} ${mask.id}`;
    const known = sizes.get(key);
    if (known) return known;
    const found = sizing(begin.house, { heads, mask, choices: NO_CHOICES }).bowl;
    sizes.set(key, found);
    return found;
  };
  const trueLot = (lot: Lot): TrueLot => {
    const { ripening } = ingredientById(catalogue, lot.ingredientId);
    const [touch] = lot.touches;
    const factor = Math.exp(RATE_SIGMA * draws.normal());
    return { lot, factor, ripeness: ripening && touch && lot.state === 'whole' ? TOUCHED[touch.stage] : undefined };
  };
  let lots: TrueLot[] = begin.lots.map(trueLot);
  let heads = begin.heads;
  let former: HouseholdOfWeeks['former'] = [];
  const came = Array.from({ length: DAYS / 7 }, (_, week) =>
    aKitchen(seed * 100 + week, { lots: LOTS.weekly }).lots.slice(0, LOTS.weekly),
  );
  const sum: Month = { lostGrams: 0, frozenGrams: 0, money: 0, lateDays: 0, bowls: 0 };
  const wanted = new Set(begin.masks.flatMap(({ parts }) => parts.map(({ ingredientId }) => ingredientId)));

  for (let day = 0; day < DAYS; day++) {
    const now = begin.now + day * DAY;
    const iso = new Date(now).toISOString();
    if (day % 7 === 5)
      lots.push(
        ...(came[(day - 5) / 7] ?? []).map((lot, i) =>
          trueLot({
            ...lot,
            id: `${lot.id} ${day} ${i}`,
            since: iso,
            stays: lot.stays.map((stay) => ({ ...stay, from: iso })),
            touches: lot.touches.map((touch) => ({ ...touch, at: iso })),
          }),
        ),
      );
    // Everything is touched, what is ready goes into the fridge, and what is past is thrown away.
    lots = lots.filter((one) => {
      if (one.lot.grams <= 0.5) return false;
      if (isPast(one, catalogue, begin, now)) {
        // What is left of a tub that was bought for a bowl is eaten, whoever plans.
        const isRest = one.lot.id.includes(' bought ') && one.lot.pieceGrams === undefined;
        if (wanted.has(one.lot.ingredientId) && !isRest) sum.lostGrams += one.lot.grams;
        return false;
      }
      if (one.ripeness !== undefined) {
        const stage = stageOf(one.ripeness);
        const stands = standsAt(one.lot.stays, begin.house.climate, now).kind;
        const chill = one.ripeness >= 1 && stands === 'counter' ? [{ placeId: 'fridge', from: iso }] : [];
        one.lot = {
          ...one.lot,
          touches: [...one.lot.touches, { at: iso, stage }],
          stays: [...one.lot.stays, ...chill],
        };
      }
      return true;
    });

    const household: HouseholdOfWeeks = { ...begin, heads, lots: lots.map(({ lot }) => lot), former, now: now + 1 };
    const planned = problemOf(household, size).problem;
    const problem = way === 'knowing' ? asKnown(planned, lots, begin, now) : planned;
    const choice = chosen(problem, way, solver);
    former = (way !== 'by-day' ? (choice?.bowls ?? []) : []).map(({ on, maskId, headIds }) => ({
      day: problem.days[on]?.day ?? '',
      maskId,
      headIds,
    }));
    const today = choice?.bowls.filter(({ on }) => on === 0) ?? [];
    for (const purchase of choice?.purchases.filter(({ on }) => on === 0) ?? []) {
      sum.money += worthOf(problem, purchase);
      lots.push(trueLot(bought(purchase.ingredientId, purchase.grams, purchase.units, catalogue, iso, day)));
    }
    for (const bowl of today) {
      const option = problem.options.find(({ id }) => id === bowl.optionId);
      const all = lots.map(({ lot }) => lot);
      const plan = planDraw(option?.lines ?? [], all, catalogue, begin.house.climate, now + 1);
      let count = 0;
      const draft = stockDraftOf(
        plan,
        all,
        catalogue,
        iso,
        () => `${day} ${bowl.optionId} ${count++}`,
        begin.house.climate.places,
      );
      for (const { lotId, grams, state, placeId = 'fridge' } of draft.movements) {
        const known = lots.find(({ lot }) => lot.id === lotId);
        if (known) {
          known.lot = { ...known.lot, grams: known.lot.grams + grams, ...(state ? { state, since: iso } : {}) };
          continue;
        }
        const born = draft.lots.find(({ id }) => id === lotId);
        if (born)
          lots.push({
            lot: { ...born, grams, stays: [{ placeId, from: iso }], touches: [] },
            factor: 1,
            ripeness: undefined,
          });
      }
      sum.bowls += 1;
      heads = heads.map((head) =>
        bowl.headIds.includes(head.id)
          ? {
              ...head,
              wore: [
                ...head.wore,
                {
                  at: iso,
                  maskId: bowl.maskId,
                  rhythms: rhythmsOf(begin.masks.find(({ id }) => id === bowl.maskId) ?? { parts: [] }, catalogue),
                  ingredientIds: (option?.lines ?? []).map(({ ingredientId }) => ingredientId),
                },
              ],
            }
          : head,
      );
    }
    // Into the freezer goes what the plan says, on the last day that is as good as sure.
    for (const { supplyId, grams } of way !== 'by-day' ? (choice?.freezes ?? []) : []) {
      const known = lots.find(({ lot }) => lot.id === supplyId);
      const supply = problem.supplies.find(({ id }) => id === supplyId);
      if (known && supply && grams > known.lot.grams / 2 && freezeOn(supply) === 0)
        known.lot = { ...known.lot, stays: [...known.lot.stays, { placeId: 'freezer', from: iso }] };
    }
    sum.lateDays += lateDays({ ...problem, days: problem.days.slice(0, 1) }, today).reduce(
      (all, { days }) => all + days,
      0,
    );
    for (const one of lots) if (one.ripeness !== undefined) one.ripeness = later(one, catalogue, begin, now);
  }
  for (const { lot } of lots) if (lot.stays.at(-1)?.placeId === 'freezer') sum.frozenGrams += lot.grams;
  return sum;
}

/** What a purchase costs, or what such things cost where nobody said a price. */
function worthOf({ goods, supplies }: PlanProblem, { ingredientId, on, grams, units, money }: Purchase): number {
  const good = goods.find((one) => one.ingredientId === ingredientId);
  const supply = supplies.find((one) => one.ingredientId === ingredientId && one.boughtOn === on);
  return money ?? (good ? good.worthPerGram * grams : (supply?.unitWorth ?? 0) * units);
}

function chosen(problem: PlanProblem, way: Way, solver: Solver): Choice | undefined {
  if (way !== 'by-day') return plan(problem, solver, { seconds: SECONDS });
  const model = planModel(problem);
  return withBowls(problem, model, dayByDay(problem), solver, freezingNothing(model))?.choice;
}

function isPast({ lot, ripeness }: TrueLot, catalogue: Catalogue, { house }: HouseholdOfWeeks, now: number): boolean {
  if (ripeness !== undefined && lot.state === 'whole') return ripeness >= 2;
  if (lot.state === 'raw') return false;
  const plan = planDraw([{ ingredientId: lot.ingredientId, grams: lot.grams }], [lot], catalogue, house.climate, now);
  return (plan[0]?.takes.length ?? 0) === 0;
}

function bought(
  ingredientId: string,
  grams: number,
  units: number,
  catalogue: Catalogue,
  iso: string,
  day: number,
): Lot {
  const row = ingredientById(catalogue, ingredientId);
  const isPiece = row.pieces !== undefined && row.measuredBy[0] === 'piece';
  const made = row.recipe?.raw !== undefined;
  return {
    id: `${ingredientId} bought ${day}`,
    ingredientId,
    // Of what is cooked the dry thing is bought; here it is on the shelf as what it makes, which keeps as long.
    state: made ? 'raw' : 'whole',
    since: iso,
    grams: made ? grams / 3 : grams,
    ...(isPiece ? { pieceGrams: grams / units } : {}),
    pricePerGram: 0.008,
    label: '',
    stays: [{ placeId: row.traits.stands === 'fridge' ? 'fridge' : 'counter', from: iso }],
    touches: row.ripening ? [{ at: iso, stage: 'ready' }] : [],
  };
}
