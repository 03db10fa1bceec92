import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, pieceSize } from '../ingredient';
import { NO_CHOICES, sizing } from '../house';
import { NO_STORY } from '../judge';
import { BUILT_IN_MASKS } from '../mask';
import { addDays, weekdayOf } from '../time';
import { drawnLines } from './options';
import { problemOf, type HouseholdOfWeeks } from './problemOf';
import { aKitchen } from './testing';
import { minutesOn, pinned, stillWished, USUAL_WISHES, type No, type Pin, type WeekWishes } from './wishes';

const kitchen = (change: Partial<HouseholdOfWeeks> = {}): HouseholdOfWeeks => ({
  ...aKitchen(1, { heads: 2, lots: 4 }),
  ...change,
});
const wished = (change: Partial<WeekWishes>): HouseholdOfWeeks => {
  const one = kitchen();
  return { ...one, wishes: { ...one.wishes, ...change } };
};
const TODAY = '2026-03-02';
const withHead = (change: Partial<HouseholdOfWeeks['heads'][number]>): HouseholdOfWeeks => {
  const one = kitchen();
  return { ...one, heads: one.heads.map((head, i) => (i === 0 ? { ...head, ...change } : head)) };
};
const masksFor = (household: HouseholdOfWeeks, headId = 'head-0'): readonly string[] =>
  problemOf(household)
    .problem.options.filter(({ headIds }) => headIds.length === 1 && headIds[0] === headId)
    .map(({ maskId }) => maskId);

describe('what may be planned for two heads at once', () => {
  const lot = (ingredientId: string): HouseholdOfWeeks['lots'][number] => ({
    id: ingredientId,
    ingredientId,
    state: 'cut',
    since: '2026-03-02T07:00:00Z',
    grams: 300,
    label: '',
    stays: [{ placeId: 'fridge', from: '2026-03-02T07:00:00Z' }],
    touches: [],
  });
  const sharedWith = (lots: HouseholdOfWeeks['lots']): readonly string[] => {
    const one = aKitchen(1, { heads: 2, lots: 0 });
    const heads = one.heads.map((head) => ({ ...head, sensitiveSkin: false, ageYears: 30 }));
    return problemOf({ ...one, heads, lots })
      .problem.options.filter(({ headIds }) => headIds.length === 2)
      .map(({ maskId }) => maskId);
  };
  it('is what suits them best, and what takes most of what turns here', () => {
    const masks = ['papaya-polish', 'pear-softener', 'mango-cape', 'freckled-banana', 'strawberry-sieve'];
    const plain = sharedWith([]);
    const [mask = ''] = masks.filter((id) => !plain.includes(id));
    const { ingredientId = '' } = BUILT_IN_MASKS.find(({ id }) => id === mask)?.parts[0] ?? {};
    const saving = sharedWith([lot(ingredientId)]);
    expect(saving).toContain(mask);
    expect(saving.length).toBeGreaterThan(plain.length);
    expect(saving.length).toBeLessThanOrEqual(plain.length + 4);
    for (const id of plain) expect(saving).toContain(id);
  });
});

