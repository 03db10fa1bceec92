import { faultsOf } from '@amber-ladle/contract';
import { message, saidBy, type Message } from '@amber-ladle/core/message';
import type { DataSource } from 'typeorm';
import { ValidationError } from 'yup';
import { listBowls, readHistories } from '../bowl';
import { BowlEntity } from '../bowl/table';
import { calendarOf } from '../calendar';
import { runningDay } from '../day';
import type { Clock } from '../kernel/clock';
import { Events } from '../kernel/events';
import { household, type Household } from '../kernel/household';
import { SideThreads } from '../kernel/sideThreads';
import type { RowCheck } from '../kernel/row';
import { broughtUpToDate, isAsLogged } from '../life';
import { listMasks } from '../mask';
import { listLogs, openLogs, readLearning, readSpending, wornFacts } from '../notes';
import { TABLES } from '../schema/tables';
import { readRestock, readShelf, readWaste } from '../stock';
import { readBuyList, readWeeks, weeksBack } from '../weeks';
import { readHouse } from '../house';
import { tablesOf, toFile, type Table } from './tables';

/** Where a row came from, for whoever mends the file. */
export interface Fault {
  /** Of the file, from 1; 0 where that is not known. */
  readonly line: number;
  readonly what: Message;
  readonly path: readonly (string | number)[];
}

/** More faults than this nobody mends by hand. */
export const MOST_FAULTS = 20;
/** Rows that are read at once. */
const AT_ONCE = 500;

/**
 * The one gate of the household: every row is held to what the screens hold it to, lots to their book, and then everything
 * is used as screens would. What comes in by a file and what by a copy goes through here.
 * @returns what would not work; nothing found, nothing wrong
 */
export async function tryOut(source: DataSource, clock: Clock): Promise<Fault[]> {
  const home = household(source, clock, new Events(), new SideThreads());
  const rows = rowFaults(home);
  if (rows.length > 0) return rows;
  const more = [...bookFaults(home), ...(await bowlFaults(home))];
  if (more.length > 0) return more;
  try {
    await useAll(home);
    return [];
  } catch (error) {
    return [{ path: [], line: 0, what: message('copy.not-used', { why: reasonOf(error) }) }];
  }
}

/** What is said of an error; where a library or the disk says it, in their English. */
export function reasonOf(error: unknown): Message {
  if (error instanceof ValidationError) return Object.values(faultsOf(error))[0] ?? message('fault.wrong');
  return saidBy(error) ?? message('said', { text: error instanceof Error ? error.message : String(error) });
}

/** What screens read. */
const USES: readonly ((home: Household) => Promise<unknown>)[] = [
  readHouse,
  listMasks,
  (home) => readShelf(home, 0, 100),
  readRestock,
  readBuyList,
  readWeeks,
  weeksBack,
  readWaste,
  (home) => listBowls(home, 0, 100),
  readHistories,
  readLearning,
  readSpending,
  (home) => listLogs(home, { offset: 0, limit: 200 }),
  openLogs,
  runningDay,
  (home) => calendarOf(home, 'http://localhost'),
];
async function useAll(home: Household): Promise<void> {
  for (const use of USES) await use(home);
}

function rowFaults({ source, writes }: Household): Fault[] {
  const faults: Fault[] = [];
  const checks = new Map(TABLES.map(({ entity, check }) => [source.getMetadata(entity).tableName, { entity, check }]));
  for (const table of tablesOf(writes.raw())) {
    const known = checks.get(table.name);
    if (!known) continue;
    const names = new Map(source.getMetadata(known.entity).columns.map((one) => [one.databaseName, one.propertyName]));
    for (let offset = 0, isMore = true; isMore && faults.length < MOST_FAULTS; offset += AT_ONCE) {
      const rows = writes
        .raw()
        .prepare(`SELECT * FROM ${table.name} ORDER BY ${table.order} LIMIT ${AT_ONCE} OFFSET ${offset}`)
        .all() as Record<string, unknown>[];
      isMore = rows.length === AT_ONCE;
      for (const [i, row] of rows.entries()) {
        const what = faultIn(row, table, names, known.check);
        if (what !== undefined) faults.push({ path: [table.name, offset + i], line: 0, what });
      }
    }
  }
  return faults.slice(0, MOST_FAULTS);
}

/** What is wrong with a row, or nothing. */
function faultIn(
  row: Readonly<Record<string, unknown>>,
  { columns }: Table,
  names: ReadonlyMap<string, string>,
  check: RowCheck,
): Message | undefined {
  try {
    check(Object.fromEntries(columns.map((column) => [names.get(column.name), valueOf(row[column.name], column)])));
    return undefined;
  } catch (error) {
    if (!(error instanceof ValidationError)) return message('copy.unreadable', { why: reasonOf(error) });
    const [[path, what] = ['', message('fault.wrong')]] = Object.entries(faultsOf(error));
    return path === '' ? what : message('fault.within', { path, what });
  }
}

const valueOf = (value: unknown, column: Table['columns'][number]): unknown =>
  column.kind === 'bytes' ? value : toFile(value, column);

/** What a lot holds is the sum of its book; a crumb is nobody's. */
const CRUMB_GRAMS = 0.05;
function bookFaults({ writes }: Household): Fault[] {
  const database = writes.raw();
  const odd = database
    .prepare(
      `SELECT l.rowid AS place, l.grams, COALESCE(SUM(m.grams), 0) AS booked
         FROM lot l LEFT JOIN movement m ON m.lot_id = l.id
        GROUP BY l.id HAVING abs(l.grams - booked) > ?
        LIMIT ?`,
    )
    .all(CRUMB_GRAMS, MOST_FAULTS) as { place: number; grams: number; booked: number }[];
  const before = database.prepare('SELECT count(*) FROM lot WHERE rowid < ?').pluck<number>();
  return odd.map(({ place, grams, booked }) => ({
    path: ['lot', before.get(place) ?? 0, 'grams'],
    line: 0,
    what: message('copy.book', { grams, booked: Math.round(booked * 100) / 100 }),
  }));
}

/** Every bowl is opened as its page would open it. */
async function bowlFaults({ source }: Household): Promise<Fault[]> {
  const faults: Fault[] = [];
  const ids = await source.query<{ id: string }[]>('SELECT id FROM bowl ORDER BY rowid');
  for (const [i, { id }] of ids.entries()) {
    const why = await faultOfBowl(source, id).catch(reasonOf);
    if (why) faults.push({ path: ['bowl', i, 'snapshot'], line: 0, what: message('copy.bowl', { why }) });
  }
  return faults;
}

async function faultOfBowl({ manager }: DataSource, id: string): Promise<Message | undefined> {
  const { snapshot } = await manager.findOneByOrFail(BowlEntity, { id });
  const whole = broughtUpToDate(snapshot);
  const facts = await wornFacts(manager, id, whole, whole.head.id);
  const numbers = [facts?.modelMillilitres, facts?.madeMillilitres, facts?.flowLog10];
  if (!numbers.every((value) => Number.isFinite(value))) return message('copy.bowl-no-numbers');
  return (await isAsLogged(manager, id)) ? undefined : message('copy.bowl-not-as-logged');
}
