import { Ajv2020, type ErrorObject, type ValidateFunction } from 'ajv/dist/2020.js';
import type { Sqlite } from '../kernel/sqlite';
import { message } from '@amber-ladle/core/message';
import { FORMAT, householdFileSchema } from './fileSchema';
import { fromFile, tablesOf, type Table } from './tables';
import { MOST_FAULTS, reasonOf, type Fault } from './trial';
import { openRaw } from './workshop';

/** What is kept by name. */
type Fields = Readonly<Record<string, unknown>>;
const isFields = (value: unknown): value is Fields =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/**
 * Puts the rows of a file into an empty household of its own version, each held to the schema that is published before.
 * @param copy a household without rows
 * @param file what stands in the file
 * @returns rows by table; with faults the copy is of no use
 */
export function fill(
  copy: string,
  file: unknown,
  version: number,
): { readonly counts: Record<string, number>; readonly faults: readonly Fault[] } {
  const database = openRaw(copy);
  try {
    const tables = tablesOf(database);
    const schema = householdFileSchema(tables, version);
    const ajv = new Ajv2020({ allErrors: true, strict: false, logger: false });
    const isFile = ajv.compile(withoutRows(schema));
    if (!isFile(frameOf(file))) return { counts: {}, faults: faultsOf(isFile) };
    const faults: Fault[] = [];
    const filled: Record<string, number> = {};
    // It is thrown away or copied from: nobody waits for the disk.
    database.pragma('synchronous = OFF');
    database.pragma('foreign_keys = OFF');
    for (const table of tables) {
      const rows = rowsIn(file, table.name);
      const isRow = ajv.compile<Fields>(schema.properties.tables.properties[table.name]?.items ?? {});
      database.exec('BEGIN');
      faults.push(...insertRows(database, table, rows, isRow));
      database.exec('COMMIT');
      if (faults.length >= MOST_FAULTS) break;
      filled[table.name] = rows.length;
    }
    if (faults.length === 0) faults.push(...orphansIn(database));
    return { counts: filled, faults: faults.slice(0, MOST_FAULTS) };
  } finally {
    database.close();
  }
}

/** A file without its rows: what else is in it is small, or none of ours. */
function frameOf(file: unknown): unknown {
  if (!isFields(file)) return {};
  const emptied = (fields: Fields, empty: (value: unknown) => unknown): Fields =>
    Object.fromEntries(Object.entries(fields).map(([key, value]) => [key, empty(value)]));
  const frame = emptied(file, (value) => (typeof value === 'object' ? [] : value));
  const { tables } = file;
  return isFields(tables) ? { ...frame, tables: emptied(tables, (rows) => (Array.isArray(rows) ? [] : 0)) } : frame;
}

function rowsIn(file: unknown, table: string): readonly unknown[] {
  const tables = isFields(file) ? file['tables'] : undefined;
  const rows = isFields(tables) ? tables[table] : undefined;
  return Array.isArray(rows) ? rows : [];
}

/** The schema of everything but the rows themselves. */
const withoutRows = (schema: ReturnType<typeof householdFileSchema>): object => ({
  ...schema,
  $id: `${schema.$id}:frame`,
  properties: {
    ...schema.properties,
    tables: {
      ...schema.properties.tables,
      properties: Object.fromEntries(
        Object.keys(schema.properties.tables.properties).map((name) => [name, { type: 'array' }]),
      ),
    },
  },
});

function insertRows(
  database: Sqlite,
  { name, columns }: Table,
  rows: readonly unknown[],
  isRow: ValidateFunction<Fields>,
): readonly Fault[] {
  const faults: Fault[] = [];
  const insert = database.prepare(
    `INSERT INTO ${name} (${columns.map((column) => `"${column.name}"`).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
  );
  for (const [i, row] of rows.entries()) {
    if (faults.length >= MOST_FAULTS) break;
    const path = ['tables', name, i];
    if (!isRow(row)) faults.push(...faultsOf(isRow, path));
    else
      try {
        insert.run(...columns.map((column) => fromFile(row[column.name], column)));
      } catch (error) {
        faults.push({ path, line: 0, what: message('copy.no-row', { why: reasonOf(error) }) });
      }
  }
  return faults;
}

/** Rows that belong to something that is not there. */
function orphansIn(database: Sqlite): Fault[] {
  const found = database.pragma('foreign_key_check') as { table: string; rowid: number | null }[];
  return found.slice(0, MOST_FAULTS).map(({ table, rowid }): Fault => {
    const before = database.prepare(`SELECT count(*) FROM ${table} WHERE rowid < ?`).pluck<number>();
    const path = rowid === null ? ['tables', table] : ['tables', table, before.get(rowid) ?? 0];
    return { path, line: 0, what: message('copy.orphan') };
  });
}

const faultsOf = ({ errors }: ValidateFunction, before: readonly (string | number)[] = []): Fault[] =>
  (errors ?? []).slice(0, MOST_FAULTS).map((error) => faultOf(error, before));

function faultOf(
  { instancePath, message: words = '', params }: ErrorObject,
  before: readonly (string | number)[],
): Fault {
  const inside = instancePath
    .split('/')
    .slice(1)
    .map((part) => (/^\d+$/.test(part) ? Number(part) : part.replaceAll('~1', '/').replaceAll('~0', '~')));
  const path = [...before, ...inside];
  const extra = (params as { additionalProperty?: string }).additionalProperty;
  const said = { field: String(path.at(-1) ?? FORMAT), words };
  const what = extra ? message('copy.field-strange', { ...said, extra }) : message('copy.field', said);
  return { path, line: 0, what };
}
