import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import {
  amountsOf,
  comparedOn,
  gramsOf,
  GROWTH,
  learnTexture,
  lengthKept,
  momentScore,
  MONTH_DAYS,
  ratingsOf,
  trendOf,
  verdict,
  whatWorks,
  type JudgedBowl,
  type Level,
  type Measured,
  pairsOffered,
  wantedMoment,
} from '.';

const DAY = 86_400_000;
const START = Date.parse('2025-03-01T09:00:00Z');
const day = (n: number): string => new Date(START + n * DAY).toISOString();
const bowl = (maskId: string, at: number, level: Level, rest: Partial<JudgedBowl> = {}): JudgedBowl => ({
  maskId,
  at: day(at),
  said: { soft: level },
  changes: [],
  ...rest,
});

describe('three moments', () => {
  it('scores each from what was said of it, and the whole from the moments', () => {
    expect(momentScore({ slip: 3, drip: 1 }, 'going-on')).toBe(3);
    expect(momentScore({ slip: 3 }, 'rinsing')).toBeUndefined();
    expect(verdict({ slip: 3, spread: 3, drip: 3, smell: 3, ease: 1 })).toBe(3);
    expect(verdict({})).toBeUndefined();
  });
});

describe('what works', () => {
  it('ranks by means that few bowls pull less', () => {
    const bowls = [
      ...[1, 8, 15, 22, 29].map((at) => bowl('steady', at, at === 8 ? 2 : 3)),
      bowl('lucky', 3, 3),
      ...[4, 11, 18].map((at) => bowl('poor', at, 1)),
    ];
    const all = whatWorks(bowls);
    expect(all.map(({ maskId }) => maskId)).toEqual(['steady', 'lucky', 'poor']);
    expect(all.find(({ maskId }) => maskId === 'lucky')?.saysLittle).toBe(true);
    expect(all.find(({ maskId }) => maskId === 'lucky')?.overall.interval).toBeUndefined();
    expect(ratingsOf(bowls)['steady']).toEqual({ mean: 4.6, count: 5 });
    expect(whatWorks([bowl('b', 1, 2), bowl('a', 2, 2), bowl('c', 3, 2)]).map(({ maskId }) => maskId)).toEqual([
      'a',
      'b',
      'c',
    ]);
    // With as many bowls' worth of the mean of all as two: (5 × 1 + 3 × 2) ∕ 3 and (1 × 1 + 3 × 2) ∕ 3.
    expect(whatWorks([bowl('good', 1, 3), bowl('bad', 2, 1)]).map(({ shrunk }) => shrunk)).toEqual([11 / 3, 7 / 3]);
  });

  it('tells each moment by what was said in it, and leaves out what nothing was said of', () => {
    const [one] = whatWorks([
      bowl('a', 1, 3, { said: { slip: 3, ease: 1 } }),
      bowl('a', 8, 3, { said: { slip: 1 } }),
      bowl('a', 15, 3, { said: {} }),
    ]);
    expect(one?.count).toBe(2);
    expect(one?.moments['going-on']).toMatchObject({ mean: 3, count: 2 });
    expect(one?.moments.rinsing).toMatchObject({ mean: 1, count: 1 });
    expect(one?.moments['next-day']).toBeUndefined();
    expect(whatWorks([bowl('a', 15, 3, { said: {} })])).toEqual([]);
  });

  it('names what else changed, the most often first', () => {
    const [one] = whatWorks([
      bowl('a', 1, 3, { changes: ['weather', 'shampoo'] }),
      bowl('a', 8, 2, { changes: ['shampoo'] }),
      bowl('a', 15, 3),
    ]);
    expect(one?.confounders).toEqual([
      { change: 'shampoo', count: 2 },
      { change: 'weather', count: 1 },
    ]);
  });

  it('stays between the poorest and the best that was said', () => {
    const level = fc.constantFrom<Level>(1, 2, 3);
    fc.assert(
      fc.property(
        fc.array(fc.tuple(fc.constantFrom('a', 'b', 'c'), level), { minLength: 1, maxLength: 12 }),
        (said) => {
          const scores = said.map(([, one]) => one * 2 - 1);
          for (const { shrunk, overall } of whatWorks(said.map(([mask, one], i) => bowl(mask, i, one)))) {
            expect(shrunk).toBeGreaterThanOrEqual(Math.min(...scores) - 1e-9);
            expect(shrunk).toBeLessThanOrEqual(Math.max(...scores) + 1e-9);
            expect(overall.mean).toBeGreaterThanOrEqual(1);
          }
        },
      ),
    );
  });
});

