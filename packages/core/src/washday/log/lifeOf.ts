import { readyStepOf, type PlanStep } from '../steps';
import { holding, isStepFact, type BowlEvent, type BowlFact, type StepFact } from './bowlEvent';
import type { BowlLife, Worn } from './bowlLife';

/** A wash day as far as a bowl's log needs it. */
export interface DayOfLog {
  readonly startedAt: string;
  readonly steps: readonly PlanStep[];
}

/** What a log is read with. */
export interface LogContext {
  readonly bowlId: string;
  /** Days it was told on, by id. */
  readonly days: ReadonlyMap<string, DayOfLog>;
  /** A head's sections in the order they are coated, by head. */
  readonly sections: ReadonlyMap<string, readonly string[]>;
}

/** One line of what happened to a bowl; presses on steps as what they mean for it. */
export interface StoryLine {
  readonly event: BowlEvent;
  readonly fact: Meant;
}

/** Putting on by a step means every section. */
type Meant = Exclude<BowlFact, StepFact> | { readonly kind: 'coated-all'; readonly headId: string };

/**
 * What a bowl's log comes to: where the bowl stands and since when, whom it is on, what was left, how it ended. The same
 * thing told twice counts once, the first time it happened; any order is taken as it comes. A bowl that is first heard of
 * on a head was mixed by then, and its clock began with it.
 * @param events in the order they were told
 * @example
 * const press = (at, fact) => ({ id: at, pressId: at, at, toldAt: at, fact });
 * const capped = press('2026-03-14T10:00:00Z', { kind: 'capped', headId: 'ada' });
 * const rinsed = press('2026-03-14T11:00:00Z', { kind: 'rinsed', headId: 'ada' });
 * const context = { bowlId: 'bowl', days: new Map(), sections: new Map() };
 * lifeOf([capped, rinsed], context).wearing.ada // { wornFrom: capped.at, rinsedAt: rinsed.at }
 */
export const lifeOf = (events: readonly BowlEvent[], context: LogContext): BowlLife => storyOf(events, context).life;

/** As {@link lifeOf}, with the lines that led to it. */
export function storyOf(
  events: readonly BowlEvent[],
  context: LogContext,
): { readonly life: BowlLife; readonly lines: readonly StoryLine[] } {
  const state: State = {
    life: { bowlId: context.bowlId, madeAt: '', isDrawn: false, startShare: 0, stays: [], wearing: {}, decisions: [] },
    cooked: undefined,
    coatedAt: new Map(),
  };
  const lines: StoryLine[] = [];
  for (const event of holding(events))
    for (const fact of isStepFact(event.fact) ? meant(event.fact, event, context) : [event.fact]) {
      lines.push({ event, fact });
      if (!isToldOnceMore(fact, event, state, context)) apply(state, fact, event, context);
    }
  return { life: state.life, lines };
}

/**
 * The presses by which a mask is on a head now, or has been rinsed out: what is taken back when that was said too early.
 */
export function pressesBehind(
  events: readonly BowlEvent[],
  context: LogContext,
  kind: 'capped' | 'rinsed',
  headId: string,
): readonly string[] {
  const { life, lines } = storyOf(events, context);
  const worn = life.wearing[headId];
  const since = kind === 'capped' ? worn?.wornFrom : worn?.rinsedAt;
  return since === undefined
    ? []
    : [
        ...new Set(
          lines.flatMap(({ event, fact }) =>
            fact.kind === kind && fact.headId === headId && event.at >= since ? [event.pressId] : [],
          ),
        ),
      ];
}

interface State {
  readonly life: BowlLife;
  /** When the first thing for it left its pot, and the day on which. */
  cooked: { readonly at: string; readonly dayId: string | undefined } | undefined;
  /** When a head's last section was coated. */
  readonly coatedAt: Map<string, string>;
}

/** What a press on a step means for its bowl. */
function meant(fact: StepFact, { dayId }: BowlEvent, { bowlId, days }: LogContext): readonly Meant[] {
  const steps = days.get(dayId ?? '')?.steps.filter((one) => one.bowlId === bowlId) ?? [];
  const step = steps.find(({ id }) => id === fact.stepId);
  if (!step) return [];
  const { kind, headId } = step;
  if (fact.kind === 'done' && kind === 'boil') return [{ kind: 'cooked' }];
  if (fact.kind === 'done' && step.id === readyStepOf(steps)) return [{ kind: 'mixed', placeId: '' }];
  if (headId === undefined) return [];
  if (fact.kind === 'done' && kind === 'apply') return [{ kind: 'coated-all', headId }];
  if (kind === 'wear' && (fact.kind === 'begin' || fact.kind === 'hands-off' || fact.kind === 'done'))
    return [{ kind: 'capped', headId }];
  if (fact.kind === 'done' && kind === 'rinse') return [{ kind: 'rinsed', headId }];
  return [];
}

/** A head is rinsed once on a day: what the steps of that day tell of it afterwards, by a device that had not heard, begins nothing anew. */
function isToldOnceMore(fact: Meant, { fact: told, dayId }: BowlEvent, { life }: State, { days }: LogContext): boolean {
  const day = isStepFact(told) ? days.get(dayId ?? '') : undefined;
  return day !== undefined && 'headId' in fact && (life.wearing[fact.headId ?? '']?.rinsedAt ?? '') >= day.startedAt;
}

