import type { StepEdit } from '../../mask';

/** What can be told of a wash day. */
export const EVENT_KINDS = ['begin', 'hands-off', 'done', 'more', 'weigh', 'edit', 'add', 'undo'] as const;
export type EventKind = (typeof EVENT_KINDS)[number];

/** A step that the day did not have when it began. */
export interface AddedStep {
  /** What to do, in the maker's words. */
  readonly title: string;
  /** Whole minutes, 0 or more. */
  readonly handsOnMinutes: number;
  readonly waitMinutes: number;
  /** The step that it comes before; after everything where there is none. */
  readonly beforeId?: string | undefined;
}

/** One press of the big button, or a part of it, before the server has put it down. */
export interface DayMove {
  readonly kind: EventKind;
  /** The step it is about; of an `undo` the step that is undone. */
  readonly stepId: string;
  /** `more`: minutes on top, 1 to 60. */
  readonly minutes?: number | undefined;
  /** `weigh`: which ingredient went in, and how much of it. */
  readonly ingredientId?: string | undefined;
  readonly grams?: number | undefined;
  /** `weigh`: it went in by spoon or piece, so the grams are those written. */
  readonly isJudged?: boolean | undefined;
  /** `edit`: other minutes or words for the step today, or none of it. */
  readonly edit?: StepEdit | undefined;
  /** `add`: the step that comes to the day; `stepId` is its id from then on. */
  readonly added?: AddedStep | undefined;
  /** `undo`: the press that is taken back. */
  readonly undoes?: string | undefined;
}

/** What happened. Events are added, never changed; everything else about a running day follows from them. */
export interface DayEvent extends DayMove {
  readonly id: string;
  /** One press may tell several things; they are undone together. */
  readonly pressId: string;
  /** ISO 8601. */
  readonly at: string;
  /** Nobody said it: it follows from what was said, at that moment at the latest. */
  readonly isImplied?: boolean;
}

/** The events that still hold: what was taken back is left out, with its taking back. */
export function effective(events: readonly DayEvent[]): readonly DayEvent[] {
  const undone = new Set(events.flatMap(({ kind, undoes }) => (kind === 'undo' && undoes ? [undoes] : [])));
  return events.filter(({ kind, pressId }) => kind !== 'undo' && !undone.has(pressId));
}

/** The last press that can be taken back. */
export const lastPress = (events: readonly DayEvent[]): DayEvent | undefined => effective(events).at(-1);
