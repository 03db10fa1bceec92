import { join } from 'node:path';
import type { FileFault, HouseholdFileAnswer } from '@amber-ladle/contract';
import { Ajv2020, type ErrorObject } from 'ajv/dist/2020.js';
import {
  findNodeAtLocation,
  parse as parseWithFaults,
  parseTree,
  printParseErrorCode,
  type ParseError,
} from 'jsonc-parser';
import { openDatabase } from '../schema/database';
import { breaths } from '../kernel/breath';
import type { Household } from '../kernel/household';
import { backUp } from './backups';
import { FORMAT, householdFileSchema } from './fileSchema';
import { replaceWith } from './replace';
import { fromFile, tablesOf, type Table } from './tables';
import { MOST_FAULTS, tryOut, type Fault } from './trial';
import { emptyHousehold, inWorkshop, openRaw } from './workshop';

interface HouseholdFile {
  readonly format: string;
  readonly version: number;
  readonly tables: Readonly<Record<string, readonly Readonly<Record<string, unknown>>[]>>;
}

/**
 * Reads a household's file: looked over first, built up and used in a copy, and only then put in the place of what is
 * here, after a backup. Files of older versions are brought up to date on the way. What is wrong is said with its line,
 * and nothing is ever half in.
 * @param isForReal false looks it over and changes nothing
 */
export async function readHouseholdFile(
  household: Household,
  text: string,
  isForReal: boolean,
): Promise<HouseholdFileAnswer> {
  const refused = (faults: readonly Fault[]): HouseholdFileAnswer => ({
    rows: 0,
    counts: {},
    faults: withLines(text, faults),
    isDone: false,
  });
  const file = parsed(text);
  if ('faults' in file) return refused(file.faults);
  return inWorkshop(async (folder) => {
    const copy = join(folder, 'copy.sqlite');
    if (!(await emptyHousehold(copy, file.version)))
      return refused([
        { path: ['version'], line: 0, words: 'This version is not known here; it may be from a newer one.' },
      ]);
    const filled = await fill(copy, file);
    if (filled.faults.length > 0) return refused(filled.faults);
    // Opening brings it up to date.
    const source = await openDatabase(copy);
    const faults = await tryOut(source, household.clock);
    await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
    await source.destroy();
    if (faults.length > 0) return refused(faults.map((one) => ({ ...one, path: ['tables', ...one.path] })));
    const { counts } = filled;
    const rows = Object.values(counts).reduce((sum, n) => sum + n, 0);
    if (!isForReal) return { rows, counts, faults: [], isDone: false };
    await backUp(household, 'before-reading-a-file');
    await replaceWith(household, copy);
    return { rows, counts, faults: [], isDone: true };
  });
}

function parsed(text: string): HouseholdFile | { faults: Fault[] } {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    const first = firstFault(text);
    const words = first
      ? `This is not JSON from here on (${printParseErrorCode(first.error)}); is the file cut off?`
      : 'This is not JSON.';
    return { faults: [{ path: [], line: lineAt(text, first?.offset ?? 0), words }] };
  }
  const file = value as Partial<HouseholdFile> | null;
  if (typeof file !== 'object' || file?.format !== FORMAT)
    return { faults: [{ path: ['format'], line: 1, words: 'This is no household of Amber Ladle.' }] };
  return file as HouseholdFile;
}

/** Where a text stops being JSON; nothing where it is nested too deep to be followed. */
function firstFault(text: string): ParseError | undefined {
  const errors: ParseError[] = [];
  try {
    parseWithFaults(text, errors);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
  }
  return errors[0];
}

/** Puts the rows of a file into an empty household of its own version, each looked at before. */
async function fill(copy: string, file: HouseholdFile): Promise<{ counts: Record<string, number>; faults: Fault[] }> {
  const database = openRaw(copy);
  try {
    const tables = tablesOf(database);
    const faults = await againstSchema(file, tables);
    if (faults.length > 0) return { counts: {}, faults };
    const counts: Record<string, number> = {};
    database.pragma('foreign_keys = OFF');
    database.exec('BEGIN');
    for (const table of tables) counts[table.name] = await insertRows(database, table, file, faults);
    database.exec('COMMIT');
    if (faults.length === 0) faults.push(...orphansIn(database));
    return { counts, faults };
  } finally {
    database.close();
  }
}

