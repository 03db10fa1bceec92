import { message } from '@amber-ladle/core/message';
import { canonical, daysLater, localDay, type Day } from '@amber-ladle/core/time';
import { NO_LOG, type LoggedBowl, type OpenLog, type Page, type WearLog } from '@amber-ladle/contract';
import { wantedMoment } from '@amber-ladle/core/learn';
import { IsNull, type EntityManager } from 'typeorm';
import { BowlEntity } from '../bowl/table';
import { BowlLifeEntity, type BowlLifeRow } from '../life/table';
import { WearLogEntity, type WearLogRow } from './table';
import { invalid, notFound, stale } from '../kernel/refusal';
import { broughtUpToDate } from '../life';
import type { Household } from '../kernel/household';
import { toLife, wornAt } from '../life';
import { readSettings } from '../household';
import { wornFacts } from './wornFacts';

/** What is asked of the log. Moments are ISO 8601; `to` is left out of the answer. */
export interface LogWish {
  readonly headId?: string | undefined;
  readonly maskId?: string | undefined;
  readonly from?: string | undefined;
  readonly to?: string | undefined;
  readonly offset: number;
  readonly limit: number;
}

/** A row of the log as it is read, with what was said of the bowl when it ended. */
interface ReadRow {
  bowlId: string;
  headId: string;
  at: string;
  version: number;
  facts: string;
  body: string;
  leftOver: string | null;
  wearing: string | null;
}

export const READ_LOGS = `SELECT w.bowl_id AS bowlId, w.head_id AS headId, w.at, w.version, w.facts, w.body,
    l.left_over AS leftOver, l.wearing
  FROM wear_log w
  JOIN bowl b ON b.id = w.bowl_id AND b.removed_at IS NULL
  LEFT JOIN bowl_life l ON l.bowl_id = w.bowl_id`;

/** Of a bowl that only lay on a plate so far there is nothing to read in the log. */
const ONLY_A_PLATE = `(json_extract(w.body, '$.plateCentimetres') IS NOT NULL AND json_extract(w.body, '$.said') = '{}'
    AND json_extract(w.body, '$.lasted') IS NULL AND json_extract(w.body, '$.words') = ''
    AND NOT EXISTS (SELECT 1 FROM bowl_life e WHERE e.bowl_id = w.bowl_id
      AND (e.wearing LIKE '%wornFrom%' OR e.wearing LIKE '%rinsedAt%' OR e.ended_how = 'worn')))`;

/** The log, newest first. */
export async function listLogs({ source }: Household, wish: LogWish): Promise<Page<LoggedBowl>> {
  const { headId, maskId, from, to, offset, limit } = wish;
  const tests: (readonly [string, string])[] = [
    ...(headId ? [['w.head_id = ?', headId] as const] : []),
    ...(maskId ? [["json_extract(w.facts, '$.maskId') = ?", maskId] as const] : []),
    ...(from ? [['w.at >= ?', canonical(from)] as const] : []),
    ...(to ? [['w.at < ?', canonical(to)] as const] : []),
  ];
  const where = ` WHERE ${[`NOT ${ONLY_A_PLATE}`, ...tests.map(([test]) => test)].join(' AND ')}`;
  const values = tests.map(([, value]) => value);
  const rows = await source.query<ReadRow[]>(
    `${READ_LOGS}${where} ORDER BY w.at DESC, w.bowl_id, w.head_id LIMIT ? OFFSET ?`,
    [...values, limit, offset],
  );
  const [{ n } = { n: 0 }] = await source.query<{ n: number }[]>(
    `SELECT count(*) AS n FROM wear_log w JOIN bowl b ON b.id = w.bowl_id AND b.removed_at IS NULL${where}`,
    values,
  );
  return { items: rows.map(toLogged), total: n, offset };
}

export function toLogged({ facts, body, leftOver, wearing, ...row }: ReadRow): LoggedBowl {
  const felt = (JSON.parse(wearing ?? '{}') as BowlLifeRow['wearing'])[row.headId]?.coatedStill;
  const left = JSON.parse(leftOver ?? 'null') as BowlLifeRow['leftOver'];
  return {
    ...row,
    facts: JSON.parse(facts) as LoggedBowl['facts'],
    log: { ...NO_LOG, ...(JSON.parse(body) as Partial<WearLog>) },
    ...(left ? { leftOver: { millilitres: left.millilitres, how: left.how } } : {}),
    ...(felt ? { coatedStill: felt } : {}),
  };
}

/** What is written of one bowl, by head; for heads of whom nobody wrote, an empty page. @throws Refusal 404 */
export async function logsOfBowl({ source }: Household, bowlId: string): Promise<LoggedBowl[]> {
  const written = await source.query<ReadRow[]>(`${READ_LOGS} WHERE w.bowl_id = ?`, [bowlId]);
  const known = written.map(toLogged);
  const empty = await emptyLogs(source.manager, bowlId);
  return empty.map((page) => known.find(({ headId }) => headId === page.headId) ?? page);
}

