import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { message } from '../message';
import { aProfile, anAdult } from '../testing';
import { daysLater, HOUR, TWENTY_FOUR_HOURS } from '../time';
import {
  NO_STORY,
  PATCH_HOURS,
  rankMasks,
  totalMinutes,
  type RankedHead,
  type Ranking,
  type RankWish,
  type Stock,
  type Wore,
} from '.';

/** Why a mask is not offered: each reason at its edge, with what is said and from when it would be. */
const NOW = Date.parse('2026-03-14T10:00:00Z');
const STOCK: Stock = { usableGrams: new Map(), turningGrams: new Map(), pricePerGram: new Map(), ripeAt: new Map() };
const book = (id: string, change: Partial<Mask> = {}): Mask => ({
  ...(BUILT_IN_MASKS.find((one) => one.id === id) as Mask),
  ...change,
});
const wore = (daysAgo: number, change: Partial<Wore> = {}): Wore => ({
  maskId: 'another',
  at: new Date(NOW - daysAgo * TWENTY_FOUR_HOURS).toISOString(),
  ingredientIds: [...CATALOGUE.keys()],
  rhythms: [],
  ...change,
});
const ada: RankedHead = { id: 'ada', profile: aProfile(), wearer: anAdult, story: NO_STORY, wore: [wore(400)] };
const ranking = (of: readonly Mask[], who = ada, wish: Partial<RankWish> = {}): Ranking =>
  rankMasks(of, who, STOCK, CATALOGUE, { now: NOW, timeZone: 'UTC', schools: {}, ...wish });
const out = (of: Mask, who = ada, wish: Partial<RankWish> = {}) => ranking([of], who, wish).excluded[0];

const OAT = book('oat-ease');
const EGG = book('two-yolk-evening');

