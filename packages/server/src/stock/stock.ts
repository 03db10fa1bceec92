import { message, type Message } from '@amber-ladle/core/message';
import type { KeptMovement, Page, Shelf, StockAnswer, StockChange } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import {
  balanceAfter,
  conditionOf,
  lotPast,
  windowOf,
  type Climate,
  type Lot,
  type LotMovement,
} from '@amber-ladle/core/shelf';
import { canonical } from '@amber-ladle/core/time';
import { In, MoreThan, type EntityManager } from 'typeorm';
import { tell } from '../life';
import {
  LotEntity,
  MovementEntity,
  StockChangeEntity,
  type LotRow,
  type MovementRow,
  type StockChangeRow,
} from './table';
import { inUse, invalid, notEnough, notFound } from '../kernel/refusal';
import { climateOf } from '../place';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';

/** Sorts behind every real moment. */
const NEVER = '9999-12-31T00:00:00.000Z';

export const toLot = (row: LotRow): Lot => ({
  id: row.id,
  ingredientId: row.ingredientId,
  state: row.state,
  since: row.since,
  grams: row.grams,
  ...(row.pieceGrams === null ? {} : { pieceGrams: row.pieceGrams }),
  ...(row.pricePerGram === null ? {} : { pricePerGram: row.pricePerGram }),
  label: row.label,
  stays: row.stays,
  touches: row.touches,
});
const toLotMovement = (row: MovementRow): LotMovement => ({
  lotId: row.lotId,
  kind: row.kind,
  grams: row.grams,
  at: row.at,
  ...(row.placeId === null ? {} : { placeId: row.placeId }),
  ...(row.stage === null ? {} : { stage: row.stage }),
  ...(row.state === null ? {} : { state: row.state }),
});

/** What is in stock, what ends first first, with all it takes to draw it. */
export async function readShelf(household: Household, offset: number, limit: number): Promise<Shelf> {
  const [rows, total] = await household.source.manager.findAndCount(LotEntity, {
    where: { grams: MoreThan(0) },
    order: { endsAt: 'ASC', id: 'ASC' },
    skip: offset,
    take: limit,
  });
  return { lots: rows.map(toLot), total, ...(await climateOf(household)) };
}

/** One lot with its book. @throws Refusal 404 */
export async function getLot({ source }: Household, id: string): Promise<{ lot: Lot; movements: KeptMovement[] }> {
  const row = await source.manager.findOneBy(LotEntity, { id });
  if (!row) throw notFound('lot');
  const movements = await source.manager.find(MovementEntity, { where: { lotId: id }, order: { id: 'ASC' } });
  return { lot: toLot(row), movements: movements.map(toKept) };
}

/** The book of stock, what happened last first, whenever it was told. */
export async function listMovements(
  { source }: Household,
  offset: number,
  limit: number,
): Promise<Page<KeptMovement & { ingredientId: string }>> {
  const [rows, total] = await source.manager.findAndCount(MovementEntity, {
    order: { at: 'DESC', id: 'DESC' },
    skip: offset,
    take: limit,
  });
  const lots = await source.manager.findBy(LotEntity, { id: In(rows.map(({ lotId }) => lotId)) });
  const ingredientOf = new Map(lots.map(({ id, ingredientId }) => [id, ingredientId]));
  return {
    items: rows.map((row) => ({ ...toKept(row), ingredientId: ingredientOf.get(row.lotId) ?? '' })),
    total,
    offset,
  };
}
const toKept = (row: MovementRow): KeptMovement => ({
  ...toLotMovement(row),
  id: row.id,
  changeId: row.changeId,
  ...(row.reason === null ? {} : { reason: row.reason }),
});

/**
 * Changes the stock: all lines of it, or none. Asking again with the same id changes nothing more.
 * @throws Refusal 422 for an unknown lot, ingredient or place, 409 where a lot holds less than is taken
 */
export async function changeStock(household: Household, change: StockChange): Promise<StockAnswer> {
  const catalogue = await readCatalogue(household);
  const answer = await household.writes.run(['shelf'], (manager) => applyChange(manager, household, catalogue, change));
  return answer;
}

