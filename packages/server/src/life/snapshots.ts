import type { BowlSnapshot } from '@amber-ladle/contract';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { NO_CHOICES, houseOfRecord } from '@amber-ladle/core/house';

type Newer = 'others' | 'total' | 'gap';

/** What an old database may hold: the fields that came later may be missing. */
type KeptSnapshot = Omit<BowlSnapshot, 'others' | 'ingredients' | 'choices' | 'sized'> &
  Partial<Pick<BowlSnapshot, 'others' | 'ingredients'>> & {
    readonly choices: Partial<BowlSnapshot['choices']>;
    readonly sized: Omit<BowlSnapshot['sized'], Newer> & Partial<Pick<BowlSnapshot['sized'], Newer>>;
  };

/**
 * Snapshots of bowls that were kept before swaps, shared bowls and own ingredients came up. Rows are completed: what was
 * not yet said of a thing when the bowl was kept comes from its family.
 */
export function broughtUpToDate(snapshot: KeptSnapshot): BowlSnapshot {
  const { sized, choices } = snapshot;
  const rows = snapshot.ingredients ?? [];
  const { catalogue } = houseOfRecord({ ingredients: rows, spoons: snapshot.spoons });
  return {
    ...snapshot,
    others: snapshot.others ?? [],
    ingredients: rows.map(({ id }) => ingredientById(catalogue, id)),
    choices: { ...NO_CHOICES, ...choices },
    sized: { ...sized, others: sized.others ?? [], total: sized.total ?? sized.demand.total, gap: sized.gap ?? 0 },
  };
}