describe('not offered', () => {
  it('for its smell, naming what smells and nothing else', () => {
    const found = out(EGG, ada, { without: ['egg'] });
    expect(found).toMatchObject({ maskId: EGG.id, id: 'smell', ingredientIds: [] });
    const names = EGG.parts
      .map(({ ingredientId }) => CATALOGUE.get(ingredientId))
      .flatMap((row) => (row?.traits.smells.includes('egg') ? [row.name] : []));
    expect(names.length).toBeGreaterThan(0);
    expect(found?.what).toEqual(message('exclusion.smell', { names }));
    expect(found).not.toHaveProperty('freeAt');
    // One smell of several is enough; none of them is none.
    expect(out(EGG, ada, { without: ['onion', 'egg'] })?.id).toBe('smell');
    expect(out(EGG, ada, { without: [] })).toBeUndefined();
    expect(out(OAT, ada, { without: ['egg', 'onion'] })).toBeUndefined();
  });

  it('for its time, to the minute', () => {
    const minutes = totalMinutes(OAT);
    expect(minutes).toBe(OAT.handsOnMinutes + OAT.wear.aimMinutes);
    expect(out(OAT, ada, { minutes })).toBeUndefined();
    expect(out(OAT, ada, { minutes: minutes - 1 })).toEqual({
      maskId: OAT.id,
      id: 'too-long',
      what: message('exclusion.too-long', { minutes }),
      ingredientIds: [],
    });
  });

  it('for where it stands to the shampoo, either way round', () => {
    const before = { ...OAT, slot: 'before-shampoo' as const };
    const after = { ...OAT, slot: 'after-shampoo' as const };
    expect(out(before, ada, { slot: 'after-shampoo' })).toMatchObject({
      id: 'wrong-slot',
      what: message('exclusion.before-shampoo'),
    });
    expect(out(after, ada, { slot: 'before-shampoo' })).toMatchObject({
      id: 'wrong-slot',
      what: message('exclusion.after-shampoo'),
    });
    expect(out(before, ada, { slot: 'before-shampoo' })).toBeUndefined();
    expect(out({ ...OAT, slot: 'either' }, ada, { slot: 'after-shampoo' })).toBeUndefined();
    expect(out(before)).toBeUndefined();
  });

  it('too soon for a strict rhythm, until the last of them is free; never for one that is only less needed', () => {
    const clayAndEgg: Mask = {
      ...EGG,
      parts: [
        { ingredientId: 'egg-whole', share: 0.5, role: 'body', tolerance: 0.2, measuredBy: 'weight' },
        { ingredientId: 'green-clay', share: 0.5, role: 'body', tolerance: 0.2, measuredBy: 'weight' },
      ],
    };
    // Protein four weeks apart, clay four weeks apart (common practice, no published source).
    const both = {
      ...ada,
      wore: [wore(400), wore(20, { rhythms: ['protein'] }), wore(10, { rhythms: ['clarifying'] })],
    };
    const schools = { protein: 'monthly' };
    expect(out(clayAndEgg, both, { schools })).toMatchObject({
      id: 'too-soon',
      what: message('exclusion.too-soon', { rhythm: 'clarifying' }),
      ingredientIds: [],
      freeAt: daysLater(NOW - 10 * TWENTY_FOUR_HOURS, 28, 'UTC'),
    });
    const turned = {
      ...ada,
      wore: [wore(400), wore(10, { rhythms: ['protein'] }), wore(20, { rhythms: ['clarifying'] })],
    };
    expect(out(clayAndEgg, turned, { schools })?.what).toEqual(message('exclusion.too-soon', { rhythm: 'protein' }));
    const free = { ...ada, wore: [wore(400), wore(28, { rhythms: ['protein', 'clarifying'] })] };
    expect(out(clayAndEgg, free, { schools })).toBeUndefined();
    const deep = { ...ada, wore: [wore(400), wore(1, { rhythms: ['deep', 'oil'] })] };
    expect(out(OAT, deep)).toBeUndefined();
  });

  it('too soon for itself, counted from the last time it was worn and not from another mask', () => {
    const weekly = { ...OAT, repeatDays: 7 };
    const last = wore(3, { maskId: OAT.id });
    const who = { ...ada, wore: [last, wore(30, { maskId: OAT.id }), wore(400)] };
    expect(out(weekly, who)).toEqual({
      maskId: OAT.id,
      id: 'too-soon',
      what: message('exclusion.too-soon-again', { days: 7 }),
      ingredientIds: [],
      freeAt: daysLater(Date.parse(last.at), 7, 'UTC'),
    });
    expect(out(weekly, { ...ada, wore: [wore(3), wore(400)] })).toBeUndefined();
    expect(out(OAT, who)).toBeUndefined();
    expect(out(weekly, { ...ada, wore: [wore(7, { maskId: OAT.id }), wore(400)] })).toBeUndefined();
  });

  it('before a patch test, for sensitive skin and children under twelve, until the last of them is read', () => {
    const naive = { ...ada, wore: [] };
    const lively = out(EGG, { ...naive, wearer: { ...anAdult, sensitiveSkin: true } });
    const ids = lively?.ingredientIds ?? [];
    expect(lively?.id).toBe('patch-first');
    expect(ids.length).toBeGreaterThan(0);
    expect(lively?.what).toEqual(
      message('exclusion.patch-first', { names: ids.map((id) => CATALOGUE.get(id)?.name ?? '') }),
    );
    expect(lively?.freeAt).toBe(NOW + PATCH_HOURS * HOUR);
    expect(out(EGG, { ...naive, wearer: { ageYears: 11, sensitiveSkin: false } })?.id).toBe('patch-first');
    expect(out(EGG, { ...naive, wearer: { ageYears: 12, sensitiveSkin: false } })).toBeUndefined();
    expect(out(EGG, naive)).toBeUndefined();
  });

  it('is listed by name, and says nothing of a moment where it is not for now but for good', () => {
    const { excluded } = ranking([book('two-yolk-evening', { id: 'z' }), book('two-yolk-evening', { id: 'a' })], ada, {
      without: ['egg'],
    });
    expect(excluded.map(({ maskId }) => maskId)).toEqual(['a', 'z']);
    const allergic = { ...ada, wearer: { ...anAdult }, story: { ...NO_STORY, allergies: ['egg' as const] } };
    const stop = out(EGG, allergic);
    expect(stop?.id).toBe('stop');
    expect(stop?.ingredientIds.length).toBeGreaterThan(0);
    expect(stop).not.toHaveProperty('freeAt');
  });
});

