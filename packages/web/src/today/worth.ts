import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { Head } from '@amber-ladle/contract';
import type { RankedMask } from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import type { Lot } from '@amber-ladle/core/shelf';
import {
  todayText,
  besideWords,
  listed,
  lotInSentence,
  reasonSentence,
  SAID_BESIDE,
  worthWords,
  type Where,
  type Written,
} from '@amber-ladle/words';

/** What is known where a bowl is proposed. */
export interface WorthFrom {
  readonly heads: readonly Head[];
  readonly masks: readonly Mask[];
  readonly lots: readonly Pick<Lot, 'id' | 'ingredientId' | 'state'>[];
  readonly catalogue: Catalogue;
  readonly now: number;
  readonly where: Where & Written;
}
/** A bowl that is worth making now. */
export interface Worth {
  readonly mask: Mask;
  readonly headIds: readonly string[];
  readonly bowl: { readonly madeMillilitres: number };
  readonly ranked: Pick<RankedMask, 'terms'>;
  readonly runnerUp?: Pick<RankedMask, 'maskId' | 'terms'> | undefined;
  readonly saves: readonly { readonly lotId: string }[];
  readonly missing: readonly { readonly ingredientId: string; readonly grams: number }[];
}

/** When what is on the shelf and hard will be ready, by ingredient. */
const unripeOf = ({ ranked }: Worth): ReadonlyMap<string, number> =>
  new Map(
    ranked.terms.flatMap(({ unripe = [] }) => unripe.map(({ ingredientId, readyAt }) => [ingredientId, readyAt])),
  );

/** What is said of a bowl that is worth making, and where it is sized. */
export function saidOf(worth: Worth, { heads: all, masks, lots, catalogue, now, where }: WorthFrom) {
  const { mask, headIds, bowl, ranked, runnerUp } = worth;
  const heads = headIds.flatMap((id) => all.find((head) => head.id === id) ?? []);
  const [first] = heads;
  // What it comes to is worked out for one head; a bowl for several says so on the bench.
  const isShared = heads.length > 1;
  const saved = worth.saves.flatMap(({ lotId }) => {
    const lot = lots.find(({ id }) => id === lotId);
    return lot ? [lotInSentence(lot, ingredientById(catalogue, lot.ingredientId))] : [];
  });
  const unripe = unripeOf(worth);
  const lacking = worth.missing.map((one) => ({ ...one, readyAt: unripe.get(one.ingredientId) }));
  const second = masks.find(({ id }) => id === runnerUp?.maskId);
  return {
    heads,
    isShared,
    names: listed(
      heads.map(({ name }) => name),
      where.locale,
    ),
    to: {
      name: 'bowl',
      query: {
        head: headIds[0] ?? '',
        mask: mask.id,
        ...(isShared ? { with: headIds.slice(1).join(',') } : {}),
      },
    },
    reason: worthWords(saved, bowl.madeMillilitres, first?.name, where.locale),
    why: reasonSentence(
      ranked.terms.filter(({ id }) => !SAID_BESIDE.has(id)),
      catalogue,
      where,
      now,
    ),
    second:
      second && runnerUp ? todayText.nextBest(second.name, reasonSentence(runnerUp.terms, catalogue, where, now)) : '',
    beside: besideWords(lacking, catalogue, now, where),
  };
}
