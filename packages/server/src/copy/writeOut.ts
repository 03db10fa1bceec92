import { closeSync, openSync, writeSync } from 'node:fs';
import type { Sqlite } from '../kernel/sqlite';
import { FORMAT } from './fileSchema';
import { tablesOf, toFile } from './tables';
import { openRaw, versionOf } from './workshop';

/** Pictures are large; a file without them is read by anything. */
const PICTURES = 'photo_data';
/** Letters that are written at once. */
const AT_ONCE = 1 << 20;

interface WriteOut {
  /** The household's file. */
  readonly from: string;
  readonly to: string;
  /** ISO 8601. */
  readonly now: string;
  readonly withPhotos: boolean;
}

/** Writes a household, as it is at one moment, into a file as JSON. @throws what the disk says */
export function writeOut({ from, to, now, withPhotos }: WriteOut): void {
  const database = openRaw(from, { readonly: true });
  const file = openSync(to, 'w', 0o600);
  try {
    // What is read within a transaction is of one moment.
    database.exec('BEGIN');
    let waiting = '';
    for (const line of linesOf(database, now, withPhotos)) {
      waiting += line;
      if (waiting.length < AT_ONCE) continue;
      writeSync(file, waiting);
      waiting = '';
    }
    writeSync(file, waiting);
    database.exec('COMMIT');
  } finally {
    closeSync(file);
    database.close();
  }
}

function* linesOf(database: Sqlite, now: string, withPhotos: boolean): Generator<string> {
  const head = { format: FORMAT, version: versionOf(database), written: now };
  yield `${JSON.stringify(head, null, 1).slice(0, -2)},\n "tables": {\n`;
  const tables = tablesOf(database).filter(({ name }) => withPhotos || name !== PICTURES);
  for (const [i, { name, order, columns }] of tables.entries()) {
    yield `  ${JSON.stringify(name)}: [`;
    let isFirst = true;
    for (const row of database.prepare(`SELECT * FROM ${name} ORDER BY ${order}`).iterate()) {
      const cells = columns.map((column) => [column.name, toFile(row[column.name], column)]);
      yield `${isFirst ? '' : ','}\n   ${JSON.stringify(Object.fromEntries(cells))}`;
      isFirst = false;
    }
    yield `${isFirst ? '' : '\n  '}]${i < tables.length - 1 ? ',' : ''}\n`;
  }
  yield ' }\n}\n';
}
