import type { Head } from '@amber-ladle/contract';
import { cautionsFor, judged, wornBefore, type Caution, type CautionPlace } from '@amber-ladle/core/judge';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, type Ref } from 'vue';
import { useHousehold } from '../data/household';

/** A caution with those it is about. */
export interface NamedCaution extends Caution {
  readonly names: readonly string[];
}

/** What to be careful about when these heads wear this mask; each said once, the gravest first. */
export function useCautions(mask: Ref<Mask | undefined>, heads: Ref<readonly Head[]>, place: CautionPlace) {
  const household = useHousehold();
  return computed<readonly NamedCaution[]>(() => {
    const worn = mask.value;
    if (!worn) return [];
    const found = new Map<string, NamedCaution>();
    for (const { id, name, ageYears, sensitiveSkin, story } of heads.value) {
      const who = { wearer: { ageYears, sensitiveSkin }, story, ...wornBefore(household.histories[id] ?? []) };
      const looked = judged(worn, who, household.catalogue, household.settings.schools, household.moment);
      for (const caution of cautionsFor(looked, place)) {
        const key = `${caution.id} ${JSON.stringify(caution.what)}`;
        const before = found.get(key);
        found.set(key, { ...caution, names: [...(before?.names ?? []), name] });
      }
    }
    const order = ['stop', 'caution', 'note'];
    return [...found.values()].sort((a, b) => order.indexOf(a.severity) - order.indexOf(b.severity));
  });
}
