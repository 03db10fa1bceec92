import type { Histories } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { rhythmsOf, type Wore } from '@amber-ladle/core/judge';
import { IsNull } from 'typeorm';
import { BowlEntity, type BowlRow } from './table';
import { livesOf } from '../life';
import { broughtUpToDate } from '../life';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import type { BowlLife } from '@amber-ladle/contract';

/** Rhythms reach back three months at the most; this is more than anybody washes in that time. */
const MOST_BOWLS = 200;

/** What each head has worn, newest first, from the bowls as they were made. */
export async function readHistories(household: Household): Promise<Histories> {
  const { source } = household;
  const catalogue = await readCatalogue(household);
  const rows = await source.manager.find(BowlEntity, {
    where: { removedAt: IsNull() },
    order: { keptAt: 'DESC', id: 'ASC' },
    take: MOST_BOWLS,
  });
  const lives = await livesOf(
    source.manager,
    rows.map(({ id }) => id),
  );
  const histories: Histories = {};
  for (const row of rows)
    for (const { headId, wore } of woreOf(row, lives.get(row.id), catalogue)) (histories[headId] ??= []).push(wore);
  for (const all of Object.values(histories)) all.sort((a, b) => (a.at < b.at ? 1 : -1));
  return histories;
}

function woreOf(row: BowlRow, life: BowlLife | undefined, catalogue: Catalogue): { headId: string; wore: Wore }[] {
  const { head, others, mask, ingredients } = broughtUpToDate(row.snapshot);
  const rows = new Map([...catalogue, ...ingredients.map((one) => [one.id, one] as const)]);
  const moments = life
    ? wornMoments(life, head.id)
    : [head, ...others].map(({ id }) => ({ headId: id, at: row.keptAt }));
  return moments.map(({ headId, at }) => ({
    headId,
    wore: {
      at,
      maskId: mask.id,
      rhythms: [...rhythmsOf(mask, rows)],
      ingredientIds: mask.parts.map(({ ingredientId }) => ingredientId),
    },
  }));
}

function wornMoments({ wearing, endedAt, endedHow }: BowlLife, firstHeadId: string): { headId: string; at: string }[] {
  const worn = Object.entries(wearing).flatMap(([headId, { wornFrom, rinsedAt }]) => {
    const at = wornFrom ?? rinsedAt;
    return at ? [{ headId, at }] : [];
  });
  // Called worn without a word about sections and caps.
  return worn.length === 0 && endedHow === 'worn' && endedAt ? [{ headId: firstHeadId, at: endedAt }] : worn;
}
