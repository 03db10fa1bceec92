import { expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { aProfile, anAdult } from '../testing';
import { HOUR, TWENTY_FOUR_HOURS } from '../time';
import { NO_STORY, rankMasks, type RankedHead, type RankWish, type Stock, type TermId } from '.';

/** What each reason weighs, one by one, in a case where nothing else of it can differ. The points are our own. */
const NOW = Date.parse('2026-03-14T10:00:00Z');
const part = (ingredientId: string, share: number): Mask['parts'][number] => ({
  ingredientId,
  share,
  role: 'body',
  tolerance: 0.2,
  measuredBy: 'weight',
});
const mask = (...parts: Mask['parts']): Mask => ({
  ...(BUILT_IN_MASKS.find(({ id }) => id === 'oat-ease') as Mask),
  id: 'one',
  parts,
  needs: ['dry', 'dull'],
  handsOnMinutes: 20,
  wear: { minimumMinutes: 20, aimMinutes: 40, limitMinutes: 60 },
});
const AVOCADO = mask(part('avocado', 0.9), part('honey', 0.1));
const WHOLE_EGG = mask(part('avocado', 0.5), part('egg-whole', 0.5));

const nothing: Stock = { usableGrams: new Map(), turningGrams: new Map(), pricePerGram: new Map(), ripeAt: new Map() };
const plenty: Stock = { ...nothing, usableGrams: new Map([...CATALOGUE.keys()].map((id) => [id, 1e6])) };
const wore = (daysAgo: number, ingredientIds: readonly string[], rhythms: RankedHead['wore'][number]['rhythms']) => ({
  maskId: 'another',
  at: new Date(NOW - daysAgo * TWENTY_FOUR_HOURS).toISOString(),
  ingredientIds,
  rhythms,
});
const everything = wore(400, [...CATALOGUE.keys()], []);
const ada: RankedHead = { id: 'ada', profile: aProfile(), wearer: anAdult, story: NO_STORY, wore: [everything] };
const story = (change: Partial<RankedHead['story']>): RankedHead => ({ ...ada, story: { ...NO_STORY, ...change } });

const points = (id: TermId, of: Mask, who = ada, stock = plenty, wish: Partial<RankWish> = {}): number => {
  const { ranked, excluded } = rankMasks([of], who, stock, CATALOGUE, {
    now: NOW,
    timeZone: 'UTC',
    schools: {},
    ...wish,
  });
  expect(excluded).toEqual([]);
  return ranked[0]?.terms.find((term) => term.id === id)?.points ?? 0;
};

it('gives three for each need that is met', () => {
  expect(points('need', AVOCADO, story({ needs: ['dry', 'dull'] }))).toBe(6);
  expect(points('need', AVOCADO, story({ needs: ['dry', 'flakes-or-itch'] }))).toBe(3);
});

it('gives up to four for what would be lost, half of that at about 100 g', () => {
  const turning = (grams: number): Stock => ({ ...plenty, turningGrams: new Map([['avocado', grams]]) });
  expect(points('saves', AVOCADO, ada, turning(104))).toBeCloseTo(2, 1);
  expect(points('saves', AVOCADO, ada, turning(30))).toBeCloseTo(4 * (1 - Math.exp(-0.2)), 9);
  expect(points('saves', AVOCADO, ada, turning(1e6))).toBeLessThan(4);
});

it('takes five off where nothing is in the house', () => {
  expect(points('in-house', AVOCADO, ada, nothing)).toBeCloseTo(-5, 9);
  expect(points('in-house', AVOCADO, ada, { ...nothing, usableGrams: new Map([['avocado', 1e6]]) })).toBeCloseTo(
    -0.5,
    9,
  );
});

it('adds one and a half when it is time, and takes one off when something like it was lately', () => {
  const deep = (daysAgo: number): RankedHead => ({ ...ada, wore: [everything, wore(daysAgo, [], ['deep'])] });
  expect(points('due', AVOCADO, deep(30))).toBe(1.5);
  expect(points('soon', AVOCADO, deep(30))).toBe(0);
  expect(points('soon', AVOCADO, deep(2))).toBe(-1);
});

it('adds one and a half for each step of a rating, shrunk toward the middle by three bowls', () => {
  const rated = (count: number): RankedHead => ({ ...ada, ratings: { one: { mean: 5, count } } });
  expect(points('rating', AVOCADO, rated(3))).toBeCloseTo(1.5, 9);
  expect(points('rating', AVOCADO, rated(27))).toBeCloseTo(2.7, 9);
});

it('takes half a point off an hour', () => {
  expect(points('quick', AVOCADO)).toBeCloseTo(-0.5, 9);
  expect(points('quick', { ...AVOCADO, handsOnMinutes: 80 })).toBeCloseTo(-1, 9);
});

it('takes 0.15 off a unit of money, for ten of them at most', () => {
  const priced = (each: number): Stock => ({ ...plenty, pricePerGram: new Map([['avocado', each]]) });
  const little = points('cost', AVOCADO, ada, priced(0.001));
  expect(points('cost', AVOCADO, ada, priced(0.002))).toBeCloseTo(2 * little, 9);
  expect(little).toBeLessThan(0);
  expect(points('cost', AVOCADO, ada, priced(1000))).toBeCloseTo(-1.5, 9);
});

it('adds 0.8 for the part of the egg that the house holds with', () => {
  expect(points('school', WHOLE_EGG, ada, plenty, { schools: { 'egg-part': 'whole' } })).toBe(0.8);
  expect(points('school', WHOLE_EGG, ada, plenty, { schools: { 'egg-part': 'yolk' } })).toBe(0);
});

it('takes 0.4 off for stains and half a point for what is lively and new', () => {
  expect(points('stains', { ...AVOCADO, stains: true })).toBe(-0.4);
  expect(points('stains', AVOCADO)).toBe(0);
  const gingered = mask(part('avocado', 0.95), part('ginger-juice', 0.05));
  expect(points('new', gingered, { ...ada, wore: [] })).toBe(-0.5);
  expect(points('new', gingered)).toBe(0);
});

it('takes two off for oil on hair that goes limp, from a fifth on', () => {
  const oiled = (share: number): Mask => mask(part('avocado', 1 - share), part('olive-oil', share));
  expect(points('heavy', oiled(0.25), story({ isWeighedDown: true }))).toBe(-2);
  expect(points('heavy', oiled(0.15), story({ isWeighedDown: true }))).toBe(0);
  expect(points('heavy', oiled(0.25))).toBe(0);
});

it('takes one off for what stings sensitive skin or fades colour', () => {
  const sharp = mask(part('avocado', 0.9), part('lemon-juice', 0.1));
  const sore = { ...ada, wearer: { ...anAdult, sensitiveSkin: true } };
  expect(points('stings', sharp, sore)).toBe(-1);
  expect(points('stings', AVOCADO, sore)).toBe(0);
});

it('leaves the mask’s own days between two uses alone, and not an hour less', () => {
  const seldom: Mask = { ...AVOCADO, repeatDays: 21 };
  const last = (at: number): RankedHead => ({
    ...ada,
    wore: [everything, { ...wore(0, [], []), maskId: 'one', at: new Date(at).toISOString() }],
  });
  const wish: RankWish = { now: NOW, timeZone: 'UTC', schools: {} };
  const outOf = (at: number) => rankMasks([seldom], last(at), plenty, CATALOGUE, wish).excluded[0];
  expect(outOf(NOW - 21 * TWENTY_FOUR_HOURS)).toBeUndefined();
  expect(outOf(NOW - 21 * TWENTY_FOUR_HOURS + HOUR)).toMatchObject({ id: 'too-soon', freeAt: NOW + HOUR });
});