describe('this against that', () => {
  it('pairs what lies near in time, each once, and calls it only when the interval does', () => {
    const bowls = [0, 14, 28, 42].flatMap((at) => [bowl('a', at, 3), bowl('b', at + 7, at === 14 ? 2 : 1)]);
    const { pairs, answer, difference } = comparedOn(bowls, 'a', 'b');
    expect(pairs).toHaveLength(4);
    expect(answer).toBe('first');
    expect(difference?.mean).toBeCloseTo(3.5, 9);
    expect(comparedOn(bowls, 'b', 'a').answer).toBe('second');
  });

  it('is even-handed: swapping the two turns the difference round', () => {
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(fc.constantFrom('a', 'b'), fc.integer({ min: 0, max: 200 }), fc.constantFrom<Level>(1, 2, 3)),
          {
            maxLength: 14,
          },
        ),
        (said) => {
          const bowls = said.map(([mask, at, level]) => bowl(mask, at, level));
          const [there, back] = [comparedOn(bowls, 'a', 'b'), comparedOn(bowls, 'b', 'a')];
          const days = (pairs: typeof there.pairs, isBack: boolean): string[] =>
            pairs.map(({ firstAt, secondAt }) => (isBack ? `${secondAt} ${firstAt}` : `${firstAt} ${secondAt}`)).sort();
          expect(days(back.pairs, true)).toEqual(days(there.pairs, false));
        },
      ),
    );
  });

  it('does not hold a winter against a summer, and says little of two bowls', () => {
    expect(comparedOn([bowl('a', 0, 3), bowl('b', 150, 1)], 'a', 'b').pairs).toEqual([]);
    expect(comparedOn([bowl('a', 0, 3), bowl('b', 3, 1)], 'a', 'b').answer).toBe('too-few');
    expect(comparedOn([bowl('a', 0, 3), bowl('b', 60, 1)], 'a', 'b').pairs).toHaveLength(1);
    const three = [0, 14, 28].flatMap((at) => [bowl('a', at, 3), bowl('b', at + 5, at === 14 ? 2 : 1)]);
    expect(comparedOn(three, 'a', 'b').answer).toBe('first');
    expect(comparedOn(three.slice(0, 4), 'a', 'b').answer).toBe('too-few');
  });

  it('takes the nearest first, of gaps alike the earlier, and tells its pairs in the order of the days', () => {
    const days = (bowls: readonly JudgedBowl[]) =>
      comparedOn(bowls, 'a', 'b').pairs.map(({ firstAt, secondAt }) => [firstAt, secondAt]);
    // The bowl of b at 10 lies nearer to the second of a.
    expect(days([bowl('a', 0, 3), bowl('a', 12, 3), bowl('b', 10, 1)])).toEqual([[day(12), day(10)]]);
    // Of which nothing was said, that holds against nothing, however near.
    expect(days([bowl('a', 0, 3), { ...bowl('b', 1, 1), said: {} }, bowl('b', 10, 1)])).toEqual([[day(0), day(10)]]);
    // Eight days to either side.
    expect(days([bowl('a', 24, 3), bowl('b', 16, 1), bowl('a', 8, 3)])).toEqual([[day(8), day(16)]]);
    expect(days([bowl('a', 40, 3), bowl('b', 41, 1), bowl('b', 3, 1), bowl('a', 0, 3)])).toEqual([
      [day(0), day(3)],
      [day(40), day(41)],
    ]);
  });

  it('calls it even where as often the one came out better as the other', () => {
    const swings = [0, 14, 28, 42].flatMap((at, i) => [bowl('a', at, i % 2 ? 3 : 1), bowl('b', at + 5, i % 2 ? 1 : 3)]);
    expect(comparedOn(swings, 'a', 'b').answer).toBe('too-close');
    const alike = [0, 14, 28, 42].flatMap((at) => [bowl('a', at, 2), bowl('b', at + 5, 2)]);
    expect(comparedOn(alike, 'a', 'b').answer).toBe('too-close');
    expect(comparedOn([...alike, { ...bowl('a', 43, 3), said: {} }], 'a', 'b').pairs).toHaveLength(4);
  });
});

