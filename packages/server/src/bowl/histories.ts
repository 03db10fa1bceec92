import { api, type Histories } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { rhythmsOf, type Wore } from '@amber-ladle/core/judge';
import { In, IsNull } from 'typeorm';
import { BowlEntity, type BowlRow } from './table';
import { livesOf } from '../life';
import { broughtUpToDate } from '../life';
import type { Household } from '../kernel/household';
import { remembered } from '../kernel/remembered';
import { readCatalogue } from '../ingredient';
import type { BowlLife } from '@amber-ladle/contract';

/** Rhythms reach back three months at the most; this is more than anybody washes in that time. */
const MOST_BOWLS = 200;
const AT_ONCE = 20;

/** What each head has worn, newest first, from the bowls as they were made. */
export const readHistories = remembered(api.heads.histories.changesWith, gatherHistories);

async function gatherHistories(household: Household): Promise<Histories> {
  const { source } = household;
  const rows = await source.manager.find(BowlEntity, {
    select: { id: true, keptAt: true },
    where: { removedAt: IsNull() },
    order: { keptAt: 'DESC', id: 'ASC' },
    take: MOST_BOWLS,
  });
  // What burned is never forgotten.
  const burned = await source.query<{ id: string; keptAt: string }[]>(
    `SELECT b.id, b.kept_at AS keptAt FROM bowl_life l JOIN bowl b ON b.id = l.bowl_id AND b.removed_at IS NULL
      WHERE l.wearing LIKE '%"rinsedWhy":"burning"%'`,
  );
  const recent = new Set(rows.map(({ id }) => id));
  const looked = [...rows, ...burned.filter(({ id }) => !recent.has(id))];
  const ids = looked.map(({ id }) => id);
  const lives = await livesOf(source.manager, ids);
  const made = await madeOf(household, ids);
  const histories: Histories = {};
  for (const { id, keptAt } of looked) {
    const { headIds, ...what } = made.get(id) ?? NOTHING_MADE;
    const life = lives.get(id);
    const [first = ''] = headIds;
    const moments: readonly WornMoment[] = life
      ? wornMoments(life, first)
      : headIds.map((headId) => ({ headId, at: keptAt }));
    for (const { headId, at, isBurned } of moments)
      (histories[headId] ??= []).push({ at, ...what, ...(isBurned ? { isBurned } : {}) });
  }
  for (const all of Object.values(histories)) all.sort((a, b) => (a.at < b.at ? 1 : -1));
  return histories;
}

/** What of a bowl a history needs; a bowl never changes. */
type Made = Omit<Wore, 'at'> & { readonly headIds: readonly string[] };
const NOTHING_MADE: Made = { headIds: [], maskId: '', rhythms: [], ingredientIds: [] };

/** Bowls that were opened once, until the catalogue changes. */
const openedOf = remembered(['ingredients'], () => Promise.resolve(new Map<string, Made>()));

async function madeOf(household: Household, ids: readonly string[]): Promise<ReadonlyMap<string, Made>> {
  const opened = await openedOf(household);
  const catalogue = await readCatalogue(household);
  const missing = ids.filter((id) => !opened.has(id));
  // A few at a time: others are answered in between.
  for (let i = 0; i < missing.length; i += AT_ONCE)
    for (const row of await household.source.manager.findBy(BowlEntity, { id: In(missing.slice(i, i + AT_ONCE)) }))
      opened.set(row.id, madeFrom(row, catalogue));
  return opened;
}

function madeFrom({ snapshot }: BowlRow, catalogue: Catalogue): Made {
  const { head, others, mask, ingredients } = broughtUpToDate(snapshot);
  const rows = new Map([...catalogue, ...ingredients.map((one) => [one.id, one] as const)]);
  return {
    headIds: [head, ...others].map(({ id }) => id),
    maskId: mask.id,
    rhythms: [...rhythmsOf(mask, rows)],
    ingredientIds: mask.parts.map(({ ingredientId }) => ingredientId),
  };
}

interface WornMoment {
  readonly headId: string;
  readonly at: string;
  readonly isBurned?: boolean;
}
function wornMoments({ wearing, endedAt, endedHow }: BowlLife, firstHeadId: string): readonly WornMoment[] {
  const worn = Object.entries(wearing).flatMap(([headId, { wornFrom, rinsedAt, rinsedWhy }]): WornMoment[] => {
    const at = wornFrom ?? rinsedAt;
    return at ? [{ headId, at, isBurned: rinsedWhy === 'burning' }] : [];
  });
  // Called worn without a word about sections and caps.
  return worn.length === 0 && endedHow === 'worn' && endedAt ? [{ headId: firstHeadId, at: endedAt }] : worn;
}
