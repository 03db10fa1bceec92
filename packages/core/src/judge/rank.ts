import { needFor, type SizedHead } from '../batch';
import { gramsPerMillilitre, ingredientById, type Catalogue, type Rhythm, type Smell } from '../ingredient';
import type { Mask, Need, Slot } from '../mask';
import { message, type Message } from '../message';
import { daysLater, HOUR } from '../time';
import { beatsOf, rhythmsOf, type Wore } from './cadence';
import { cautionsFor, livelyNewTo, type Caution } from './cautions';
import { judged } from './context';
import { schooled, schoolOf, type Schools } from './schooled';
import type { Stock } from './stockNow';
import { wornBefore } from './reactions';
import { PATCH_HOURS, patchState, type HeadStory } from './story';

/** A head that masks are ranked for. */
export interface RankedHead extends SizedHead {
  readonly id: string;
  readonly story: HeadStory;
  readonly wore: readonly Wore[];
  /** Ratings of its own, 1 to 5, by mask. */
  readonly ratings?: Readonly<Record<string, { readonly mean: number; readonly count: number }>>;
}

/** What is asked of a ranking. */
export interface RankWish {
  readonly now: number;
  readonly timeZone: string;
  readonly schools: Schools;
  /** Minutes in hand, from the knife to the rinse. */
  readonly minutes?: number | undefined;
  readonly slot?: Exclude<Slot, 'either'> | undefined;
  /** Smells that will not do today. */
  readonly without?: readonly Smell[] | undefined;
}

export const TERM_IDS = [
  'need',
  'saves',
  'in-house',
  'due',
  'soon',
  'rating',
  'quick',
  'cost',
  'school',
  'stains',
  'new',
  'heavy',
  'stings',
] as const;
export type TermId = (typeof TERM_IDS)[number];

/** One reason for or against, in points. Points are ours: they order, they do not measure. */
export interface RankTerm {
  readonly id: TermId;
  readonly points: number;
  readonly needs?: readonly Need[];
  readonly ingredientIds?: readonly string[];
  /** `in-house`: what lies there but is not ripe, with when about it will be, milliseconds; Infinity where it will not. */
  readonly unripe?: readonly { readonly ingredientId: string; readonly readyAt: number }[];
  readonly minutes?: number;
  readonly mean?: number;
  readonly money?: number;
  /** `due`: what it is time for. */
  readonly rhythms?: readonly Rhythm[];
  /** `due`: this very mask was worn before. */
  readonly wasWorn?: boolean;
}

export interface RankedMask {
  readonly maskId: string;
  readonly score: number;
  /** Gravest first, none of no weight. */
  readonly terms: readonly RankTerm[];
}

export const EXCLUSION_IDS = ['stop', 'too-soon', 'too-long', 'wrong-slot', 'smell', 'patch-first'] as const;
export type ExclusionId = (typeof EXCLUSION_IDS)[number];

/** Why a mask is not offered, and what would lift that. */
export interface ExcludedMask {
  readonly maskId: string;
  readonly id: ExclusionId;
  readonly what: Message;
  readonly ingredientIds: readonly string[];
  /** From when it would be, milliseconds. */
  readonly freeAt?: number;
}

export interface Ranking {
  readonly ranked: readonly RankedMask[];
  readonly excluded: readonly ExcludedMask[];
}

/** What each reason weighs. Assumptions of this project; a need met and a fruit saved weigh most. */
const POINTS = {
  need: 3,
  /** For saving more than any bowl holds; half of it for about 100 g. */
  saves: 4,
  /** For a bowl without anything that is in the house. */
  missing: -5,
  due: 1.5,
  soon: -1,
  rating: 1.5,
  /** For each hour from knife to rinse. */
  hour: -0.5,
  /** For each unit of money that a usual bowl costs, at most ten of them. */
  money: -0.15,
  school: 0.8,
  stains: -0.4,
  new: -0.5,
  heavy: -2,
  stings: -1,
} as const;
/** A half papaya weighs as much in the kitchen's conscience as the whole bunch: what is saved counts less and less. */
const SAVES_SCALE_GRAMS = 150;
const MOST_MONEY = 10;
/** Too much of these harms; the others are only less needed so soon. Assumption of this project. */
export const STRICT: ReadonlySet<Rhythm> = new Set(['protein', 'acid', 'clarifying']);
/** So many bowls' worth of average are mixed into a mean, so that one good day is not a rule (shrinkage). */
const RATING_PRIOR_COUNT = 3;
const RATING_MIDDLE = 3;
/** Protein or oil on hair that is easily weighed down. */
const HEAVY_OIL_SHARE = 0.2;

/**
 * Masks for a head and a moment, the best first, each score the sum of its reasons; and those that are not offered, each
 * with why. The order in which masks, lots and bowls are given does not matter; a need more or a fruit more that is saved
 * never makes a mask worse.
 * @throws RangeError for an unknown ingredient
 */
