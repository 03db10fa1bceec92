import { bowlOfDay, leastWearOf, type BeginDay, type DayPress, type WashDay } from '@amber-ladle/contract';
import { daySteps, MOST_STEPS, progressOf, type DayEvent } from '@amber-ladle/core/washday';
import { message } from '@amber-ladle/core/message';
import { In, IsNull, type EntityManager } from 'typeorm';
import { BowlEntity, type BowlRow } from '../bowl/table';
import { BowlLifeEntity } from '../life/table';
import { WashDayEntity, WashEventEntity, type WashDayRow, type WashEventRow } from './table';
import { inUse, invalid, notFound } from '../kernel/refusal';
import { broughtUpToDate } from '../life';
import { climateOf } from '../place';
import { lifeOnDay } from './dayToLife';
import { canonical } from '@amber-ladle/core/time';
import type { Household } from '../kernel/household';
import { readCatalogue } from '../ingredient';
import { isPast, needsDecision } from '../life';

/** The wash day under way, if there is one. */
export async function runningDay({ source }: Household): Promise<WashDay | undefined> {
  const row = await source.manager.findOneBy(WashDayEntity, { endedAt: IsNull() });
  return row ? toDay(source.manager, row) : undefined;
}

/** @throws Refusal 404 */
export async function readDay({ source }: Household, id: string): Promise<WashDay> {
  return toDay(source.manager, await dayRow(source.manager, id));
}

/** The latest wash day that a bowl was made on, if there is one. */
export async function dayOfBowl({ source }: Household, bowlId: string): Promise<WashDay | undefined> {
  const [found] = await source.query<{ id: string }[]>(
    `SELECT d.id FROM wash_day d, json_each(d.bowl_ids) b WHERE b.value = ? ORDER BY d.started_at DESC LIMIT 1`,
    [bowlId],
  );
  return found && readDay({ source } as Household, found.id);
}

/**
 * Begins a wash day for one bowl or two. Asking again with the same id gives the day that was begun.
 * @throws Refusal 404 for a bowl that is gone, 409 while another day runs, 422 for a bowl that has ended
 */
export async function beginDay(household: Household, wish: BeginDay): Promise<{ day: WashDay; isNew: boolean }> {
  const catalogue = await readCatalogue(household);
  const answer = await household.writes.run(['washdays'], async (manager) => {
    const known = await manager.findOneBy(WashDayEntity, { id: wish.id });
    if (known) return { day: await toDay(manager, known), isNew: false };
    if (await manager.existsBy(WashDayEntity, { endedAt: IsNull() }))
      throw inUse('A wash day is under way.', 'Two hands, one day: finish it or end it first.');
    const bowls = await bowlsOf(manager, wish.bowlIds);
    const heads = bowls.flatMap(({ snapshot }) => [snapshot.head, ...snapshot.others]);
    if (new Set(heads.map(({ id }) => id)).size < heads.length)
      throw invalid({ bowlIds: 'One head cannot wear two bowls on one day; choose a bowl for somebody else.' });
    const own = (bowl: BowlRow) =>
      new Map([...catalogue, ...bowl.snapshot.ingredients.map((row) => [row.id, row] as const)]);
    const steps = daySteps(bowls.map((bowl) => bowlOfDay(bowl, own(bowl))));
    if (steps.length > MOST_STEPS) throw invalid({ bowlIds: `A day has at most ${MOST_STEPS} steps.` });
    const row: WashDayRow = {
      ...wish,
      bowlIds: [...wish.bowlIds],
      wish: { ...wish.wish, at: canonical(wish.wish.at) },
      steps: [...steps],
      order: [],
      leastWear: leastWearOf(bowls),
      startedAt: household.clock.now(),
      endedAt: null,
    };
    await manager.insert(WashDayEntity, row);
    return { day: await toDay(manager, row), isNew: true };
  });
  return answer;
}

/**
 * Puts down what a press told; told again, nothing happens twice. All of it, or nothing.
 * @throws Refusal 404, 422 for a day that has ended, an unknown step, or a bowl past its time without a decision
 */
export async function tellDay(household: Household, id: string, press: DayPress): Promise<WashDay> {
  const day = await household.writes.run(['washdays', 'bowls'], async (manager) => {
    const row = await dayRow(manager, id);
    await tellIn(manager, household, row, press);
    return toDay(manager, row);
  });
  return day;
}

/** The running day that a bowl belongs to. */
export async function runningDayOf(manager: EntityManager, bowlId: string): Promise<WashDayRow | undefined> {
  const row = await manager.findOneBy(WashDayEntity, { endedAt: IsNull() });
  return row?.bowlIds.includes(bowlId) ? row : undefined;
}