/** The same inside a transaction that does more: keeping a bowl draws from the shelf, or neither happens. */
export async function applyChange(
  manager: EntityManager,
  household: Household,
  catalogue: Catalogue,
  change: StockChange,
  { bowlId = null, purpose = 'change' }: Partial<Pick<StockChangeRow, 'bowlId' | 'purpose'>> = {},
): Promise<StockAnswer> {
  const touched = [...new Set(change.movements.map(({ lotId }) => lotId))];
  const known = await manager.findOneBy(StockChangeEntity, { id: change.id });
  if (known && known.bowlId !== bowlId) throw inUse(message('refusal.another-bowls'), message('refusal.draw-anew'));
  if (known) return { lots: await lotsBy(manager, touched), isNew: false };

  const now = household.clock.now();
  const climate = await climateOf(household, manager);
  const born = new Map(change.lots.map((lot) => [lot.id, lot]));
  const isToCome = (at: string): boolean => Date.parse(at) > Date.parse(now);
  const fields: Record<string, Message> = {};
  change.lots.forEach(({ ingredientId, since }, i) => {
    if (!catalogue.has(ingredientId)) fields[`lots[${i}].ingredientId`] = message('refusal.not-in-catalogue');
    if (isToCome(since)) fields[`lots[${i}].since`] = message('refusal.still-to-come');
  });
  change.movements.forEach(({ placeId, at }, i) => {
    if (at && isToCome(at)) fields[`movements[${i}].at`] = message('refusal.still-to-come');
    if (placeId && !climate.places.some(({ id }) => id === placeId))
      fields[`movements[${i}].placeId`] = message('refusal.no-such-place');
  });
  const standing = new Set((await lotsBy(manager, touched)).map(({ id }) => id));
  change.movements.forEach(({ lotId }, i) => {
    if (!born.has(lotId) && !standing.has(lotId)) fields[`movements[${i}].lotId`] = message('refusal.no-such-lot');
  });
  if (Object.keys(fields).length > 0) throw invalid(fields);

  await manager.insert(StockChangeEntity, {
    id: change.id,
    at: now,
    note: change.note,
    bowlId,
    undoneBy: null,
    purpose,
  });
  const taken = await manager.countBy(LotEntity, { id: In([...born.keys()]) });
  if (taken > 0) throw invalid({ lots: message('refusal.lot-there') });
  if (change.lots.length > 0)
    await manager.insert(
      LotEntity,
      change.lots.map((lot) => ({
        id: lot.id,
        ingredientId: lot.ingredientId,
        bornState: lot.state,
        bornAt: canonical(lot.since),
        pieceGrams: lot.pieceGrams ?? null,
        pricePerGram: lot.pricePerGram ?? null,
        label: lot.label,
        state: lot.state,
        since: canonical(lot.since),
        grams: 0,
        stays: [],
        touches: [],
        endsAt: NEVER,
      })),
    );
  await manager.insert(
    MovementEntity,
    change.movements.map((movement) => ({
      changeId: change.id,
      lotId: movement.lotId,
      kind: movement.kind,
      grams: movement.grams,
      // What was bought yesterday has stood there since yesterday.
      at: canonical(movement.at ?? (movement.kind === 'add' ? (born.get(movement.lotId)?.since ?? now) : now)),
      placeId: movement.placeId ?? null,
      stage: movement.stage ?? null,
      state: movement.state ?? null,
      reason: movement.reason ?? null,
    })),
  );
  return { lots: await rebuilt(manager, touched, catalogue, climate, now), isNew: true };
}

/**
 * Takes a change back: every line of it in reverse, as lines of their own. A change that is undone stays undone, and taking
 * back is not taken back: whoever wants it again asks for it anew.
 * @throws Refusal not-found; not-enough where what it brought is used already; in-use for what took another back
 */
