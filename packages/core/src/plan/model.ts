import type { Rhythm } from '../ingredient';
import {
  countedShare,
  LEAST_CHANCE,
  mayOn,
  PACK_SHARE,
  PLAN_POINTS as POINTS,
  type Option,
  type PlanProblem,
  type Supply,
} from './problem';
import { ProgrammeDraft, type Programme } from './programme';

/** What a point of the cost is for. */
export const COST_KINDS = [
  'lost',
  'risk',
  'late',
  'shopping',
  'bowls',
  'again',
  'due',
  'missing',
  'freezing',
  'changed',
] as const;
export type CostKind = (typeof COST_KINDS)[number];

/** A programme with what its columns mean. */
export interface PlanModel {
  readonly programme: Programme;
  /** What each column costs for. */
  readonly kinds: readonly CostKind[];
  /** One for each bowl that could be, 0 or 1. */
  readonly bowls: readonly { readonly column: number; readonly option: Option; readonly on: number }[];
  /** Grams drawn of a supply on a day, of a piece opened on that day or before. */
  readonly draws: readonly {
    readonly column: number;
    readonly supply: Supply;
    readonly on: number;
    readonly openedOn: number;
  }[];
  /** Pieces opened on a day. */
  readonly opened: readonly { readonly column: number; readonly supply: Supply; readonly on: number }[];
  /** Units bought, and packs of goods. */
  readonly bought: readonly { readonly column: number; readonly supply: Supply }[];
  readonly packs: readonly { readonly column: number; readonly ingredientId: string; readonly on: number }[];
  readonly frozen: readonly { readonly column: number; readonly supply: Supply }[];
  /** What is lost of a supply: grams expected for each one of the column. */
  readonly lost: readonly { readonly column: number; readonly supply: Supply; readonly grams: number }[];
  /** What a pinned bowl wants and nobody has; on a day, or at any time for what keeps. */
  readonly missing: readonly {
    readonly column: number;
    readonly ingredientId: string;
    readonly on: number | undefined;
  }[];
}

type Entry = readonly [column: number, value: number];
const HUNDRED = 100;

/** Grams of each thing that a bowl wants, without what it wants nothing of. */
function gramsByThing({ lines }: Option): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { ingredientId, grams } of lines)
    if (grams > 0) sums.set(ingredientId, (sums.get(ingredientId) ?? 0) + grams);
  return sums;
}

/** A remnant that would still be good when the horizon ends may yet be used: half of it counts. Assumption of this project. */
export const LEFT_OPEN_SHARE = 0.5;

/** How much of a remnant of a piece opened on a day counts as lost. */
export const lostOfOpened = (supply: Supply, openedOn: number, days: number): number =>
  openedOn + (supply.openDays ?? 0) < days ? 1 : LEFT_OPEN_SHARE;

/** The days on which a supply may be drawn from for the first time. */
export const usableOn = (supply: Supply): readonly number[] =>
  supply.chance.flatMap((chance, on) => (chance >= LEAST_CHANCE ? [on] : []));

/** What is ready on no day of the horizon is frozen on none. */
export const mayFreeze = (supply: Supply): boolean => supply.canFreeze && usableOn(supply).length > 0;

/**
 * The mixed-integer programme of a plan. Bowls are chosen (0 or 1) under cadence, minutes and what there is; pieces are
 * opened whole, and what is opened lasts its days; what turns and is not drawn is lost. What is least is
 *
 *   lost + risk + waiting + shopping + work + what suits less
 *
 * in the points of the ranking (`PLAN_POINTS`). The form (facility opening and flows) is standard; Wolsey, "Integer
 * Programming" (2nd ed., 2020), from memory.
 */
