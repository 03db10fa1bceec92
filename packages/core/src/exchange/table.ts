import Papa from 'papaparse';
import { message, type Message } from '../message';

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

/** A cell that a table program could take for a formula is given a quote in front; reading takes it off again. */
export const guarded = (text: string): string => (/^[=+\-@\t\r']/.test(text) ? `'${text}` : text);
export const unguarded = (text: string): string => (/^'[=+\-@\t\r']/.test(text) ? text.slice(1) : text);

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

const isInstant = (text: string): boolean => /^\d{4}-\d\d-\d\dT\d\d:\d\d/.test(text) && !Number.isNaN(Date.parse(text));

/** Reads a table with headings. What is wrong is said line by line; where anything is, no row comes out. */
export function readTable<T>(
  text: string,
  columns: readonly string[],
  rowOf: (cells: Cells) => T,
  most: TableLimits = MOST_CSV,
): ReadFile<T> {
  if (text.length > most.characters)
    return { rows: [], faults: [{ line: 1, column: '', what: message('file.too-large') }] };
  const { data, meta } = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
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
  const rows = data.map((raw, i) => rowOf(cellsOf(raw, i + 2, faults)));
  return { rows: faults.length > 0 ? [] : rows, faults };
}

function cellsOf(raw: Record<string, string>, line: number, faults: RowFault[]): Cells {
  const fault = (column: string, what: Message): void => void faults.push({ line, column, what });
  const text = (column: string, isNeeded = false): string => {
    const found = (raw[column] ?? '').trim();
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