export async function undoChange(household: Household, id: string): Promise<StockAnswer> {
  const catalogue = await readCatalogue(household);
  const answer = await household.writes.run(['shelf'], async (manager): Promise<StockAnswer> => {
    const change = await manager.findOneBy(StockChangeEntity, { id });
    if (!change) throw notFound('change');
    if (change.purpose === 'undo') throw inUse(message('refusal.took-back'), message('refusal.do-it-anew'));
    const lines = await manager.find(MovementEntity, { where: { changeId: id }, order: { id: 'ASC' } });
    const touched = [...new Set(lines.map(({ lotId }) => lotId))];
    if (change.undoneBy) return { lots: await lotsBy(manager, touched), isNew: false };
    const now = household.clock.now();
    const undoId = `undo-${id}`;
    await manager.insert(StockChangeEntity, {
      id: undoId,
      at: now,
      note: '',
      bowlId: null,
      undoneBy: null,
      purpose: 'undo',
    });
    await manager.update(StockChangeEntity, { id }, { undoneBy: undoId });
    // A settlement taken back leaves the draw that it settled.
    if (change.bowlId && change.purpose !== 'settlement')
      await tell(manager, household, change.bowlId, [{ kind: 'put-back' }]);
    await manager.insert(
      MovementEntity,
      lines.map(({ lotId, grams }) => ({
        changeId: undoId,
        lotId,
        kind: 'undo',
        grams: -grams,
        at: now,
        placeId: null,
        stage: null,
        state: null,
        reason: null,
      })) as never,
    );
    const climate = await climateOf(household, manager);
    return { lots: await rebuilt(manager, touched, catalogue, climate, now), isNew: true };
  });
  return answer;
}

async function lotsBy(manager: EntityManager, ids: readonly string[]): Promise<Lot[]> {
  return (await manager.findBy(LotEntity, { id: In([...ids]) })).map(toLot);
}

/** Brings the condition of lots up to what their book says. */
async function rebuilt(
  manager: EntityManager,
  ids: readonly string[],
  catalogue: Catalogue,
  climate: Climate,
  now: string,
): Promise<Lot[]> {
  const lots: Lot[] = [];
  for (const id of ids) {
    const row = await manager.findOneByOrFail(LotEntity, { id });
    const book = await manager.find(MovementEntity, { where: { lotId: id }, order: { id: 'ASC' } });
    const condition = await conditionFrom(manager, row, book);
    const lot: Lot = { ...toLot(row), ...condition };
    const ingredient = catalogue.get(lot.ingredientId);
    const endsAt = ingredient ? windowOf(ingredient, lotPast(lot), climate, Date.parse(now)).endsAt : Infinity;
    await manager.update(
      LotEntity,
      { id },
      {
        grams: condition.grams,
        state: condition.state,
        since: condition.since,
        stays: condition.stays,
        touches: condition.touches,
        endsAt: endsAt < Date.parse(NEVER) ? new Date(endsAt).toISOString() : NEVER,
      },
    );
    lots.push(lot);
  }
  return lots;
}

/** Grams are the sum of every line; places, touches and states come from the lines that were not undone. */
async function conditionFrom(manager: EntityManager, row: LotRow, book: readonly MovementRow[]) {
  const changes = await manager.findBy(StockChangeEntity, { id: In([...new Set(book.map((line) => line.changeId))]) });
  const undone = new Set(changes.filter((change) => change.undoneBy !== null).map(({ id }) => id));
  const standing = book.filter(({ changeId, placeId }) => placeId !== null || !undone.has(changeId));
  const valid = standing.filter(({ changeId }) => !undone.has(changeId));
  const said = valid.some(({ placeId }) => placeId !== null) ? valid : standing;
  if (!said.some(({ placeId }) => placeId !== null)) throw invalid({ movements: message('refusal.say-where') });
  const { state, since, stays, touches } = conditionOf(
    { state: row.bornState, since: row.bornAt },
    said.map((line) => ({ ...toLotMovement(line), grams: 0 })),
  );
  return { grams: gramsLeft(row, book), state, since, stays: [...stays], touches: [...touches] };
}

/** @throws Refusal not-enough where more would go out than came in */
function gramsLeft(row: LotRow, book: readonly MovementRow[]): number {
  try {
    return balanceAfter(0, book);
  } catch (error) {
    if (error instanceof RangeError) throw notEnough(toLot(row));
    throw error;
  }
}