describe('what may be planned for a head', () => {
  it('is every mask of the book that nothing stops', () => {
    const plain = withHead({ sensitiveSkin: false, ageYears: 30 });
    // Nights are for masks that are worn through them; everything else is there.
    expect(masksFor(plain).length).toBeGreaterThan(BUILT_IN_MASKS.length - 3);
  });

  it('is nothing that she is allergic to', () => {
    const plain = withHead({ sensitiveSkin: false, ageYears: 30 });
    const allergic = withHead({ sensitiveSkin: false, ageYears: 30, story: { ...NO_STORY, allergies: ['egg'] } });
    const left = masksFor(allergic);
    const lost = masksFor(plain).filter((id) => !left.includes(id));
    expect(lost).toContain('two-yolk-evening');
    expect(problemOf(allergic).leftOut.map(({ excluded }) => excluded.maskId)).toContain('galley-egg');
    for (const id of left)
      expect(
        BUILT_IN_MASKS.find((mask) => mask.id === id)?.parts.some(({ ingredientId }) =>
          ingredientById(CATALOGUE, ingredientId).allergens.includes('egg'),
        ),
      ).toBe(false);
  });

  it('waits for the rhythm of protein, and for a patch test that was fine', () => {
    const eaten = withHead({
      sensitiveSkin: false,
      ageYears: 30,
      wore: [{ at: '2026-02-10T09:00:00Z', maskId: 'galley-egg', rhythms: ['protein'], ingredientIds: ['egg-whole'] }],
    });
    const egg = problemOf(eaten).problem.options.find(({ id }) => id === 'galley-egg head-0');
    // 28 days later is the tenth of March.
    expect(egg?.canOn.indexOf(true)).toBe(8);
    expect(problemOf(eaten).problem.heads[0]?.strictDays.protein).toBe(28);

    const child = { sensitiveSkin: true, ageYears: 30, wore: [] };
    const parts = BUILT_IN_MASKS.find(({ id }) => id === 'papaya-polish')?.parts ?? [];
    const tested = (outcome?: 'fine') => ({
      ...NO_STORY,
      patchTests: parts.map(({ ingredientId }) => ({ ingredientId, at: '2026-02-20T08:00:00Z', outcome })),
    });
    expect(masksFor(withHead(child))).not.toContain('papaya-polish');
    expect(masksFor(withHead({ ...child, story: tested() }))).not.toContain('papaya-polish');
    expect(masksFor(withHead({ ...child, story: tested('fine') }))).toContain('papaya-polish');
  });

  it('keeps to her rhythm and her days of the week', () => {
    const { wishes } = kitchen();
    const { problem } = problemOf(
      wished({ rhythms: { ...wishes.rhythms, 'head-0': { everyDays: 7, weekdays: [0, 3] } } }),
    );
    const head = problem.heads.find(({ id }) => id === 'head-0');
    expect(head?.leastDays).toBe(5);
    problem.days.forEach(({ day }, on) => {
      if (head?.canOn[on]) {
        expect([0, 3]).toContain(weekdayOf(day));
        expect(on).toBeGreaterThanOrEqual((head.lastOn ?? 0) + 5);
      }
    });
    expect(head?.canOn.filter(Boolean).length).toBeGreaterThan(1);
  });

  it('is not what somebody said no to, on those days', () => {
    const no: No = { from: TODAY, to: addDays(TODAY, 6), ingredientId: 'avocado' };
    const { options } = problemOf(wished({ noes: [no] })).problem;
    const avocado = options.find(({ id }) => id === 'towpath-avocado head-0');
    expect(avocado?.canOn.slice(0, 7).every((can) => !can)).toBe(true);
    expect(avocado?.canOn[8]).toBe(true);
    expect(options.find(({ id }) => id === 'oat-ease head-0')?.canOn[3]).toBe(true);
    const mine = problemOf(wished({ noes: [{ ...no, headId: 'head-1' }] })).problem.options;
    expect(mine.find(({ id }) => id === 'towpath-avocado head-0')?.canOn[3]).toBe(true);
  });

  it('costs what it suits less than her best, and the work', () => {
    const { options } = problemOf(kitchen()).problem;
    expect(Math.min(...options.map(({ points }) => points))).toBeGreaterThanOrEqual(0);
    const [least] = options
      .filter(({ headIds }) => headIds.join() === 'head-0')
      .sort(
        (a, b) =>
          a.points -
          (0.5 * (a.handsOnMinutes + a.wearMinutes)) / 60 -
          (b.points - (0.5 * (b.handsOnMinutes + b.wearMinutes)) / 60),
      );
    // The best suited costs its minutes and nothing else.
    expect(least?.points).toBeCloseTo((0.5 * ((least?.handsOnMinutes ?? 0) + (least?.wearMinutes ?? 0))) / 60, 6);
  });
});