export function rankMasks(
  masks: readonly Mask[],
  head: RankedHead,
  stock: Stock,
  catalogue: Catalogue,
  wish: RankWish,
): Ranking {
  const who = { wearer: head.wearer, story: head.story, ...wornBefore(head.wore) };
  const beats = beatsOf(head.wore, wish.schools, head.story, wish.timeZone);
  const ranked: RankedMask[] = [];
  const excluded: ExcludedMask[] = [];
  for (const book of masks) {
    const mask = schooled(book, wish.schools, catalogue);
    const looked = judged(mask, who, catalogue, wish.schools, wish.now);
    const cautions = cautionsFor(looked);
    const out = exclusion(looked, cautions, beats, head.wore, catalogue, wish);
    if (out) excluded.push(out);
    else {
      const terms = termsFor(looked, cautions, beats, head, stock, catalogue);
      ranked.push({ maskId: mask.id, terms, score: terms.reduce((sum, { points }) => sum + points, 0) });
    }
  }
  const byId = (a: { maskId: string }, b: { maskId: string }): number => (a.maskId < b.maskId ? -1 : 1);
  return {
    ranked: ranked.sort((a, b) => b.score - a.score || byId(a, b)),
    excluded: excluded.sort(byId),
  };
}

type Looked = ReturnType<typeof judged>;
type Beats = ReturnType<typeof beatsOf>;

/** @example totalMinutes({ handsOnMinutes: 15, wear: { minimumMinutes: 20, aimMinutes: 30, limitMinutes: 60 } }) // 45 */
export const totalMinutes = ({ handsOnMinutes, wear }: Pick<Mask, 'handsOnMinutes' | 'wear'>): number =>
  handsOnMinutes + wear.aimMinutes;

function exclusion(
  looked: Looked,
  cautions: readonly Caution[],
  beats: Beats,
  wore: readonly Wore[],
  catalogue: Catalogue,
  wish: RankWish,
): ExcludedMask | undefined {
  const { mask, rows, head, now } = looked;
  const out = (
    id: ExclusionId,
    what: Message,
    ingredientIds: readonly string[] = [],
    freeAt?: number,
  ): ExcludedMask => ({
    maskId: mask.id,
    id,
    what,
    ingredientIds,
    ...(freeAt === undefined ? {} : { freeAt }),
  });
  const stop = cautions.find(({ severity }) => severity === 'stop');
  if (stop) return out('stop', stop.what, stop.ingredientIds);
  const smelly = rows.filter(({ traits }) => wish.without?.some((smell) => traits.smells.includes(smell)));
  if (smelly.length > 0) return out('smell', message('exclusion.smell', { names: smelly.map(({ name }) => name) }));
  if (wish.minutes !== undefined && totalMinutes(mask) > wish.minutes)
    return out('too-long', message('exclusion.too-long', { minutes: totalMinutes(mask) }));
  if (wish.slot && mask.slot !== 'either' && mask.slot !== wish.slot)
    return out(
      'wrong-slot',
      message(mask.slot === 'before-shampoo' ? 'exclusion.before-shampoo' : 'exclusion.after-shampoo'),
    );
  const own = new Set(rhythmsOf(mask, catalogue));
  const early = beats.filter(({ rhythm, earliestAt }) => STRICT.has(rhythm) && own.has(rhythm) && earliestAt > now);
  const last = early.reduce<(typeof early)[number] | undefined>(
    (late, beat) => (!late || beat.earliestAt > late.earliestAt ? beat : late),
    undefined,
  );
  if (last) return out('too-soon', message('exclusion.too-soon', { rhythm: last.rhythm }), [], last.earliestAt);
  const again = earliestAgain(mask, wore, wish.timeZone);
  if (again !== undefined && again > now)
    return out('too-soon', message('exclusion.too-soon-again', { days: mask.repeatDays ?? 0 }), [], again);
  const lively = livelyNewTo(looked);
  if (lively.length > 0 && (head.wearer.sensitiveSkin || head.wearer.ageYears < 12)) {
    const free = lively.map(({ id }) => patchState(head.story, id, now).freeAt ?? now + PATCH_HOURS * HOUR);
    const ids = lively.map(({ id }) => id);
    const names = lively.map(({ name }) => name);
    return out('patch-first', message('exclusion.patch-first', { names }), ids, Math.max(...free));
  }
  return undefined;
}

/** The days a mask asks for between two of its own uses, from the last of them. */
function earliestAgain({ id, repeatDays }: Mask, wore: readonly Wore[], timeZone: string): number | undefined {
  const last = Math.max(...wore.filter(({ maskId }) => maskId === id).map(({ at }) => Date.parse(at)));
  return repeatDays === undefined || !Number.isFinite(last) ? undefined : daysLater(last, repeatDays, timeZone);
}

