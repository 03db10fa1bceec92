import { inARow } from '../data/inARow';
import { comparedOn, pairsOffered, type JudgedBowl } from '@amber-ladle/core/learn';
import { between, capital, CHANGE_WORDS, notesText } from '@amber-ladle/words';
import { computed, ref, watch, type Ref } from 'vue';

/** How often something else had changed too, in words. */
export const changeWords = (confounders: ReturnType<typeof comparedOn>['confounders']): string =>
  inARow(confounders.map(({ change, count }) => `${CHANGE_WORDS[change]} (${count}×)`));

/**
 * One mask held against another on one head: which can be, and what came of it.
 * @param nameOf how a mask is called
 */
export function useComparison(judged: Ref<readonly JudgedBowl[]>, nameOf: (maskId: string) => string) {
  const first = ref<string>();
  const second = ref<string>();
  /** What has been worn near each other can be held against each other; the most pairs are looked at first. */
  const offered = computed(() => pairsOffered(judged.value));
  watch(
    offered,
    ([best]) => {
      first.value ??= best?.firstId;
      second.value ??= best?.secondId;
    },
    { immediate: true },
  );
  const firsts = computed(() =>
    [...new Set(offered.value.flatMap(({ firstId, secondId }) => [firstId, secondId]))].map((value) => ({
      value,
      title: nameOf(value),
    })),
  );
  /** What can stand against the first, with how often. */
  const others = computed(() =>
    offered.value.flatMap(({ firstId, secondId, pairs }) => {
      const other = firstId === first.value ? secondId : secondId === first.value ? firstId : undefined;
      return other === undefined ? [] : [{ value: other, title: `${nameOf(other)}, ${notesText.pairs(pairs)}` }];
    }),
  );
  watch(first, () => {
    if (!others.value.some(({ value }) => value === second.value)) second.value = others.value[0]?.value;
  });

  const answer = computed(() => {
    if (!first.value || !second.value || first.value === second.value) return '';
    const { answer: says, pairs, difference, confounders } = comparedOn(judged.value, first.value, second.value);
    const pairWords = notesText.pairs(pairs.length);
    const changed = confounders.length > 0 ? notesText.alsoChangedThese(changeWords(confounders)) : '';
    if (!difference || says === 'too-few') return notesText.ofBowlsTooFew(capital(pairWords), changed);
    const { mean, interval } = difference;
    // Told from the side of the better one, so that neither the points nor their span are less than nothing for her who reads.
    const isSecond = says === 'second';
    const [low, high] = !interval ? [] : isSecond ? [-interval.high, -interval.low] : [interval.low, interval.high];
    const span = low === undefined || high === undefined ? '' : ` (${between(low, high)})`;
    if (says === 'too-close') return notesText.tooClose(pairWords, span, changed);
    const better = nameOf(isSecond ? second.value : first.value);
    return notesText.cameOutBetter(better, Math.abs(mean).toFixed(1), span, pairWords, changed);
  });
  return { first, second, offered, firsts, others, answer };
}