describe('what a bowl draws', () => {
  it('is what sizing makes: whole pieces and spoons of this very head', () => {
    const household = kitchen();
    const { problem } = problemOf(household);
    const option = problem.options.find(({ id }) => id === 'towpath-avocado head-0');
    const head = household.heads[0];
    const mask = BUILT_IN_MASKS.find(({ id }) => id === 'towpath-avocado');
    if (!head || !mask) throw new Error('They are there.');
    const { bowl } = sizing(household.house, { heads: [head], mask, choices: NO_CHOICES });
    expect(option?.lines.find(({ ingredientId }) => ingredientId === 'avocado')?.grams).toBe(
      bowl.lines.find(({ ingredientId }) => ingredientId === 'avocado')?.grams,
    );
    expect(option?.madeMillilitres).toBe(bowl.madeMillilitres);
  });

  it('is whole eggs for yolks, and no drops, pinches or tap water', () => {
    const egg = pieceSize(ingredientById(CATALOGUE, 'egg-whole')).usableGrams;
    const yolk = ingredientById(CATALOGUE, 'egg-yolk').traits.partOf?.share ?? 0;
    const line = (ingredientId: string, grams: number, measuredBy = 'weight') => ({ ingredientId, grams, measuredBy });
    expect(drawnLines([line('egg-yolk', 2 * egg * yolk, 'piece')], CATALOGUE)).toEqual([
      { ingredientId: 'egg-whole', grams: 2 * egg },
    ]);
    expect(
      drawnLines([line('water', 100), line('lavender-oil', 1, 'drop'), line('black-pepper', 1, 'pinch')], CATALOGUE),
    ).toEqual([]);
  });
});

describe('where things come from', () => {
  const { problem } = problemOf(kitchen());

  it('is the shelf for what turns, and any day for what keeps', () => {
    expect(problem.goods.map(({ ingredientId }) => ingredientId)).toContain('honey');
    expect(problem.supplies.map(({ ingredientId }) => ingredientId)).not.toContain('honey');
    expect(problem.supplies.some(({ ingredientId }) => ingredientId === 'avocado')).toBe(true);
  });

  it('is the shop on the days on which somebody is there, and fresh: opened before the next such day', () => {
    const bought = problem.supplies.filter(({ boughtOn }) => boughtOn !== undefined);
    for (const { boughtOn = 0 } of bought) expect(problem.days[boughtOn]?.isShopDay).toBe(true);
    const first = bought.find(({ ingredientId, boughtOn }) => ingredientId === 'avocado' && boughtOn === 2);
    expect(first?.chance.slice(0, 2)).toEqual([0, 0]);
    expect(first?.chance[2]).toBe(1);
    expect(first?.chance[5]).toBe(0);
  });

  it('looks at what keeps lot by lot, where it is to be used up', () => {
    const one = kitchen();
    const { supplies, goods } = problemOf({ ...one, wishes: { ...one.wishes, useUpIds: ['honey'] } }).problem;
    expect(goods.map(({ ingredientId }) => ingredientId)).not.toContain('honey');
    expect(supplies.find(({ ingredientId, lotId }) => ingredientId === 'honey' && lotId)).toMatchObject({
      weight: 3,
      lostShare: 0,
      leftShare: 1,
    });
  });

  it('is a shop for what is cooked as it is, too', () => {
    const one = { ...kitchen(), lots: [] };
    const { supplies, goods } = problemOf(one).problem;
    const canBeBought = (id: string): boolean =>
      supplies.some(({ ingredientId, boughtOn }) => ingredientId === id && boughtOn !== undefined) ||
      goods.some(({ ingredientId, packGrams }) => ingredientId === id && Number.isFinite(packGrams));
    expect(canBeBought('carrot')).toBe(true);
    expect(canBeBought('sweet-potato')).toBe(true);
  });

  it('counts raw grain by what it makes', () => {
    const one = kitchen();
    const rice = one.lots.find(({ ingredientId }) => ingredientId === 'rice-cream');
    const good = problemOf({
      ...one,
      lots: [
        ...one.lots.filter((lot) => lot !== rice),
        {
          ...(rice ?? one.lots[0]),
          id: 'rice',
          ingredientId: 'rice-cream',
          state: 'raw',
          grams: 200,
          touches: [],
        } as never,
      ],
    }).problem.goods.find(({ ingredientId }) => ingredientId === 'rice-cream');
    expect(good?.grams).toBeGreaterThan(400);
  });

  it('counts what is to be used up three times, whether it turns or not', () => {
    const one = kitchen();
    const lot = one.lots.find(({ ingredientId }) =>
      problem.supplies.some((supply) => supply.ingredientId === ingredientId),
    );
    const wishes = { ...one.wishes, useUpIds: [lot?.ingredientId ?? ''] };
    const supply = problemOf({ ...one, wishes }).problem.supplies.find(({ lotId }) => lotId === lot?.id);
    expect(supply).toMatchObject({ weight: 3, leftShare: 1 });
    // What is to be used up is not thereby said to turn.
    expect(supply?.lostShare).toBe(problem.supplies.find(({ lotId }) => lotId === lot?.id)?.lostShare);
  });
});

