import type { Message } from '../../message';
import type { DayMove, EventKind } from '../day/event';
import type { BowlEnd, BowlLife, Fate, LeftOver, RinseReason } from './bowlLife';

/** One press on a step of a wash day. */
export interface StepFact extends Omit<DayMove, 'kind' | 'undoes'> {
  readonly kind: Exclude<EventKind, 'undo'>;
}

/** What can happen to a bowl. */
export type BowlFact =
  | StepFact
  | { readonly kind: 'kept'; readonly plannedFor?: string | undefined }
  /** Its ingredients were taken from the shelf; `startShare` of their time was used up by then. */
  | { readonly kind: 'drawn'; readonly startShare: number }
  | { readonly kind: 'put-back' }
  | { readonly kind: 'cooked' }
  | { readonly kind: 'mixed' | 'moved'; readonly placeId: string }
  | { readonly kind: 'coated'; readonly headId: string; readonly section: string; readonly isDone: boolean }
  | { readonly kind: 'capped'; readonly headId: string }
  /** Which of the mask's lengths it is worn, by its aim; its usual one where it is none of them. */
  | { readonly kind: 'length-chosen'; readonly aimMinutes: number }
  /** Half-way over a head: the share of what was meant for it that is still in the bowl, 0 to 1. */
  | { readonly kind: 'seen-left'; readonly headId: string; readonly share: number }
  /** Under the water a section still feels coated, or does not any more. */
  | { readonly kind: 'felt'; readonly headId: string; readonly section: string; readonly isCoated: boolean }
  | { readonly kind: 'rinsed'; readonly headId: string; readonly why?: RinseReason | undefined }
  /** What is left in it; where it is put, or whose it is now, as its fate wants. */
  | ({
      readonly kind: 'left';
      readonly fate: Fate;
      readonly placeId?: string | undefined;
      readonly headId?: string | undefined;
    } & Pick<LeftOver, 'millilitres' | 'how'>)
  | { readonly kind: 'ended'; readonly how: BowlEnd }
  | { readonly kind: 'decided'; readonly what: Message }
  /** What was known of a bowl before it had a log. */
  | { readonly kind: 'taken-over'; readonly life: Omit<BowlLife, 'bowlId'> }
  /** A press is taken back. */
  | { readonly kind: 'undo'; readonly undoes: string; readonly stepId?: string | undefined };

/** A line of a bowl's log. Lines are added, never changed; everything else about a bowl follows from them. */
export interface BowlEvent {
  readonly id: string;
  /** One press may tell several things, of several bowls; they are undone together. */
  readonly pressId: string;
  /** When it happened, ISO 8601. */
  readonly at: string;
  /** When it was told, ISO 8601. */
  readonly toldAt: string;
  /** The wash day it was told on, where it is about one of that day's steps. */
  readonly dayId?: string | undefined;
  /** Where things were worked at: a bowl that is first heard of on a head was mixed there. */
  readonly placeId?: string | undefined;
  readonly fact: BowlFact;
}

const STEP_KINDS: ReadonlySet<string> = new Set<StepFact['kind']>([
  'begin',
  'hands-off',
  'done',
  'more',
  'weigh',
  'edit',
  'add',
]);
export const isStepFact = (fact: BowlFact): fact is StepFact => STEP_KINDS.has(fact.kind);

/**
 * The lines that hold, as they happened: without what was taken back. They stand as they were told, whatever the clock said;
 * only what was told late is put where it belongs.
 * @param events in the order they were told
 */
export function holding(events: readonly BowlEvent[]): readonly BowlEvent[] {
  const undone = new Set(events.flatMap(({ fact }) => (fact.kind === 'undo' ? [fact.undoes] : [])));
  const lines: BowlEvent[] = [];
  for (const event of events) {
    if (event.fact.kind === 'undo' || undone.has(event.pressId)) continue;
    lines.splice(event.at < event.toldAt ? placeFor(event, lines) : lines.length, 0, event);
  }
  return lines;
}

/** Behind everything that happened before it or at the same moment. */
function placeFor({ at }: BowlEvent, lines: readonly BowlEvent[]): number {
  let place = lines.length;
  while (place > 0 && (lines[place - 1]?.at ?? '') > at) place--;
  return place;
}
