import { existsSync } from 'node:fs';
import { DatabaseSync, type DatabaseSyncInstance, type StatementSyncInstance } from '@photostructure/sqlite';

/** How a file is opened. */
export interface SqliteOptions {
  readonly readonly?: boolean;
  /** No file is made where there is none. */
  readonly fileMustExist?: boolean;
  /** Milliseconds to wait for another connection to let go. */
  readonly timeout?: number;
}

type Row = Record<string, unknown>;
type Bound = null | number | bigint | string | Uint8Array;

/**
 * SQLite with the face that TypeORM asks of a driver, over the interface of `node:sqlite` and a binding that comes ready built for every
 * Node and machine: nothing is compiled, nothing is fetched, when it is installed.
 */
export class Sqlite {
  private readonly database: DatabaseSyncInstance;
  private readonly isReadonly: boolean;
  /** What was prepared and may still be held by somebody. */
  private prepared: WeakRef<Statement>[] = [];

  /** @throws Error with the `code` that SQLite names it by, such as SQLITE_CANTOPEN */
  constructor(
    readonly name: string,
    { readonly = false, fileMustExist = false, timeout = 5000 }: SqliteOptions = {},
  ) {
    this.isReadonly = readonly;
    // Writing to what is there and no more is not among the ways it can be opened.
    if (fileMustExist && !readonly && !existsSync(name))
      throw named(new Error('unable to open database file'), CANTOPEN);
    this.database = namedBy(
      () => new DatabaseSync(name, { readOnly: readonly, timeout, enableForeignKeyConstraints: false }),
    );
  }

  get open(): boolean {
    return this.database.isOpen;
  }
  get inTransaction(): boolean {
    return this.database.isOpen && this.database.isTransaction;
  }

  prepare(sql: string): Statement {
    const statement = new Statement(namedBy(() => this.database.prepare(sql)));
    if (this.prepared.length >= MOST_HELD) this.prepared = this.prepared.filter((one) => one.deref() !== undefined);
    this.prepared.push(new WeakRef(statement));
    return statement;
  }
  exec(sql: string): this {
    namedBy(() => {
      this.database.exec(sql);
    });
    return this;
  }
  /** @returns the rows, or with `simple` the first value of the first one */
  pragma(source: string, { simple = false }: { readonly simple?: boolean } = {}): unknown {
    const rows = this.prepare(`PRAGMA ${source}`).all();
    return simple ? Object.values(rows[0] ?? {})[0] : rows;
  }
  /** A function that does all of its work, or none. */
  transaction<Args extends unknown[], T>(work: (...args: Args) => T): (...args: Args) => T {
    return (...args) => {
      this.exec('BEGIN');
      try {
        const done = work(...args);
        this.exec('COMMIT');
        return done;
      } catch (error) {
        if (this.inTransaction) this.exec('ROLLBACK');
        throw error;
      }
    };
  }
  /** Closes it; what is still in the log beside it is put into the file first, where nothing stands in the way. */
  close(): this {
    if (!this.database.isOpen) return this;
    try {
      if (!this.isReadonly && !this.inTransaction) this.database.exec('PRAGMA wal_checkpoint(TRUNCATE)');
    } catch {
      // Another connection reads on: the log stays, and is read at the next opening.
    }
    // A closed connection lives on in its statements: whoever holds one holds nothing of it any more.
    for (const one of this.prepared) one.deref()?.end();
    this.prepared = [];
    this.database.close();
    return this;
  }
}

/** From so many statements on those that are gone are forgotten. */
const MOST_HELD = 1000;

/** A statement of which only the first column is wanted. */
export interface Plucked<T> {
  all(...values: readonly unknown[]): T[];
  get(...values: readonly unknown[]): T | undefined;
}

/** One prepared statement. */
export class Statement {
  /** Whether it answers with rows. */
  readonly reader: boolean;
  private readonly bytes: readonly string[];

  private held: StatementSyncInstance | undefined;

  constructor(statement: StatementSyncInstance) {
    this.held = statement;
    const columns = namedBy(() => statement.columns());
    this.reader = columns.length > 0;
    this.bytes = columns.flatMap(({ name, type }) => (type === 'BLOB' ? [name] : []));
  }

  private get statement(): StatementSyncInstance {
    if (!this.held) throw new Error('This statement’s database is closed.');
    return this.held;
  }
  /** Its database is closed: it is of no use any more. */
  end(): void {
    this.held = undefined;
  }

  /** The same, each row as its first value. */
  pluck<T>(): Plucked<T> {
    const first = (row: Row): T => Object.values(row)[0] as T;
    return {
      all: (...values) => this.all(...values).map(first),
      get: (...values) => {
        const row = this.get(...values);
        return row === undefined ? undefined : first(row);
      },
    };
  }
  all(...values: readonly unknown[]): Row[] {
    const rows = namedBy((): Row[] => this.statement.all(...values.map(bound)) as Row[]);
    return rows.map((row) => this.shown(row));
  }
  get(...values: readonly unknown[]): Row | undefined {
    const row = namedBy((): Row | undefined => this.statement.get(...values.map(bound)) as Row | undefined);
    return row === undefined ? undefined : this.shown(row);
  }
  *iterate(...values: readonly unknown[]): IterableIterator<Row> {
    for (const row of this.statement.iterate(...values.map(bound))) yield this.shown(row as Row);
  }
  run(...values: readonly unknown[]): { changes: number; lastInsertRowid: number } {
    const { changes, lastInsertRowid } = namedBy(() => this.statement.run(...values.map(bound)));
    return { changes, lastInsertRowid: Number(lastInsertRowid) };
  }

  private shown(row: Row): Row {
    for (const name of this.bytes) {
      const value = row[name];
      if (value instanceof Uint8Array) row[name] = Buffer.from(value.buffer, value.byteOffset, value.byteLength);
    }
    return row;
  }
}

/** A value as SQLite keeps it. */
const bound = (value: unknown): Bound =>
  value === undefined ? null : typeof value === 'boolean' ? Number(value) : (value as Bound);

/** The low eight bits of a code say what it is, the others say more of it. */
const CANTOPEN = 14;
const KINDS: Readonly<Record<number, string>> = {
  1: 'ERROR',
  5: 'BUSY',
  6: 'LOCKED',
  7: 'NOMEM',
  8: 'READONLY',
  10: 'IOERR',
  11: 'CORRUPT',
  13: 'FULL',
  [CANTOPEN]: 'CANTOPEN',
  15: 'PROTOCOL',
  18: 'TOOBIG',
  19: 'CONSTRAINT',
  20: 'MISMATCH',
  26: 'NOTADB',
};
/** Gives an error of SQLite the name of its code. */
export function named<E>(error: E, code = (error as { errcode?: unknown } | null)?.errcode): E {
  if (typeof code === 'number' && error instanceof Error)
    Object.assign(error, { code: `SQLITE_${KINDS[code & 0xff] ?? code}` });
  return error;
}
/** Runs something of the binding; its faults carry SQLite's own name. */
function namedBy<T>(work: () => T): T {
  try {
    return work();
  } catch (error) {
    throw named(error);
  }
}