export async function eventsOf(manager: EntityManager, dayId: string): Promise<DayEvent[]> {
  const rows = await manager.find(WashEventEntity, { where: { dayId }, order: { sort: 'ASC' } });
  return rows.map(({ id, pressId, at, body }) => ({ ...body, id, pressId, at }));
}

/** Puts down a press inside a transaction, and what follows for the bowls. */
export async function tellIn(
  manager: EntityManager,
  household: Household,
  day: WashDayRow,
  { pressId, moves, order, decision, heldSeconds = 0 }: DayPress,
): Promise<void> {
  const before = await eventsOf(manager, day.id);
  if (before.some((event) => event.pressId === pressId)) return;
  if (day.endedAt !== null) throw invalid({ day: 'This wash day has ended.' });
  const stepIds = new Set(day.steps.map(({ id }) => id));
  const presses = new Set(before.map((event) => event.pressId));
  for (const { stepId, kind, undoes } of moves) {
    if (!stepIds.has(stepId)) throw invalid({ moves: `This day has no step ${stepId}.` });
    if (kind === 'undo' && !presses.has(undoes ?? '')) throw invalid({ moves: 'There is nothing like that to undo.' });
  }
  const at = momentOf(household.clock.now(), heldSeconds, before.at(-1)?.at ?? day.startedAt);
  const rows = moves.map((body, i): WashEventRow => ({
    id: `${pressId}.${i}`,
    dayId: day.id,
    pressId,
    at,
    sort: before.length + i,
    body,
  }));
  await manager.insert(WashEventEntity, rows);
  if (order.length > 0) {
    day.order = [...order];
    await manager.update(WashDayEntity, { id: day.id }, { order: day.order });
  }
  const told = rows.map(({ id, body }): DayEvent => ({ ...body, id, pressId, at }));
  await settleLives(manager, household, day, [...before, ...told], decision);
}

/** When it was pressed; never before what was told already. */
function momentOf(now: string, heldSeconds: number, last: string): string {
  const pressed = new Date(Date.parse(now) - heldSeconds * 1000).toISOString();
  return pressed < last ? last : pressed;
}

async function settleLives(
  manager: EntityManager,
  household: Household,
  day: WashDayRow,
  events: readonly DayEvent[],
  decision: string | undefined,
): Promise<void> {
  const now = household.clock.now();
  const { places } = await climateOf(manager, now);
  const counter = places.find(({ kind }) => kind === 'counter') ?? places[0];
  const progress = progressOf(day.steps, events);
  const lives = await manager.findBy(BowlLifeEntity, { bowlId: In(day.bowlIds) });
  for (const life of lives) {
    const bowl = await manager.findOneBy(BowlEntity, { id: life.bowlId });
    if (!bowl || !counter || life.endedAt) continue;
    const snapshot = broughtUpToDate(bowl.snapshot);
    const next = lifeOnDay(life, snapshot, day.steps, progress, counter.id, day.startedAt);
    const goesOn = Object.keys(next.wearing).some((id) => next.wearing[id]?.wornFrom && !life.wearing[id]?.wornFrom);
    if (goesOn && !decision && (await isPast(manager, household, next))) throw needsDecision();
    const decisions =
      goesOn && decision ? [...life.decisions, { at: now, what: message('said', { text: decision }) }] : life.decisions;
    await manager.save(BowlLifeEntity, { ...next, decisions });
  }
}

/** The bowls of a day, in the order they were named. */
async function bowlsOf(manager: EntityManager, ids: readonly string[]): Promise<BowlRow[]> {
  const bowls: BowlRow[] = [];
  for (const id of ids) {
    const bowl = await manager.findOneBy(BowlEntity, { id, removedAt: IsNull() });
    if (!bowl) throw notFound('bowl');
    const life = await manager.findOneBy(BowlLifeEntity, { bowlId: id });
    if (!life) throw invalid({ bowlIds: 'This bowl was kept before wash days came up; size it again.' });
    if (life.endedAt) throw invalid({ bowlIds: 'This bowl has ended; size it again.' });
    const isOnAHead = Object.values(life.wearing).some(({ wornFrom, rinsedAt }) => wornFrom && !rinsedAt);
    if (isOnAHead) throw invalid({ bowlIds: 'This bowl is on a head already: see Wear.' });
    bowls.push({ ...bowl, snapshot: broughtUpToDate(bowl.snapshot) });
  }
  return bowls;
}

export async function dayRow(manager: EntityManager, id: string): Promise<WashDayRow> {
  const row = await manager.findOneBy(WashDayEntity, { id });
  if (!row) throw notFound('wash day');
  return row;
}

export async function toDay(manager: EntityManager, { endedAt, ...row }: WashDayRow): Promise<WashDay> {
  return { ...row, ...(endedAt === null ? {} : { endedAt }), events: await eventsOf(manager, row.id) };
}
