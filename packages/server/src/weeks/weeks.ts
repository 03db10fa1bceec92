import type { KeptWeekPlan, WeekPlan, WeeksHeld } from '@amber-ladle/contract';
import { stillWished, USUAL_WISHES, type WeekWishes } from '@amber-ladle/core/plan';
import { localDay } from '@amber-ladle/core/time';
import { isDeepStrictEqual } from 'node:util';
import type { EntityManager } from 'typeorm';
import { readSettings } from '../household';
import { SettingEntity } from '../household/table';
import type { Household } from '../kernel/household';
import { stale } from '../kernel/refusal';
import { plannedBowls, readHabits } from '../stock';
import { WeekPlanEntity } from './table';

const KEY = 'weeks';

const wishesIn = async (manager: EntityManager): Promise<WeekWishes> => {
  const row = await manager.findOneBy(SettingEntity, { key: KEY });
  return { ...USUAL_WISHES, ...((row?.value ?? {}) as Partial<WeekWishes>) };
};

/** What is wished of the weeks, what is past included. */
export const readWishes = ({ source }: Household): Promise<WeekWishes> => wishesIn(source.manager);

/** The plan that was kept last. */
export async function lastPlan({ source }: Household): Promise<KeptWeekPlan | undefined> {
  const [row] = await source.manager.find(WeekPlanEntity, { order: { day: 'DESC' }, take: 1 });
  return row && { ...row.plan, at: row.at };
}

/** What is wished of the weeks, without what is past; the last plan; and the bowls that are kept for a day to come. */
export async function readWeeks(household: Household): Promise<WeeksHeld> {
  const { timeZone } = await readSettings(household);
  const today = localDay(Date.parse(household.clock.now()), timeZone);
  const planned = await plannedBowls(household);
  return {
    wishes: stillWished(await wishesIn(household.source.manager), today),
    plan: await lastPlan(household),
    habits: await readHabits(household),
    kept: planned.map(({ id, at, maskId, headIds }) => ({
      bowlId: id,
      day: localDay(Date.parse(at), timeZone),
      maskId,
      headIds,
    })),
  };
}

/**
 * Wishes of the household, as a whole; where another device wished something meanwhile nothing is changed.
 * @throws Refusal 409 with the wishes as they are
 */
export async function wishWeeks(household: Household, wishes: WeekWishes, seen: object): Promise<WeekWishes> {
  const { wishes: before } = await readWeeks(household);
  return household.writes.run(['weeks'], async (manager) => {
    if (!isDeepStrictEqual(plainOf(before), plainOf(seen))) throw stale(before);
    await manager.upsert(SettingEntity, { key: KEY, value: wishes as never }, ['key']);
    return wishes;
  });
}

/** As it travels: what is left out and what is undefined are the same. */
const plainOf = (value: object): unknown => JSON.parse(JSON.stringify(value));

/** Keeps a plan as the last of its day; every screen that shows what is to come, and the list of what to buy, go by it. */
export async function keepPlan(household: Household, plan: WeekPlan): Promise<KeptWeekPlan> {
  const at = household.clock.now();
  await household.writes.run(['weeks'], (manager) =>
    manager.upsert(WeekPlanEntity, { day: plan.day, at, plan: plan as never }, ['day']),
  );
  return { ...plan, at };
}