describe('offered', () => {
  it('with its reasons gravest first, and none of no weight', () => {
    const { ranked } = ranking(BUILT_IN_MASKS);
    for (const { terms, score } of ranked) {
      const weights = terms.map(({ points }) => Math.abs(points));
      expect(weights).toEqual([...weights].sort((a, b) => b - a));
      expect(Math.min(...weights)).toBeGreaterThan(0);
      expect(score).toBeCloseTo(
        terms.reduce((sum, { points }) => sum + points, 0),
        9,
      );
    }
    expect(ranked.map(({ score }) => score)).toEqual([...ranked.map(({ score }) => score)].sort((a, b) => b - a));
  });

  it('by name where two are alike', () => {
    const { ranked } = ranking([
      { ...OAT, id: 'z' },
      { ...OAT, id: 'a' },
      { ...OAT, id: 'm' },
    ]);
    expect(ranked.map(({ maskId }) => maskId)).toEqual(['a', 'm', 'z']);
  });

  it('says what is short and what is saved by name, and leaves drops and tap water out', () => {
    const mask: Mask = {
      ...OAT,
      parts: [
        { ingredientId: 'avocado', share: 0.5, role: 'body', tolerance: 0.2, measuredBy: 'weight' },
        { ingredientId: 'honey', share: 0.3, role: 'body', tolerance: 0.2, measuredBy: 'weight' },
        { ingredientId: 'water', share: 0.19, role: 'thinner', tolerance: 0.2, measuredBy: 'weight' },
        { ingredientId: 'olive-oil', share: 0.01, role: 'oil', tolerance: 0.2, measuredBy: 'drop' },
      ],
    };
    const stock: Stock = {
      usableGrams: new Map([['honey', 1e6]]),
      turningGrams: new Map([['honey', 20]]),
      pricePerGram: new Map([['honey', 0.01]]),
      ripeAt: new Map(),
    };
    const { ranked } = rankMasks([mask], ada, stock, CATALOGUE, { now: NOW, timeZone: 'UTC', schools: {} });
    const term = (id: string) => ranked[0]?.terms.find((one) => one.id === id);
    expect(term('in-house')).toMatchObject({ ingredientIds: ['avocado'], points: -5 * 0.5 });
    expect(term('saves')?.ingredientIds).toEqual(['honey']);
    // What lies there hard is as good as not there, and told apart from what has to be bought.
    const hard = rankMasks([mask], ada, { ...stock, ripeAt: new Map([['avocado', NOW + 1]]) }, CATALOGUE, {
      now: NOW,
      timeZone: 'UTC',
      schools: {},
    }).ranked[0]?.terms.find(({ id }) => id === 'in-house');
    expect(hard).toMatchObject({
      ingredientIds: [],
      unripe: [{ ingredientId: 'avocado', readyAt: NOW + 1 }],
      points: -5 * 0.5,
    });
    // What would be lost anyway costs nothing: only the honey beyond those 20 g is paid for.
    const without = rankMasks([mask], ada, { ...stock, turningGrams: new Map() }, CATALOGUE, {
      now: NOW,
      timeZone: 'UTC',
      schools: {},
    }).ranked[0]?.terms.find(({ id }) => id === 'cost');
    expect((without?.money ?? 0) - (term('cost')?.money ?? 0)).toBeCloseTo(20 * 0.01, 9);
  });

  it('says whether it was this very mask that it is time for again', () => {
    const due = (maskId: string) =>
      ranking([EGG], { ...ada, wore: [wore(400), wore(200, { maskId, rhythms: ['protein'] })] }).ranked[0]?.terms.find(
        ({ id }) => id === 'due',
      );
    expect(due(EGG.id)).toMatchObject({ rhythms: ['protein'], wasWorn: true });
    expect(due('another')).toMatchObject({ rhythms: ['protein'], wasWorn: false });
  });
});
