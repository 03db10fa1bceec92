import type { BowlLife, DayPress, LeftOver, LeftWish, Wearing, Worn } from '@amber-ladle/contract';
import { effective, type DayMove, type PlanStep } from '@amber-ladle/core/washday';
import { message } from '@amber-ladle/core/message';
import { IsNull, type EntityManager } from 'typeorm';
import { v4 as newId } from 'uuid';
import { BowlEntity } from './table';
import { BowlLifeEntity, type BowlLifeRow } from '../life/table';
import { HeadEntity } from '../head/table';
import type { WashDayRow } from '../day/table';
import { invalid, notFound } from '../kernel/refusal';
import { broughtUpToDate } from '../life';
import type { Household } from '../kernel/household';
import { changed, isPast, knownPlace, needsDecision, toLife } from '../life';
import { openPages } from '../notes';
import { eventsOf, runningDayOf, tellIn } from '../day';

/** A head is not clipped into more sections than this. */
const MOST_SECTIONS = 12;

/**
 * A section is coated, the cap goes on, or everything is rinsed out: from that moment on it holds, whatever device looks.
 * Two devices may tap different sections at once; said again, everything stays as it was. A bowl past its time is put on
 * only with a decision. While the bowl's wash day runs, that is told of it as well.
 * @throws Refusal 404, 422
 */
export async function wearBowl(household: Household, bowlId: string, wearing: Wearing): Promise<BowlLife> {
  const wear = async (manager: EntityManager, before: BowlLifeRow): Promise<BowlLifeRow> => {
    const headId = await servedHead(manager, before, wearing.headId);
    const worn = wornAfter(before.wearing[headId], wearing, household.clock.now());
    const begins = worn.wornFrom !== undefined && before.wearing[headId]?.wornFrom !== worn.wornFrom;
    const { decision } = wearing;
    if (begins && !decision && (await isPast(manager, household, before))) throw needsDecision();
    const at = household.clock.now();
    const after: BowlLifeRow = {
      ...before,
      wearing: { ...before.wearing, [headId]: worn },
      decisions:
        begins && decision
          ? [...before.decisions, { at, what: message('said', { text: decision }) }]
          : before.decisions,
    };
    const day = await runningDayOf(manager, bowlId);
    const isOfDay = day?.steps.some((step) => step.headId === headId);
    if (!day || !isOfDay || (wearing.isCapOn === undefined && wearing.isRinsed === undefined)) return after;
    // The day tells the moments; what it makes of them is read back.
    await manager.save(BowlLifeEntity, after);
    const press = await pressFor(manager, day, headId, worn, wearing.isRinsed === false);
    if (press) await tellIn(manager, household, day, { ...press, decision: decision ?? 'as decided' });
    const row = await manager.findOneByOrFail(BowlLifeEntity, { bowlId });
    return { ...row, decisions: after.decisions };
  };
  return changed(household, bowlId, wear, ['washdays']);
}

function wornAfter(before: Worn | undefined, wearing: Wearing, now: string): Worn {
  const { section, isCapOn, isRinsed } = wearing;
  // What was kept is worn anew.
  const isAnew = before?.rinsedAt !== undefined && isRinsed === undefined;
  const { sectionsDone, wornFrom, rinsedAt, rinsedWhy }: Worn = before && !isAnew ? before : { sectionsDone: [] };
  const why = wearing.rinsedWhy ?? rinsedWhy;
  const others = sectionsDone.filter((id) => id !== section?.id);
  const sections = section ? (section.isDone ? [...others, section.id] : others) : sectionsDone;
  if (sections.length > MOST_SECTIONS) throw invalid({ section: 'A head has at most twelve sections.' });
  const isOn = (isCapOn ?? wornFrom !== undefined) || isRinsed === true;
  const isOut = isRinsed ?? rinsedAt !== undefined;
  return {
    sectionsDone: sections,
    ...(isOn ? { wornFrom: wornFrom ?? now } : {}),
    ...(isOut ? { rinsedAt: rinsedAt ?? now } : {}),
    ...(isOut && why ? { rinsedWhy: why } : {}),
  };
}

