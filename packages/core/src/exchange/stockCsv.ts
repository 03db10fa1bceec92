import { LOT_STATES, type LotState } from '../ingredient';
import { message } from '../message';
import {
  MOVEMENT_KINDS,
  STAGES,
  type Lot,
  type LotMovement,
  type MovementKind,
  type Stage,
  type Stay,
  type Touch,
} from '../shelf';
import { readTable, writeTable, type ReadFile } from './table';

const LOT_COLUMNS = [
  'id',
  'ingredient_id',
  'state',
  'since',
  'grams',
  'piece_grams',
  'price_per_gram',
  'label',
  'stood',
  'felt',
] as const;

const MOVEMENT_COLUMNS = ['lot_id', 'kind', 'grams', 'at', 'place_id', 'stage', 'state', 'reason'] as const;

/** A movement as a file tells it. */
export type FiledMovement = LotMovement & { readonly reason?: string | undefined };

const history = (entries: readonly (readonly [string, string])[]): string =>
  entries.map(([what, at]) => `${what}@${at}`).join(' ');

/** Lots as a table, one a line; places and how they felt as `what@moment`, parted by spaces. */
export function lotsToCsv(lots: readonly Lot[]): string {
  return writeTable(
    LOT_COLUMNS,
    lots.map((lot) => [
      lot.id,
      lot.ingredientId,
      lot.state,
      lot.since,
      lot.grams,
      lot.pieceGrams ?? '',
      lot.pricePerGram ?? '',
      lot.label,
      history(lot.stays.map(({ placeId, from }) => [placeId, from])),
      history(lot.touches.map(({ stage, at }) => [stage, at])),
    ]),
  );
}

/** Movements as a table, one a line. */
export function movementsToCsv(movements: readonly FiledMovement[]): string {
  return writeTable(
    MOVEMENT_COLUMNS,
    movements.map(({ lotId, kind, grams, at, placeId, stage, state, reason }) => [
      lotId,
      kind,
      grams,
      at,
      placeId ?? '',
      stage ?? '',
      state ?? '',
      reason ?? '',
    ]),
  );
}

/** Reads a table of lots. What is wrong is said line by line; nothing is guessed. */
export function lotsFromCsv(text: string): ReadFile<Lot> {
  return readTable(text, LOT_COLUMNS, (cell): Lot => {
    const stays = cell.history('stood').map(([placeId, from]): Stay => ({ placeId, from }));
    if (stays.length === 0) cell.fault('stood', message('file.where-it-stands'));
    const touches = cell.history('felt').map(([stage, at]): Touch => {
      if (!STAGES.includes(stage as Stage))
        cell.fault('felt', message('file.none-of', { found: stage, known: STAGES }));
      return { stage: stage as Stage, at };
    });
    const pieceGrams = cell.number('piece_grams', { isOptional: true, above: 0 });
    const pricePerGram = cell.number('price_per_gram', { isOptional: true, least: 0 });
    return {
      id: cell.text('id', true),
      ingredientId: cell.text('ingredient_id', true),
      state: cell.oneOf('state', LOT_STATES),
      since: cell.instant('since'),
      grams: cell.number('grams', { above: 0 }) ?? 0,
      ...(pieceGrams === undefined ? {} : { pieceGrams }),
      ...(pricePerGram === undefined ? {} : { pricePerGram }),
      label: cell.text('label'),
      stays,
      touches,
    };
  });
}

/** Reads a table of movements. */
export function movementsFromCsv(text: string): ReadFile<FiledMovement> {
  return readTable(text, MOVEMENT_COLUMNS, (cell): FiledMovement => {
    const optional = <T extends string>(column: string, known: readonly T[]): T | undefined =>
      cell.text(column) === '' ? undefined : cell.oneOf(column, known);
    const placeId = cell.text('place_id');
    const stage = optional<Stage>('stage', STAGES);
    const state = optional<LotState>('state', LOT_STATES);
    const reason = cell.text('reason');
    return {
      lotId: cell.text('lot_id', true),
      kind: cell.oneOf<MovementKind>('kind', MOVEMENT_KINDS),
      grams: cell.number('grams', {}) ?? 0,
      at: cell.instant('at'),
      ...(placeId ? { placeId } : {}),
      ...(stage ? { stage } : {}),
      ...(state ? { state } : {}),
      ...(reason ? { reason } : {}),
    };
  });
}
