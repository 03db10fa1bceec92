import type { Catalogue } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import type { Day } from '@amber-ladle/core/time';
import { dayWord, type Where } from './when';

/** Who knows masks and things by their ids. */
interface Names {
  readonly catalogue: Catalogue;
  maskById(id: string | undefined): Mask | undefined;
}

/**
 * What is done if fruit is late, in a sentence.
 * @example 'If the avocado is still hard on Thursday: Oat ease, and Towpath avocado on Saturday.'
 */
export function otherwiseWords(
  one: { readonly ingredientId: string; readonly maskId: string; readonly insteadMaskId?: string | undefined },
  laterDay: Day | undefined,
  day: Day,
  today: Day,
  names: Names,
  where: Pick<Where, 'locale'>,
): string {
  const fruit = names.catalogue.get(one.ingredientId)?.name.toLowerCase() ?? one.ingredientId;
  const on = (of: Day): string => {
    const word = dayWord(of, today, where);
    return word === 'today' || word === 'tomorrow' ? word : `on ${word}`;
  };
  const mask = names.maskById(one.maskId)?.name ?? '';
  const other = names.maskById(one.insteadMaskId)?.name;
  const instead = other ?? 'no bowl that day';
  const later = laterDay ? `, and ${mask} ${on(laterDay)}` : '';
  return `If the ${fruit} is still hard ${on(day)}: ${instead}${later}.`;
}
