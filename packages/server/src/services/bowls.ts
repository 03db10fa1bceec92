import {
  spoonsOf,
  type Bowl,
  type BowlSnapshot,
  type BowlSummary,
  type KeepBowl,
  type Page,
} from '@amber-ladle/contract';
import { sizeBowl } from '@amber-ladle/core/batch';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { IsNull } from 'typeorm';
import { BowlEntity, type BowlRow } from '../db/entities';
import { notFound } from '../http/errors';
import { getHead } from './heads';
import type { Household } from './household';
import { getMask } from './masks';
import { readSettings } from './settings';

const toBowl = ({ removedAt: _removedAt, ...bowl }: BowlRow): Bowl => bowl;

/** Kept bowls, newest first. */
export async function listBowls({ source }: Household, offset: number, limit: number): Promise<Page<BowlSummary>> {
  const [rows, total] = await source.getRepository(BowlEntity).findAndCount({
    select: {
      id: true,
      headId: true,
      headName: true,
      maskId: true,
      maskName: true,
      madeMillilitres: true,
      keptAt: true,
    },
    where: { removedAt: IsNull() },
    order: { keptAt: 'DESC', id: 'ASC' },
    skip: offset,
    take: limit,
  });
  const items = rows.map(({ id, headId, headName, maskId, maskName, madeMillilitres, keptAt }) => ({
    id,
    headId,
    headName,
    maskId,
    maskName,
    madeMillilitres,
    keptAt,
  }));
  return { items, total, offset };
}

/** @throws HttpProblem 404 */
export async function getBowl({ source }: Household, id: string): Promise<Bowl> {
  const row = await source.getRepository(BowlEntity).findOneBy({ id, removedAt: IsNull() });
  if (!row) throw notFound('bowl');
  return toBowl(row);
}

/**
 * Sizes a bowl and keeps it with everything it was made from.
 * Asking again with the same id gives the bowl that was kept the first time.
 * @throws HttpProblem 404 for a head or mask that is gone
 */
export async function keepBowl(household: Household, wish: KeepBowl): Promise<{ bowl: Bowl; isNew: boolean }> {
  const known = await household.source.getRepository(BowlEntity).findOneBy({ id: wish.id });
  if (known) return { bowl: toBowl(known), isNew: false };

  const head = await getHead(household, wish.headId);
  const snapshot = snapshotOf(wish, head, spoonsOf(await readSettings(household)));
  const row: BowlRow = {
    id: wish.id,
    headId: head.id,
    headName: head.name,
    maskId: snapshot.mask.id,
    maskName: snapshot.mask.name,
    madeMillilitres: snapshot.sized.madeMillilitres,
    keptAt: household.clock.now(),
    removedAt: null,
    snapshot,
  };
  const kept = await household.writes.run(async (manager) => {
    const twin = await manager.findOneBy(BowlEntity, { id: row.id });
    if (!twin) await manager.insert(BowlEntity, row as never);
    return twin;
  });
  if (kept) return { bowl: toBowl(kept), isNew: false };
  household.events.tell('bowls');
  return { bowl: toBowl(row), isNew: true };
}

/** Puts a bowl away. @throws HttpProblem 404 */
export async function removeBowl(household: Household, id: string): Promise<void> {
  await getBowl(household, id);
  await household.writes.run((manager) => manager.update(BowlEntity, { id }, { removedAt: household.clock.now() }));
  household.events.tell('bowls');
}

/** Brings a removed bowl back. @throws HttpProblem 404 */
export async function restoreBowl(household: Household, id: string): Promise<Bowl> {
  await household.writes.run((manager) => manager.update(BowlEntity, { id }, { removedAt: null }));
  household.events.tell('bowls');
  return getBowl(household, id);
}

function snapshotOf(
  { profile, choices, maskId }: KeepBowl,
  head: { id: string; name: string; ageYears: number; sensitiveSkin: boolean },
  spoons: BowlSnapshot['spoons'],
): BowlSnapshot {
  const mask = getMask(maskId);
  const { id, name, ageYears, sensitiveSkin } = head;
  const sized = sizeBowl({ profile, wearer: { ageYears, sensitiveSkin } }, mask, CATALOGUE, { spoons, ...choices });
  return { head: { id, name, ageYears, sensitiveSkin, profile }, mask, choices, spoons, sized };
}
