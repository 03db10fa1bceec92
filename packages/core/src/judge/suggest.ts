import { sizeBowl, type SizedBowl, type SizedHead } from '../batch';
import { ingredientById, type Catalogue } from '../ingredient';
import type { Mask } from '../mask';
import type { Spoon } from '../measure';
import { lotPast, planDraw, windowOf, type Climate, type Lot, type PlannedLine } from '../shelf';

/** A head that a bowl could be made for. */
export interface Candidate {
  readonly headId: string;
  readonly head: SizedHead;
}

/** A bowl worth making now, and why. */
export interface Suggestion {
  readonly mask: Mask;
  readonly headId: string;
  readonly bowl: SizedBowl;
  /** Lots that would be lost by tomorrow and go into it, with the grams that do. */
  readonly saves: readonly { readonly lotId: string; readonly grams: number }[];
  /** What it still wants, usable grams by ingredient. */
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
  readonly score: number;
}

const HOUR = 3_600_000;
/** What ends within this many hours is lost otherwise. */
const SOON_HOURS = 30;
/** What is missing weighs against a bowl more than what it saves speaks for it: nobody shops for a remnant. Assumption of this project. */
const MISSING_WEIGHT = 1.5;
const MISFIT_WEIGHT = 0.3;
/** Measured in drops or pinches: nobody keeps book of it, and nobody shops for it. */
const UNCOUNTED = new Set(['drop', 'pinch']);

/**
 * The bowls that save most of what would be lost by tomorrow, the best first. The score is the share of what turns
 * that goes in, less one and a half times the share of the bowl that is not in the house or not ripe, less a little where the
 * amounts do not fit.
 *
 * @param now milliseconds since 1970
 * @returns nothing where nothing turns, or no mask takes it
 */
export function suggestBowls(
  masks: readonly Mask[],
  heads: readonly Candidate[],
  lots: readonly Lot[],
  catalogue: Catalogue,
  climate: Climate,
  spoons: readonly Spoon[],
  now: number,
): readonly Suggestion[] {
  const turning = new Map<string, number>();
  for (const lot of lots) {
    const row = catalogue.get(lot.ingredientId);
    if (!row || lot.state === 'raw') continue;
    const { endsAt, isPast, ripeness } = windowOf(row, lotPast(lot), climate, now);
    const isUsable = !ripeness || ripeness.stage === 'ready' || ripeness.stage === 'last-day';
    if (!isPast && isUsable && endsAt - now <= SOON_HOURS * HOUR) turning.set(lot.id, lot.grams);
  }
  const total = [...turning.values()].reduce((sum, grams) => sum + grams, 0);
  if (total === 0) return [];
  const turningIds = new Set(lots.filter(({ id }) => turning.has(id)).map(({ ingredientId }) => ingredientId));

  const all: Suggestion[] = [];
  for (const mask of masks) {
    if (!mask.parts.some(({ ingredientId }) => turningIds.has(ingredientId))) continue;
    for (const { headId, head } of heads) {
      const bowl = sizeBowl(head, mask, catalogue, { spoons });
      const lines = bowl.lines.filter(
        ({ measuredBy, ingredientId, grams }) =>
          grams > 0 && !UNCOUNTED.has(measuredBy) && ingredientById(catalogue, ingredientId).family !== 'water',
      );
      const plan = planDraw(lines, lots, catalogue, climate, now);
      const saves = savedOf(plan, turning);
      if (saves.length === 0) continue;
      const missing = plan
        .map(({ ingredientId, shortGrams, takes }) => ({ ingredientId, grams: shortGrams + unripeGrams(takes) }))
        .filter(({ grams }) => grams > 0);
      const saved = saves.reduce((sum, { grams }) => sum + grams, 0) / total;
      const short = missing.reduce((sum, { grams }) => sum + grams, 0) / bowl.madeGrams;
      const score = saved - MISSING_WEIGHT * short - (bowl.fits ? 0 : MISFIT_WEIGHT);
      all.push({ mask, headId, bowl, saves, missing, score });
    }
  }
  return all.sort(
    (a, b) => b.score - a.score || a.mask.id.localeCompare(b.mask.id) || a.headId.localeCompare(b.headId),
  );
}

/** What is there but not ripe is as good as not there: nobody cuts a hard avocado to save half a soft one. */
const unripeGrams = (takes: PlannedLine['takes']): number =>
  takes.reduce((sum, { grams, isUnripe }) => sum + (isUnripe ? grams : 0), 0);

function savedOf(plan: readonly PlannedLine[], turning: ReadonlyMap<string, number>): Suggestion['saves'] {
  const saved = new Map<string, number>();
  for (const { takes } of plan)
    for (const { lotId, grams } of takes) if (turning.has(lotId)) saved.set(lotId, (saved.get(lotId) ?? 0) + grams);
  return [...saved].map(([lotId, grams]) => ({ lotId, grams }));
}
