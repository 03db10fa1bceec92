import { Ajv2020, type ErrorObject, type ValidateFunction } from 'ajv/dist/2020.js';
import { breaths } from '../kernel/breath';
import type { Sqlite } from '../kernel/sqlite';
import { householdFileSchema } from './fileSchema';
import type { FileOnThread } from './fileThread';
import { fromFile, tablesOf, type Table } from './tables';
import { MOST_FAULTS, type Fault } from './trial';
import { openRaw } from './workshop';

/** Rows that are handed over at once. */
const AT_ONCE = 50;

/** A file with what is known of it before its rows are seen. */
export interface FrameOfFile {
  readonly file: FileOnThread;
  readonly version: number;
  readonly frame: Readonly<Record<string, unknown>>;
  readonly counts: Readonly<Record<string, number>>;
}

/**
 * Puts the rows of a file into an empty household of its own version, each held to the schema that is published before.
 * @param copy a household without rows
 * @returns rows by table; with faults the copy is of no use
 */
export async function fill(
  copy: string,
  { file, version, frame, counts }: FrameOfFile,
): Promise<{ counts: Record<string, number>; faults: readonly Fault[] }> {
  const database = openRaw(copy);
  try {
    const tables = tablesOf(database);
    const schema = householdFileSchema(tables, version);
    const ajv = new Ajv2020({ allErrors: true, strict: false, logger: false });
    const isFile = ajv.compile(withoutRows(schema));
    if (!isFile(frame)) return { counts: {}, faults: faultsOf(isFile) };
    const faults: Fault[] = [];
    const filled: Record<string, number> = {};
    // It is thrown away or copied from: nobody waits for the disk.
    database.pragma('synchronous = OFF');
    database.pragma('foreign_keys = OFF');
    for (const table of tables) {
      const count = counts[table.name] ?? 0;
      const isRow = ajv.compile(schema.properties.tables.properties[table.name]?.items ?? {});
      database.exec('BEGIN');
      faults.push(...(await insertRows(database, table, file, count, isRow)));
      database.exec('COMMIT');
      if (faults.length >= MOST_FAULTS) break;
      filled[table.name] = count;
    }
    if (faults.length === 0) faults.push(...orphansIn(database));
    return { counts: filled, faults: faults.slice(0, MOST_FAULTS) };
  } finally {
    database.close();
  }
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

async function insertRows(
  database: Sqlite,
  { name, columns }: Table,
  file: FileOnThread,
  count: number,
  isRow: ValidateFunction,
): Promise<readonly Fault[]> {
  const faults: Fault[] = [];
  const insert = database.prepare(
    `INSERT INTO ${name} (${columns.map((column) => `"${column.name}"`).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
  );
  const breathe = breaths();
  for (let from = 0; from < count && faults.length < MOST_FAULTS; from += AT_ONCE)
    for (const [i, row] of (await file.rows(name, from, AT_ONCE)).entries()) {
      await breathe();
      const path = ['tables', name, from + i];
      if (!isRow(row)) faults.push(...faultsOf(isRow, path));
      else
        try {
          insert.run(...columns.map((column) => fromFile(row[column.name], column)));
        } catch (error) {
          faults.push({ path, line: 0, words: `This row does not fit: ${(error as Error).message}.` });
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
    return { path, line: 0, words: 'This belongs to something that is not in the file.' };
  });
}

const faultsOf = ({ errors }: ValidateFunction, before: readonly (string | number)[] = []): Fault[] =>
  (errors ?? []).slice(0, MOST_FAULTS).map((error) => faultOf(error, before));

function faultOf(
  { instancePath, message = 'is not right', params }: ErrorObject,
  before: readonly (string | number)[],
): Fault {
  const inside = instancePath
    .split('/')
    .slice(1)
    .map((part) => (/^\d+$/.test(part) ? Number(part) : part.replaceAll('~1', '/').replaceAll('~0', '~')));
  const path = [...before, ...inside];
  const extra = (params as { additionalProperty?: string }).additionalProperty;
  return { path, line: 0, words: `${path.at(-1) ?? 'The file'} ${message}${extra ? ` (“${extra}”)` : ''}.` };
}