/** What a wash day has to be told so that it says the same of this head; nothing where it does already. */
async function pressFor(
  manager: EntityManager,
  day: WashDayRow,
  headId: string,
  { wornFrom, rinsedAt }: Worn,
  isTakenBack: boolean,
): Promise<DayPress | undefined> {
  const events = effective(await eventsOf(manager, day.id));
  const step = (kind: PlanStep['kind']) =>
    day.steps.find((one) => one.headId === headId && one.kind === kind)?.id ?? '';
  const [apply, wear, rinse] = [step('apply'), step('wear'), step('rinse')];
  const has = (kind: DayMove['kind'], stepId: string) =>
    events.some((one) => one.kind === kind && one.stepId === stepId);
  const pressesOn = (stepId: string) => [
    ...new Set(events.filter((one) => one.stepId === stepId).map(({ pressId }) => pressId)),
  ];
  const undo = (stepId: string): DayMove[] => pressesOn(stepId).map((undoes) => ({ kind: 'undo', stepId, undoes }));
  const tell = (kind: DayMove['kind'], stepId: string): DayMove[] => (has(kind, stepId) ? [] : [{ kind, stepId }]);
  const moves: DayMove[] = [
    ...(wornFrom ? [...tell('done', apply), ...tell('begin', wear), ...tell('hands-off', wear)] : undo(wear)),
    // Taken back, it is on the head as before; what was told of it in one press goes with it.
    ...(rinsedAt
      ? [...tell('done', wear), ...tell('begin', rinse), ...tell('done', rinse)]
      : isTakenBack
        ? undo(rinse)
        : []),
  ].filter(({ stepId }) => stepId !== '');
  return moves.length > 0 ? { pressId: newId(), moves, order: [] } : undefined;
}

async function servedHead(manager: EntityManager, life: BowlLifeRow, headId: string | undefined): Promise<string> {
  const bowl = await manager.findOneBy(BowlEntity, { id: life.bowlId });
  if (!bowl) throw notFound('bowl');
  const { head, others } = broughtUpToDate(bowl.snapshot);
  const served = new Set([head.id, ...others.map(({ id }) => id), ...Object.keys(life.wearing)]);
  if (headId !== undefined && !served.has(headId)) throw invalid({ headId: 'This bowl is not for that head.' });
  return headId ?? head.id;
}

/**
 * What was left when everybody was served. Nothing left, or thrown away, ends the bowl; what is kept or frozen lives on
 * where it stands now, under the same clock; a second head is served from it.
 * @throws Refusal 404, 422
 */
export async function leaveBowl(household: Household, bowlId: string, wish: LeftWish): Promise<BowlLife> {
  const { fate, millilitres, how } = wish;
  return changed(household, bowlId, async (manager, life) => {
    const at = household.clock.now();
    const row = { ...life, leftOver: { at, millilitres, how, fate } };
    const next = await afterLeaving(manager, household, row, wish);
    // What was left teaches how much the head takes, whether or not somebody writes a word.
    await openPages(manager, next);
    return next;
  });
}

async function afterLeaving(
  manager: EntityManager,
  household: Household,
  row: BowlLifeRow & { leftOver: LeftOver },
  { fate, placeId, headId }: LeftWish,
): Promise<BowlLifeRow> {
  const { at } = row.leftOver;
  switch (fate) {
    case 'nothing':
    case 'discarded':
      return { ...row, endedAt: at, endedHow: 'worn' };
    case 'kept':
    case 'frozen': {
      const place = await knownPlace(manager, household, placeId ?? '');
      if (fate === 'frozen' && place.kind !== 'freezer') throw invalid({ placeId: 'Frozen is what a freezer does.' });
      return { ...row, stays: [...row.stays, { placeId: place.id, from: at }] };
    }
    case 'second-head': {
      if (!(await manager.existsBy(HeadEntity, { id: headId ?? '', removedAt: IsNull() }))) throw notFound('head');
      return { ...row, wearing: { ...row.wearing, [headId as string]: { sectionsDone: [] } } };
    }
  }
}

/** Takes back what was said of what is left; a bowl that ended with it goes on. @throws Refusal 404 */
export async function unleaveBowl(household: Household, bowlId: string): Promise<BowlLife> {
  const life = await household.writes.run(['bowls'], async (manager) => {
    const row = await manager.findOneBy(BowlLifeEntity, { bowlId });
    if (!row) throw notFound('bowl');
    if (!row.leftOver) return row;
    const stays = row.stays.filter(({ from }) => from !== row.leftOver?.at);
    return manager.save(BowlLifeEntity, { ...row, stays, leftOver: null, endedAt: null, endedHow: null });
  });
  return toLife(life);
}