async function emptyLogs(manager: EntityManager, bowlId: string): Promise<LoggedBowl[]> {
  const bowl = await manager.findOneBy(BowlEntity, { id: bowlId, removedAt: IsNull() });
  if (!bowl) throw notFound('bowl');
  const snapshot = broughtUpToDate(bowl.snapshot);
  const life = await manager.findOneBy(BowlLifeEntity, { bowlId });
  const pages: LoggedBowl[] = [];
  for (const { id: headId } of [snapshot.head, ...snapshot.others]) {
    const facts = await wornFacts(manager, bowlId, snapshot, headId);
    if (!facts) continue;
    const at = wornAt(life ? toLife(life) : undefined, headId) ?? bowl.keptAt;
    const left = life?.leftOver;
    const felt = life?.wearing[headId]?.coatedStill;
    pages.push({
      bowlId,
      headId,
      at,
      version: 0,
      facts,
      log: NO_LOG,
      ...(left ? { leftOver: { millilitres: left.millilitres, how: left.how } } : {}),
      ...(felt ? { coatedStill: felt } : {}),
    });
  }
  return pages;
}

/**
 * Writes what was said of a bowl on a head; what is learnt from it holds from the next bowl on. The same said twice, by a
 * device that did not hear the answer, is said once.
 * @throws Refusal 404; 409 with the page as it is for a stale version; 422 for more left than was made
 */
export async function writeLog(
  household: Household,
  bowlId: string,
  headId: string,
  version: number,
  log: WearLog,
): Promise<LoggedBowl> {
  const row = await household.writes.run(['notes'], async (manager) => {
    const before = await manager.findOneBy(WearLogEntity, { bowlId, headId });
    const page = (await emptyLogs(manager, bowlId)).find((one) => one.headId === headId);
    if (!page) throw notFound('head-of-bowl');
    if (before?.version === version + 1 && JSON.stringify(before.body) === JSON.stringify(log))
      return asLogged(before, page);
    if ((before?.version ?? 0) !== version) throw stale(before ? { ...page, ...before, log: before.body } : page);
    checkLasted(log, page);
    // The day may have gone on since the first word: what it poured and how long it took is read again.
    const next: WearLogRow = { bowlId, headId, at: page.at, facts: page.facts, version: version + 1, body: log };
    await manager.save(WearLogEntity, next);
    return asLogged(next, page);
  });
  return row;
}

const asLogged = ({ body, ...rest }: WearLogRow, { leftOver, coatedStill }: LoggedBowl): LoggedBowl => ({
  ...rest,
  log: body,
  ...(leftOver ? { leftOver } : {}),
  ...(coatedStill ? { coatedStill } : {}),
});

/** @throws Refusal 422 */
export function checkLasted({ lasted }: WearLog, { facts }: Pick<LoggedBowl, 'facts'>): void {
  if (lasted?.kind === 'left' && lasted.millilitres > facts.madeMillilitres + 0.5)
    throw invalid({
      'log.lasted': message('refusal.more-left-than-made', { madeMillilitres: Math.round(facts.madeMillilitres) }),
    });
  if (lasted?.kind === 'ran-out' && (lasted.afterSections ?? 0) > facts.sections.length)
    throw invalid({ 'log.lasted': message('refusal.sections-of-head', { sections: facts.sections.length }) });
}

/** Opens a page for each head that wore a bowl, where there is none, so that what was left teaches without a word. */
export async function openPages(manager: EntityManager, life: BowlLifeRow): Promise<void> {
  const pages = await emptyLogs(manager, life.bowlId);
  for (const { bowlId, headId, at, facts, log } of pages) {
    const isThere = await manager.existsBy(WearLogEntity, { bowlId, headId });
    if (isThere || wornAt(toLife(life), headId) === undefined) continue;
    await manager.insert(WearLogEntity, { bowlId, headId, at, facts, version: 1, body: log });
  }
}

/** Bowls older than this are not asked after any more. */
const ASKED_DAYS = 7;

/** Bowls that ask for a word, each moment at its time: while worn, rinsed, and from the next day on the dry hair. Newest first. */
export async function openLogs(household: Household): Promise<OpenLog[]> {
  const { source, clock } = household;
  const { timeZone } = await readSettings(household);
  const now = Date.parse(clock.now());
  const since = new Date(daysLater(now, -ASKED_DAYS, timeZone)).toISOString();
  const lives = await source.query<{ bowlId: string }[]>(
    `SELECT l.bowl_id AS bowlId FROM bowl_life l JOIN bowl b ON b.id = l.bowl_id AND b.removed_at IS NULL
      WHERE (l.made_at >= ? OR l.ended_at >= ?) AND (l.wearing LIKE '%wornFrom%' OR l.wearing LIKE '%rinsedAt%' OR l.ended_how = 'worn')
      ORDER BY l.made_at DESC LIMIT 30`,
    [since, since],
  );
  const open: OpenLog[] = [];
  for (const { bowlId } of lives) {
    const row = await source.manager.findOneByOrFail(BowlLifeEntity, { bowlId });
    for (const page of await logsOfBowl(household, bowlId)) {
      const at = wornAt(toLife(row), page.headId);
      if (!at || at < since || page.log.isNextDayAsked) continue;
      const isRinsed = row.endedAt !== null || row.wearing[page.headId]?.rinsedAt !== undefined;
      const isNextDay = isRinsed && dayIn(at, timeZone) < dayIn(clock.now(), timeZone);
      const wants = wantedMoment(page.log.said, { isRinsed, isNextDay });
      if (wants) open.push({ ...page, wants });
    }
  }
  return open.sort((a, b) => (a.at < b.at ? 1 : -1));
}

const dayIn = (at: string, timeZone: string): Day => localDay(Date.parse(at), timeZone);
