import { bowlText } from '@amber-ladle/words';
import { fromMillilitres, writeFraction } from '@amber-ladle/core/measure';
import { createInjectionState } from '@vueuse/core';
import { computed, watch } from 'vue';
import { useHousehold } from '../data/household';
import { firstCard } from '../kit/firstCard';
import { useFirstThings } from '../kit/useFirstThings';
import { useRested } from '../kit/useRested';
import { useBench } from './useBench';
import { useDrawPlan } from './useDrawPlan';
import { useKeeping } from './useKeeping';
import { useOccasion } from './useOccasion';
import { useCompared } from './useShared';

/** The cup that each drawer of measures has. */
const CUP = { us: 'us-cup', metric: 'metric-cup', uk: 'uk-cup' } as const;
/** Less than this share of a cup is not told in cups. */
const LEAST_CUP = 0.2;
/** So long a bowl rests before the shelf is asked for it, milliseconds. */
const REST_MILLISECONDS = 120;

/** All that the columns of the bench share: the occasion, the bowl, where it comes from, and its keeping. */
export const [layBench, useAtBench] = createInjectionState(
  () => {
    const household = useHousehold();
    const occasion = useOccasion();
    const { head, book, others, dayAt } = occasion;
    /** Each bowl of "a bowl each" is still compared with the one bowl it could be. */
    const bench = useBench(head, book, others.sharing);
    const compared = useCompared(
      computed(() => {
        const wish = bench.wish.value;
        return wish && { ...wish, heads: [wish.heads[0], ...others.chosen.value] as const };
      }),
    );
    /** The further bowls of "a bowl each", in the order of the heads. */
    const apart = computed(() =>
      others.isApart.value && compared.value
        ? others.chosen.value.flatMap((person, i) => {
            const own = compared.value?.apart[i + 1];
            return own ? [{ person, bowl: own }] : [];
          })
        : [],
    );
    const { rested } = useRested(bench.bowl, REST_MILLISECONDS);
    const drawPlan = useDrawPlan(
      rested,
      dayAt,
      computed(() => bench.choices.value.makings),
    );
    const keeping = useKeeping(
      occasion,
      bench,
      drawPlan,
      computed(() => apart.value.map(({ person }) => person)),
    );
    /** What the bowl is in cups; nothing for a small one. */
    const cups = computed(() => {
      const cup = fromMillilitres(bench.bowl.value?.madeMillilitres ?? 0, CUP[household.settings.measureSystem]);
      return cup < LEAST_CUP ? '' : bowlText.aboutCups(writeFraction(cup), cup > 1.06);
    });
    const isTime = useFirstThings(computed(() => bench.bowl.value !== undefined));
    // The bench has a card of its own now.
    watch(isTime, firstCard.dismiss, { once: true });
    /** Hints are for the first bowl. */
    const isFirst = computed(() => household.bowls.total === 0);

    return { ...occasion, bench, compared, apart, drawPlan, keeping, cups, isFirst, isTime };
  },
  { injectionKey: 'bench' },
);

/** The bench that the page has laid. @throws outside of the page of the bowl */
export function useLaidBench() {
  const laid = useAtBench();
  if (!laid) throw new RangeError('No bench is laid here.');
  return laid;
}
