import { message } from '@amber-ladle/core/message';
import type { BowlLife, LeftWish, Wearing, Worn } from '@amber-ladle/contract';
import { stoppedWears, wearsOf } from '@amber-ladle/core/mask';
import { holding, pressesBehind, type BowlFact } from '@amber-ladle/core/washday';
import { IsNull, type EntityManager } from 'typeorm';
import { HeadEntity } from '../head/table';
import type { Household } from '../kernel/household';
import { invalid, notFound } from '../kernel/refusal';
import {
  broughtUpToDate,
  changed,
  decided,
  isPast,
  knownPlace,
  needsDecision,
  readingOf,
  takeBack,
  tell,
  toLife,
  type Telling,
} from '../life';
import { BowlLifeEntity, type BowlLifeRow } from '../life/table';
import { openPages } from '../notes';
import { BowlEntity } from './table';

/** A head is not clipped into more sections than this. */
const MOST_SECTIONS = 12;

/**
 * A section is coated, the cap goes on, or everything is rinsed out: from that moment on it holds, whatever device looks.
 * Two devices may tap different sections at once; said again, everything stays as it was. A bowl past its time is put on
 * only with a decision.
 * @throws Refusal 404, 422
 */
export async function wearBowl(household: Household, bowlId: string, wearing: Wearing): Promise<BowlLife> {
  return changed(
    household,
    bowlId,
    async (manager, life, telling) => {
      const headId = await servedHead(manager, life, wearing.headId);
      const facts = [
        ...(await lengthOf(manager, life, wearing.wearAimMinutes)),
        ...factsOf(life.wearing[headId], wearing, headId),
      ];
      await takenBack(manager, household, life, wearing, headId, telling);
      if (!facts.some(({ kind }) => kind === 'capped')) return facts;
      const { decision } = wearing;
      if (!decision && (await isPast(manager, household, life))) throw needsDecision();
      if (decision) await tell(manager, household, bowlId, [decided(decision)]);
      return facts;
    },
    { pressed: wearing, also: ['washdays'] },
  );
}

/** What is new of what was said of a head. */
function factsOf(worn: Worn | undefined, wearing: Wearing, headId: string): readonly BowlFact[] {
  const { section, felt, leftShare, isCapOn, isRinsed, rinsedWhy: why } = wearing;
  // What was kept is worn anew.
  const now = worn?.rinsedAt === undefined || isRinsed !== undefined ? worn : undefined;
  if (felt?.isCoated && (worn?.coatedStill?.length ?? 0) >= MOST_SECTIONS)
    throw invalid({ felt: message('refusal.twelve-sections') });
  const isCoated = now?.sectionsDone.includes(section?.id ?? '') ?? false;
  if (section?.isDone && !isCoated && (now?.sectionsDone.length ?? 0) >= MOST_SECTIONS)
    throw invalid({ section: message('refusal.twelve-sections') });
  const isNews = worn?.rinsedAt === undefined || (why !== undefined && why !== worn.rinsedWhy);
  return [
    ...(section && section.isDone !== isCoated
      ? [{ kind: 'coated' as const, headId, section: section.id, isDone: section.isDone }]
      : []),
    ...(leftShare !== undefined && leftShare !== now?.leftShare
      ? [{ kind: 'seen-left' as const, headId, share: leftShare }]
      : []),
    ...(felt && felt.isCoated !== (worn?.coatedStill ?? []).includes(felt.id)
      ? [{ kind: 'felt' as const, headId, section: felt.id, isCoated: felt.isCoated }]
      : []),
    ...(isCapOn === true && now?.wornFrom === undefined ? [{ kind: 'capped' as const, headId }] : []),
    ...(isRinsed === true && isNews
      ? [{ kind: 'rinsed' as const, headId, ...(why === undefined ? {} : { why }) }]
      : []),
  ];
}

/** A cap or a rinse that was said too early is taken back, wherever it was told, with all that its press told. */
async function takenBack(
  manager: EntityManager,
  household: Household,
  { bowlId, wearing }: BowlLifeRow,
  { isCapOn, isRinsed }: Wearing,
  headId: string,
  telling: Telling,
): Promise<void> {
  const worn = wearing[headId];
  const kind = isRinsed === false ? 'rinsed' : isCapOn === false && worn?.rinsedAt === undefined ? 'capped' : undefined;
  if (!kind) return;
  const { events, context } = await readingOf(manager, bowlId);
  await takeBack(manager, household, pressesBehind(events, context, kind, headId), telling);
}

