import {
  dayEventsOf,
  lifeOf,
  sectionsOf,
  type BowlEvent,
  type BowlFact,
  type DayEvent,
  type LogReading,
} from '@amber-ladle/core/washday';
import { isDeepStrictEqual } from 'node:util';
import type { BowlLife } from '@amber-ladle/contract';
import { In, type EntityManager } from 'typeorm';
import { v4 as newId } from 'uuid';
import { BowlEntity } from '../bowl/table';
import { WashDayEntity, type WashDayRow } from '../day/table';
import type { Household } from '../kernel/household';
import { WearLogEntity } from '../notes/table';
import { listPlaces } from '../place';
import { toLife, wornAt } from './lifeRules';
import { broughtUpToDate } from './snapshots';
import { BowlEventEntity, BowlLifeEntity, type BowlEventRow, type BowlLifeRow } from './table';

/** How something is told of a bowl. */
export interface Telling {
  /** Made on the device, so that a retry tells nothing twice. */
  readonly pressId?: string | undefined;
  /** When it happened, where that was before now. ISO 8601 */
  readonly at?: string | undefined;
  /** The day whose steps it is about. */
  readonly dayId?: string | undefined;
}

const toEvent = ({ id, pressId, at, toldAt, dayId, placeId, fact }: BowlEventRow): BowlEvent => ({
  id,
  pressId,
  at,
  toldAt,
  fact,
  ...(dayId === null ? {} : { dayId }),
  ...(placeId === null ? {} : { placeId }),
});

/** What was told of a day and of its bowls, as its plan reads it. */
export async function eventsOf(manager: EntityManager, day: WashDayRow): Promise<readonly DayEvent[]> {
  const readings: LogReading[] = [];
  for (const bowlId of day.bowlIds) readings.push(await readingOf(manager, bowlId));
  return dayEventsOf(day, readings);
}

/** A bowl's log and what it is read with. */
export async function readingOf(manager: EntityManager, bowlId: string): Promise<LogReading> {
  const rows = await manager.find(BowlEventEntity, { where: { bowlId }, order: { sort: 'ASC' } });
  const events = rows.map(toEvent);
  const dayIds = [...new Set(events.flatMap(({ dayId }) => dayId ?? []))];
  const days = dayIds.length === 0 ? [] : await manager.findBy(WashDayEntity, { id: In(dayIds) });
  const { snapshot } = await manager.findOneByOrFail(BowlEntity, { id: bowlId });
  const { head, others } = broughtUpToDate(snapshot);
  const sections = new Map(
    [head, ...others].map(({ id, profile }) => [id, sectionsOf(profile).map((section) => section.id)] as const),
  );
  return { events, context: { bowlId, days: new Map(days.map((day) => [day.id, day])), sections } };
}

/**
 * Adds lines to a bowl's log, inside a transaction, and writes down what the log now comes to.
 * @returns the bowl's life after it
 */
export async function tell(
  manager: EntityManager,
  household: Household,
  bowlId: string,
  facts: readonly BowlFact[],
  { pressId = newId(), at, dayId }: Telling = {},
): Promise<BowlLifeRow> {
  const toldAt = household.clock.now();
  const before = await manager.countBy(BowlEventEntity, { bowlId, pressId });
  const placeId = await benchOf(manager);
  for (const [i, fact] of facts.entries())
    await manager.insert(BowlEventEntity, {
      id: `${pressId}.${bowlId}.${before + i}`,
      bowlId,
      pressId,
      at: at ?? toldAt,
      toldAt,
      dayId: dayId ?? null,
      placeId,
      fact,
    });
  return refold(manager, bowlId);
}

/** Where work is done: what is mixed stands there first. */
async function benchOf(manager: EntityManager): Promise<string | null> {
  const places = await listPlaces(manager);
  return (places.find(({ kind }) => kind === 'counter') ?? places[0])?.id ?? null;
}

/** Takes presses back in every bowl that they told of. @returns those bowls */
export async function takeBack(
  manager: EntityManager,
  household: Household,
  presses: readonly string[],
  { stepId, ...telling }: Telling & { readonly stepId?: string } = {},
): Promise<readonly string[]> {
  const rows = await manager.findBy(BowlEventEntity, { pressId: In([...presses]) });
  const bowls = [...new Set(rows.map(({ bowlId }) => bowlId))];
  const pressId = telling.pressId ?? newId();
  for (const id of bowls) {
    const own = [...new Set(rows.filter(({ bowlId }) => bowlId === id).map((row) => row.pressId))];
    const facts = own.map((undoes): BowlFact => ({
      kind: 'undo',
      undoes,
      ...(stepId === undefined ? {} : { stepId }),
    }));
    await tell(manager, household, id, facts, { ...telling, pressId });
  }
  return bowls;
}

/** True where what is written down of a bowl is what its log comes to. */
export async function isAsLogged(manager: EntityManager, bowlId: string): Promise<boolean> {
  const row = await manager.findOneBy(BowlLifeEntity, { bowlId });
  const { events, context } = await readingOf(manager, bowlId);
  return row ? isDeepStrictEqual(row, rowOf(lifeOf(events, context))) : events.length === 0;
}

const rowOf = ({ plannedFor, wearAimMinutes, leftOver, endedAt, endedHow, ...life }: BowlLife): BowlLifeRow => ({
  ...life,
  plannedFor: plannedFor ?? null,
  wearAimMinutes: wearAimMinutes ?? null,
  leftOver: leftOver ?? null,
  endedAt: endedAt ?? null,
  endedHow: endedHow ?? null,
});

async function refold(manager: EntityManager, bowlId: string): Promise<BowlLifeRow> {
  const { events, context } = await readingOf(manager, bowlId);
  const row = rowOf(lifeOf(events, context));
  await manager.upsert(BowlLifeEntity, row, ['bowlId']);
  await datePages(manager, row);
  return row;
}

/** What was written of a bowl before it was worn, on a plate, is a page of the moment it is worn at. */
async function datePages(manager: EntityManager, life: BowlLifeRow): Promise<void> {
  for (const { headId, at } of await manager.findBy(WearLogEntity, { bowlId: life.bowlId })) {
    const worn = wornAt(toLife(life), headId);
    if (worn !== undefined && worn !== at)
      await manager.update(WearLogEntity, { bowlId: life.bowlId, headId }, { at: worn });
  }
}
