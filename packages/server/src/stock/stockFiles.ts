import { BOOK_WORDS } from '@amber-ladle/words';
import { message } from '@amber-ladle/core/message';
import {
  checked,
  faultsOf,
  tableChangeSchema,
  type FileAnswer,
  type NewLot,
  type NewMovement,
  type StockChange,
} from '@amber-ladle/contract';
import {
  lotsFromCsv,
  lotsToCsv,
  movementsFromCsv,
  movementsToCsv,
  type FiledMovement,
  type RowFault,
} from '@amber-ladle/core/exchange';
import type { Lot } from '@amber-ladle/core/shelf';
import { In, MoreThan } from 'typeorm';
import { v5 as idOf } from 'uuid';
import { ValidationError } from 'yup';
import { LotEntity, MovementEntity } from './table';
import { Refusal } from '../kernel/refusal';
import { listPlaces } from '../place';
import { inWords } from '../kernel/fileFaults';
import { readerIn } from '../household';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { applyChange, toLot } from './stock';

/** Everything in stock as a table. */
export async function exportLots({ source }: Household): Promise<string> {
  const rows = await source.manager.find(LotEntity, { where: { grams: MoreThan(0) }, order: { id: 'ASC' } });
  return lotsToCsv(rows.map(toLot));
}

/** The whole book as a table. */
export async function exportMovements({ source }: Household): Promise<string> {
  const rows = await source.manager.find(MovementEntity, { order: { id: 'ASC' } });
  return movementsToCsv(
    rows.map(({ lotId, kind, grams, at, placeId, stage, state, reason }): FiledMovement => ({
      lotId,
      kind,
      grams,
      at,
      ...(placeId === null ? {} : { placeId }),
      ...(stage === null ? {} : { stage }),
      ...(state === null ? {} : { state }),
      ...(reason === null ? {} : { reason }),
    })),
  );
}

/**
 * Reads a table of lots or of movements: looked over first, then all of it or nothing.
 * @param isForReal false looks it over and changes nothing
 */
export async function importStock(household: Household, text: string, isForReal: boolean): Promise<FileAnswer> {
  const isLots = /^\uFEFF?\s*"?id"?\s*,/i.test(text);
  const { rows, faults } = isLots ? lotsFromCsv(text) : movementsFromCsv(text);
  const reader = await readerIn(household);
  const found = [...faults, ...(isLots ? await lotFaults(household, rows as readonly Lot[]) : [])];
  if (!isLots && faults.length === 0)
    found.push(...(await movementFaults(household, rows as readonly FiledMovement[])));
  const kind = isLots ? 'lots' : 'movements';
  if (found.length > 0 || rows.length === 0)
    return { kind, rows: rows.length, faults: inWords(found, reader), isDone: false };
  const change = isLots
    ? changeOfLots(rows as readonly Lot[], text)
    : changeOfMovements(rows as readonly FiledMovement[], text);
  const odd = againstTheScreen(change);
  if (odd.length > 0 || !isForReal) return { kind, rows: rows.length, faults: inWords(odd, reader), isDone: false };

  const catalogue = await readCatalogue(household);
  try {
    await household.writes.run(['shelf'], (manager) => applyChange(manager, household, catalogue, change));
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const found = [{ line: 0, column: '', what: error.what }];
    return { kind, rows: rows.length, faults: inWords(found, reader), isDone: false };
  }
  return { kind, rows: rows.length, faults: [], isDone: true };
}

/** What a table is called among all that makes ids of texts (RFC 9562, version 5); made once for this project. */
const TABLES = 'd2c9a7b4-3f0e-5a64-9c1b-6f5f6a0b7e21';
/** The same file is the same change: read in twice, it comes in once. */
const changeId = (text: string): string => idOf(text, TABLES);

/** Columns by what a change calls them, where they are not called alike. */
const COLUMNS: Readonly<Record<string, string>> = {
  ingredientId: 'ingredient_id',
  pieceGrams: 'piece_grams',
  pricePerGram: 'price_per_gram',
  placeId: 'place_id',
  lotId: 'lot_id',
};

