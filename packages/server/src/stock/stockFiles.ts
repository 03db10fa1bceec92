import {
  checked,
  fieldMessages,
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
} from '@amber-ladle/core/exchange';
import type { Lot } from '@amber-ladle/core/shelf';
import { In, MoreThan } from 'typeorm';
import { v5 as idOf } from 'uuid';
import { ValidationError } from 'yup';
import { LotEntity, MovementEntity } from './table';
import { Refusal } from '../kernel/refusal';
import { listPlaces } from '../place';
import { inWords, type LineFault } from '../kernel/fileFaults';
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
  const found = [
    ...inWords(faults, await readerIn(household)),
    ...(isLots ? await lotFaults(household, rows as readonly Lot[]) : []),
  ];
  if (!isLots && faults.length === 0)
    found.push(...(await movementFaults(household, rows as readonly FiledMovement[])));
  const kind = isLots ? 'lots' : 'movements';
  if (found.length > 0 || rows.length === 0) return { kind, rows: rows.length, faults: found, isDone: false };
  const change = isLots
    ? changeOfLots(rows as readonly Lot[], text)
    : changeOfMovements(rows as readonly FiledMovement[], text);
  const odd = againstTheScreen(change);
  if (odd.length > 0 || !isForReal) return { kind, rows: rows.length, faults: odd, isDone: false };

  const catalogue = await readCatalogue(household);
  try {
    await household.writes.run(['shelf'], (manager) => applyChange(manager, household, catalogue, change));
  } catch (error) {
    if (!(error instanceof Refusal)) throw error;
    const words = error.rest.detail ?? error.message;
    return { kind, rows: rows.length, faults: [{ line: 0, column: '', words }], isDone: false };
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
function againstTheScreen(change: StockChange): LineFault[] {
  const ids = change.lots.map(({ id }) => id);
  try {
    checked(tableChangeSchema, change);
    return [];
  } catch (error) {
    if (!(error instanceof ValidationError)) throw error;
    return Object.entries(fieldMessages(error)).map(([path, words]): LineFault => {
      const [, list, index = '0', column = ''] = /^(lots|movements)\[(\d+)\]\.?(.*)$/.exec(path) ?? [];
      const of = change.movements[Number(index)]?.lotId ?? '';
      const row = list === 'movements' && ids.length > 0 ? ids.indexOf(of) : Number(index);
      return { line: list === undefined ? 0 : row + 2, column: COLUMNS[column] ?? column, words };
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
  return { id: changeId(text), note: 'from a file', lots: born, movements };
}

const changeOfMovements = (movements: readonly FiledMovement[], text: string): StockChange => ({
  id: changeId(text),
  note: 'from a file',
  lots: [],
  movements: movements.map((movement) => ({ ...movement })),
});

async function lotFaults(household: Household, lots: readonly Lot[]): Promise<LineFault[]> {
  const { source, clock } = household;
  const catalogue = await readCatalogue(household);
  const places = new Set((await listPlaces(source.manager)).map(({ id }) => id));
  const known = new Set(
    (await source.manager.findBy(LotEntity, { id: In(lots.map(({ id }) => id)) })).map(({ id }) => id),
  );
  const now = clock.now();
  return lots.flatMap(({ id, ingredientId, since, stays }, i): LineFault[] => {
    const line = i + 2;
    const faults: LineFault[] = [];
    if (known.has(id)) faults.push({ line, column: 'id', words: 'This lot is on the shelf, or was, already.' });
    if (lots.findIndex((lot) => lot.id === id) < i) faults.push({ line, column: 'id', words: 'This id stands twice.' });
    if (!catalogue.has(ingredientId))
      faults.push({ line, column: 'ingredient_id', words: `“${ingredientId}” is not in the catalogue.` });
    if (Date.parse(since) > Date.parse(now)) faults.push({ line, column: 'since', words: 'That is still to come.' });
    const strange = stays.find(({ placeId }) => !places.has(placeId));
    if (strange) faults.push({ line, column: 'stood', words: `There is no place “${strange.placeId}”.` });
    return faults;
  });
}

async function movementFaults({ source, clock }: Household, rows: readonly FiledMovement[]): Promise<LineFault[]> {
  const places = new Set((await listPlaces(source.manager)).map(({ id }) => id));
  const ids = [...new Set(rows.map(({ lotId }) => lotId))];
  const known = new Set((await source.manager.findBy(LotEntity, { id: In(ids) })).map(({ id }) => id));
  const now = clock.now();
  return rows.flatMap(({ lotId, placeId, at }, i): LineFault[] => {
    const line = i + 2;
    const faults: LineFault[] = [];
    if (!known.has(lotId)) faults.push({ line, column: 'lot_id', words: 'There is no such lot.' });
    if (placeId && !places.has(placeId))
      faults.push({ line, column: 'place_id', words: `There is no place “${placeId}”.` });
    if (Date.parse(at) > Date.parse(now)) faults.push({ line, column: 'at', words: 'That is still to come.' });
    return faults;
  });
}
