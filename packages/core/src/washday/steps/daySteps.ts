import type { Mask } from '../../mask';
import { bowlSteps, readyStepOf } from './bowlSteps';
import type { BowlToMake } from './bowlToMake';
import { editedSteps } from './edits';
import { headSteps, type HeadToServe } from './headSteps';
import { applyMinutes } from './minutes';
import { sectionsOf } from '../sections';
import type { PlanStep } from './step';

/** A bowl of a wash day and those it serves. */
export interface BowlOfDay extends BowlToMake {
  readonly id: string;
  readonly heads: readonly HeadToServe[];
  /** Of an acid rinse: parts of water to one of vinegar, as the household holds with. */
  readonly waterParts?: number;
}

/**
 * All steps of a wash day: each bowl's making and each head's way through it, with the maker's own changes of the mask's
 * steps applied. Where a day has two bowls their steps carry the bowl's name in front.
 * @throws RangeError for no bowl or an unknown ingredient
 */
export function daySteps(bowls: readonly BowlOfDay[]): readonly PlanStep[] {
  if (bowls.length === 0) throw new RangeError('A wash day has at least one bowl.');
  return bowls.flatMap((bowl, i) => {
    const steps = stepsOfBowl(bowl);
    if (bowls.length === 1) return steps;
    const named = (id: string): string => `${i + 1}.${id}`;
    return steps.map((one) => ({
      ...one,
      id: named(one.id),
      after: one.after.map((link) => ({ ...link, stepId: named(link.stepId) })),
    }));
  });
}

function stepsOfBowl(bowl: BowlOfDay): readonly PlanStep[] {
  const { mask } = bowl;
  const making = bowlSteps(bowl);
  const ready = readyStepOf(making);
  let before = 0;
  const wearing = bowl.heads.flatMap((head) => {
    const steps = headSteps(head, mask, bowl.catalogue, ready, {
      servedBefore: before,
      waterParts: bowl.waterParts,
    });
    before += 4 + applyMinutes(head.millilitres, sectionsOf(head.profile).length);
    return steps;
  });
  return editedSteps([...making, ...wearing], mask, ready).map((one) => ({ ...one, bowlId: bowl.id }));
}

/** The steps of a mask as its editor shows them: for a head of nobody in particular. */
export function stepsOfMask(bowl: BowlToMake, head: HeadToServe): readonly PlanStep[] {
  return stepsOfBowl({ ...bowl, id: '', heads: [head], mask: withoutEdits(bowl.mask) });
}

function withoutEdits({ stepEdits: _edits, ownSteps: _own, ...mask }: Mask): Mask {
  return mask;
}
