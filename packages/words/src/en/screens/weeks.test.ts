import { CATALOGUE } from '@amber-ladle/core/ingredient';
import type { Difference, WeekLane, Weeks } from '@amber-ladle/core/plan';
import { addDays } from '@amber-ladle/core/time';
import { describe, expect, it } from 'vitest';
import {
  againstLastWords,
  amountOf,
  changeWords,
  differenceWords,
  laneWords,
  proofWords,
  spendingWords,
  sumWords,
  sureWords,
  trialWords,
  weightWords,
} from './weeks';
import { otherwiseWords } from './otherwise';
import { dayWord } from './when';

const GB = { locale: 'en-GB', timeZone: 'Europe/London', lengthIn: 'cm', warmthIn: '°C', currency: '' } as const;
const TODAY = '2026-03-14';
const name = (id: string): string => ({ ada: 'Ada', bo: 'Bo', oat: 'Oat ease', green: 'Towpath avocado' })[id] ?? id;

describe('the words of the weeks', () => {
  it('call days as people do, and from a week on by their date', () => {
    expect(dayWord(TODAY, TODAY, GB)).toBe('today');
    expect(dayWord('2026-03-15', TODAY, GB)).toBe('tomorrow');
    expect(dayWord('2026-03-20', TODAY, GB)).toBe('Friday');
    expect(dayWord('2026-03-21', TODAY, GB)).toBe('Saturday, 21 Mar');
  });

  it('count pieces where a kitchen counts them, and weigh the rest', () => {
    expect(amountOf('avocado', 150, CATALOGUE)).toBe('1 avocado');
    expect(amountOf('egg-whole', 150, CATALOGUE)).toBe('3 eggs');
    expect(amountOf('aloe-gel', 460, CATALOGUE)).toBe('2 leaves aloe gel');
    expect(amountOf('yogurt', 61.25, CATALOGUE)).toBe('61 g plain yogurt');
    // A crumb of a piece is a quarter of one.
    expect(amountOf('avocado', 3, CATALOGUE)).toBe('¼ avocado');
    expect([weightWords(140, GB), weightWords(2180, GB)]).toEqual(['140 g', '2.2 kg']);
  });

  const weeks = (change: Partial<Weeks>): Weeks =>
    ({ lost: [], lostGrams: 0, late: [], byDay: { lostGrams: 0, cost: 0 }, ...change }) as Weeks;
  it('say what a plan comes to: what turns, who waits, and what going by the day would lose', () => {
    expect(sumWords(weeks({}), name, CATALOGUE, GB)).toBe('Nothing turns, and nobody waits.');
    const lost = [{ supplyId: 'x', ingredientId: 'banana', grams: 300 }];
    const late = [
      { headId: 'ada', days: 2 },
      { headId: 'bo', days: 1 },
    ];
    expect(
      sumWords(weeks({ lost, lostGrams: 300, late, byDay: { lostGrams: 1500, cost: 1 } }), name, CATALOGUE, GB),
    ).toBe(
      'About 300 g will turn, most of it banana, and Ada waits 2 days and Bo waits 1 day. Going by the day, 1.2 kg more would.',
    );
  });

  it('say what the shopping costs, and of how much no price is known', () => {
    const two = [{}, {}] as unknown as Weeks['purchases'];
    expect(spendingWords({ spent: 0, purchases: [], unpriced: 0 }, GB)).toMatch(/^Nothing has to be bought/);
    expect(spendingWords({ spent: 0, purchases: two, unpriced: 2 }, GB)).toMatch(/No price is known/);
    expect(spendingWords({ spent: 3.456, purchases: two, unpriced: 1 }, GB)).toBe(
      'What the plan has to buy comes to about 3.46; of 1 more no price is known.',
    );
  });

  it('say what becomes of what turns', () => {
    const whole: WeekLane = {
      lotId: 'a',
      ingredientId: 'avocado',
      grams: 200,
      chance: [],
      leftGrams: [],
      lostGrams: 0,
      frozenGrams: 0,
      freezeOn: undefined,
      iceGrams: [],
      needsCold: false,
    };
    const days = [{ day: TODAY }, { day: addDays(TODAY, 1) }, { day: addDays(TODAY, 2) }];
    const lane = (change: Partial<WeekLane>): string => laneWords({ ...whole, ...change }, days, TODAY, GB);
    expect(lane({})).toBe('');
    expect(lane({ needsCold: true, lostGrams: 24 })).toBe('into the fridge once ready, 12 % of it turns');
    expect(lane({ lostGrams: 14 })).toBe('');
    expect(lane({ lostGrams: 190 })).toBe('turns unused');
    expect(lane({ frozenGrams: 100, freezeOn: 0 })).toBe('freeze the rest today');
    expect(lane({ frozenGrams: 190, freezeOn: 1 })).toBe('freeze it by tomorrow');
    expect(lane({ frozenGrams: 190, freezeOn: 2 })).toBe('freeze it by Monday');
    expect(lane({ frozenGrams: 8, freezeOn: 2 })).toBe('');
  });

  it('say what a bowl would come to on another day', () => {
    const difference: Difference = { points: 0, lost: [], lostGrams: 0, buys: [], money: 0, missing: [] };
    expect(trialWords('Thursday', undefined, CATALOGUE, GB)).toBe('Not Thursday: something forbids it then.');
    const gone = trialWords('today', { difference, gone: [{}] }, CATALOGUE, GB);
    expect(gone).toMatch(/^Today: .*another bowl would give way\.$/);
    expect(trialWords('today', { difference, gone: [] }, CATALOGUE, GB)).not.toContain('give way');
  });

  it('hold a plan against doing as in the last weeks', () => {
    const plan = { lostGrams: 40, days: 14 };
    const week = (monday: string, lostGrams: number) => ({ week: monday, lostGrams });
    // The fourteenth is a Saturday: the week that is not over does not count, nor what lies five weeks back.
    const back = [week('2026-03-09', 900), week('2026-03-02', 120), week('2026-02-16', 90), week('2026-02-02', 700)];
    expect(againstLastWords(back, plan, TODAY, GB)).toBe(
      'In the last 3 weeks 70 g a week were thrown away; this plan expects 20 g a week.',
    );
    expect(againstLastWords(back.slice(0, 2), plan, TODAY, GB)).toMatch(/^Last week 120 g were thrown away/);
    expect(againstLastWords(back, { ...plan, lostGrams: 400 }, TODAY, GB)).toMatch(
      /200 g a week. More lies there than can be worn/,
    );
    expect(againstLastWords(back.slice(0, 1), plan, TODAY, GB)).toBe('');
  });

  it('say how good a plan is known to be, and how sure fruit is', () => {
    expect(proofWords({ isProven: true, gap: 0 }, false)).toBe('No better one exists');
    expect(proofWords({ isProven: false, gap: 0.062 }, false)).toBe('Within 6 % of the best there can be');
    expect(proofWords({ isProven: true, gap: 0 }, true)).toMatch(/Looking/);
    expect([sureWords(0.95), sureWords(0.8), sureWords(0.55)]).toEqual([
      'ready',
      'very likely ready',
      'probably ready',
    ]);
  });

  const none: Difference = { points: 0, lost: [], lostGrams: 0, buys: [], money: 0, missing: [] };
  it('say what a change would bring, what is missing first', () => {
    expect(differenceWords(none, CATALOGUE, GB)).toEqual(['as good']);
    expect(differenceWords({ ...none, points: 3 }, CATALOGUE, GB)).toEqual(['suits less']);
    expect(
      differenceWords(
        {
          ...none,
          missing: [{ ingredientId: 'honey', grams: 12 }],
          lost: [
            { ingredientId: 'avocado', grams: 140 },
            { ingredientId: 'banana', grams: -118 },
          ],
          buys: [{ ingredientId: 'yogurt', units: 1 }],
          money: -1.2,
        },
        CATALOGUE,
        GB,
      ),
    ).toEqual([
      'honey would be missing',
      '140 g avocado would turn',
      '118 g banana would be saved',
      'to buy: plain yogurt',
      '1.20 less to pay',
    ]);
  });

  it('say what changed, a mask instead of another where they stood on one day', () => {
    const bowl = (day: string, maskId: string) => ({ day, maskId, headIds: ['ada'] });
    expect(
      changeWords(
        {
          cause: 'shelf',
          gone: [bowl('2026-03-17', 'green'), bowl('2026-03-20', 'oat')],
          come: [bowl('2026-03-17', 'oat')],
        },
        name,
        TODAY,
        GB,
      ),
    ).toBe(
      'Since the shelf is other than it was: Oat ease instead of Towpath avocado on Tuesday, no Oat ease on Friday.',
    );
  });

  it('say what is done if fruit is late', () => {
    const names = { catalogue: CATALOGUE, maskById: (id?: string) => (id ? ({ name: name(id) } as never) : undefined) };
    const one = { ingredientId: 'avocado', maskId: 'green', insteadMaskId: 'oat' };
    expect(otherwiseWords(one, '2026-03-19', '2026-03-17', TODAY, names, GB)).toBe(
      'If the avocado is still hard on Tuesday: Oat ease, and Towpath avocado on Thursday.',
    );
    expect(otherwiseWords({ ...one, insteadMaskId: undefined }, undefined, '2026-03-15', TODAY, names, GB)).toBe(
      'If the avocado is still hard tomorrow: no bowl that day.',
    );
  });
});
