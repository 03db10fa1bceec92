import { ingredientById, rawRecipeOf } from '../../ingredient';
import { handlingNotes } from '../../mask';
import { potsOf } from '../../recipe';
import type { BowlToMake } from './bowlToMake';
import { fatSteps } from './fatSteps';
import { mixSteps } from './mixSteps';
import { cutStep, measureStep, pieceSteps } from './pieceSteps';
import { potSteps } from './potSteps';
import type { PlanStep } from './step';

/**
 * The steps from raw things to a mixed bowl: the pots it needs, what each ingredient brings, then mixing, straining, and
 * what goes in last. Minutes follow amounts. The last step's id is `ready`'s.
 * @throws RangeError for an unknown ingredient
 */
export function bowlSteps(bowl: BowlToMake): readonly PlanStep[] {
  const { mask, catalogue } = bowl;
  const notes = handlingNotes(mask, catalogue);
  const rows = bowl.lines
    .filter(({ grams }) => grams > 0)
    .map((line) => ({ line, row: ingredientById(catalogue, line.ingredientId) }));

  const fromPots = rows.filter(({ row }) => rawRecipeOf(row));
  const pots = potsOf(
    fromPots.map(({ line }) => line),
    catalogue,
    bowl.makings,
  ).map((pot) => potSteps(bowl, pot, notes));
  const others = rows.filter((one) => !fromPots.includes(one));
  const own = [
    ...pots.flatMap(({ steps }) => steps),
    ...others.flatMap((one) => pieceSteps(bowl, one, notes)),
    ...fatSteps(bowl, others, notes),
  ];
  const taken = new Set(own.flatMap(({ ingredientIds }) => ingredientIds));
  const left = rows.filter(({ row }) => !taken.has(row.id));
  const cut = left.filter(({ row }) => row.traits.prepared === 'cut');
  const last = left.filter(({ row }) => row.traits.prepared === 'last');
  const rest = left.filter((one) => !cut.includes(one) && !last.includes(one));

  const before = [
    ...own,
    ...(cut.length > 0 ? [cutStep(bowl, cut)] : []),
    ...(rest.length > 0 ? [measureStep(bowl, rest)] : []),
  ];
  const mixWithin = pots.flatMap((pot) => pot.mixWithin);
  return [...before, ...mixSteps(bowl, before, mixWithin, last, notes)];
}

/** The id of the step after which a bowl is ready for the hair. */
export function readyStepOf(steps: readonly PlanStep[]): string | undefined {
  return steps.filter(({ kind }) => kind === 'mix' || kind === 'strain').at(-1)?.id;
}
