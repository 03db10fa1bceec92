import { ingredientById, pieceSize, type Catalogue } from '../ingredient';
import { NO_CHOICES, sizing, type HeadInHouse, type House, type Sizing } from '../house';
import {
  rankMasks,
  rhythmsOf,
  schooled,
  type ExcludedMask,
  type HeadStory,
  type RankedHead,
  type RankTerm,
  type TermId,
  type Wore,
} from '../judge';
import { isOvernight, type Mask } from '../mask';
import { localDay } from '../time';
import { taughtHead } from '../house';
import { PLAN_POINTS, type Option, type PlanDay } from './problem';
import { isNo, type No } from './wishes';

/** A head as weeks are planned for it. */
export interface HeadOfWeeks extends HeadInHouse {
  readonly name: string;
  readonly story: HeadStory;
  readonly wore: readonly Wore[];
  readonly ratings?: NonNullable<RankedHead['ratings']>;
}

/** How a bowl for heads is sized; whoever plans often remembers the answers. Nothing where there is no time for it: the bowl is left out. */
export type SizeFor = (heads: readonly [HeadInHouse, ...HeadInHouse[]], mask: Mask) => Sizing['bowl'] | undefined;

export const sizeIn =
  (house: House) =>
  (heads: Parameters<SizeFor>[0], mask: Mask): Sizing['bowl'] =>
    sizing(house, { heads, mask, choices: NO_CHOICES }).bowl;

/** What a plan weighs by itself: the shelf, the shop, the work and the rhythm. The rest of the ranking is how well a mask suits. */
const WEIGHED_BY_PLAN: ReadonlySet<TermId> = new Set(['saves', 'in-house', 'due', 'soon', 'quick', 'cost']);
/** A bowl for several heads is looked at for so many of the masks that suit them best. Assumption of this project: the sizes of a bowl each are looked at for all. */
const SHARED_MASKS = 6;
/** And for so many more of those that take most of what turns on the shelf. Assumption of this project. */
const SHARED_SAVERS = 4;
/** Minutes of the morning for what is worn through the night. Assumption of this project. */
const MORNING_MINUTES = 20;

/** Why a mask is in no plan of a head. */
export interface LeftOut {
  readonly headId: string;
  readonly excluded: ExcludedMask;
}

interface Suits {
  readonly mask: Mask;
  readonly terms: readonly RankTerm[];
  readonly worth: number;
  readonly canOn: readonly boolean[];
}

/** A mask that could be made for one head or several. */
type Candidate = readonly [readonly HeadOfWeeks[], Mask];

const NOTHING = { usableGrams: new Map(), turningGrams: new Map(), pricePerGram: new Map(), ripeAt: new Map() };

/** The masks that a head may have within the days, with what speaks for each; and those it may not. */
function suiting(
  house: House,
  head: HeadOfWeeks,
  masks: readonly Mask[],
  days: readonly PlanDay[],
  now: number,
): { readonly suits: readonly Suits[]; readonly out: readonly LeftOut[] } {
  const { catalogue, zone: timeZone, schools } = house;
  const ranked: RankedHead = { ...head, ...taughtHead(house, head) };
  const at = (moment: number) => rankMasks(masks, ranked, NOTHING, catalogue, { now: moment, timeZone, schools });
  const [today, last] = [at(now), at(days.at(-1)?.at ?? now)];
  const out: LeftOut[] = [];
  const suits = masks.flatMap((mask): readonly Suits[] => {
    const excluded = today.excluded.find(({ maskId }) => maskId === mask.id);
    const terms = [...last.ranked, ...today.ranked].find(({ maskId }) => maskId === mask.id)?.terms;
    // Cadence runs by itself; what wants a patch test first is in no plan before it was fine.
    const from = excluded?.id === 'too-soon' ? excluded.freeAt : undefined;
    const freeDay = from === undefined ? undefined : localDay(from, timeZone);
    if (!terms || (excluded && from === undefined)) {
      if (excluded) out.push({ headId: head.id, excluded });
      return [];
    }
    const own = terms.filter(({ id }) => !WEIGHED_BY_PLAN.has(id));
    return [
      {
        mask,
        terms: own,
        worth: own.reduce((sum, { points }) => sum + points, 0),
        canOn: days.map(({ day }) => freeDay === undefined || day >= freeDay),
      },
    ];
  });
  return { suits, out };
}

/**
 * Every bowl that could be made within the days: each mask for each head, and for several heads at once those that suit them best
 * and those that save most.
 * @param turning ids of what turns within the days
 */
