import { NO_CHOICES, type BowlSnapshot } from '@amber-ladle/contract';

/** Snapshots of bowls that were kept before swaps, shared bowls and own ingredients came up. */
export function broughtUpToDate(snapshot: BowlSnapshot): BowlSnapshot {
  const { sized, choices } = snapshot;
  return {
    ...snapshot,
    others: snapshot.others ?? [],
    ingredients: snapshot.ingredients ?? [],
    choices: { ...NO_CHOICES, ...choices },
    sized: { ...sized, others: sized.others ?? [], total: sized.total ?? sized.demand.total, gap: sized.gap ?? 0 },
  };
}
