import type { Option } from '../problem';
import type { ModelDraft } from './draft';
import type { BowlColumn, Entry } from './types';

/** Grams of each thing that a bowl wants, without what it wants nothing of. */
function gramsByThing({ lines }: Option): ReadonlyMap<string, number> {
  const sums = new Map<string, number>();
  for (const { ingredientId, grams } of lines)
    if (grams > 0) sums.set(ingredientId, (sums.get(ingredientId) ?? 0) + grams);
  return sums;
}

/** Which bowls want a thing, and how much of it. */
export class Wants {
  private readonly byThing = new Map<string, Entry[][]>();
  private readonly pinned: ReadonlySet<number>;

  /** @param days how many there are */
  constructor(bowls: readonly BowlColumn[], days: number) {
    this.pinned = new Set(bowls.flatMap(({ column, isPinned }) => (isPinned ? [column] : [])));
    for (const { column, option, on } of bowls)
      for (const [ingredientId, grams] of gramsByThing(option)) {
        const byDay = this.byThing.get(ingredientId) ?? Array.from({ length: days }, (): Entry[] => []);
        byDay[on]?.push([column, grams]);
        this.byThing.set(ingredientId, byDay);
      }
  }

  /** The bowls that want a thing between two days, both included, each with the grams it wants. */
  between(ingredientId: string, from: number, to: number): readonly Entry[] {
    const byDay = this.byThing.get(ingredientId);
    return (from === to ? byDay?.[from] : byDay?.slice(from, to + 1).flat()) ?? [];
  }

  /** Grams that pinned bowls want of a thing between two days. */
  pinnedGrams(ingredientId: string, from: number, to: number): number {
    return this.between(ingredientId, from, to).reduce(
      (sum, [column, grams]) => (this.pinned.has(column) ? sum + grams : sum),
      0,
    );
  }

  /** No more of a column than bowls between two days want, in whole units: nothing is cut or bought for nobody. */
  only(draft: ModelDraft, ingredientId: string, from: number, to: number, column: number, unitGrams: number): void {
    draft.row(-Infinity, 0, [
      [column, 1],
      ...this.between(ingredientId, from, to).map(([bowl, grams]): Entry => [
        bowl,
        -Math.max(1, Math.ceil(grams / unitGrams)),
      ]),
    ]);
  }
}
