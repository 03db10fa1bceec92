import { habitsFrom, type CameHome, type Habits } from '@amber-ladle/core/shelf';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { remembered } from '../kernel/remembered';

interface CameRow extends Omit<CameHome, 'pricePerGram'> {
  readonly pricePerGram: number | null;
}

/** How things were bought so far, those included of which nothing is left; what was taken back again does not count. */
export const readHabits = remembered(['shelf', 'ingredients'], async (household: Household): Promise<Habits> => {
  const rows = await household.source.query<CameRow[]>(
    `SELECT l.ingredient_id AS ingredientId, l.born_state AS state, m.grams, m.at, l.price_per_gram AS pricePerGram
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE m.kind = 'add' AND m.grams > 0 AND c.undone_by IS NULL`,
  );
  return habitsFrom(
    rows.map(({ pricePerGram, ...row }) => ({ ...row, ...(pricePerGram === null ? {} : { pricePerGram }) })),
    await readCatalogue(household),
  );
});