/** The same as on the screen: what could not be said there does not come in by a table. */
function againstTheScreen(change: StockChange): RowFault[] {
  const ids = change.lots.map(({ id }) => id);
  try {
    checked(tableChangeSchema, change);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Object.entries(faultsOf(error)).map(([path, what]): RowFault => {
      const [, list, index = '0', column = ''] = /^(lots|movements)\[(\d+)\]\.?(.*)$/.exec(path) ?? [];
      const of = change.movements[Number(index)]?.lotId ?? '';
      const row = list === 'movements' && ids.length > 0 ? ids.indexOf(of) : Number(index);
      return { line: list === undefined ? 0 : row + 2, column: COLUMNS[column] ?? column, what };
    });
  }
}

function changeOfLots(lots: readonly Lot[], text: string): StockChange {
  const born = lots.map(({ id, ingredientId, state, since, pieceGrams, pricePerGram, label }): NewLot => ({
    id,
    ingredientId,
    state,
    since,
    ...(pieceGrams === undefined ? {} : { pieceGrams }),
    ...(pricePerGram === undefined ? {} : { pricePerGram }),
    label,
  }));
  const movements = lots.flatMap(({ id, grams, stays, touches }): NewMovement[] => [
    ...stays.map(({ placeId, from }, i): NewMovement => ({
      lotId: id,
      kind: i === 0 ? 'add' : 'move',
      grams: i === 0 ? grams : 0,
      placeId,
      at: from,
    })),
    ...touches.map(({ stage, at }): NewMovement => ({ lotId: id, kind: 'touch', grams: 0, stage, at })),
  ]);
  return { id: changeId(text), note: BOOK_WORDS.fromAFile, lots: born, movements };
}

const changeOfMovements = (movements: readonly FiledMovement[], text: string): StockChange => ({
  id: changeId(text),
  note: BOOK_WORDS.fromAFile,
  lots: [],
  movements: movements.map((movement) => ({ ...movement })),
});

async function lotFaults(household: Household, lots: readonly Lot[]): Promise<RowFault[]> {
  const { source, clock } = household;
  const catalogue = await readCatalogue(household);
  const places = new Set((await listPlaces(source.manager)).map(({ id }) => id));
  const known = new Set(
    (await source.manager.findBy(LotEntity, { id: In(lots.map(({ id }) => id)) })).map(({ id }) => id),
  );
  const now = clock.now();
  return lots.flatMap(({ id, ingredientId, since, stays }, i): RowFault[] => {
    const line = i + 2;
    const faults: RowFault[] = [];
    if (known.has(id)) faults.push({ line, column: 'id', what: message('refusal.lot-known') });
    if (lots.findIndex((lot) => lot.id === id) < i)
      faults.push({ line, column: 'id', what: message('refusal.id-twice') });
    if (!catalogue.has(ingredientId))
      faults.push({ line, column: 'ingredient_id', what: message('refusal.no-ingredient-called', { ingredientId }) });
    if (Date.parse(since) > Date.parse(now))
      faults.push({ line, column: 'since', what: message('refusal.still-to-come') });
    const strange = stays.find(({ placeId }) => !places.has(placeId));
    if (strange)
      faults.push({ line, column: 'stood', what: message('refusal.no-place-called', { placeId: strange.placeId }) });
    return faults;
  });
}

async function movementFaults({ source, clock }: Household, rows: readonly FiledMovement[]): Promise<RowFault[]> {
  const places = new Set((await listPlaces(source.manager)).map(({ id }) => id));
  const ids = [...new Set(rows.map(({ lotId }) => lotId))];
  const known = new Set((await source.manager.findBy(LotEntity, { id: In(ids) })).map(({ id }) => id));
  const now = clock.now();
  return rows.flatMap(({ lotId, placeId, at }, i): RowFault[] => {
    const line = i + 2;
    const faults: RowFault[] = [];
    if (!known.has(lotId)) faults.push({ line, column: 'lot_id', what: message('refusal.no-such-lot') });
    if (placeId && !places.has(placeId))
      faults.push({ line, column: 'place_id', what: message('refusal.no-place-called', { placeId }) });
    if (Date.parse(at) > Date.parse(now)) faults.push({ line, column: 'at', what: message('refusal.still-to-come') });
    return faults;
  });
}
