import type { Sqlite } from '../kernel/sqlite';
import { TABLES } from '../schema/tables';

/** How a column stands in a file: as JSON, as true or false, as base64, or as it is. */
export type ColumnKind = 'json' | 'boolean' | 'bytes' | 'text' | 'number';

export interface Column {
  readonly name: string;
  readonly kind: ColumnKind;
  readonly isWhole: boolean;
  readonly canBeEmpty: boolean;
}

export interface Table {
  readonly name: string;
  /** What its rows are told in the order of, so that the same household gives the same file. */
  readonly order: string;
  readonly columns: readonly Column[];
}

/** Tables that TypeORM keeps for itself. */
const NOT_OURS: ReadonlySet<string> = new Set(['migrations', 'typeorm_metadata']);

/** Columns of tables that are gone, as older files still hold them. */
const FORMER: readonly (readonly [string, ColumnKind])[] = [['wash_event.body', 'json']];

/** Columns by table that hold JSON or yes and no, as today's entities say. */
const SPECIAL = new Map<string, ColumnKind>([
  ...FORMER,
  ...TABLES.flatMap(({ entity: { options } }) =>
    Object.entries(options.columns).flatMap(([key, column]): [string, ColumnKind][] => {
      const { type, name = key } = column as { type?: unknown; name?: string };
      const where = `${options.name}.${name}`;
      if (type === 'simple-json') return [[where, 'json']];
      return type === 'boolean' ? [[where, 'boolean']] : [];
    }),
  ),
]);

/** Every table of a household as it stands in a database, whatever version made it; in the order of their names. */
export function tablesOf(database: Sqlite): Table[] {
  const names = database
    .prepare("SELECT name FROM sqlite_master WHERE type = 'table' AND name NOT LIKE 'sqlite_%' ORDER BY name")
    .pluck<string>()
    .all();
  return names
    .filter((name) => !NOT_OURS.has(name))
    .map((name) => {
      const info = database.pragma(`table_info(${name})`) as {
        name: string;
        type: string;
        notnull: number;
        pk: number;
      }[];
      const keys = info.filter(({ pk }) => pk > 0).map((column) => `"${column.name}"`);
      return {
        name,
        order: hasRowId(database, name) ? 'rowid' : keys.join(', '),
        columns: info.map((column) => ({
          name: column.name,
          kind: SPECIAL.get(`${name}.${column.name}`) ?? kindOf(column.type),
          isWhole: /INT/i.test(column.type),
          canBeEmpty: column.notnull === 0 && column.pk === 0,
        })),
      };
    });
}

const hasRowId = (database: Sqlite, name: string): boolean =>
  !/WITHOUT\s+ROWID/i.test(
    database.prepare('SELECT sql FROM sqlite_master WHERE name = ?').pluck<string>().get(name) ?? '',
  );

function kindOf(type: string): ColumnKind {
  if (/BLOB/i.test(type)) return 'bytes';
  return /INT|REAL/i.test(type) ? 'number' : 'text';
}

/** A value as it stands in a file. */
export function toFile(value: unknown, { kind }: Column): unknown {
  if (value === null) return null;
  switch (kind) {
    case 'json':
      return JSON.parse(value as string) as unknown;
    case 'boolean':
      return value === 1;
    case 'bytes':
      return (value as Buffer).toString('base64');
    default:
      return value;
  }
}

/** A value of a file as it stands in the database. */
export function fromFile(value: unknown, { kind }: Column): unknown {
  if (value === null || value === undefined) return null;
  switch (kind) {
    case 'json':
      return JSON.stringify(value);
    case 'boolean':
      return value === true ? 1 : 0;
    case 'bytes':
      return Buffer.from(value as string, 'base64');
    default:
      return value;
  }
}
