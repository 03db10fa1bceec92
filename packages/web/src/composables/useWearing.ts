import type { Bowl, BowlLife } from '@amber-ladle/contract';
import { paceOf, sectionAmounts, sectionsOf, wearState, type WearPhase } from '@amber-ladle/core/washday';
import { useIntervalFn, useSessionStorage, useWakeLock } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { ask } from '../api/client';
import { useHousehold } from '../stores/household';
import { useNotice } from '../stores/notice';
import { useChanges } from './useChanges';
import { useChime } from './useChime';

/** A bowl on a head: its sections, the ring of time, and the end; every moment is kept on the server. */
export function useWearing(bowl: Ref<Bowl | undefined>) {
  const household = useHousehold();
  const notice = useNotice();
  const chime = useChime();
  const wakeLock = useWakeLock();
  const life = ref<BowlLife>();
  watch(bowl, (now) => (life.value = now?.life), { immediate: true });
  /** Counts what was told from here: what was read before an answer came is older than it. */
  let told = 0;
  // Another device may tap a section, too.
  useChanges(['bowls'], async () => {
    const id = bowl.value?.id;
    const before = told;
    if (!id) return;
    const fresh = await household.readBowl(id).catch(() => undefined);
    if (fresh && before === told && bowl.value?.id === id) life.value = fresh.life;
  });

  const mask = computed(() => bowl.value?.snapshot.mask);
  const bottle = useSessionStorage('amber-ladle-bottle', 120);
  const sections = computed(() => (bowl.value ? sectionsOf(bowl.value.snapshot.head.profile) : []));
  const amounts = computed(() =>
    sectionAmounts(
      sections.value,
      bowl.value?.snapshot.sized.onHeadMillilitres ?? 0,
      mask.value?.applicator === 'bottle' ? bottle.value : undefined,
    ),
  );
  const doneIds = computed(() => life.value?.sectionsDone ?? []);
  const next = computed(() => amounts.value.find(({ id }) => !doneIds.value.includes(id)));

  /** What is left in the bowl, as a share that the eye can judge. */
  const leftShare = ref<number>();
  watch(doneIds, () => (leftShare.value = undefined));
  const pace = computed(() =>
    leftShare.value === undefined
      ? undefined
      : paceOf(
          amounts.value,
          new Set(doneIds.value),
          leftShare.value * (bowl.value?.snapshot.sized.onHeadMillilitres ?? 0),
        ),
  );

  const second = ref(household.now().getTime());
  useIntervalFn(() => (second.value = household.now().getTime()), 1000);
  watch(
    () => household.moment,
    () => (second.value = household.now().getTime()),
  );
  const state = computed(() =>
    mask.value && life.value?.wornFrom ? wearState(mask.value.wear, life.value.wornFrom, second.value) : undefined,
  );
  const isOn = computed(() => state.value !== undefined && !life.value?.endedAt);
  watch(isOn, (on) => void (on ? wakeLock.request('screen') : wakeLock.release()).catch(() => undefined), {
    immediate: true,
  });
  const RINGS = new Set<WearPhase>(['aim', 'late', 'over']);
  watch(
    () => state.value?.phase,
    (phase, before) => phase && before && isOn.value && RINGS.has(phase) && chime(),
  );

  async function tell(path: string, body: object): Promise<void> {
    told++;
    try {
      life.value = await ask<BowlLife>('POST', `/bowls/${bowl.value?.id}/${path}`, body);
    } catch (error) {
      notice.fail(error);
    } finally {
      told++;
    }
  }
  const decision = ref('');
  const toggle = (id: string): Promise<void> => tell('wear', { section: { id, isDone: !doneIds.value.includes(id) } });
  const capOn = (): Promise<void> =>
    tell('wear', {
      isCapOn: true,
      ...(decision.value.trim().length > 2 ? { decision: decision.value.trim() } : {}),
    });
  const capOff = (): Promise<void> => tell('wear', { isCapOn: false });
  const rinsed = (): Promise<void> => tell('end', { how: 'worn' });

  /** The one thing to do next, by space; and one back. */
  function forward(): void {
    if (!life.value || life.value.endedAt) return;
    if (life.value.wornFrom) {
      if (state.value && state.value.phase !== 'early') void rinsed();
    } else if (next.value) void toggle(next.value.id);
    else void capOn();
  }
  function back(): void {
    if (!life.value || life.value.endedAt) return;
    const last = doneIds.value.at(-1);
    if (life.value.wornFrom) void capOff();
    else if (last) void toggle(last);
  }

  return {
    life,
    mask,
    amounts,
    doneIds,
    next,
    bottle,
    leftShare,
    pace,
    state,
    decision,
    toggle,
    capOn,
    rinsed,
    forward,
    back,
  };
}