describe('trend', () => {
  it('sees what gets better, and nothing in too little', () => {
    const better = [1, 1, 1, 2, 2, 3, 3, 3].map((level, i) => bowl('a', i * 20, level as Level));
    expect(trendOf(better)?.answer).toBe('better');
    expect(trendOf(better.slice(0, 4))).toBeUndefined();
    expect(trendOf(better.slice(0, 5))?.count).toBe(5);
    expect(trendOf([...better.slice(0, 4), { ...bowl('a', 99, 3), said: {} }])).toBeUndefined();
    const worse = [3, 3, 3, 2, 2, 1, 1, 1].map((level, i) => bowl('a', i * 20, level as Level));
    expect(trendOf(worse)?.answer).toBe('worse');
    expect(trendOf([1, 3, 1, 3, 1, 3].map((level, i) => bowl('a', i * 20, level as Level)))?.answer).toBe('even');
  });

  it('is told in points a month: from poor over middling to good in two months is two', () => {
    const months = [0, 0, 1, 1, 2, 2];
    const found = trendOf(months.map((month) => bowl('a', month * MONTH_DAYS, (month + 1) as Level)));
    expect(found?.perMonth).toBeCloseTo(2, 9);
    expect(found?.interval.low).toBeCloseTo(2, 6);
    expect(found?.interval.high).toBeCloseTo(2, 6);
  });

  it('is none of one day, however many bowls it had', () => {
    const oneDay = [1, 1, 2, 2, 3, 3].map((level, i) => bowl('a', i / 8, level as Level));
    expect(trendOf(oneDay)).toBeUndefined();
    expect(trendOf(oneDay.map((one, i) => ({ ...one, at: day(i / 5) })))?.count).toBe(6);
  });
});

describe('length', () => {
  const lengths = (perMonth: number, months: number, rest: readonly Measured[] = [], wobble = 0.15): Measured[] => [
    ...Array.from({ length: months + 1 }, (_, i): Measured => ({
      at: day(i * MONTH_DAYS),
      kind: 'length',
      centimetres: 40 + perMonth * i + (i % 2 ? wobble : -wobble),
    })),
    ...rest,
  ];

  // Loussouarn et al. 2001 and 2005: 256 ± 44, 396 ± 55, 411 ± 53 µm a day (from memory). A month of the middle figure is
  // the half inch that everybody says (common practice, no published source).
  it('expects what the literature measured', () => {
    expect(GROWTH.centimetresPerDay * MONTH_DAYS).toBeCloseTo(1.065, 2);
    for (const microns of [256, 396, 411])
      expect(Math.abs(microns / 10_000 - GROWTH.centimetresPerDay)).toBeLessThan(1.25 * GROWTH.sigma);
    const half = 2.54 / 2;
    const { interval } = lengthKept([]).grown;
    expect(half).toBeGreaterThan(interval.low);
    expect(half).toBeLessThan(interval.high);
  });

  it('marks a trim at the length that was measured next, and after the last one at what it must have left', () => {
    const on = (day: string, kind: Measured['kind'], centimetres: number): Measured => ({
      ...{ at: `2026-${day}T09:00:00Z`, kind, centimetres },
    });
    const trims = [on('02-01', 'trim', 2), on('05-01', 'trim', 30), on('04-01', 'trim', 10)];
    const kept = lengthKept([on('01-01', 'length', 40), on('03-01', 'length', 39), ...trims]);
    expect(kept.trims.map(({ at, centimetres }) => [at.slice(5, 7), centimetres])).toEqual([
      ['02', 39],
      ['04', 29],
      // Nobody has less than no hair.
      ['05', 0],
    ]);
    expect(lengthKept(trims).trims).toEqual([]);
  });

  it('finds what is kept, and adds trims back', () => {
    const kept = lengthKept(lengths(1.1, 10));
    expect(kept.kept?.perMonth).toBeCloseTo(1.1, 1);
    expect(kept.answer).toBe('keeps');
    const at = day(5.5 * MONTH_DAYS);
    const trimmed = lengths(1.1, 10).map((one) => (one.at > at ? { ...one, centimetres: one.centimetres - 4 } : one));
    expect(lengthKept(trimmed).answer).toBe('breaks');
    const told = lengthKept([...trimmed, { at, kind: 'trim', centimetres: 4 }]);
    expect(told.kept?.perMonth).toBeCloseTo(1.1, 1);
    expect(told.answer).toBe('keeps');
  });

  it('calls it breakage below what even slow heads grow, and leaves open what may be either', () => {
    expect(lengthKept(lengths(0.1, 10)).answer).toBe('breaks');
    expect(lengthKept(lengths(0.88, 10)).answer).toBe('breaks-or-slow');
  });

  it('tells the one from the other where growth was measured against a mark', () => {
    const slow: Measured[] = Array.from({ length: 8 }, (_, i) => ({
      at: day(i * MONTH_DAYS + 3),
      kind: 'regrowth',
      centimetres: 0.78 * i + (i % 2 ? 0.05 : 0),
    }));
    const isSlow = lengthKept(lengths(0.75, 10, slow));
    expect(isSlow.grown.isMeasured).toBe(true);
    expect(isSlow.answer).toBe('keeps');
    const quick = slow.map((one) => ({ ...one, centimetres: one.centimetres * 1.6 }));
    expect(lengthKept(lengths(0.75, 10, quick)).answer).toBe('breaks');
  });

  it('waits for a season before it says anything', () => {
    expect(lengthKept(lengths(1, 2)).answer).toBe('too-early');
    expect(lengthKept([]).answer).toBe('too-early');
    const at = (days: number): Measured => ({ at: day(days), kind: 'length', centimetres: 40 + 0.035 * days });
    expect(lengthKept([at(0), at(60), at(120)]).answer).toBe('keeps');
    expect(lengthKept([at(0), at(60), at(119)]).answer).toBe('too-early');
    expect(lengthKept([at(0), at(200)]).answer).toBe('too-early');
    expect(lengthKept([at(120), at(0), at(60)]).points.map((point) => point.at)).toEqual([day(0), day(60), day(120)]);
  });
});

