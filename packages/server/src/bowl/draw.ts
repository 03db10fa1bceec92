import type { BowlLife, StockChange } from '@amber-ladle/contract';
import { isPerishable, keepingOf, type Catalogue } from '@amber-ladle/core/ingredient';
import { spansOf, usedShare, type Climate, type Lot } from '@amber-ladle/core/shelf';
import type { BowlFact } from '@amber-ladle/core/washday';
import { In, type EntityManager } from 'typeorm';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { changed } from '../life';
import { climateOf } from '../place';
import { applyChange, toLot } from '../stock';
import { LotEntity } from '../stock/table';

/**
 * What perishable parts had used up of their time before they went into a bowl: the worst of them counts.
 * @returns 0 to 1
 */
export function startShareOf(lots: readonly Lot[], catalogue: Catalogue, climate: Climate, now: number): number {
  return lots.reduce((most, lot) => {
    const row = catalogue.get(lot.ingredientId);
    if (!row || lot.state === 'whole') return most;
    const keeping = keepingOf(row, lot.state);
    if (!isPerishable(keeping)) return most;
    const used = usedShare(keeping, spansOf(lot.stays, climate, Date.parse(lot.since), now));
    return Math.max(most, Math.min(1, used));
  }, 0);
}

/**
 * Takes what a kept bowl needs from the shelf; the bowl is then for now.
 * @throws Refusal 404, 409 where a lot holds less, 422 for a bowl that has ended
 */
export async function drawForBowl(household: Household, bowlId: string, draw: StockChange): Promise<BowlLife> {
  const catalogue = await readCatalogue(household);
  return changed(
    household,
    bowlId,
    async (manager, { isDrawn }) => (isDrawn ? [] : drawnFor(manager, household, catalogue, draw, bowlId)),
    { also: ['shelf'] },
  );
}

/**
 * Draws for a bowl inside a transaction. The clock of what goes in runs on: it is read before the lots are drawn down.
 * @returns what is to be told of the bowl; nothing for a draw that came late once more and has been taken back meanwhile
 */
export async function drawnFor(
  manager: EntityManager,
  household: Household,
  catalogue: Catalogue,
  draw: StockChange,
  bowlId: string,
): Promise<readonly BowlFact[]> {
  const now = household.clock.now();
  const taken = draw.movements.filter(({ kind }) => kind === 'draw').map(({ lotId }) => lotId);
  const lots = (await manager.findBy(LotEntity, { id: In(taken) })).map(toLot);
  const startShare = startShareOf(lots, catalogue, await climateOf(household, manager), Date.parse(now));
  const { isNew } = await applyChange(manager, household, catalogue, draw, { bowlId });
  return isNew ? [{ kind: 'drawn', startShare }] : [];
}
