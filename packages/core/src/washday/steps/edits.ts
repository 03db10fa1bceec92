import type { Mask, OwnStep, StepEdit } from '../../mask';
import { message } from '../../message';
import { step, type PlanStep, type StepLink } from './step';

/** A head's id stands in front of its steps; an edit holds for every head. */
const HEAD = 'head';
/** The name under which a mask's edits know a step: `rice-cream.boil`, `head.wet`. */
export function editNameOf({ id, headId }: Pick<PlanStep, 'id' | 'headId'>): string {
  return headId !== undefined && id.startsWith(`${headId}.`) ? `${HEAD}.${id.slice(headId.length + 1)}` : id;
}

/** Steps without some of them; what followed one of these follows what came before it, with all the time it likes. */
export function withoutSteps(steps: readonly PlanStep[], isOut: (one: PlanStep) => boolean): readonly PlanStep[] {
  const byId = new Map(steps.map((one) => [one.id, one]));
  const linksOf = (one: PlanStep): readonly StepLink[] =>
    one.after.flatMap((link): readonly StepLink[] => {
      const before = byId.get(link.stepId);
      return before && isOut(before) ? linksOf(before).map(({ stepId }) => ({ stepId })) : [link];
    });
  return steps.filter((one) => !isOut(one)).map((one) => ({ ...one, after: linksOf(one) }));
}

/** A step with other minutes or words, where somebody has set them. */
export const withEdit = (one: PlanStep, { handsOnMinutes, waitMinutes, words }: StepEdit = {}): PlanStep => ({
  ...one,
  handsOnMinutes: handsOnMinutes ?? one.handsOnMinutes,
  waitMinutes: waitMinutes ?? one.waitMinutes,
  words: words === undefined ? one.words : [message('said', { text: words })],
});

/**
 * The steps as the mask's owner has them: other minutes or words, some left out, some of her own. What followed a step
 * that is left out follows what came before it.
 */
export function editedSteps(
  steps: readonly PlanStep[],
  { stepEdits = {}, ownSteps = [] }: Pick<Mask, 'stepEdits' | 'ownSteps'>,
  readyStepId: string | undefined,
): readonly PlanStep[] {
  const isOut = (one: PlanStep): boolean => stepEdits[editNameOf(one)]?.isLeftOut === true;
  const kept = withoutSteps(steps, isOut).map((one) => withEdit(one, stepEdits[editNameOf(one)]));
  return ownSteps.reduce<readonly PlanStep[]>((all, own, i) => withOwn(all, own, i, readyStepId), kept);
}

/** Puts an own step before the mixing, before the hair, or after everything. */
function withOwn(
  steps: readonly PlanStep[],
  own: OwnStep,
  i: number,
  readyStepId: string | undefined,
): readonly PlanStep[] {
  const id = `own.${i + 1}`;
  const row = step({
    id,
    kind: 'own',
    title: message('said', { text: own.title }),
    handsOnMinutes: own.handsOnMinutes,
    waitMinutes: own.waitMinutes,
  });
  const followed = (is: (one: PlanStep) => boolean): readonly PlanStep[] =>
    steps.map((one) => (is(one) ? { ...one, after: [...one.after, { stepId: id }] } : one));
  switch (own.when) {
    case 'before-mixing':
      return [row, ...followed(({ kind, id: at }) => kind === 'mix' && at !== 'last')];
    case 'before-the-hair':
      return [
        ...followed(({ kind }) => kind === 'apply'),
        { ...row, after: steps.some(({ id: at }) => at === readyStepId) ? [{ stepId: readyStepId as string }] : [] },
      ];
    case 'at-the-end':
      return [...steps, { ...row, after: lastsOf(steps).map((stepId) => ({ stepId })) }];
  }
}

/** The steps that nothing follows. */
export const lastsOf = (steps: readonly PlanStep[]): readonly string[] => {
  const followed = new Set(steps.flatMap(({ after }) => after.map(({ stepId }) => stepId)));
  return steps.filter(({ id }) => !followed.has(id)).map(({ id }) => id);
};
