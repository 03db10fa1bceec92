import type { DayEvent, DayMove } from '../day/event';
import type { PlanStep, StepKind } from '../steps';
import { isStepFact, type BowlEvent, type BowlFact } from './bowlEvent';
import { storyOf, type DayOfLog, type LogContext } from './lifeOf';

/** A bowl's log, and what it is read with. */
export interface LogReading {
  readonly events: readonly BowlEvent[];
  readonly context: LogContext;
}

/**
 * A wash day as its plan reads it: what was told of its steps, and what was told of its bowls elsewhere, as the steps that
 * it stands for. A cap is a cap wherever it was tapped, and what a head still has on when the day begins is worn.
 * @param readings of the day's bowls
 * @returns by the moment; of one moment as it was told
 */
export function dayEventsOf(
  day: DayOfLog & { readonly id: string },
  readings: readonly LogReading[],
): readonly DayEvent[] {
  const told = readings.flatMap(({ events, context }) => {
    const own = day.steps.filter((step) => step.bowlId === context.bowlId);
    const on = wornInto(day, { events, context });
    return events.flatMap((event) => {
      const { fact, dayId } = event;
      if (fact.kind === 'undo')
        return [asDayEvent(event, { kind: 'undo', stepId: fact.stepId ?? '', undoes: fact.undoes })];
      if (isStepFact(fact) && dayId === day.id) return [asDayEvent(event, fact)];
      const cap = on.get(event.id);
      if (cap) return meaning(cap, own).map((move, i) => asDayEvent(event, move, i));
      if (isStepFact(fact) || event.at < day.startedAt) return [];
      return meaning(fact, own).map((move, i) => asDayEvent(event, move, i));
    });
  });
  return told.sort((a, b) => Date.parse(a.at) - Date.parse(b.at));
}

const asDayEvent = ({ id, pressId, at }: BowlEvent, move: Meaning, i?: number): DayEvent => ({
  ...move,
  id: i === undefined ? id : `${id}/${i}`,
  pressId,
  at,
});

/** The lines that put a bowl on a head that still had it on when the day began, by their ids. */
function wornInto({ startedAt }: DayOfLog, { events, context }: LogReading): ReadonlyMap<string, CapFact> {
  const { life, lines } = storyOf(events, context);
  return new Map(
    lines.flatMap(({ event, fact }): (readonly [string, CapFact])[] => {
      if (fact.kind !== 'capped' || event.at >= startedAt) return [];
      const { wornFrom, rinsedAt } = life.wearing[fact.headId] ?? {};
      const isOn = wornFrom !== undefined && event.at >= wornFrom && (rinsedAt ?? startedAt) >= startedAt;
      return isOn ? [[event.id, fact]] : [];
    }),
  );
}

type CapFact = Extract<BowlFact, { kind: 'capped' }>;

/** A move that a fact stands for, or that follows from it. */
type Meaning = DayMove & Pick<DayEvent, 'isImplied'>;

/** What a head goes through before anything is put on it. */
const BEFORE_IT_GOES_ON: ReadonlySet<StepKind> = new Set(['detangle', 'wash', 'section', 'wet']);

/** What something that happened to a bowl means for its steps. */
function meaning(fact: BowlFact, own: readonly PlanStep[]): readonly Meaning[] {
  const stepOf = (kind: PlanStep['kind'], headId: string) =>
    own.find((one) => one.kind === kind && one.headId === headId)?.id;
  const move = (kind: DayMove['kind'], stepId: string | undefined): DayMove[] =>
    stepId === undefined ? [] : [{ kind, stepId }];
  const implied = (steps: readonly PlanStep[]): Meaning[] =>
    steps.map(({ id }) => ({ kind: 'done', stepId: id, isImplied: true }));
  const made = implied(own.filter(({ headId, kind }) => headId === undefined && kind !== 'own'));
  /** What is on a head was mixed, and the head combed and parted, whether or not anybody said so. */
  const before = (headId: string): Meaning[] => [
    ...made,
    ...implied(own.filter((one) => one.headId === headId && BEFORE_IT_GOES_ON.has(one.kind))),
  ];
  switch (fact.kind) {
    case 'mixed':
      return made;
    case 'coated':
      return fact.isDone ? [...before(fact.headId), ...move('begin', stepOf('apply', fact.headId))] : [];
    case 'capped': {
      const wear = stepOf('wear', fact.headId);
      const apply = move('done', stepOf('apply', fact.headId));
      return [...before(fact.headId), ...apply, ...move('begin', wear), ...move('hands-off', wear)];
    }
    case 'rinsed': {
      const rinse = stepOf('rinse', fact.headId);
      const wear = move('done', stepOf('wear', fact.headId));
      return [...before(fact.headId), ...wear, ...move('begin', rinse), ...move('done', rinse)];
    }
    default:
      return [];
  }
}