function apply(state: State, fact: Meant, event: BowlEvent, { sections }: LogContext): void {
  const { life } = state;
  const { at } = event;
  switch (fact.kind) {
    case 'kept':
      // What was mixed before anybody wrote it down keeps its moment.
      if (life.stays.length === 0) life.madeAt = at;
      if (fact.plannedFor !== undefined) life.plannedFor = fact.plannedFor;
      return;
    case 'drawn':
      life.isDrawn = true;
      life.startShare = fact.startShare;
      return;
    case 'put-back':
      life.isDrawn = false;
      return;
    case 'cooked':
      if (state.cooked === undefined || state.cooked.dayId !== event.dayId) state.cooked = { at, dayId: event.dayId };
      return;
    case 'mixed': {
      mix(state, event, fact.placeId || event.placeId);
      return;
    }
    case 'moved':
      life.stays.push({ placeId: fact.placeId, from: at });
      return;
    case 'coated': {
      mix(state, event, event.placeId);
      const worn = wornAnew(life, fact.headId);
      const others = worn.sectionsDone.filter((id) => id !== fact.section);
      worn.sectionsDone = fact.isDone ? [...others, fact.section] : others;
      delete worn.leftShare;
      state.coatedAt.set(fact.headId, at);
      return;
    }
    case 'coated-all': {
      mix(state, event, event.placeId);
      wornAnew(life, fact.headId).sectionsDone = [...(sections.get(fact.headId) ?? [])];
      state.coatedAt.set(fact.headId, at);
      return;
    }
    case 'capped':
      mix(state, event, event.placeId);
      wornAnew(life, fact.headId).wornFrom ??= at;
      return;
    case 'length-chosen':
      life.wearAimMinutes = fact.aimMinutes;
      return;
    case 'seen-left':
      wornAnew(life, fact.headId).leftShare = fact.share;
      return;
    case 'felt': {
      feel(life, fact);
      return;
    }
    case 'rinsed': {
      rinse(state, fact.headId, at, fact.why);
      return;
    }
    case 'left': {
      leave(life, fact, at);
      return;
    }
    case 'ended': {
      end(state, fact.how, at);
      return;
    }
    case 'decided':
      life.decisions.push({ at, what: fact.what });
      return;
    case 'taken-over': {
      takeOver(life, fact.life);
      return;
    }
    case 'undo':
  }
}

/** What a log goes on from is not changed by what follows. */
function takeOver(life: BowlLife, { stays, wearing, decisions, ...rest }: Omit<BowlLife, 'bowlId'>): void {
  const worn = Object.entries(wearing).map(([id, one]) => [id, { ...one }] as const);
  Object.assign(life, rest, { stays: [...stays], decisions: [...decisions], wearing: Object.fromEntries(worn) });
}

/** Its time begins with what was cooked for it, where that is earlier. */
function mix({ life, cooked }: State, { at, dayId }: BowlEvent, placeId: string | undefined): void {
  if (life.stays.length > 0 || !placeId) return;
  const isOfPot = cooked && cooked.at < at && (dayId === undefined || cooked.dayId === dayId);
  life.madeAt = at;
  life.stays.push({ placeId, from: isOfPot ? cooked.at : at });
}

/** What was rinsed out before is not on the hair: what was kept is worn anew. */
function wornAnew({ wearing }: BowlLife, headId: string): Worn {
  const before = wearing[headId];
  const worn = before && before.rinsedAt === undefined ? before : { sectionsDone: [] };
  wearing[headId] = worn;
  return worn;
}

function feel({ wearing }: BowlLife, { headId, section, isCoated }: Extract<BowlFact, { kind: 'felt' }>): void {
  const worn = (wearing[headId] ??= { sectionsDone: [] });
  const others = (worn.coatedStill ?? []).filter((id) => id !== section);
  const felt = isCoated ? [...others, section] : others;
  if (felt.length > 0) worn.coatedStill = felt;
  else delete worn.coatedStill;
}

/** Rinsed without a word of a cap, it was on from when the last section was coated. */
function rinse({ life, coatedAt }: State, headId: string, at: string, why: Worn['rinsedWhy']): void {
  const worn = (life.wearing[headId] ??= { sectionsDone: [] });
  if (worn.rinsedAt === undefined) {
    worn.wornFrom ??= coatedAt.get(headId) ?? at;
    worn.rinsedAt = at;
  }
  if (why !== undefined) worn.rinsedWhy = why;
}

function leave(life: BowlLife, fact: Extract<BowlFact, { kind: 'left' }>, at: string): void {
  const { fate, millilitres, how, placeId, headId } = fact;
  life.leftOver = { at, millilitres, how, fate };
  switch (fate) {
    case 'nothing':
    case 'discarded':
      life.endedAt = at;
      life.endedHow = 'worn';
      return;
    case 'kept':
    case 'frozen':
      if (placeId) life.stays.push({ placeId, from: at });
      return;
    case 'second-head':
      if (headId) life.wearing[headId] = { sectionsDone: [] };
      return;
    case 'undecided':
  }
}

/** Worn and done: whoever has it on has rinsed by then. */
function end(state: State, how: BowlLife['endedHow'], at: string): void {
  if (how === 'worn')
    for (const [headId, { wornFrom }] of Object.entries(state.life.wearing))
      if (wornFrom !== undefined) rinse(state, headId, at, undefined);
  state.life.endedAt = at;
  state.life.endedHow = how;
}
