import { api } from '@amber-ladle/contract';
import { wasteByMonth, worthOf, type MonthOfWaste, type MovementKind, type Worth } from '@amber-ladle/core/shelf';
import type { Household } from '../kernel/household';
import { readSettings } from '../household';
import { remembered } from '../kernel/remembered';

interface DiscardRow {
  kind: MovementKind;
  grams: number;
  at: string;
  reason: string | null;
  pricePerGram: number | null;
}

/** What a bowl took from the shelf was worth; what was taken back again does not count. */
export async function costOfBowl({ source }: Household, bowlId: string): Promise<Worth> {
  const rows = await source.query<DiscardRow[]>(
    `SELECT m.kind, m.grams, m.at, l.price_per_gram AS pricePerGram
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE c.bowl_id = ? AND m.kind = 'draw' AND c.undone_by IS NULL`,
    [bowlId],
  );
  return worthOf(
    rows.map(({ kind, grams, at, pricePerGram }) => ({
      kind,
      grams,
      at,
      ...(pricePerGram === null ? {} : { pricePerGram }),
    })),
  );
}

/** What was thrown away by month; what was taken back again does not count. */
export const readWaste = remembered(api.stock.waste.changesWith, sumWaste);

async function sumWaste(household: Household): Promise<readonly MonthOfWaste[]> {
  const rows = await household.source.query<DiscardRow[]>(
    `SELECT m.kind, m.grams, m.at, m.reason, l.price_per_gram AS pricePerGram
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE m.kind = 'discard' AND c.undone_by IS NULL
      ORDER BY m.at`,
  );
  const { timeZone } = await readSettings(household);
  return wasteByMonth(
    rows.map(({ reason, pricePerGram, ...row }) => ({
      ...row,
      ...(reason === null ? {} : { reason }),
      ...(pricePerGram === null ? {} : { pricePerGram }),
    })),
    timeZone,
  );
}
