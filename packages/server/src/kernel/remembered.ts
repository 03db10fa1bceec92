import type { Topic } from '@amber-ladle/contract';
import type { Household } from './household';

/**
 * Remembers what was worked out from a household until something that it depends on changes; those who ask meanwhile
 * share the one working out. What depends on the present is not for this.
 * @param topics what it depends on
 */
export function remembered<T>(
  topics: readonly Topic[],
  work: (household: Household) => Promise<T>,
): (household: Household) => Promise<T> {
  const known = new WeakMap<Household, { readonly revision: number; readonly result: Promise<T> }>();
  return (household) => {
    const revision = household.events.revision(...topics);
    const last = known.get(household);
    if (last?.revision === revision) return last.result;
    const result = work(household);
    known.set(household, { revision, result });
    // What failed is tried again by the next who asks.
    result.catch(() => {
      if (known.get(household)?.result === result) known.delete(household);
    });
    return result;
  };
}
