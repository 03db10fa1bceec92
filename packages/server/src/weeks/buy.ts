import type { KeptBuyLine, KeptWeekPlan } from '@amber-ladle/contract';
import { buyToCsv } from '@amber-ladle/core/exchange';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { standInsFor } from '@amber-ladle/core/mask';
import { coldOnceReady, frozenAt, shopTrips } from '@amber-ladle/core/plan';
import { buyList, type Lot, type WantedBowl } from '@amber-ladle/core/shelf';
import { localDay } from '@amber-ladle/core/time';
import { listed, sentenceOf } from '@amber-ladle/words';
import { In, MoreThan } from 'typeorm';
import { readHistories } from '../bowl';
import { listHeads } from '../head';
import { readerIn, readSettings } from '../household';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { listMasks } from '../mask';
import { climateOf } from '../place';
import { plannedBowls, readHabits, readRestock, toLot, type PlannedBowl } from '../stock';
import { LotEntity } from '../stock/table';
import { lastPlan, readWishes } from './weeks';

/** A bowl that is wanted, with its mask. */
type Wanted = WantedBowl & Pick<PlannedBowl, 'maskId'>;

/** Days with a shop are looked for so far ahead. */
const DAYS_AHEAD = 60;
/** Of what would do instead, so much is said. */
const MOST_STAND_INS = 3;

/**
 * Bowls of the last plan that still stand: not past, not kept for their day already, and nobody of them had a bowl since.
 */
async function bowlsOfPlan(
  household: Household,
  plan: KeptWeekPlan,
  kept: readonly PlannedBowl[],
): Promise<readonly Wanted[]> {
  const { timeZone } = await readSettings(household);
  const dayOf = (at: string): string => localDay(Date.parse(at), timeZone);
  const today = dayOf(household.clock.now());
  const histories = await readHistories(household);
  const { locale } = await readerIn(household);
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
      name: `${masks.get(maskId) ?? maskId} for ${listed(
        headIds.map((id) => names.get(id) ?? id),
        locale,
      )}`,
      at,
      maskId,
      lines,
    }));
}

/** Bowls of the last plan that still stand. */
export async function bowlsOfWeeks(household: Household): Promise<readonly WantedBowl[]> {
  const plan = await lastPlan(household);
  return plan ? bowlsOfPlan(household, plan, await plannedBowls(household)) : [];
}

/** What to buy for bowls to come, kept or planned, and to come back to the restock levels. */
export async function readBuyList(household: Household): Promise<readonly KeptBuyLine[]> {
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
  const climate = await climateOf(household);
  const present = Date.parse(now);
  // What the plan has put into the fridge or the freezer in time is still there then.
  const chilled = new Set(plan?.chills ?? []);
  const frozen = new Map(plan?.freezes.map(({ lotId, at }) => [lotId, Math.max(present, Date.parse(at))]));
  const standing = lots.map((lot) => {
    const row = chilled.has(lot.id) ? catalogue.get(lot.ingredientId) : undefined;
    const cold = row ? coldOnceReady(row, lot, climate, present) : lot;
    const freezesAt = frozen.get(lot.id);
    return freezesAt === undefined ? cold : frozenAt(cold, climate, freezesAt);
  });
  const { timeZone } = await readSettings(household);
  const list = buyList(bowls, {
    levels,
    lots: standing,
    catalogue,
    climate,
    now: present,
    today: localDay(present, timeZone),
    trips: shopTrips(await readWishes(household), present, timeZone, DAYS_AHEAD),
    habits: await readHabits(household),
  });
  const masks = (await listMasks(household)).filter(({ id }) => bowls.some(({ maskId }) => maskId === id));
  const avoid = await notForEverybody(household);
  return list.map((line) => ({
    ...line,
    instead: standInsFor(masks, line.ingredientId, catalogue, { avoid })
      .slice(0, MOST_STAND_INS)
      .map(({ id }) => id),
  }));
}

/** What somebody of the household is allergic to, and what is lively on skin: no advice to shout across a shop. */
async function notForEverybody(household: Household): Promise<(row: Ingredient) => boolean> {
  const stories = (await listHeads(household)).map(({ story }) => story);
  const allergies = new Set(stories.flatMap((story) => story.allergies));
  const isLatex = stories.some(({ hasLatexAllergy }) => hasLatexAllergy);
  return ({ allergens, crossesWithLatex, traits }) =>
    traits.skin.includes('lively') || allergens.some((one) => allergies.has(one)) || (isLatex && crossesWithLatex);
}

/** The list to buy as a table. */
export async function exportBuyList(household: Household): Promise<string> {
  const catalogue = await readCatalogue(household);
  const reader = await readerIn(household);
  const nameOf = (id: string): string => catalogue.get(id)?.name ?? id;
  return buyToCsv(
    (await readBuyList(household)).map(({ instead, reasons, ...line }) => ({
      ...line,
      aims: reasons.map((reason) => sentenceOf(reason, reader)),
      instead: instead.map(nameOf),
    })),
  );
}