function termsFor(
  looked: Looked,
  cautions: readonly Caution[],
  beats: Beats,
  head: RankedHead,
  stock: Stock,
  catalogue: Catalogue,
): readonly RankTerm[] {
  const { mask, rows, now } = looked;
  const met = head.story.needs.filter((need) => mask.needs.includes(need));
  const { lost, short, savedIds, money } = against(stock, mask, head, catalogue);
  const part = schoolOf(looked.schools, 'egg-part');
  const own = new Set(rhythmsOf(mask, catalogue));
  const rhythms = beats.filter(({ rhythm, dueAt }) => own.has(rhythm) && dueAt <= now).map(({ rhythm }) => rhythm);
  const due = rhythms.length > 0;
  const wasWorn = head.wore.some(({ maskId }) => maskId === mask.id);
  const rating = head.ratings?.[mask.id];
  const mean =
    rating && (rating.mean * rating.count + RATING_MIDDLE * RATING_PRIOR_COUNT) / (rating.count + RATING_PRIOR_COUNT);
  const fresh = livelyNewTo(looked).map(({ id }) => id);
  const oils = rows.filter(({ traits }) => traits.matter === 'fat');
  const oilShare = oils.reduce((sum, { share }) => sum + share, 0);
  const terms: RankTerm[] = [
    { id: 'need', points: POINTS.need * met.length, needs: met },
    { id: 'saves', points: POINTS.saves * lost, ingredientIds: savedIds },
    { id: 'in-house', points: POINTS.missing * short.share, ingredientIds: short.ids, unripe: short.unripe },
    { id: 'due', points: due ? POINTS.due : 0, rhythms, wasWorn },
    {
      id: 'soon',
      points: !due && beats.some(({ rhythm, earliestAt }) => own.has(rhythm) && earliestAt > now) ? POINTS.soon : 0,
    },
    {
      id: 'rating',
      points: mean === undefined ? 0 : POINTS.rating * (mean - RATING_MIDDLE),
      ...(mean === undefined ? {} : { mean }),
    },
    { id: 'quick', points: (POINTS.hour * totalMinutes(mask)) / 60, minutes: totalMinutes(mask) },
    { id: 'cost', points: POINTS.money * Math.min(MOST_MONEY, money), money },
    { id: 'school', points: rows.some(({ traits }) => traits.eggPart === part) ? POINTS.school : 0 },
    { id: 'stains', points: rows.some(({ stains }) => stains) || mask.stains === true ? POINTS.stains : 0 },
    { id: 'new', points: fresh.length > 0 ? POINTS.new : 0, ingredientIds: fresh },
    {
      id: 'heavy',
      points: head.story.isWeighedDown && oilShare > HEAVY_OIL_SHARE ? POINTS.heavy : 0,
      ingredientIds: oils.map(({ id }) => id),
    },
    {
      id: 'stings',
      points: cautions.some(({ id }) => id === 'stings-sensitive' || id === 'acid-fades') ? POINTS.stings : 0,
    },
  ];
  return terms.filter(({ points }) => Math.abs(points) > 1e-9).sort((a, b) => Math.abs(b.points) - Math.abs(a.points));
}

/** How much of what turns a usual bowl would take, and how much of the bowl is not in the house; shares of 1. */
function against(stock: Stock, mask: Mask, head: SizedHead, catalogue: Catalogue) {
  const millilitres = needFor(head, mask, catalogue, 0.5);
  const perGram = mask.parts.reduce(
    (sum, { ingredientId, share }) => sum + share / gramsPerMillilitre(ingredientById(catalogue, ingredientId)),
    0,
  );
  const bowlGrams = millilitres / perGram;
  let lostGrams = 0;
  let shortShare = 0;
  let money = 0;
  const savedIds: string[] = [];
  const shortIds: string[] = [];
  const unripe: { ingredientId: string; readyAt: number }[] = [];
  for (const { ingredientId, share, measuredBy } of mask.parts) {
    const wanted = bowlGrams * share;
    const saved = Math.min(wanted, stock.turningGrams.get(ingredientId) ?? 0);
    if (saved > 0) savedIds.push(ingredientId);
    lostGrams += saved;
    // What would be lost otherwise costs nothing more.
    money += (wanted - saved) * (stock.pricePerGram.get(ingredientId) ?? 0);
    // Drops and pinches are not kept book of, and water comes from the tap.
    const isCounted = measuredBy !== 'drop' && measuredBy !== 'pinch';
    if (!isCounted || ingredientById(catalogue, ingredientId).traits.isFromTap) continue;
    const short = Math.max(0, 1 - (stock.usableGrams.get(ingredientId) ?? 0) / wanted);
    shortShare += share * short;
    if (short <= 0.05) continue;
    const readyAt = stock.ripeAt.get(ingredientId);
    if (readyAt === undefined) shortIds.push(ingredientId);
    else unripe.push({ ingredientId, readyAt });
  }
  return {
    lost: 1 - Math.exp(-lostGrams / SAVES_SCALE_GRAMS),
    savedIds,
    money,
    short: { share: shortShare, ids: shortIds, unripe },
  };
}
