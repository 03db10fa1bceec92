import { message } from '@amber-ladle/core/message';
import { bowlOfDay, leastWearOf, type BeginDay, type DayPress, type Topic, type WashDay } from '@amber-ladle/contract';
import { canonical } from '@amber-ladle/core/time';
import {
  daySteps,
  mayLeaveOut,
  MOST_STEPS,
  progressOf,
  withAddedSteps,
  type DayEvent,
  type DayMove,
  type StepFact,
} from '@amber-ladle/core/washday';
import { In, IsNull, type EntityManager } from 'typeorm';
import { BowlEntity, type BowlRow } from '../bowl/table';
import { readSettings } from '../household';
import { readCatalogue } from '../ingredient';
import type { Household } from '../kernel/household';
import { inUse, invalid, notFound } from '../kernel/refusal';
import {
  broughtUpToDate,
  decided,
  eventsOf,
  isPast,
  livesOf,
  needsDecision,
  standing,
  takeBack,
  tell,
  toldOf,
} from '../life';
import { BowlLifeEntity, type BowlLifeRow } from '../life/table';
import { WashDayEntity, type WashDayRow } from './table';

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
export async function beginDay(
  household: Household,
  { childrenFirst = false, ...wish }: BeginDay,
): Promise<{ day: WashDay; isNew: boolean }> {
  const catalogue = await readCatalogue(household);
  const { schools } = await readSettings(household);
  const answer = await household.writes.run(['washdays'], async (manager) => {
    const known = await manager.findOneBy(WashDayEntity, { id: wish.id });
    if (known) return { day: await toDay(manager, known), isNew: false };
    if (await manager.existsBy(WashDayEntity, { endedAt: IsNull() }))
      throw inUse(message('refusal.another-day'), message('refusal.one-day'));
    const bowls = await bowlsOf(manager, wish.bowlIds);
    const heads = bowls.flatMap(({ snapshot }) => [snapshot.head, ...snapshot.others]);
    if (new Set(heads.map(({ id }) => id)).size < heads.length)
      throw invalid({ bowlIds: message('refusal.two-bowls-one-head') });
    const own = (bowl: BowlRow) =>
      new Map([...catalogue, ...bowl.snapshot.ingredients.map((row) => [row.id, row] as const)]);
    const lives = await livesOf(manager, wish.bowlIds);
    const whole = bowls.map((bowl) => ({ ...bowl, life: lives.get(bowl.id) }));
    const steps = daySteps(
      whole.map((bowl) => bowlOfDay(bowl, own(bowl), schools)),
      { childrenFirst },
    );
    if (steps.length > MOST_STEPS) throw invalid({ bowlIds: message('refusal.too-many-steps', { most: MOST_STEPS }) });
    const row: WashDayRow = {
      ...wish,
      bowlIds: [...wish.bowlIds],
      wish: { ...wish.wish, at: canonical(wish.wish.at) },
      steps: [...steps],
      order: [],
      leastWear: leastWearOf(whole),
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
  const { day } = await household.writes.run<{ day: WashDay; topics: readonly Topic[] }>(
    // Most presses are about hands: what a bowl is at, and all that follows from it, is as it was.
    ({ topics }) => ['washdays', ...topics],
    async (manager) => {
      const row = await dayRow(manager, id);
      const lives = () =>
        manager.find(BowlLifeEntity, { where: { bowlId: In(row.bowlIds) }, order: { bowlId: 'ASC' } });
      const before = standing(await lives());
      await tellIn(manager, household, row, press);
      return { day: await toDay(manager, row), topics: toldOf(before, await lives()) };
    },
  );
  return day;
}

/** Puts a press down in the logs of the bowls that it is about, inside a transaction. */
async function tellIn(
  manager: EntityManager,
  household: Household,
  day: WashDayRow,
  { pressId, moves, order, decision, heldSeconds = 0 }: DayPress,
): Promise<void> {
  const before = await eventsOf(manager, day);
  if (before.some((event) => event.pressId === pressId)) return;
  if (day.endedAt !== null) throw invalid({ day: message('refusal.day-ended') });
  const at = momentOf(household.clock.now(), heldSeconds, before.at(-1)?.at ?? day.startedAt);
  const lives = await manager.findBy(BowlLifeEntity, { bowlId: In(day.bowlIds) });
  for (const [bowlId, facts] of factsByBowl(day, before, moves)) {
    const life = lives.find((one) => one.bowlId === bowlId);
    if (life)
      await goingOn(manager, household, life, decision, () =>
        tell(manager, household, bowlId, facts, { pressId, at, dayId: day.id }),
      );
  }
  const presses = new Set(before.map((event) => event.pressId));
  for (const { kind, undoes = '', stepId } of moves) {
    if (kind !== 'undo') continue;
    if (!presses.has(undoes)) throw invalid({ moves: message('refusal.nothing-to-undo') });
    await takeBack(manager, household, [undoes], { pressId, at, dayId: day.id, stepId });
  }
  if (order.length === 0) return;
  day.order = [...order];
  await manager.update(WashDayEntity, { id: day.id }, { order: day.order });
}

/** When it was pressed; never before what was told already. */
function momentOf(now: string, heldSeconds: number, last: string): string {
  const pressed = new Date(Date.parse(now) - heldSeconds * 1000).toISOString();
  return pressed < last ? last : pressed;
}

/**
 * What a press tells of each bowl's steps.
 * @throws Refusal 422 for a step that the day does not have, has already, or cannot do without
 */
function factsByBowl(
  day: WashDayRow,
  before: readonly DayEvent[],
  moves: readonly DayMove[],
): ReadonlyMap<string, readonly StepFact[]> {
  const facts = new Map<string, StepFact[]>();
  let steps = withAddedSteps(day.steps, before);
  for (const { kind, undoes: _undoes, ...move } of moves) {
    const step = steps.find(({ id }) => id === move.stepId);
    if (kind === 'add') {
      if (step) throw invalid({ moves: message('refusal.step-twice') });
      if (steps.length >= MOST_STEPS) throw invalid({ moves: message('refusal.too-many-steps', { most: MOST_STEPS }) });
      steps = withAddedSteps(steps, [{ kind, ...move, id: '', pressId: '', at: '' }]);
    } else if (!step) throw invalid({ moves: message('refusal.no-step', { stepId: move.stepId }) });
    else if (move.edit?.isLeftOut && !mayLeaveOut(steps, progressOf(steps, before), step))
      throw invalid({ moves: message('refusal.step-needed') });
    const bowlId = steps.find(({ id }) => id === move.stepId)?.bowlId ?? day.bowlIds[0] ?? '';
    if (kind !== 'undo') facts.set(bowlId, [...(facts.get(bowlId) ?? []), { kind, ...move }]);
  }
  return facts;
}

/** A bowl past its time goes on a head only with a decision, which stays even where the press is taken back. */
async function goingOn(
  manager: EntityManager,
  household: Household,
  before: BowlLifeRow,
  decision: string | undefined,
  work: () => Promise<BowlLifeRow>,
): Promise<void> {
  const after = await work();
  const goesOn = Object.keys(after.wearing).some((id) => after.wearing[id]?.wornFrom && !before.wearing[id]?.wornFrom);
  if (!goesOn) return;
  if (decision) await tell(manager, household, before.bowlId, [decided(decision)]);
  else if (await isPast(manager, household, after)) throw needsDecision();
}

/** The bowls of a day, in the order they were named. */
async function bowlsOf(manager: EntityManager, ids: readonly string[]): Promise<BowlRow[]> {
  const bowls: BowlRow[] = [];
  for (const id of ids) {
    const bowl = await manager.findOneBy(BowlEntity, { id, removedAt: IsNull() });
    if (!bowl) throw notFound('bowl');
    const life = await manager.findOneBy(BowlLifeEntity, { bowlId: id });
    if (!life) throw invalid({ bowlIds: message('refusal.bowl-before-days') });
    if (life.endedAt) throw invalid({ bowlIds: message('refusal.bowl-ended-size-again') });
    bowls.push({ ...bowl, snapshot: broughtUpToDate(bowl.snapshot) });
  }
  return bowls;
}

export async function dayRow(manager: EntityManager, id: string): Promise<WashDayRow> {
  const row = await manager.findOneBy(WashDayEntity, { id });
  if (!row) throw notFound('wash-day');
  return row;
}

export async function toDay(manager: EntityManager, { endedAt, ...row }: WashDayRow): Promise<WashDay> {
  return {
    ...row,
    ...(endedAt === null ? {} : { endedAt }),
    events: [...(await eventsOf(manager, { ...row, endedAt }))],
  };
}
