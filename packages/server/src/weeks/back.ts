import type { WeekBack } from '@amber-ladle/contract';
import { addDays, localDay, startOfDay, weekdayOf, type Day } from '@amber-ladle/core/time';
import { MoreThanOrEqual } from 'typeorm';
import { readHistories } from '../bowl';
import { readSettings } from '../household';
import type { Household } from '../kernel/household';
import { WeekPlanEntity } from './table';

/** So many weeks are looked back on. */
const WEEKS = 8;
const DAYS = 7;
/** Monday is the first of a week (ISO 8601). */
const mondayOf = (day: Day): Day => addDays(day, -((weekdayOf(day) + 6) % DAYS));

interface Sum {
  kind: 'discard' | 'add';
  grams: number;
  at: string;
  pricePerGram: number | null;
}

/** The weeks that were, the last one first: planned, made, lost, spent; only those in which something was. */
export async function weeksBack(household: Household): Promise<readonly WeekBack[]> {
  const { source } = household;
  const { timeZone } = await readSettings(household);
  const dayOf = (at: string): Day => localDay(Date.parse(at), timeZone);
  const thisMonday = mondayOf(dayOf(household.clock.now()));
  const first = addDays(thisMonday, -DAYS * (WEEKS - 1));
  const plans = await source.manager.find(WeekPlanEntity, {
    where: { day: MoreThanOrEqual(first) },
    order: { day: 'ASC' },
  });
  const worn = Object.entries(await readHistories(household)).flatMap(([headId, all]) =>
    all.map(({ at, maskId }) => ({ headId, maskId, at, day: dayOf(at) })),
  );
  const sums = await source.query<Sum[]>(
    `SELECT m.kind, m.grams, m.at, l.price_per_gram AS pricePerGram
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE m.kind IN ('discard', 'add') AND c.undone_by IS NULL AND m.at >= ?`,
    [new Date(startOfDay(first, timeZone)).toISOString()],
  );
  const moneyOf = (all: readonly Sum[]): number =>
    all.reduce((sum, { grams, pricePerGram }) => sum + Math.abs(grams) * (pricePerGram ?? 0), 0);
  return Array.from({ length: WEEKS }, (_, back): WeekBack => {
    const week = addDays(thisMonday, -DAYS * back);
    const isIn = (day: Day): boolean => day >= week && day < addDays(week, DAYS);
    const plan = plans.find(({ day }) => isIn(day))?.plan;
    const planned = plan?.bowls.filter(({ day }) => isIn(day));
    const had = worn.filter(({ day }) => isIn(day));
    const moved = sums.filter(({ at }) => isIn(dayOf(at)));
    const lost = moved.filter(({ kind }) => kind === 'discard');
    return {
      week,
      planned: planned?.length,
      kept: (planned ?? []).filter(({ maskId, headIds }) =>
        had.some((one) => one.maskId === maskId && headIds.includes(one.headId)),
      ).length,
      // Heads of one bowl have worn it at one moment.
      made: new Set(had.map(({ maskId, at }) => `${maskId} ${at}`)).size,
      expectedGrams: plan && (plan.lostGrams * DAYS) / plan.days,
      lostGrams: lost.reduce((sum, { grams }) => sum - grams, 0),
      lostMoney: moneyOf(lost),
      spentMoney: moneyOf(moved.filter(({ kind }) => kind === 'add')),
    };
  }).filter(({ planned, made, lostGrams, spentMoney }) => planned !== undefined || made + lostGrams + spentMoney > 0);
}
