import Papa from 'papaparse';
import {
  LOT_STATES,
  MOVEMENT_KINDS,
  STAGES,
  type Lot,
  type LotMovement,
  type LotState,
  type MovementKind,
  type Stage,
  type Stay,
  type Touch,
} from '../shelf';

/** What is wrong with one line of a file, for a person to mend. */
export interface RowFault {
  /** As a table program counts: the heading is line 1. */
  readonly line: number;
  readonly column: string;
  readonly words: string;
}

export interface ReadFile<T> {
  readonly rows: readonly T[];
  readonly faults: readonly RowFault[];
}

/** A shelf is a kitchen's, not a shop's. */
export const MOST_CSV = { characters: 200_000, rows: 2000 } as const;

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

/** A cell that a table program could take for a formula is given a quote in front; reading takes it off again. */
const guarded = (text: string): string => (/^[=+\-@\t\r']/.test(text) ? `'${text}` : text);
const unguarded = (text: string): string => (/^'[=+\-@\t\r']/.test(text) ? text.slice(1) : text);

/** Lots as a table, one a line; places and how they felt as `what@moment`, parted by spaces. */
export function lotsToCsv(lots: readonly Lot[]): string {
  return Papa.unparse({
    fields: [...LOT_COLUMNS],
    data: lots.map((lot) => [
      lot.id,
      lot.ingredientId,
      lot.state,
      lot.since,
      lot.grams,
      lot.pieceGrams ?? '',
      lot.pricePerGram ?? '',
      guarded(lot.label),
      history(lot.stays.map(({ placeId, from }) => [placeId, from])),
      history(lot.touches.map(({ stage, at }) => [stage, at])),
    ]),
  });
}

/** Movements as a table, one a line. */
export function movementsToCsv(movements: readonly FiledMovement[]): string {
  return Papa.unparse({
    fields: [...MOVEMENT_COLUMNS],
    data: movements.map(({ lotId, kind, grams, at, placeId, stage, state, reason }) => [
      lotId,
      kind,
      grams,
      at,
      placeId ?? '',
      stage ?? '',
      state ?? '',
      guarded(reason ?? ''),
    ]),
  });
}

/** Reads a table of lots. What is wrong is said line by line; nothing is guessed. */
export function lotsFromCsv(text: string): ReadFile<Lot> {
  return readTable(text, LOT_COLUMNS, (cell): Lot => {
    const stays = cell.history('stood').map(([placeId, from]): Stay => ({ placeId, from }));
    if (stays.length === 0) cell.fault('stood', 'Say where it stands, as place@moment.');
    const touches = cell.history('felt').map(([stage, at]): Touch => {
      if (!STAGES.includes(stage as Stage)) cell.fault('felt', `“${stage}” is none of ${STAGES.join(', ')}.`);
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
      label: unguarded(cell.text('label')),
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
    const reason = unguarded(cell.text('reason'));
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

interface NumberLimits {
  readonly isOptional?: boolean;
  readonly above?: number;
  readonly least?: number;
}

/** The cells of one line, each read with a fault noted where it is not right. */
interface Cells {
  text(column: string, isNeeded?: boolean): string;
  number(column: string, limits: NumberLimits): number | undefined;
  instant(column: string): string;
  oneOf<T extends string>(column: string, known: readonly T[]): T;
  history(column: string): readonly (readonly [string, string])[];
  fault(column: string, words: string): void;
}

const isInstant = (text: string): boolean => /^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(text) && !Number.isNaN(Date.parse(text));

function readTable<T>(text: string, columns: readonly string[], rowOf: (cells: Cells) => T): ReadFile<T> {
  if (text.length > MOST_CSV.characters)
    return { rows: [], faults: [{ line: 1, column: '', words: 'That file is larger than a shelf can be.' }] };
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const missing = columns.filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0)
    return {
      rows: [],
      faults: [{ line: 1, column: missing[0] ?? '', words: `Missing columns: ${missing.join(', ')}.` }],
    };
  if (data.length > MOST_CSV.rows)
    return { rows: [], faults: [{ line: 1, column: '', words: `At most ${MOST_CSV.rows} lines at once.` }] };
  const faults: RowFault[] = [];
  const rows = data.map((raw, i) => rowOf(cellsOf(raw, i + 2, faults)));
  return { rows: faults.length > 0 ? [] : rows, faults };
}

function cellsOf(raw: Record<string, string>, line: number, faults: RowFault[]): Cells {
  const fault = (column: string, words: string): void => void faults.push({ line, column, words });
  const text = (column: string, isNeeded = false): string => {
    const found = (raw[column] ?? '').trim();
    if (isNeeded && found === '') fault(column, 'This may not be empty.');
    return found;
  };
  return {
    fault,
    text,
    number(column, { isOptional = false, above, least }) {
      const found = text(column);
      if (found === '' && isOptional) return undefined;
      const value = Number(found);
      if (found === '' || !Number.isFinite(value)) fault(column, `“${found}” is not a number.`);
      else if (above !== undefined && !(value > above)) fault(column, `More than ${above}.`);
      else if (least !== undefined && value < least) fault(column, `${least} or more.`);
      return value;
    },
    instant(column) {
      const found = text(column, true);
      if (found !== '' && !isInstant(found)) fault(column, `“${found}” is no moment such as 2026-03-14T09:30:00Z.`);
      return found;
    },
    oneOf<T extends string>(column: string, known: readonly T[]): T {
      const found = text(column) as T;
      if (!known.includes(found)) fault(column, `“${found}” is none of ${known.join(', ')}.`);
      return found;
    },
    history(column) {
      const found = text(column);
      if (found === '') return [];
      return found.split(/\s+/).map((entry): readonly [string, string] => {
        const at = entry.lastIndexOf('@');
        const moment = entry.slice(at + 1);
        if (at < 1 || !isInstant(moment)) fault(column, `“${entry}” is not what@moment.`);
        return [entry.slice(0, Math.max(0, at)), moment];
      });
    },
  };
}
