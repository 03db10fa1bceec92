import {
  highsSolver,
  plan,
  planModel,
  planWeeks,
  problemOf,
  sizeIn,
  type Highs,
  type SizeFor,
  type Solver,
} from '@amber-ladle/core/plan';
import loadHighs from 'highs';
import { aKitchen } from '../../packages/core/src/plan/testing';
import { month } from './months';
import { percentile, print } from './print';

const SIZES = [
  { name: '2 heads, 29 masks, 6 lots', size: { heads: 2, lots: 6 } },
  { name: '3 heads, 29 masks, 12 lots', size: { heads: 3, lots: 12 } },
  { name: '5 heads, 58 masks, 40 lots', size: { heads: 5, lots: 32, copies: 2 } },
] as const;
const SEEDS = [1, 2, 3];
const SECONDS = 5;
/** The first of the months that are simulated. */
const FIRST = Number(process.env['FIRST'] ?? 1);

/** How soon weeks are planned, and how near the best. */
export async function benchWeeks(): Promise<void> {
  const solver = highsSolver((await loadHighs()) as unknown as Highs);
  for (const { name, size } of SIZES) {
    const firsts: number[] = [];
    const gaps: number[] = [];
    const worse: number[] = [];
    let columns = 0;
    for (const seed of SEEDS) {
      const { problem } = problemOf(aKitchen(seed, size));
      columns = planModel(problem).programme.cost.length;
      const began = performance.now();
      const first: { cost: number; after: number }[] = [];
      const { gap, cost } = plan(problem, solver, {
        seconds: SECONDS,
        onBetter: (better) => first.push({ cost: better.cost, after: performance.now() - began }),
      });
      firsts.push(first[0]?.after ?? Infinity);
      worse.push((first[0]?.cost ?? Infinity) / cost);
      gaps.push(gap);
    }
    print(
      `weeks, ${name}: first answer with nothing sized yet`,
      `${Math.round(coldFirst(size, solver))} ms`,
      'aim 1000 ms',
    );
    print(`weeks, ${name}: first good answer`, `${Math.round(percentile(firsts, 0.5))} ms`, `${columns} columns`);
    print(`weeks, ${name}: first answer over the best`, percentile(worse, 0.5).toFixed(3));
    print(`weeks, ${name}: gap after ${SECONDS} s`, `${(percentile(gaps, 0.5) * 100).toFixed(1)} %`, 'aim 3 %');
  }
}

/** As the page does it: what was sized within four tenths of a second makes the first answer. */
const FIRST_SIZES_MILLISECONDS = 400;
function coldFirst(size: (typeof SIZES)[number]['size'], solver: Solver): number {
  const firsts = SEEDS.map((seed) => {
    const household = aKitchen(seed, size);
    const sized = sizeIn(household.house);
    const began = performance.now();
    const soon: SizeFor = (heads, mask) =>
      performance.now() - began < FIRST_SIZES_MILLISECONDS ? sized(heads, mask) : undefined;
    let first = Infinity;
    const onBetter = (): void => {
      first = Math.min(first, performance.now() - began);
    };
    planWeeks(household, solver, { seconds: 0.1, onBetter }, undefined, soon);
    return first;
  });
  return percentile(firsts, 0.5);
}

/**
 * Simulated months: what is thrown away by the plan against going by the day. With two seconds of search a day a month takes
 * about two minutes, with half a second about half of one; KNOWING asks as well what it would be worth to know how each fruit
 * ripens. `MONTHS=200 SECONDS=0.5 npm run bench -- months`
 */
export async function benchMonths(count = Number(process.env['MONTHS'] ?? 2)): Promise<void> {
  const solver = highsSolver((await loadHighs()) as unknown as Highs);
  const knows = process.env['KNOWING'] !== undefined;
  const sums = { 'by-day': [0, 0, 0, 0, 0], 'by-plan': [0, 0, 0, 0, 0], knowing: [0, 0, 0, 0, 0] };
  const better = { thrown: 0, withFrozen: 0 };
  for (let seed = FIRST; seed < FIRST + count; seed++) {
    const [day, planned] = [month(seed, 'by-day', solver), month(seed, 'by-plan', solver)];
    const knowing = knows ? month(seed, 'knowing', solver) : undefined;
    if (planned.lostGrams <= day.lostGrams + 1) better.thrown += 1;
    if (planned.lostGrams + planned.frozenGrams <= day.lostGrams + 1) better.withFrozen += 1;
    // Two hundred take hours: each is told as it comes.
    process.stderr.write(`${JSON.stringify({ seed, day, planned, knowing })}\n`);
    for (const [way, one] of [['by-day', day] as const, ['by-plan', planned] as const, ['knowing', knowing] as const])
      if (one)
        [one.lostGrams, one.money, one.lateDays, one.bowls, one.lostGrams + one.frozenGrams].forEach((value, i) => {
          sums[way][i] = (sums[way][i] ?? 0) + value;
        });
  }
  const ratio = (i: number, way: 'by-plan' | 'knowing' = 'by-plan'): string =>
    ((sums[way][i] ?? 0) / (sums['by-day'][i] ?? 1)).toFixed(2);
  print(`months, ${count}: thrown away, plan over by the day`, ratio(0), 'aim 0.67');
  print(`months, ${count}: thrown away or in the freezer at the end, plan over by the day`, ratio(4), 'aim 0.67');
  print(`months, ${count}: money spent, plan over by the day`, ratio(1), 'aim 1.00');
  print(`months, ${count}: head-days that waited, plan over by the day`, ratio(2), 'aim 1.00');
  print(`months, ${count}: bowls, plan over by the day`, ratio(3));
  if (knows) print(`months, ${count}: thrown away by who knows how it ripens, over by the day`, ratio(0, 'knowing'));
  print(`months, ${count}: no more thrown away`, `${better.thrown} of ${count}`);
  print(`months, ${count}: no more thrown away or in the freezer`, `${better.withFrozen} of ${count}`);
}
