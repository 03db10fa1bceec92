import { overshootOf } from '@amber-ladle/core/batch';
import { potFaults, potsOf } from '@amber-ladle/core/recipe';
import { computed, type ComputedRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { bowlText, overWords, TEXTURE_WORDS } from '@amber-ladle/words';
import type { Bench } from './useBench';

/** What a maker would be told about the bowl that is on the bench, where it is not quite what was asked for. */
export function useRemarks({ bowl, mask, choices }: Pick<Bench, 'bowl' | 'mask' | 'choices'>): ComputedRef<string[]> {
  const household = useHousehold();
  const { say } = useWords();
  return computed(() => {
    const words: string[] = [];
    if (!bowl.value || !mask.value) return words;
    for (const cap of bowl.value.brokenCaps) words.push(bowlText.overALimit(say(cap.what)));
    const over = choices.value.aroundId
      ? undefined
      : overshootOf(bowl.value, bowl.value.needMillilitres, household.catalogue);
    if (over) words.push(overWords(over, household.catalogue));
    for (const pot of potsOf(bowl.value.lines, household.catalogue, choices.value.makings))
      words.push(...potFaults(pot).map(say));
    if (bowl.value.outOfTolerance.length > 0) words.push(bowlText.noAmountsOfThese);
    if (bowl.value.gap > 0) words.push(bowlText.foundInTheTime);
    if (mask.value.texture !== 'oil' && bowl.value.texture.texture !== mask.value.texture)
      words.push(
        bowlText.comesOutRatherThan(TEXTURE_WORDS[bowl.value.texture.texture], TEXTURE_WORDS[mask.value.texture]),
      );
    return words;
  });
}
