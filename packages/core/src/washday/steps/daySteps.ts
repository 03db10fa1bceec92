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

/** Who sits with wet hair on a towel is not to wait: a child, years. Assumption of this project. */
const CHILD_YEARS = 12;
export const isChild = ({ ageYears = CHILD_YEARS }: Pick<HeadToServe, 'ageYears'>): boolean => ageYears < CHILD_YEARS;

/** How the heads of a day come to their turns. */
export interface DayWishes {
  /** Every child's mask is on before a grown-up's. */
  readonly childrenFirst?: boolean;
}

/**
 * All steps of a wash day: each bowl's making and each head's way through it, with the maker's own changes of the mask's
 * steps applied. Where a day has two bowls their steps carry the bowl's name in front.
 * @throws RangeError for no bowl or an unknown ingredient
 */
export function daySteps(bowls: readonly BowlOfDay[], { childrenFirst = false }: DayWishes = {}): readonly PlanStep[] {
  if (bowls.length === 0) throw new RangeError('A wash day has at least one bowl.');
  const ordered = childrenFirst ? bowls.map(withChildrenFirst) : bowls;
  const steps = stepsOfBowls(ordered);
  return childrenFirst ? afterChildren(steps, ordered) : steps;
}

const withChildrenFirst = (bowl: BowlOfDay): BowlOfDay => ({
  ...bowl,
  heads: [...bowl.heads].sort((a, b) => Number(isChild(b)) - Number(isChild(a))),
});

/** A grown-up's mask goes on once every child's is. */
function afterChildren(steps: readonly PlanStep[], bowls: readonly BowlOfDay[]): readonly PlanStep[] {
  const children = new Set(bowls.flatMap(({ heads }) => heads.filter(isChild).map(({ id }) => id)));
  const isOn = ({ kind }: PlanStep): boolean => kind === 'apply';
  const first = steps.filter((one) => isOn(one) && children.has(one.headId ?? ''));
  return steps.map((one) =>
    isOn(one) && !children.has(one.headId ?? '')
      ? { ...one, after: [...one.after, ...first.map(({ id }) => ({ stepId: id }))] }
      : one,
  );
}

function stepsOfBowls(bowls: readonly BowlOfDay[]): readonly PlanStep[] {
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
