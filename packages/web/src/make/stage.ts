import type { Focus, PlanStep, StepKind, WearState } from '@amber-ladle/core/washday';
import type { Message } from '@amber-ladle/core/message';
import { makeText, leftAloud, markOf, PHASE_WORDS } from '@amber-ladle/words';

/** What goes into the bowl at such a step is measured; what is cooked goes into a pot, and is measured once it is made. */
const MEASURING: ReadonlySet<StepKind> = new Set(['measure', 'mix', 'prepare']);

/** What a moment of a wash day is about. */
type Moment = Focus['kind'];

/** True while something is measured into the bowl: the scale and the spoons are on the screen. */
export const isPoured = (focus: Moment | undefined, step: PlanStep | undefined): boolean =>
  focus === 'hands' && step !== undefined && MEASURING.has(step.kind) && step.ingredientIds.length > 0;

/** A mask that has been on for as long as it should be: the words are about the rinse, and no more about the cap. */
export const isTimeFor = (worn: Pick<WearState, 'phase'> | undefined): boolean =>
  worn !== undefined && worn.phase !== 'early' && worn.phase !== 'fine';

/** What to do at a step; of a mask whose time has come that is how it is rinsed. */
export function toDoAt(
  step: PlanStep | undefined,
  steps: readonly PlanStep[],
  worn: Pick<WearState, 'phase'> | undefined,
): readonly Message[] {
  if (!step) return [];
  const rinse = steps.find(
    ({ kind, bowlId, headId }) => kind === 'rinse' && bowlId === step.bowlId && headId === step.headId,
  );
  return isTimeFor(worn) && rinse ? rinse.words : step.words;
}

/**
 * What is said aloud of a moment: once a step, and of what runs by itself at few moments.
 * @param leftMilliseconds until what runs by itself is over
 * @returns the words, and a key that changes when they are to be said again
 */
export function saidAt(
  {
    focus,
    step,
    worn,
    leftMilliseconds,
  }: {
    readonly focus: Moment | undefined;
    readonly step: PlanStep | undefined;
    readonly worn: Pick<WearState, 'phase'> | undefined;
    readonly leftMilliseconds: number;
  },
  title: string,
  toDo: string,
): { readonly key: string; readonly text: string } | undefined {
  if (focus === 'finished') return { key: 'finished', text: makeText.thatWasTheDay };
  if (!focus || !step) return undefined;
  if (worn && isTimeFor(worn)) return { key: `${step.id} ${worn.phase}`, text: PHASE_WORDS[worn.phase] };
  if (focus !== 'waiting') return { key: `${step.id} ${focus}`, text: `${title}. ${toDo}` };
  return { key: `${step.id} ${focus} ${markOf(leftMilliseconds)}`, text: `${title}: ${leftAloud(leftMilliseconds)}.` };
}