export function planModel(problem: PlanProblem): PlanModel {
  const { days, heads, options, supplies, goods, pins, former, budget, sparedShare } = problem;
  const count = days.length;
  const draft = new ProgrammeDraft();
  const kinds: CostKind[] = [];
  const pay = (kind: CostKind, cost: number, upper: number, isWhole = false, lower = 0): number => {
    const column = draft.column(cost, upper, isWhole, lower);
    kinds[column] = kind;
    return column;
  };
  const isPinned = (optionId: string, on: number): boolean =>
    pins.some((pin) => pin.optionId === optionId && pin.on === on);

  // Bowls.
  const bowls = options.flatMap((option) =>
    days.flatMap((_, on) => {
      const pinned = isPinned(option.id, on);
      if (!pinned && !mayOn(option, heads, days, on)) return [];
      return [{ column: pay('bowls', option.points, 1, true, pinned ? 1 : 0), option, on, pinned }];
    }),
  );

  /** The bowls that want a thing, with the grams they want of it, day by day. */
  const wanting = new Map<string, Entry[][]>();
  for (const { column, option, on } of bowls)
    for (const [ingredientId, grams] of gramsByThing(option)) {
      const byDay = wanting.get(ingredientId) ?? Array.from({ length: count }, (): Entry[] => []);
      byDay[on]?.push([column, grams]);
      wanting.set(ingredientId, byDay);
    }
  const wants = (ingredientId: string, from: number, to: number): readonly Entry[] => {
    const byDay = wanting.get(ingredientId);
    return (from === to ? byDay?.[from] : byDay?.slice(from, to + 1).flat()) ?? [];
  };
  /** No more of a column than bowls between two days want, in whole units. */
  const onlyFor = (ingredientId: string, from: number, to: number, column: number, unitGrams: number): void => {
    draft.row(-Infinity, 0, [
      [column, 1],
      ...wants(ingredientId, from, to).map(([bowl, grams]): Entry => [
        bowl,
        -Math.max(1, Math.ceil(grams / unitGrams)),
      ]),
    ]);
  };

  // At most one in each window of so many days; pins go before.
  const atMostOneIn = (all: readonly (typeof bowls)[number][], window: number): void => {
    for (let from = 0; from <= Math.max(0, count - window); from++) {
      const inside = all.filter(({ on }) => on >= from && on < from + window);
      if (inside.length < 2) continue;
      draft.row(
        0,
        Math.max(1, inside.filter(({ pinned }) => pinned).length),
        inside.map(({ column }) => [column, 1]),
      );
    }
  };
  const spent: Entry[] = [];
  for (const head of heads) {
    const own = bowls.filter(({ option }) => option.headIds.includes(head.id));
    atMostOneIn(own, head.leastDays);
    for (const [rhythm, window] of Object.entries(head.strictDays) as [Rhythm, number][])
      atMostOneIn(
        own.filter(({ option }) => option.rhythms.includes(rhythm)),
        Math.min(window, count),
      );
    const masks = new Map<string, typeof own>();
    for (const bowl of own) masks.set(bowl.option.maskId, [...(masks.get(bowl.option.maskId) ?? []), bowl]);
    for (const same of masks.values()) {
      const { repeatDays } = (same[0] as (typeof own)[number]).option;
      if (repeatDays !== undefined && repeatDays > head.leastDays) atMostOneIn(same, Math.min(repeatDays, count));
      if (new Set(same.map(({ on }) => on)).size > 1) {
        const again = pay('again', POINTS.again, count);
        draft.row(-Infinity, 1, [...same.map(({ column }): Entry => [column, 1]), [again, -1]]);
      }
    }
    for (let on = 0; on < count; on++) {
      if (head.lastOn !== undefined && head.lastOn > on - head.everyDays) continue;
      const since = own.filter((bowl) => bowl.on <= on && bowl.on > on - head.everyDays);
      if (since.length === 0) continue;
      const late = pay('late', POINTS.late, 1);
      draft.row(1, Infinity, [...since.map(({ column }): Entry => [column, 1]), [late, 1]]);
    }
    for (const { rhythm, from } of head.due) {
      const meets = own.filter(({ option, on }) => on >= from && option.rhythms.includes(rhythm));
      if (meets.length === 0) continue;
      const missed = pay('due', POINTS.due, 1);
      draft.row(1, Infinity, [...meets.map(({ column }): Entry => [column, 1]), [missed, 1]]);
    }
  }
  for (const { optionId, on } of former) {
    const same = bowls.find((bowl) => bowl.option.id === optionId && bowl.on === on);
    if (!same) continue;
    const gone = pay('changed', POINTS.changed, 1);
    draft.row(1, Infinity, [
      [same.column, 1],
      [gone, 1],
    ]);
  }

  // Minutes: hands one after the other, and all wear at once.
  days.forEach(({ minutes }, on) => {
    const today = bowls.filter((bowl) => bowl.on === on);
    if (today.length === 0) return;
    const pinnedBowls = today.filter(({ pinned }) => pinned).map(({ option }) => option);
    const pinnedMinutes =
      pinnedBowls.reduce((sum, { handsOnMinutes }) => sum + handsOnMinutes, 0) +
      Math.max(0, ...pinnedBowls.map(({ wearMinutes }) => wearMinutes));
    const wears = pay('bowls', 0, Infinity);
    for (const head of heads) {
      const own = today.filter(({ option }) => option.headIds.includes(head.id));
      if (own.length > 0)
        draft.row(-Infinity, 0, [...own.map(({ column, option }): Entry => [column, option.wearMinutes]), [wears, -1]]);
    }
    draft.row(-Infinity, Math.max(minutes, pinnedMinutes), [
      ...today.map(({ column, option }): Entry => [column, option.handsOnMinutes]),
      [wears, 1],
    ]);
  });

  // The shop: a way for each day, and a line on the list for each thing.
  const trips = new Map<number, number>();
  const tripOn = (on: number): number => {
    const known = trips.get(on);
    if (known !== undefined) return known;
    const column = pay('shopping', POINTS.trip, 1, true);
    trips.set(on, column);
    return column;
  };
  /** The line on the list for a thing on a day. */
  const items: { ingredientId: string; on: number; column: number }[] = [];
  const itemOn = (ingredientId: string, on: number, most: number, amount: number): void => {
    const item = pay('shopping', POINTS.item, 1, true);
    items.push({ ingredientId, on, column: item });
    draft.row(-Infinity, 0, [
      [amount, 1],
      [item, -most],
    ]);
    draft.row(-Infinity, 0, [
      [item, 1],
      [tripOn(on), -1],
    ]);
  };

  // What turns.
  const draws: { column: number; supply: Supply; on: number; openedOn: number }[] = [];
  const opened: { column: number; supply: Supply; on: number }[] = [];
  const bought: { column: number; supply: Supply }[] = [];
  const frozen: { column: number; supply: Supply }[] = [];
  const lost: { column: number; supply: Supply; grams: number }[] = [];
  const loses = (supply: Supply, grams: number, most: number, counts = grams): number => {
    const column = pay('lost', (POINTS.lost * supply.weight * counts) / HUNDRED, most);
    if (grams > 0) lost.push({ column, supply, grams: grams * countedShare(supply) });
    return column;
  };
  for (const supply of supplies) {
    const { units, unitGrams, openDays, boughtOn, weight, lostShare, leftShare } = supply;
    const usable = usableOn(supply);
    const risk = (on: number): number => (POINTS.risk * (1 - (supply.chance[on] ?? 0))) / HUNDRED;
    /** What goes where: in units, except what is drawn from something loose. */
    const goes: Entry[] = [];
    for (const on of usable) {
      if (openDays === undefined) {
        const column = pay('risk', risk(on), units * unitGrams);
        draws.push({ column, supply, on, openedOn: on });
        goes.push([column, 1 / unitGrams]);
        continue;
      }
      const open = pay('lost', 0, units, true);
      opened.push({ column: open, supply, on });
      // Nothing is cut for nobody: a rest that is half lost would look better than a fruit that is left whole.
      onlyFor(supply.ingredientId, on, on, open, unitGrams);
      goes.push([open, 1]);
      const of: Entry[] = [];
      for (let later = on; later <= Math.min(count - 1, on + openDays); later++) {
        const column = pay('risk', risk(on), units * unitGrams);
        draws.push({ column, supply, on: later, openedOn: on });
        of.push([column, 1]);
      }
      of.push([loses(supply, lostOfOpened(supply, on, count), units * unitGrams), 1]);
      draft.row(0, 0, [...of, [open, -unitGrams]]);
    }
    if (mayFreeze(supply)) {
      const half = (POINTS.frozen * POINTS.lost * weight * leftShare * unitGrams) / HUNDRED;
      const column = pay('freezing', half, units);
      const does = pay('freezing', POINTS.freezing, 1, true);
      draft.row(-Infinity, 0, [
        [column, 1],
        [does, -units],
      ]);
      frozen.push({ column, supply });
      goes.push([column, 1]);
    }
    goes.push([loses(supply, lostShare * unitGrams, units, leftShare * unitGrams), 1]);
    if (boughtOn === undefined) draft.row(units, units, goes);
    else {
      const column = pay('shopping', POINTS.money * supply.unitWorth, units, true);
      bought.push({ column, supply });
      itemOn(supply.ingredientId, boughtOn, units, column);
      onlyFor(supply.ingredientId, boughtOn, count - 1, column, unitGrams);
      draft.row(0, 0, [...goes, [column, -1]]);
      if (supply.unitPrice) spent.push([column, supply.unitPrice]);
    }
  }

  const pinnedColumns = new Set(bowls.flatMap(({ column, pinned }) => (pinned ? [column] : [])));
  const pinnedGrams = (ingredientId: string, from: number, to: number): number =>
    wants(ingredientId, from, to).reduce((sum, [column, grams]) => (pinnedColumns.has(column) ? sum + grams : sum), 0);
  const given = new Map<string, (typeof draws)[number][]>();
  for (const draw of draws) {
    const key = `${draw.supply.ingredientId} ${draw.on}`;
    const known = given.get(key);
    if (known) known.push(draw);
    else given.set(key, [draw]);
  }
  const givenOn = (ingredientId: string, on: number): readonly (typeof draws)[number][] =>
    given.get(`${ingredientId} ${on}`) ?? [];
  const kept = new Set(goods.map((good) => good.ingredientId));
  const turningIds = new Set(
    [...supplies, ...options.flatMap(({ lines }) => lines)]
      .map((one) => one.ingredientId)
      .filter((id) => !kept.has(id)),
  );
  const missing: { column: number; ingredientId: string; on: number | undefined }[] = [];
  const lack = (ingredientId: string, most: number, on: number | undefined): readonly number[] => {
    if (most === 0) return [];
    const column = pay('missing', POINTS.missing / HUNDRED, most);
    missing.push({ column, ingredientId, on });
    return [column];
  };
  for (const ingredientId of turningIds)
    for (let on = 0; on < count; on++) {
      const wanted = wants(ingredientId, on, on);
      const taken = givenOn(ingredientId, on);
      // Nothing is drawn on a day on which nobody wants it.
      if (wanted.length === 0) {
        draft.row(
          0,
          0,
          taken.map(({ column }): Entry => [column, 1]),
        );
        continue;
      }
      const most = Math.max(...wanted.map(([, grams]) => grams)) * wanted.length;
      const spared = pay('lost', POINTS.spared / HUNDRED, most);
      draft.row(-Infinity, 0, [[spared, 1], ...wanted.map(([column, grams]): Entry => [column, -sparedShare * grams])]);
      const lacks = lack(ingredientId, pinnedGrams(ingredientId, on, on), on);
      draft.row(0, 0, [
        ...taken.map(({ column }): Entry => [column, 1]),
        [spared, 1],
        ...lacks.map((column): Entry => [column, 1]),
        ...wanted.map(([column, grams]): Entry => [column, -grams]),
      ]);
    }

  // What keeps: enough of it by each day.
  const packs: { column: number; ingredientId: string; on: number }[] = [];
  const shopDays = days.flatMap(({ isShopDay }, on) => (isShopDay ? [on] : []));
  for (const { ingredientId, grams, packGrams, pricePerGram, worthPerGram } of goods) {
    const all = wants(ingredientId, 0, count - 1);
    if (all.length === 0) continue;
    const most = all.reduce((sum, [, wanted]) => sum + wanted, 0);
    if (most <= grams) continue;
    const lacks = lack(ingredientId, pinnedGrams(ingredientId, 0, count - 1), undefined);
    const from: { on: number; column: number }[] = [];
    for (const on of shopDays) {
      if (wants(ingredientId, on, count - 1).length === 0) continue;
      const column = pay('shopping', 0, most);
      const worth = PACK_SHARE * worthPerGram * (Number.isFinite(packGrams) ? packGrams : 0);
      const packed = pay('shopping', POINTS.pack + POINTS.money * worth, Math.ceil(most / packGrams), true);
      draft.row(-Infinity, 0, [
        [column, 1],
        [packed, -packGrams],
      ]);
      itemOn(ingredientId, on, Math.ceil(most / packGrams), packed);
      onlyFor(ingredientId, on, count - 1, packed, packGrams);
      packs.push({ column: packed, ingredientId, on });
      from.push({ on, column });
      if (pricePerGram) spent.push([packed, pricePerGram * packGrams]);
    }
    const ends = [...new Set([...from.map(({ on }) => on - 1), count - 1])].filter((on) => on >= 0);
    for (const end of ends)
      draft.row(-Infinity, grams, [
        ...wants(ingredientId, 0, end),
        ...lacks.map((column): Entry => [column, -1]),
        ...from.filter(({ on }) => on <= end).map(({ column }): Entry => [column, -1]),
      ]);
  }

  // A bowl that wants more than was ever there needs its line on a list. It follows from the rows above where bowls are whole;
  // said for each head and day, where there is one bowl at the most, it brings the bound up at once.
  const thereOn = (ingredientId: string, on: number): number =>
    goods.find((good) => good.ingredientId === ingredientId)?.grams ??
    givenOn(ingredientId, on)
      .filter(({ supply }) => supply.boughtOn === undefined)
      .reduce((grams, { supply }) => grams + supply.units * supply.unitGrams, 0);
  const ofHead = new Map(
    heads.map(({ id }) => [
      id,
      new Set(bowls.flatMap((bowl) => (bowl.option.headIds.includes(id) && !bowl.pinned ? [bowl.column] : []))),
    ]),
  );
  for (const ingredientId of new Set(items.map((item) => item.ingredientId)))
    for (let on = 0; on < count; on++) {
      const there = thereOn(ingredientId, on);
      const short = wants(ingredientId, on, on).filter(([, grams]) => grams * (1 - sparedShare) > there);
      const from = items.filter((item) => item.ingredientId === ingredientId && item.on <= on);
      for (const own of ofHead.values()) {
        const its = short.filter(([column]) => own.has(column));
        if (its.length > 0)
          draft.row(-Infinity, 0, [
            ...its.map(([column]): Entry => [column, 1]),
            ...from.map((item): Entry => [item.column, -1]),
          ]);
      }
    }

  // A bowl takes of something open. This, too, follows; so no part of a piece is opened for a part of a bowl.
  for (const ingredientId of turningIds)
    for (let on = 0; on < count; on++) {
      const least = wants(ingredientId, on, on).map(([column, grams]): Entry => [column, grams * (1 - sparedShare)]);
      if (least.length === 0) continue;
      const open = opened.filter(
        (one) => one.supply.ingredientId === ingredientId && one.on <= on && on <= one.on + (one.supply.openDays ?? 0),
      );
      const loose = givenOn(ingredientId, on).filter(({ supply }) => supply.openDays === undefined);
      const largest = Math.max(...open.map(({ supply }) => supply.unitGrams));
      for (const own of ofHead.values()) {
        const its = least.filter(([column]) => own.has(column));
        if (its.length === 0) continue;
        const smallest = Math.min(...its.map(([, grams]) => grams));
        draft.row(-Infinity, 0, [
          ...its.map(([column, grams]): Entry => [
            column,
            loose.length > 0 ? 1 : Math.max(1, Math.ceil(grams / largest - 1e-9)),
          ]),
          ...open.map(({ column }): Entry => [column, -1]),
          ...loose.map(({ column }): Entry => [column, -1 / smallest]),
        ]);
      }
    }

  if (budget !== undefined) draft.row(-Infinity, budget, spent);
  return { programme: draft.done(), kinds, bowls, draws, opened, bought, packs, frozen, lost, missing };
}

/** The same model where what is expected to be lost beyond so many grams costs dear, whoever loses it. */
export function withMostLost(model: PlanModel, mostLostGrams: number): PlanModel {
  if (model.lost.length === 0) return model;
  const draft = new ProgrammeDraft(model.programme);
  const more = draft.column(POINTS.lostMore / HUNDRED, Infinity);
  draft.row(-Infinity, mostLostGrams, [...model.lost.map(({ column, grams }): Entry => [column, grams]), [more, -1]]);
  return { ...model, programme: draft.done(), kinds: [...model.kinds, 'lost'] };
}
