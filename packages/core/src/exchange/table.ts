import Papa from 'papaparse';
import { message, type Message } from '../message';
import { isDay } from '../time';

/** What is wrong with one line of a file, for a person to mend. */
export interface RowFault {
  /** As a table program counts: the heading is line 1. */
  readonly line: number;
  readonly column: string;
  readonly what: Message;
}

export interface ReadFile<T> {
  readonly rows: readonly T[];
  readonly faults: readonly RowFault[];
}

export interface TableLimits {
  readonly characters: number;
  readonly rows: number;
}

/** A shelf is a kitchen's, not a shop's. */
export const MOST_CSV: TableLimits = { characters: 200_000, rows: 2000 };

const FORMULA = /^[=+\-@\t\r']/;
const guarded = (cell: string | number): string | number =>
  typeof cell === 'string' && FORMULA.test(cell) ? `'${cell}` : cell;
const unguarded = (cell: string): string =>
  cell.startsWith("'") && FORMULA.test(cell.slice(1)) ? cell.slice(1) : cell;

/**
 * Writes a table with headings. A text that a table program could take for a formula is given a quote in front, in any
 * column; reading takes it off again.
 */
export const writeTable = (fields: readonly string[], rows: readonly (readonly (string | number)[])[]): string =>
  Papa.unparse({ fields: [...fields], data: rows.map((row) => row.map(guarded)) });

interface NumberLimits {
  readonly isOptional?: boolean;
  readonly above?: number;
  readonly least?: number;
}

/** The cells of one line, each read with a fault noted where it is not right. */
export interface Cells {
  text(column: string, isNeeded?: boolean): string;
  number(column: string, limits: NumberLimits): number | undefined;
  instant(column: string): string;
  oneOf<T extends string>(column: string, known: readonly T[]): T;
  history(column: string): readonly (readonly [string, string])[];
  fault(column: string, what: Message): void;
}

/** A moment with its offset, on a day that a calendar has. */
const isInstant = (text: string): boolean =>
  /^\d{4}-\d\d-\d\dT\d\d:\d\d(:\d\d(\.\d+)?)?(Z|[+-]\d\d:\d\d)$/.test(text) &&
  isDay(text.slice(0, 10)) &&
  !Number.isNaN(Date.parse(text));

/** Reads a table with headings. What is wrong is said line by line; where anything is, no row comes out. */
export function readTable<T>(
  text: string,
  columns: readonly string[],
  rowOf: (cells: Cells) => T,
  most: TableLimits = MOST_CSV,
): ReadFile<T> {
  if (text.length > most.characters)
    return { rows: [], faults: [{ line: 1, column: '', what: message('file.too-large') }] };
  const long = longLineOf(text);
  if (long !== undefined) return { rows: [], faults: [{ line: long, column: '', what: message('file.long-line') }] };
  const { data, meta } = Papa.parse<Record<string, string>>(withoutRest(text), {
    header: true,
    // One more than is taken tells that there are too many, however many there are.
    preview: most.rows + 1,
    transformHeader: (name) => name.trim().toLowerCase(),
  });
  const missing = columns.filter((column) => !meta.fields?.includes(column));
  if (missing.length > 0)
    return {
      rows: [],
      faults: [{ line: 1, column: missing[0] ?? '', what: message('file.missing-columns', { columns: missing }) }],
    };
  if (data.length > most.rows)
    return { rows: [], faults: [{ line: 1, column: '', what: message('file.too-many-lines', { most: most.rows }) }] };
  const faults: RowFault[] = [];
  // Empty lines say nothing, and are counted so that the others keep their place.
  const rows = data.flatMap((raw, i) => (isEmpty(raw) ? [] : [rowOf(cellsOf(raw, i + 2, faults))]));
  return { rows: faults.length > 0 ? [] : rows, faults };
}

/** Longer lines no table of ours has, and no person reads. */
const MOST_LINE = 20_000;
/** The number of the first line that is too long to be one. */
function longLineOf(text: string): number | undefined {
  for (let from = 0, line = 1; from < text.length; line++) {
    const to = text.indexOf('\n', from);
    const end = to === -1 ? text.length : to;
    if (end - from > MOST_LINE) return line;
    from = end + 1;
  }
  return undefined;
}

/** A table as it is, without the mark in front of it and the empty lines that table programs leave behind it. */
function withoutRest(text: string): string {
  let last = text.length;
  while (last > 0 && ' \t\r\n,;'.includes(text.charAt(last - 1))) last--;
  // The last line that says something stays whole: its last cell may end in what is left off elsewhere.
  const end = text.indexOf('\n', last);
  return text.slice(text.startsWith('\uFEFF') ? 1 : 0, end === -1 ? text.length : end);
}

const isEmpty = (raw: Record<string, string>): boolean =>
  Object.values(raw).every((cell) => typeof cell !== 'string' || cell.trim() === '');

function cellsOf(raw: Record<string, string>, line: number, faults: RowFault[]): Cells {
  const fault = (column: string, what: Message): void => void faults.push({ line, column, what });
  const text = (column: string, isNeeded = false): string => {
    const found = unguarded((raw[column] ?? '').trim()).trim();
    if (isNeeded && found === '') fault(column, message('file.empty-cell'));
    return found;
  };
  return {
    fault,
    text,
    number(column, { isOptional = false, above, least }) {
      const found = text(column);
      if (found === '' && isOptional) return undefined;
      const value = Number(found);
      if (found === '' || !Number.isFinite(value)) fault(column, message('file.not-a-number', { found }));
      else if (above !== undefined && !(value > above)) fault(column, message('file.more-than', { least: above }));
      else if (least !== undefined && value < least) fault(column, message('file.least', { least }));
      return value;
    },
    instant(column) {
      const found = text(column, true);
      if (found !== '' && !isInstant(found)) fault(column, message('file.not-a-moment', { found }));
      return found;
    },
    oneOf<T extends string>(column: string, known: readonly T[]): T {
      const found = text(column) as T;
      if (!known.includes(found)) fault(column, message('file.none-of', { found, known }));
      return found;
    },
    history(column) {
      const found = text(column);
      if (found === '') return [];
      return found.split(/\s+/).map((entry): readonly [string, string] => {
        const at = entry.lastIndexOf('@');
        const moment = entry.slice(at + 1);
        if (at < 1 || !isInstant(moment)) fault(column, message('file.not-what-at', { entry }));
        return [entry.slice(0, Math.max(0, at)), moment];
      });
    },
  };
}
