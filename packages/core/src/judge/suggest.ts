import { sizeBowl, type SizedBowl, type SizedHead } from '../batch';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import type { Spoon } from '../measure';
import { planDraw, type Climate, type Lot, type PlannedLine } from '../shelf';
import { turningLots } from './stockNow';

/** A bowl worth making now, sized, with what it saves and what it wants. */
export interface Suggestion {
  readonly mask: Mask;
  readonly headId: string;
  readonly bowl: SizedBowl;
  /** Lots that would be lost by tomorrow and go into it, with the grams that do. */
  readonly saves: readonly { readonly lotId: string; readonly grams: number }[];
  /** What it still wants, usable grams by ingredient. */
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
}

/** Measured in drops or pinches: nobody keeps book of it, and nobody shops for it. */
const UNCOUNTED = new Set(['drop', 'pinch']);

/**
 * A mask sized for a head, with what it would take from the shelf that is lost otherwise, and what is not there or not ripe.
 * @param now milliseconds since 1970
 * @throws RangeError as `sizeBowl`
 */
export function suggestionFor(
  mask: Mask,
  headId: string,
  head: SizedHead,
  lots: readonly Lot[],
  catalogue: Catalogue,
  climate: Climate,
  spoons: readonly Spoon[],
  now: number,
): Suggestion {
  const turning = turningLots(lots, catalogue, climate, now);
  const bowl = sizeBowl(head, mask, catalogue, { spoons });
  const lines = bowl.lines.filter(
    ({ measuredBy, ingredientId, grams }) =>
      grams > 0 && !UNCOUNTED.has(measuredBy) && !ingredientById(catalogue, ingredientId).traits.isFromTap,
  );
  const plan = planDraw(lines, lots, catalogue, climate, now);
  const missing = plan
    .map(({ ingredientId, shortGrams, takes }) => ({ ingredientId, grams: shortGrams + unripeGrams(takes) }))
    .filter(({ grams }) => grams > 0);
  return { mask, headId, bowl, saves: savedOf(plan, turning), missing };
}

/** What is there but not ripe is as good as not there: nobody cuts a hard avocado to save half a soft one. */
const unripeGrams = (takes: PlannedLine['takes']): number =>
  takes.reduce((sum, { grams, isUnripe }) => sum + (isUnripe ? grams : 0), 0);

function savedOf(plan: readonly PlannedLine[], turning: ReadonlySet<string>): Suggestion['saves'] {
  const saved = new Map<string, number>();
  for (const { takes } of plan)
    for (const { lotId, grams } of takes) if (turning.has(lotId)) saved.set(lotId, (saved.get(lotId) ?? 0) + grams);
  return [...saved].map(([lotId, grams]) => ({ lotId, grams }));
}