/** Holds a file to the schema that is published, row by row, so that a long one holds nobody up. */
async function againstSchema(file: HouseholdFile, tables: readonly Table[]): Promise<Fault[]> {
  const schema = householdFileSchema(tables, file.version);
  const ajv = new Ajv2020({ allErrors: true, strict: false, logger: false });
  const isFile = ajv.compile(withoutRows(schema));
  if (!isFile(file)) return (isFile.errors ?? []).slice(0, MOST_FAULTS).map((error) => faultOf(error));
  const faults: Fault[] = [];
  const breathe = breaths();
  for (const [name, { items }] of Object.entries(schema.properties.tables.properties)) {
    const isRow = ajv.compile(items);
    for (const [i, row] of (file.tables[name] ?? []).entries()) {
      if (!isRow(row)) faults.push(...(isRow.errors ?? []).map((error) => faultOf(error, ['tables', name, i])));
      if (faults.length >= MOST_FAULTS) return faults.slice(0, MOST_FAULTS);
      await breathe();
    }
  }
  return faults;
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

/** Rows that belong to something that is not there. */
function orphansIn(database: ReturnType<typeof openRaw>): Fault[] {
  const found = database.pragma('foreign_key_check') as { table: string; rowid: number | null }[];
  return found.slice(0, MOST_FAULTS).map(({ table, rowid }): Fault => {
    const before = database.prepare(`SELECT count(*) FROM ${table} WHERE rowid < ?`).pluck<number>();
    const path = rowid === null ? ['tables', table] : ['tables', table, before.get(rowid) ?? 0];
    return { path, line: 0, words: 'This belongs to something that is not in the file.' };
  });
}

async function insertRows(
  database: ReturnType<typeof openRaw>,
  { name, columns }: Table,
  { tables }: HouseholdFile,
  faults: Fault[],
): Promise<number> {
  const rows = tables[name] ?? [];
  const insert = database.prepare(
    `INSERT INTO ${name} (${columns.map((column) => `"${column.name}"`).join(', ')}) VALUES (${columns.map(() => '?').join(', ')})`,
  );
  const breathe = breaths();
  for (const [i, row] of rows.entries()) {
    await breathe();
    try {
      insert.run(...columns.map((column) => fromFile(row[column.name], column)));
    } catch (error) {
      if (faults.length < MOST_FAULTS)
        faults.push({
          path: ['tables', name, i],
          line: 0,
          words: `This row does not fit: ${(error as Error).message}.`,
        });
    }
  }
  return rows.length;
}

function faultOf(
  { instancePath, message = 'is not right', params }: ErrorObject,
  before: readonly (string | number)[] = [],
): Fault {
  const inside = instancePath
    .split('/')
    .slice(1)
    .map((part) => (/^\d+$/.test(part) ? Number(part) : part.replaceAll('~1', '/').replaceAll('~0', '~')));
  const path = [...before, ...inside];
  const extra = (params as { additionalProperty?: string }).additionalProperty;
  return { path, line: 0, words: `${path.at(-1) ?? 'The file'} ${message}${extra ? ` (“${extra}”)` : ''}.` };
}

function treeOf(text: string): ReturnType<typeof parseTree> {
  try {
    return parseTree(text);
  } catch (error) {
    if (error instanceof RangeError) return undefined;
    throw error;
  }
}

/** Faults with the line of the file where each is, found only when there are any. */
function withLines(text: string, faults: readonly Fault[]): FileFault[] {
  const root = faults.some(({ line, path }) => line === 0 && path.length > 0) ? treeOf(text) : undefined;
  return faults.slice(0, MOST_FAULTS).map(({ path, line, words }) => {
    if (line > 0 || !root) return { line, words };
    let known = [...path];
    let node = findNodeAtLocation(root, known);
    while (!node && known.length > 0) {
      known = known.slice(0, -1);
      node = findNodeAtLocation(root, known);
    }
    return { line: node ? lineAt(text, node.offset) : 0, words };
  });
}

function lineAt(text: string, offset: number): number {
  let line = 1;
  for (let at = text.indexOf('\n'); at !== -1 && at < offset; at = text.indexOf('\n', at + 1)) line++;
  return line;
}
