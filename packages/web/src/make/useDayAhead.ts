import type { Bowl, KeptWish } from '@amber-ladle/contract';
import { isChild, nextAt } from '@amber-ladle/core/washday';
import { makeText } from '@amber-ladle/words';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { useLengths } from '../day';
import { useHousehold } from '../data/household';
import { useKeptBowl } from '../data/useKeptBowl';
import { useNotice } from '../data/notice';
import { useWashDay } from '../data/washday';
import { useDayPreview } from './useDayPreview';

/** By when a day is to be over where nobody says another time. */
const USUAL_END = '20:30';

/** A wash day before it begins: when, with which second bowl, in whose turn, and what it will be like. */
export function useDayAhead(bowl: Ref<Bowl>) {
  const household = useHousehold();
  const notice = useNotice();
  const store = useWashDay();
  const kind = ref<KeptWish['kind']>('start-at');
  /** By when all is to be rinsed, as a clock of the household shows it; the last time there was, while it is being written. */
  const end = ref(USUAL_END);
  const by = ref(USUAL_END);
  watch(by, (written) => {
    if (/^\d\d:\d\d/.test(written)) end.value = written.slice(0, 5);
  });
  /** A field that is left empty shows again what the day is reckoned to. */
  const leaveBy = (): void => void (by.value = end.value);
  const wish = computed<KeptWish>(() => {
    if (kind.value === 'start-at') return { kind: 'start-at', at: new Date(household.moment).toISOString() };
    const at = nextAt(end.value, household.moment, household.settings.timeZone);
    return { kind: 'rinsed-by', at: new Date(at).toISOString() };
  });

  const secondId = ref<string | null>(null);
  watch(
    () => bowl.value.id,
    () => (secondId.value = null),
  );
  /** Bowls that can go along: of another head, and neither used up nor thrown away. */
  const seconds = computed(() =>
    household.bowls.items
      .filter(({ id, headId, life }) => id !== bowl.value.id && headId !== bowl.value.headId && life && !life.endedAt)
      .map(({ id, maskName, headName }) => ({ value: id, title: makeText.dayIsFor(maskName, headName) })),
  );
  const { bowl: second } = useKeptBowl(computed(() => secondId.value ?? undefined));
  const { life, lengths, stopped, choose } = useLengths(bowl);
  const bowls = computed<Bowl[]>(() => [{ ...bowl.value, life: life.value }, ...(second.value ? [second.value] : [])]);

  /** Asked only where there are children and grown-ups, and remembered. */
  const childrenFirst = useLocalStorage('amber-ladle-children-first', false);
  const isFamily = computed(() => {
    const people = bowls.value.flatMap(({ snapshot: { head, others } }) => [head, ...others]);
    return people.some(isChild) && !people.every(isChild);
  });
  const wishes = computed(() => ({ childrenFirst: isFamily.value && childrenFirst.value }));
  const rings = computed(() => household.settings.rings);
  const preview = useDayPreview(bowls, wish, rings, wishes);

  const isBeginning = ref(false);
  async function begin(): Promise<void> {
    if (isBeginning.value || preview.failure.value) return;
    isBeginning.value = true;
    try {
      const bowlIds = bowls.value.map(({ id }) => id);
      await store.begin({ bowlIds, wish: wish.value, rings: rings.value, ...wishes.value });
    } catch (error) {
      notice.fail(error);
    } finally {
      isBeginning.value = false;
    }
  }
  async function saveRings(count: number): Promise<void> {
    try {
      await household.saveSettings({ rings: count });
    } catch (error) {
      notice.fail(error);
    }
  }

  return {
    kind,
    by,
    leaveBy,
    wish,
    secondId,
    seconds,
    bowls,
    lengths,
    stopped,
    choose,
    isFamily,
    childrenFirst,
    rings,
    saveRings,
    ...preview,
    isBeginning,
    begin,
  };
}
