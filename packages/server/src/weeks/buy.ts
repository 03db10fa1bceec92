import type { KeptWeekPlan } from '@amber-ladle/contract';
import { buyList, type BuyLine, type Lot, type WantedBowl } from '@amber-ladle/core/shelf';
import { coldOnceReady } from '@amber-ladle/core/plan';
import { localDay } from '@amber-ladle/core/time';
import { In, MoreThan } from 'typeorm';
import { readHistories } from '../bowl';
import { listHeads } from '../head';
import { readSettings } from '../household';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { listMasks } from '../mask';
import { climateOf } from '../place';
import { plannedBowls, readRestock, toLot, type PlannedBowl } from '../stock';
import { LotEntity } from '../stock/table';
import { lastPlan } from './weeks';

/**
 * Bowls of the last plan that still stand: not past, not kept for their day already, and nobody of them had a bowl since.
 */
async function bowlsOfPlan(
  household: Household,
  plan: KeptWeekPlan,
  kept: readonly PlannedBowl[],
): Promise<readonly WantedBowl[]> {
  const { timeZone } = await readSettings(household);
  const dayOf = (at: string): string => localDay(Date.parse(at), timeZone);
  const today = dayOf(household.clock.now());
  const histories = await readHistories(household);
  const names = new Map((await listHeads(household)).map(({ id, name }) => [id, name]));
  const masks = new Map((await listMasks(household)).map(({ id, name }) => [id, name]));
  const isKept = (bowl: KeptWeekPlan['bowls'][number]): boolean =>
    kept.some(
      (one) =>
        one.maskId === bowl.maskId && dayOf(one.at) === bowl.day && one.headIds.some((id) => bowl.headIds.includes(id)),
    );
  const isMade = ({ day, headIds }: KeptWeekPlan['bowls'][number]): boolean =>
    headIds.some((id) => (histories[id] ?? []).some(({ at }) => dayOf(at) >= day));
  return plan.bowls
    .filter((bowl) => bowl.day >= today && !isKept(bowl) && !isMade(bowl))
    .map(({ at, maskId, headIds, lines }) => ({
      name: `${masks.get(maskId) ?? maskId} for ${headIds.map((id) => names.get(id) ?? id).join(', ')}`,
      at,
      lines,
    }));
}

/** Bowls of the last plan that still stand. */
export async function bowlsOfWeeks(household: Household): Promise<readonly WantedBowl[]> {
  const plan = await lastPlan(household);
  return plan ? bowlsOfPlan(household, plan, await plannedBowls(household)) : [];
}

/** What to buy for bowls to come, kept or planned, and to come back to the restock levels. */
export async function readBuyList(household: Household): Promise<readonly BuyLine[]> {
  const { source, clock } = household;
  const now = clock.now();
  const catalogue = await readCatalogue(household);
  const known = (lines: WantedBowl['lines']) => lines.filter(({ ingredientId }) => catalogue.has(ingredientId));
  const kept = await plannedBowls(household);
  const plan = await lastPlan(household);
  const all = [...kept, ...(plan ? await bowlsOfPlan(household, plan, kept) : [])];
  const bowls = all.map((bowl) => ({ ...bowl, lines: known(bowl.lines) }));
  const levels = (await readRestock(household)).filter(({ ingredientId }) => catalogue.has(ingredientId));
  const wanted = [...new Set([...bowls.flatMap(({ lines }) => lines), ...levels].map((one) => one.ingredientId))];
  // Yolks and whites come from whole eggs too.
  const ids = wanted.flatMap((id) => [id, catalogue.get(id)?.traits.partOf?.wholeId ?? []].flat());
  const lots: Lot[] = (await source.manager.findBy(LotEntity, { grams: MoreThan(0), ingredientId: In(ids) })).map(
    toLot,
  );
  const climate = await climateOf(source.manager, now);
  const present = Date.parse(now);
  // What the plan has put into the fridge in time is still there then.
  const chilled = new Set(plan?.chills ?? []);
  const standing = lots.map((lot) => {
    const row = chilled.has(lot.id) ? catalogue.get(lot.ingredientId) : undefined;
    return row ? coldOnceReady(row, lot, climate, present) : lot;
  });
  return buyList(bowls, levels, standing, catalogue, climate, present);
}
