import { monthsIn } from '@amber-ladle/core/time';
import { api, type MonthOfSpending } from '@amber-ladle/contract';
import type { Household } from '../kernel/household';
import { readSettings } from '../household';
import { remembered } from '../kernel/remembered';
import { readWaste } from '../stock';

interface DrawnRow {
  at: string;
  grams: number;
  money: number;
  unpricedGrams: number;
}

/** What bowls took from the shelf, what went in the bin and how long it took, by month, the earliest first. */
export const readSpending = remembered(api.notes.spending.changesWith, sumSpending);

async function sumSpending(household: Household): Promise<MonthOfSpending[]> {
  const { source } = household;
  const { timeZone } = await readSettings(household);
  const monthAt = monthsIn(timeZone);
  const inMonth = (at: string): string => monthAt(Date.parse(at));
  const months = new Map<string, MonthOfSpending>();
  const month = (name: string): MonthOfSpending => {
    const known = months.get(name);
    if (known) return known;
    const fresh = {
      month: name,
      bowls: 0,
      money: 0,
      unpricedGrams: 0,
      minutes: 0,
      leftMillilitres: 0,
      wasteMoney: 0,
      wasteGrams: 0,
    };
    months.set(name, fresh);
    return fresh;
  };
  const drawn = await source.query<DrawnRow[]>(
    `SELECT c.at AS at, SUM(-m.grams) AS grams,
            SUM(-m.grams * COALESCE(l.price_per_gram, 0)) AS money,
            SUM(CASE WHEN l.price_per_gram IS NULL THEN -m.grams ELSE 0 END) AS unpricedGrams
       FROM movement m JOIN lot l ON l.id = m.lot_id JOIN stock_change c ON c.id = m.change_id
      WHERE m.kind = 'draw' AND c.bowl_id IS NOT NULL AND c.undone_by IS NULL
      GROUP BY c.id
      ORDER BY c.at`,
  );
  for (const { at, money, unpricedGrams } of drawn) {
    const into = month(inMonth(at));
    into.money += money;
    into.unpricedGrams += unpricedGrams;
  }
  const worn = await source.query<{ at: string; minutes: number | null; leftOver: number | null }[]>(
    `SELECT w.at AS at, MAX(json_extract(w.facts, '$.minutes')) AS minutes,
            MAX(COALESCE(json_extract(w.body, '$.lasted.millilitres'), json_extract(l.left_over, '$.millilitres'))) AS leftOver
       FROM wear_log w JOIN bowl b ON b.id = w.bowl_id AND b.removed_at IS NULL
       LEFT JOIN bowl_life l ON l.bowl_id = w.bowl_id
      GROUP BY w.bowl_id
      ORDER BY w.at`,
  );
  for (const { at, minutes, leftOver } of worn) {
    const into = month(inMonth(at));
    into.bowls++;
    into.minutes += minutes ?? 0;
    into.leftMillilitres += leftOver ?? 0;
  }
  for (const waste of await readWaste(household)) {
    const into = month(waste.month);
    into.wasteMoney += waste.money;
    into.wasteGrams += waste.grams;
  }
  return [...months.values()].sort((a, b) => (a.month < b.month ? -1 : 1));
}