describe('texture offset', () => {
  it('moves towards what was felt, the more often the surer, and is 0 before any bowl', () => {
    expect(learnTexture([])).toMatchObject({ offset: 0, count: 0 });
    const thicker = { flowLog10: 3.4, felt: 'thick' as const };
    const [once, often] = [learnTexture([thicker]), learnTexture(Array.from({ length: 6 }, () => thicker))];
    expect(once.offset).toBeGreaterThan(0.2);
    expect(often.offset).toBeGreaterThan(once.offset);
    expect(often.sigma).toBeLessThan(once.sigma);
    expect(learnTexture([{ flowLog10: 3.6, felt: 'creamy' }]).offset).toBeCloseTo(0, 1);
  });
});

describe('poured by eye', () => {
  it('reads a bottle and a bowl alike, and a spoon by density', () => {
    const bottle = { ingredientId: 'olive-oil', kind: 'weighed', beforeGrams: 412, afterGrams: 385 } as const;
    expect(gramsOf(bottle, CATALOGUE)).toBe(27);
    expect(gramsOf({ ...bottle, beforeGrams: 385, afterGrams: 412 }, CATALOGUE)).toBe(27);
    // Olive oil, USDA SR Legacy: 13.5 g in a US tablespoon of 14.79 mL (from memory).
    const spoon = { ingredientId: 'olive-oil', kind: 'spoons', spoons: 1, spoonMillilitres: 14.787 } as const;
    expect(gramsOf(spoon, CATALOGUE)).toBeCloseTo(13.5, 0);
    const honey = { ingredientId: 'honey', kind: 'weighed', beforeGrams: 480, afterGrams: 459 } as const;
    const [oil, sweet, ...others] = amountsOf([bottle, honey, spoon], CATALOGUE);
    expect(oil).toEqual({ ingredientId: 'olive-oil', grams: 27 + gramsOf(spoon, CATALOGUE) });
    expect(sweet).toEqual({ ingredientId: 'honey', grams: 21 });
    expect(others).toEqual([]);
    expect(() => gramsOf({ ...bottle, afterGrams: 412 }, CATALOGUE)).toThrow(/nothing was poured/);
  });
});

describe('each moment at its time', () => {
  it.each([
    [{}, false, false, 'going-on'],
    [{ slip: 3 }, false, false, undefined],
    [{ slip: 3 }, true, false, 'rinsing'],
    [{ ease: 1 }, true, false, undefined],
    [{ slip: 3, ease: 1 }, true, true, 'next-day'],
    [{ frizz: 2 }, true, true, undefined],
  ] as const)('of what was said, %o, rinsed %s, next day %s: %s', (said, isRinsed, isNextDay, moment) => {
    expect(wantedMoment(said, { isRinsed, isNextDay })).toBe(moment);
  });
});

describe('what can be held against each other', () => {
  const bowl = (maskId: string, day: string) => ({
    maskId,
    at: `2026-${day}T10:00:00Z`,
    said: { soft: 2 as const },
    changes: [],
  });
  it('is what was worn within two months, the most pairs first, each pair of masks once', () => {
    const bowls = [
      bowl('oats', '03-01'),
      bowl('honey', '03-09'),
      bowl('oats', '03-17'),
      bowl('honey', '03-25'),
      bowl('clay', '04-02'),
      bowl('egg', '11-02'),
    ];
    const offered = pairsOffered(bowls);
    expect(offered[0]).toMatchObject({ pairs: 2 });
    expect([offered[0]?.firstId, offered[0]?.secondId].sort()).toEqual(['honey', 'oats']);
    expect(offered.map(({ firstId, secondId }) => [firstId, secondId].sort().join())).toEqual([
      'honey,oats',
      'clay,honey',
      'clay,oats',
    ]);
    for (const { firstId, secondId, pairs } of offered)
      expect(comparedOn(bowls, firstId, secondId).pairs).toHaveLength(pairs);
    expect(pairsOffered(bowls.slice(0, 1))).toEqual([]);
  });
});
