import { fit, simulateShortfall, sizeBowl, type FitProblem } from '@amber-ladle/core/batch';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import type { HairProfile } from '@amber-ladle/core/hair';
import { aProfile } from '@amber-ladle/core/testing';
import { exhaustive } from './exhaustive';
import { percentile, print, timed } from './print';

const profile = (stretchedLengthCentimetres: number, density: 'low' | 'medium' | 'high'): HairProfile =>
  aProfile({ stretchedLengthCentimetres, amount: { kind: 'density', density } });

/** A generator of numbers from 0 to 1 that gives the same ones every time (mulberry32). */
function seeded(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state + 0x6d2b79f5) | 0;
    let t = Math.imul(state ^ (state >>> 15), 1 | state);
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t;
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}

/** A formula of n ingredients, two of them in pieces, each with amounts as a kitchen has them. */
function instance(n: number, seed: number, most = Infinity): FitProblem {
  const random = seeded(seed);
  const raw = Array.from({ length: n }, (_, i) => (i < 2 ? 0.4 + random() : 0.03 + 0.5 * random() ** 2));
  const total = raw.reduce((a, b) => a + b, 0);
  const needMillilitres = 60 + 200 * random();
  return {
    needMillilitres,
    limitMillilitres: needMillilitres * 1.5,
    caps: [],
    parts: raw.map((weight, i) => {
      const share = weight / total;
      const ideal = share * needMillilitres;
      // A piece is a half to a third of what is wanted; a spoon one of three.
      const step = i < 2 ? ideal / (1.6 + 2 * random()) : ([1.1, 2.3, 4.6][Math.floor(random() * 3)] ?? 1.1);
      const choices = [];
      for (
        let grams = step;
        grams < Math.max(ideal * 2.2, step * 1.5);
        grams = i < 2 ? grams + step : Math.max(grams + step, grams * 1.08)
      )
        if (grams > 0.35 * ideal || choices.length === 0)
          choices.push({ grams, charge: i < 2 ? 0.12 * Math.round(random()) : 0.01 });
      const middle = Math.max(0, Math.floor((choices.length - most) / 2));
      return {
        share,
        tolerance: [0.15, 0.2, 0.25, 0.3][i % 4] ?? 0.2,
        millilitresPerGram: 0.9 + 0.2 * random(),
        choices: choices.slice(middle, middle + most),
      };
    }),
  };
}

/** How long a bowl takes to size, how the fit compares with trying everything, and how it grows. */
export function benchSizing(): void {
  const times: number[] = [];
  for (const mask of BUILT_IN_MASKS)
    for (const centimetres of [9, 14, 22, 31, 44, 55, 68, 85])
      for (const density of ['low', 'medium', 'high'] as const) {
        const head = { profile: profile(centimetres, density), wearer: { ageYears: 30, sensitiveSkin: false } };
        const size = (): number => timed(() => sizeBowl(head, mask, CATALOGUE, { spoons: SPOON_SETS.us }));
        // The best of four: what the machine does beside is not the sizing's.
        times.push(Math.min(size(), size(), size(), size()));
      }
  print('size a bowl, median', `${percentile(times, 0.5).toFixed(2)} ms`);
  print('size a bowl, p99', `${percentile(times, 0.99).toFixed(2)} ms`, 'aim < 16 ms');

  // The largest instances that trying everything can finish in about a second each.
  const ratios: number[] = [];
  for (let seed = 1; seed <= 6; seed++) {
    const problem = instance(7, seed, 8);
    let best = NaN;
    const slow = timed(() => (best = exhaustive(problem)));
    let found = NaN;
    const fit1 = (): number => timed(() => (found = fit(problem).objective));
    const fast = Math.min(fit1(), fit1(), fit1());
    if (Math.abs(best - found) > 1e-6 * (1 + best))
      throw new Error(`The fit missed the optimum: ${found} against ${best}.`);
    ratios.push(slow / fast);
  }
  print(
    'fit against exhaustive search, same optimum, median',
    `${percentile(ratios, 0.5).toFixed(0)} × faster`,
    'aim ≥ 50 ×',
  );

  const base: number[] = [];
  for (const n of [4, 8, 12, 16, 20]) {
    let told = 0;
    const samples = Array.from({ length: 25 }, (_, seed) => {
      const problem = instance(n, 100 * n + seed);
      if (fit(problem).gap > 0) told++;
      return Math.min(
        timed(() => fit(problem)),
        timed(() => fit(problem)),
      );
    });
    base.push(percentile(samples, 0.5));
    const median = percentile(samples, 0.5);
    print(
      `fit of ${n} ingredients, median (times that of 4), slowest of 25`,
      `${median.toFixed(1)} ms (${(median / (base[0] ?? 1)).toFixed(1)} ×), ${percentile(samples, 1).toFixed(0)} ms${told > 0 ? `, ${told} with a told gap` : ''}`,
      n === 20 ? 'aim < 250 ms or a told gap' : '',
    );
  }

  const [mask] = BUILT_IN_MASKS;
  if (!mask) return;
  const wearer = { ageYears: 30, sensitiveSkin: false };
  const bowl = sizeBowl({ profile: profile(40, 'medium'), wearer }, mask, CATALOGUE, { spoons: SPOON_SETS.us });
  const samples = 200_000;
  const simulate = (): number => timed(() => simulateShortfall(bowl, mask, CATALOGUE, { samples }));
  const best = Math.min(simulate(), simulate(), simulate());
  print('simulated bowls a second', ((samples / best) * 1000).toExponential(1));
}