export function optionsFor(
  house: House,
  heads: readonly HeadOfWeeks[],
  masks: readonly Mask[],
  days: readonly PlanDay[],
  noes: readonly No[],
  pins: readonly { readonly maskId: string; readonly headIds: readonly string[] }[],
  now: number,
  turning: ReadonlySet<string> = new Set(),
  size: SizeFor = sizeIn(house),
): { readonly options: readonly Option[]; readonly leftOut: readonly LeftOut[] } {
  const { catalogue, schools } = house;
  const byHead = new Map(heads.map((head) => [head.id, suiting(house, head, masks, days, now)]));
  const suitsOf = (head: HeadOfWeeks): readonly Suits[] => byHead.get(head.id)?.suits ?? [];
  const best = new Map(heads.map((head) => [head.id, Math.max(...suitsOf(head).map(({ worth }) => worth))]));

  const optionOf = (group: readonly HeadOfWeeks[], book: Mask): Option | undefined => {
    const found = group.map((head) => suitsOf(head).find(({ mask }) => mask.id === book.id));
    const [first, ...others] = group;
    if (!first || found.some((one) => one === undefined)) return undefined;
    const suits = found as readonly Suits[];
    const mask = schooled(book, schools, catalogue);
    const bowl = size([first, ...others], book);
    if (!bowl) return undefined;
    const headIds = group.map(({ id }) => id);
    const ingredientIds = new Set(mask.parts.map(({ ingredientId }) => ingredientId));
    const isNight = isOvernight(mask.wear);
    const handsOnMinutes = mask.handsOnMinutes + (isNight ? MORNING_MINUTES : 0);
    const wearMinutes = isNight ? 0 : mask.wear.aimMinutes;
    const regret = group.reduce((sum, { id }, i) => sum + (best.get(id) ?? 0) - (suits[i]?.worth ?? 0), 0);
    return {
      id: `${mask.id} ${headIds.join('+')}`,
      maskId: mask.id,
      headIds,
      handsOnMinutes,
      wearMinutes,
      madeMillilitres: bowl.madeMillilitres,
      lines: drawnLines(bowl.lines, catalogue),
      rhythms: rhythmsOf(mask, catalogue),
      repeatDays: mask.repeatDays,
      points: regret + (PLAN_POINTS.hour * (handsOnMinutes + wearMinutes)) / 60,
      terms: Object.fromEntries(headIds.map((id, i) => [id, suits[i]?.terms ?? []])),
      canOn: days.map(
        ({ day }, on) =>
          suits.every(({ canOn }) => canOn[on]) &&
          !noes.some((no) => isNo(no, day, { maskId: mask.id, headIds, ingredientIds })),
      ),
    };
  };

  const singles = heads.flatMap((head) => suitsOf(head).map(({ mask }): Candidate => [[head], mask]));
  const savesOf = ({ parts }: Mask): number =>
    parts.reduce((sum, { ingredientId, share }) => sum + (turning.has(ingredientId) ? share : 0), 0);
  const shared = groupsOf(heads).flatMap((group) => {
    const fits = masks
      .map((mask) => ({ mask, all: group.map((head) => suitsOf(head).find((one) => one.mask.id === mask.id)) }))
      .filter(({ all }) => all.every((one) => one !== undefined))
      .sort((a, b) => total(b.all) - total(a.all));
    const savers = fits
      .slice(SHARED_MASKS)
      .filter(({ mask }) => savesOf(mask) > 0)
      .sort((a, b) => savesOf(b.mask) - savesOf(a.mask));
    return [...fits.slice(0, SHARED_MASKS), ...savers.slice(0, SHARED_SAVERS)].map(({ mask }): Candidate => [
      group,
      mask,
    ]);
  });
  const wished = pins.flatMap(({ maskId, headIds }): readonly Candidate[] => {
    const mask = masks.find(({ id }) => id === maskId);
    const group = headIds.flatMap((id) => heads.find((head) => head.id === id) ?? []);
    return mask && group.length === headIds.length ? [[group, mask]] : [];
  });
  const idOf = ([group, mask]: Candidate): string => `${mask.id} ${group.map(({ id }) => id).join('+')}`;
  // Where there is no time for all, what is wished is sized first, then for each head what suits it best.
  const bySuiting = heads
    .flatMap((head) =>
      [...suitsOf(head)]
        .sort((a, b) => b.worth - a.worth)
        .map(({ mask }, place) => ({ one: [[head], mask] as Candidate, place })),
    )
    .sort((a, b) => a.place - b.place);
  const found = new Map<string, Option | undefined>();
  for (const candidate of [...wished, ...bySuiting.map(({ one }) => one), ...shared]) {
    const id = idOf(candidate);
    if (!found.has(id)) found.set(id, optionOf(...candidate));
  }
  const ids = new Set([...singles, ...shared, ...wished].map(idOf));
  return {
    options: [...ids].flatMap((id) => found.get(id) ?? []),
    leftOut: [...byHead.values()].flatMap(({ out }) => out),
  };
}

const total = (all: readonly (Suits | undefined)[]): number => all.reduce((sum, one) => sum + (one?.worth ?? 0), 0);

/** Two heads and two, and all together. */
function groupsOf(heads: readonly HeadOfWeeks[]): readonly (readonly HeadOfWeeks[])[] {
  const pairs = heads.flatMap((one, i) => heads.slice(i + 1).map((other) => [one, other]));
  return heads.length > 2 ? [...pairs, heads] : pairs;
}

/** What a bowl takes from a shelf: nothing from the tap, no drops; whole eggs for a yolk. */
export function drawnLines(
  lines: readonly { readonly ingredientId: string; readonly grams: number; readonly measuredBy: string }[],
  catalogue: Catalogue,
): Option['lines'] {
  const all = new Map<string, number>();
  for (const { ingredientId, grams, measuredBy } of lines) {
    const row = ingredientById(catalogue, ingredientId);
    if (grams <= 0.5 || measuredBy === 'drop' || measuredBy === 'pinch' || row.traits.isFromTap) continue;
    const { partOf } = row.traits;
    const whole = partOf && catalogue.get(partOf.wholeId);
    if (!partOf || !whole) all.set(ingredientId, (all.get(ingredientId) ?? 0) + grams);
    else {
      const piece = whole.pieces ? pieceSize(whole).usableGrams : grams / partOf.share;
      const count = Math.ceil(grams / partOf.share / piece - 0.1);
      all.set(whole.id, (all.get(whole.id) ?? 0) + count * piece);
    }
  }
  return [...all].map(([ingredientId, grams]) => ({ ingredientId, grams }));
}
