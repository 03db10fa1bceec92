import { BOOK_WORDS } from '@amber-ladle/words';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { settlingDraws, type DrawnFrom } from '@amber-ladle/core/shelf';
import { gramsIn } from '@amber-ladle/core/washday';
import type { EntityManager } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import type { WashDayRow } from './table';
import type { Household } from '../kernel/household';
import { applyChange } from '../stock';
import { eventsOf } from '../life';

/**
 * At the end of a day the shelf follows the scale: where more or less was weighed into a bowl than was drawn for it, the
 * difference is drawn too. What is counted in pieces, and what was not weighed, stays as it was drawn.
 * @returns true where the shelf changed
 */
export async function settleStock(
  manager: EntityManager,
  household: Household,
  catalogue: Catalogue,
  day: WashDayRow,
): Promise<boolean> {
  const events = await eventsOf(manager, day);
  let isChanged = false;
  for (const bowlId of day.bowlIds) {
    const own = new Set(day.steps.filter((step) => step.bowlId === bowlId).map(({ id }) => id));
    const lines = (await manager.findOneBy(BowlEntity, { id: bowlId }))?.snapshot.sized.lines ?? [];
    const bySpoon = new Set(lines.filter(({ measuredBy }) => measuredBy !== 'piece').map((line) => line.ingredientId));
    const weighed = gramsIn(
      events.filter(({ kind, stepId, isJudged, ingredientId }) =>
        kind === 'weigh' ? own.has(stepId) && !isJudged && bySpoon.has(ingredientId ?? '') : true,
      ),
    );
    const draws = settlingDraws(await drawnFor(manager, bowlId), weighed);
    if (draws.length === 0) continue;
    const movements = draws.map(({ lotId, grams }) => ({ lotId, kind: 'draw' as const, grams }));
    const change = { id: `settle-${day.id}-${bowlId}`, note: BOOK_WORDS.asWeighed, lots: [], movements };
    await applyChange(manager, household, catalogue, change, { bowlId, purpose: 'settlement' });
    isChanged = true;
  }
  return isChanged;
}

/** What a bowl drew, by lot, in the order of drawing; raw grain is measured before it is cooked and left out. */
function drawnFor(manager: EntityManager, bowlId: string): Promise<DrawnFrom[]> {
  return manager.query(
    `SELECT l.id AS lotId, l.ingredient_id AS ingredientId, -SUM(m.grams) AS drawnGrams, l.grams AS leftGrams
       FROM movement m
       JOIN lot l ON l.id = m.lot_id
       JOIN stock_change c ON c.id = m.change_id
      WHERE c.bowl_id = ? AND m.kind = 'draw' AND c.undone_by IS NULL AND l.born_state <> 'raw'
      GROUP BY l.id
      ORDER BY MIN(m.id)`,
    [bowlId],
  );
}
