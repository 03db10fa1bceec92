import type { BowlEnd, BowlLife, StockChange } from '@amber-ladle/contract';
import { isPerishable, keepingOf, type Catalogue } from '@amber-ladle/core/ingredient';
import { message } from '@amber-ladle/core/message';
import { spansOf, usedShare, type Climate, type Lot } from '@amber-ladle/core/shelf';
import { In, type EntityManager } from 'typeorm';
import { BowlLifeEntity, type BowlLifeRow } from './table';
import { LotEntity } from '../stock/table';
import { invalid } from '../kernel/refusal';
import { climateOf } from '../place';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { changed, isPast, knownPlace, needsDecision, toLife } from './lifeRules';
import { applyChange, toLot } from '../stock';

/** The lives of bowls, by bowl. */
export async function livesOf(manager: EntityManager, ids: readonly string[]): Promise<Map<string, BowlLife>> {
  const rows = ids.length === 0 ? [] : await manager.findBy(BowlLifeEntity, { bowlId: In([...ids]) });
  return new Map(rows.map((row) => [row.bowlId, toLife(row)]));
}

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
    async (manager, row) =>
      row.isDrawn ? row : { ...row, ...(await drawnFor(manager, household, catalogue, draw, bowlId)) },
    ['shelf'],
  );
}

/** Draws for a bowl inside a transaction. The clock of what goes in runs on: it is read before the lots are drawn down. */
export async function drawnFor(
  manager: EntityManager,
  household: Household,
  catalogue: Catalogue,
  draw: StockChange,
  bowlId: string,
): Promise<Pick<BowlLifeRow, 'isDrawn' | 'startShare'>> {
  const now = household.clock.now();
  const taken = draw.movements.filter(({ kind }) => kind === 'draw').map(({ lotId }) => lotId);
  const lots = (await manager.findBy(LotEntity, { id: In(taken) })).map(toLot);
  const startShare = startShareOf(lots, catalogue, await climateOf(manager, now), Date.parse(now));
  await applyChange(manager, household, catalogue, draw, { bowlId });
  return { isDrawn: true, startShare };
}

/** A bowl is mixed now and stands in a place; with that its time begins. Mixing twice is mixing once. */
export async function makeBowl(household: Household, bowlId: string, placeId: string): Promise<BowlLife> {
  return changed(household, bowlId, async (manager, life) => {
    await knownPlace(manager, household, placeId);
    const now = household.clock.now();
    if (life.stays.length > 0) return life;
    return { ...life, madeAt: now, stays: [{ placeId, from: now }] };
  });
}

/** A bowl is carried elsewhere. @throws Refusal 404, 422 for a bowl that has ended or an unknown place */
export async function moveBowl(household: Household, bowlId: string, placeId: string): Promise<BowlLife> {
  return changed(household, bowlId, async (manager, life) => {
    await knownPlace(manager, household, placeId);
    if (life.stays.length === 0) throw invalid({ placeId: 'It is not mixed yet.' });
    return { ...life, stays: [...life.stays, { placeId, from: household.clock.now() }] };
  });
}

/**
 * A bowl ends. One that is past its time is worn only with a decision, which stays in the record.
 * @throws Refusal 422 without the decision
 */
export async function endBowl(
  household: Household,
  bowlId: string,
  how: BowlEnd,
  decision: string | undefined,
): Promise<BowlLife> {
  return changed(household, bowlId, async (manager, life) => {
    const now = household.clock.now();
    // What was put on in time may be rinsed out whenever.
    const isOn = Object.values(life.wearing).some(({ wornFrom }) => wornFrom !== undefined);
    if (how === 'worn' && !isOn && !decision && (await isPast(manager, household, life))) throw needsDecision();
    return {
      ...life,
      wearing: how === 'worn' ? allRinsed(life.wearing, now) : life.wearing,
      endedAt: now,
      endedHow: how,
      decisions: decision
        ? [...life.decisions, { at: now, what: message('said', { text: decision }) }]
        : life.decisions,
    };
  });
}

const allRinsed = (wearing: BowlLifeRow['wearing'], now: string): BowlLifeRow['wearing'] =>
  Object.fromEntries(
    Object.entries(wearing).map(([id, worn]) => [
      id,
      worn.wornFrom ? { ...worn, rinsedAt: worn.rinsedAt ?? now } : worn,
    ]),
  );
