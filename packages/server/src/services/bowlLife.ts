import type { BowlEnd, BowlLife, StockChange } from '@amber-ladle/contract';
import type { Catalogue, Ingredient } from '@amber-ladle/core/ingredient';
import {
  bowlBudget,
  bowlPastOf,
  bowlRuleOf,
  isPerishable,
  keepingOf,
  spansOf,
  usedShare,
  type Climate,
  type Lot,
} from '@amber-ladle/core/shelf';
import { In, type EntityManager } from 'typeorm';
import { BowlEntity, BowlLifeEntity, LotEntity, type BowlLifeRow } from '../db/entities';
import { invalid, notFound } from '../http/errors';
import { climateOf } from './climate';
import type { Household } from './household';
import { readCatalogue } from './ingredients';
import { readSettings } from './settings';
import { applyChange, toLot } from './stock';

export const toLife = ({ plannedFor, wornFrom, endedAt, endedHow, ...row }: BowlLifeRow): BowlLife => ({
  ...row,
  ...(plannedFor === null ? {} : { plannedFor }),
  ...(wornFrom === null ? {} : { wornFrom }),
  ...(endedAt === null ? {} : { endedAt }),
  ...(endedHow === null ? {} : { endedHow }),
});

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
    if (!row || lot.state === 'raw' || lot.state === 'whole') return most;
    const keeping = keepingOf(row, lot.state);
    if (!isPerishable(keeping)) return most;
    const used = usedShare(keeping, spansOf(lot.stays, climate, Date.parse(lot.since), now));
    return Math.max(most, Math.min(1, used));
  }, 0);
}

/**
 * Takes what a kept bowl needs from the shelf; the bowl is then for now.
 * @throws HttpProblem 404, 409 where a lot holds less, 422 for a bowl that has ended
 */
export async function drawForBowl(household: Household, bowlId: string, draw: StockChange): Promise<BowlLife> {
  const catalogue = await readCatalogue(household);
  const life = await changed(household, bowlId, async (manager, row) => {
    if (row.isDrawn) return row;
    return { ...row, ...(await drawnFor(manager, household, catalogue, draw, bowlId)) };
  });
  household.events.tell('shelf');
  return life;
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
  await applyChange(manager, household, catalogue, draw, bowlId);
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

/** A bowl is carried elsewhere. @throws HttpProblem 404, 422 for a bowl that has ended or an unknown place */
export async function moveBowl(household: Household, bowlId: string, placeId: string): Promise<BowlLife> {
  return changed(household, bowlId, async (manager, life) => {
    await knownPlace(manager, household, placeId);
    if (life.stays.length === 0) throw invalid({ placeId: 'It is not mixed yet.' });
    return { ...life, stays: [...life.stays, { placeId, from: household.clock.now() }] };
  });
}

/** What happened on a head; what is not named stays as it was. */
export interface Wearing {
  readonly section?: { readonly id: string; readonly isDone: boolean } | undefined;
  readonly isCapOn?: boolean | undefined;
  readonly decision?: string | undefined;
}

/** A head is not clipped into more sections than this. */
const MOST_SECTIONS = 12;

/**
 * A section is coated, or the cap goes on: from that moment the mask's time runs, whatever device looks. Two devices may
 * tap different sections at once; said again, everything stays as it was. A bowl past its time is put on only with a
 * decision.
 * @throws HttpProblem 404, 422
 */
export async function wearBowl(household: Household, bowlId: string, wearing: Wearing): Promise<BowlLife> {
  const { section, decision } = wearing;
  return changed(household, bowlId, async (manager, life) => {
    const now = household.clock.now();
    const isCapOn = wearing.isCapOn ?? life.wornFrom !== null;
    const begins = isCapOn && life.wornFrom === null;
    if (begins && !decision && (await isPast(manager, household, life))) throw needsDecision();
    const others = life.sectionsDone.filter((id) => id !== section?.id);
    const sectionsDone = section ? (section.isDone ? [...others, section.id] : others) : life.sectionsDone;
    if (sectionsDone.length > MOST_SECTIONS) throw invalid({ section: 'A head has at most twelve sections.' });
    return {
      ...life,
      sectionsDone,
      wornFrom: isCapOn ? (life.wornFrom ?? now) : null,
      decisions: begins && decision ? [...life.decisions, { at: now, what: decision }] : life.decisions,
    };
  });
}

const needsDecision = () =>
  invalid({
    decision: 'This bowl is past its time. To wear it all the same, say in a few words why; the record keeps it.',
  });

/**
 * A bowl ends. One that is past its time is worn only with a decision, which stays in the record.
 * @throws HttpProblem 422 without the decision
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
    const isOn = life.wornFrom !== null;
    if (how === 'worn' && !isOn && !decision && (await isPast(manager, household, life))) throw needsDecision();
    return {
      ...life,
      endedAt: now,
      endedHow: how,
      decisions: decision ? [...life.decisions, { at: now, what: decision }] : life.decisions,
    };
  });
}

async function isPast(manager: EntityManager, household: Household, life: BowlLifeRow): Promise<boolean> {
  const bowl = await manager.findOneBy(BowlEntity, { id: life.bowlId });
  const rows = (bowl?.snapshot.ingredients ?? []) as readonly Ingredient[];
  const strictest = bowlRuleOf(rows);
  if (!bowl || !strictest || life.stays.length === 0) return false;
  const now = household.clock.now();
  const past = bowlPastOf(life, bowl.snapshot.mask.keeping, strictest.rule);
  const { timeZone } = await readSettings(household);
  return bowlBudget(past, await climateOf(manager, now), timeZone, Date.parse(now)).isPast;
}

async function knownPlace(manager: EntityManager, { clock }: Household, placeId: string): Promise<void> {
  const { places } = await climateOf(manager, clock.now());
  if (!places.some(({ id }) => id === placeId)) throw invalid({ placeId: 'There is no such place.' });
}

async function changed(
  household: Household,
  bowlId: string,
  change: (manager: EntityManager, life: BowlLifeRow) => Promise<BowlLifeRow>,
): Promise<BowlLife> {
  const life = await household.writes.run(async (manager) => {
    const row = await manager.findOneBy(BowlLifeEntity, { bowlId });
    if (!row) throw notFound('bowl');
    if (row.endedAt) throw invalid({ bowl: 'This bowl has ended.' });
    return manager.save(BowlLifeEntity, await change(manager, row));
  });
  household.events.tell('bowls');
  return toLife(life);
}