/**
 * A length of wear that the bowl's mask offers is chosen for it.
 * @throws Refusal 422 for one that it does not offer, or that something in it does not last
 */
async function lengthOf(
  manager: EntityManager,
  { bowlId, wearAimMinutes }: BowlLifeRow,
  aimMinutes: number | undefined,
): Promise<readonly BowlFact[]> {
  if (aimMinutes === undefined || aimMinutes === wearAimMinutes) return [];
  const { snapshot } = await manager.findOneByOrFail(BowlEntity, { id: bowlId });
  const { mask, ingredients } = broughtUpToDate(snapshot);
  const chosen = wearsOf(mask).find((wear) => wear.aimMinutes === aimMinutes);
  if (!chosen) throw invalid({ wearAimMinutes: message('refusal.not-so-long') });
  const [stopped] = chosen === mask.wear ? [] : stoppedWears([chosen], ingredients);
  if (stopped) throw invalid({ wearAimMinutes: message('refusal.does-not-last', { names: stopped.names }) });
  const planned = await manager.query<object[]>(
    `SELECT d.id FROM wash_day d, json_each(d.bowl_ids) b WHERE b.value = ? AND d.ended_at IS NULL`,
    [bowlId],
  );
  if (planned.length > 0)
    throw invalid({
      wearAimMinutes: message('refusal.day-under-way'),
    });
  return [{ kind: 'length-chosen', aimMinutes }];
}

async function servedHead(manager: EntityManager, life: BowlLifeRow, headId: string | undefined): Promise<string> {
  const bowl = await manager.findOneBy(BowlEntity, { id: life.bowlId });
  if (!bowl) throw notFound('bowl');
  const { head, others } = broughtUpToDate(bowl.snapshot);
  const served = new Set([head.id, ...others.map(({ id }) => id), ...Object.keys(life.wearing)]);
  if (headId !== undefined && !served.has(headId)) throw invalid({ headId: message('refusal.not-for-that-head') });
  return headId ?? head.id;
}

/**
 * What was left when everybody was served, said at once; what becomes of it may be said later. Nothing left, or thrown away, ends the bowl; what is kept or frozen lives on
 * where it stands now, under the same clock; a second head is served from it.
 * @throws Refusal 404, 422
 */
export async function leaveBowl(household: Household, bowlId: string, wish: LeftWish): Promise<BowlLife> {
  return changed(
    household,
    bowlId,
    async (manager) => [{ kind: 'left', ...(await whatIsLeft(manager, wish)) }],
    // What was left teaches how much the head takes, whether or not somebody writes a word.
    { pressed: wish, after: openPages },
  );
}

async function whatIsLeft(
  manager: EntityManager,
  { fate, millilitres, how, placeId, headId }: LeftWish,
): Promise<Omit<Extract<BowlFact, { kind: 'left' }>, 'kind'>> {
  const left = { fate, millilitres, how };
  switch (fate) {
    case 'nothing':
    case 'undecided':
    case 'discarded':
      return left;
    case 'kept':
    case 'frozen': {
      const place = await knownPlace(manager, placeId ?? '');
      if (fate === 'frozen' && place.kind !== 'freezer') throw invalid({ placeId: message('refusal.no-freezer') });
      return { ...left, placeId: place.id };
    }
    case 'second-head':
      if (!(await manager.existsBy(HeadEntity, { id: headId ?? '', removedAt: IsNull() }))) throw notFound('head');
      return { ...left, headId };
  }
}

/** Takes back what was said of what is left; a bowl that ended with it goes on. @throws Refusal 404 */
export async function unleaveBowl(household: Household, bowlId: string): Promise<BowlLife> {
  const life = await household.writes.run(['bowls'], async (manager) => {
    const row = await manager.findOneBy(BowlLifeEntity, { bowlId });
    if (!row) throw notFound('bowl');
    const { events } = await readingOf(manager, bowlId);
    const last = holding(events).findLast(({ fact }) => fact.kind === 'left');
    if (last) await takeBack(manager, household, [last.pressId]);
    return manager.findOneByOrFail(BowlLifeEntity, { bowlId });
  });
  return toLife(life);
}