describe('days and pins', () => {
  it('have the minutes of their weekday, or those of the day itself, and today only what is left of it', () => {
    const { problem } = problemOf({
      ...wished({ dayMinutes: { '2026-03-04': 30 } }),
      now: Date.parse('2026-03-02T21:30:00Z'),
    });
    expect(problem.days[0]?.minutes).toBe(90);
    expect(problem.days[2]?.minutes).toBe(30);
    expect(problem.days[3]?.minutes).toBe(120);
    expect(minutesOn(USUAL_WISHES, '2026-03-07')).toBe(240);
  });

  it('keep a pin that can be kept, and say which cannot', () => {
    const fine: Pin = { day: addDays(TODAY, 9), maskId: 'borrowed-conditioner', headIds: ['head-0', 'head-1'] };
    const gone: Pin = { day: addDays(TODAY, 2), maskId: 'no-such-mask', headIds: ['head-0'] };
    const past: Pin = { day: addDays(TODAY, -1), maskId: 'oat-ease', headIds: ['head-0'] };
    const { problem, refused } = problemOf(wished({ pins: [fine, gone, past] }));
    expect(problem.pins).toEqual([{ optionId: 'borrowed-conditioner head-0+head-1', on: 9 }]);
    expect(refused).toEqual([{ pin: gone, reason: 'unknown' }]);
    const allergic = withHead({ story: { ...NO_STORY, allergies: ['oats'] } });
    const oats: Pin = { ...fine, maskId: 'oat-ease', headIds: ['head-0'] };
    expect(problemOf({ ...allergic, wishes: { ...allergic.wishes, pins: [oats] } }).refused).toEqual([
      { pin: oats, reason: 'not-offered' },
    ]);
  });

  it('do not go before cadence: of two too soon after each other the first stands', () => {
    const egg = (days: number): Pin => ({ day: addDays(TODAY, days), maskId: 'galley-egg', headIds: ['head-0'] });
    const plain = withHead({ sensitiveSkin: false, ageYears: 30, wore: [] });
    const { problem, refused } = problemOf({ ...plain, wishes: { ...plain.wishes, pins: [egg(1), egg(9)] } });
    expect(problem.pins).toEqual([{ optionId: 'galley-egg head-0', on: 1 }]);
    expect(refused).toEqual([{ pin: egg(9), reason: 'not-then' }]);
  });

  it('stand for bowls that are kept for a day already', () => {
    const kept: Pin = { day: addDays(TODAY, 6), maskId: 'borrowed-conditioner', headIds: ['head-0'] };
    expect(problemOf(kitchen({ kept: [kept] })).problem.pins).toEqual([
      { optionId: 'borrowed-conditioner head-0', on: 6 },
    ]);
  });

  it('are moved as a drag does it, and forgotten once they are past', () => {
    const pin: Pin = { day: addDays(TODAY, 3), maskId: 'oat-ease', headIds: ['head-0'] };
    const moved = pinned({ ...USUAL_WISHES, pins: [pin] }, { ...pin, day: addDays(TODAY, 5) }, pin);
    expect(moved.pins).toEqual([{ ...pin, day: addDays(TODAY, 5) }]);
    const two = pinned(moved, { ...pin, maskId: 'rice-silk', day: addDays(TODAY, 5) });
    expect(two.pins.map(({ maskId }) => maskId)).toEqual(['rice-silk']);
    expect(stillWished(two, addDays(TODAY, 6)).pins).toEqual([]);
  });
});
