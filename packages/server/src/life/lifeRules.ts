import { message } from '@amber-ladle/core/message';
import type { BowlLife } from '@amber-ladle/contract';
import { bowlBudget, bowlPastOf, bowlRuleOf, type Place } from '@amber-ladle/core/shelf';
import type { EntityManager } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import type { BowlLifeRow } from './table';
import { invalid } from '../kernel/refusal';
import { climateOf, listPlaces } from '../place';
import type { Household } from '../kernel/household';
import { readSettings } from '../household';
import { broughtUpToDate } from './snapshots';

export const toLife = ({ plannedFor, wearAimMinutes, leftOver, endedAt, endedHow, ...row }: BowlLifeRow): BowlLife => ({
  ...row,
  ...(plannedFor === null ? {} : { plannedFor }),
  ...(wearAimMinutes === null ? {} : { wearAimMinutes }),
  ...(leftOver === null ? {} : { leftOver }),
  ...(endedAt === null ? {} : { endedAt }),
  ...(endedHow === null ? {} : { endedHow }),
});

/** When a head wore a bowl, as far as was told. ISO 8601. */
export function wornAt(life: BowlLife | undefined, headId: string): string | undefined {
  const worn = life?.wearing[headId];
  return worn?.rinsedAt ?? worn?.wornFrom ?? (life?.endedHow === 'worn' ? life.endedAt : undefined);
}

/** What a bowl past its time is refused with until somebody decides. */
export const needsDecision = () =>
  invalid({
    decision: message('refusal.past-its-time'),
  });

/** True where the time of a mixed bowl is used up. */
export async function isPast(manager: EntityManager, household: Household, life: BowlLifeRow): Promise<boolean> {
  const bowl = await manager.findOneBy(BowlEntity, { id: life.bowlId });
  if (!bowl || life.stays.length === 0) return false;
  const strictest = bowlRuleOf(broughtUpToDate(bowl.snapshot).ingredients);
  if (!strictest) return false;
  const now = household.clock.now();
  const past = bowlPastOf(life, bowl.snapshot.mask.keeping, strictest);
  const { timeZone } = await readSettings(household);
  return bowlBudget(past, await climateOf(household, manager), timeZone, Date.parse(now)).isPast;
}

/** @throws Refusal 422 for a place that the household does not have */
export async function knownPlace(manager: EntityManager, placeId: string): Promise<Place> {
  const place = (await listPlaces(manager)).find(({ id }) => id === placeId);
  if (!place) throw invalid({ placeId: message('refusal.no-such-place') });
  return place;
}
