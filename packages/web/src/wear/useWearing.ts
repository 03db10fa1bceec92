import { wearText } from '@amber-ladle/words';
import { useSounds } from '../kit/sounds';
import { maskWorn, type BowlLife, type RinseReason, type Wearing } from '@amber-ladle/contract';
import { millilitresByHead } from '@amber-ladle/core/batch';
import type { HairProfile } from '@amber-ladle/core/hair';
import { paceOf, sectionAmounts, sectionsOf, wearState } from '@amber-ladle/core/washday';
import { useSessionStorage, useWakeLock } from '@vueuse/core';
import { computed, ref, watch, type Ref } from 'vue';
import { v4 as newId } from 'uuid';
import { ApiError } from '../data/client';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { withHeld } from '../data/heldLife';
import type { useKeptBowl } from '../data/useKeptBowl';
import { useSecond } from '../data/useSecond';

interface WornHead {
  readonly id: string;
  readonly name: string;
  readonly profile: HairProfile;
  /** What of the bowl is for this head, mL. */
  readonly millilitres: number;
}

/** So many minutes ago something may have happened that is told now. */
const EARLIER = [5, 15, 30, 60, 120, 240] as const;

/** A bowl on a head: its sections, the ring of time, and the rinse; every moment is kept on the server. */
export function useWearing(
  { bowl, know }: Pick<ReturnType<typeof useKeptBowl>, 'bowl' | 'know'>,
  wantedHeadId: Ref<string | undefined>,
) {
  const household = useHousehold();
  const notice = useNotice();
  const wakeLock = useWakeLock();
  const held = useHeld();
  const knowLife = (life: BowlLife | undefined): void => {
    if (bowl.value && life) know({ ...bowl.value, life });
  };
  /** With what is on its way to the server. */
  const life = computed<BowlLife | undefined>({
    get: () => bowl.value?.life && withHeld(bowl.value.life, held.ofBowl(bowl.value.id)),
    set: knowLife,
  });
  const mask = computed(() => bowl.value && maskWorn({ snapshot: bowl.value.snapshot, life: life.value }));
  const bottle = useSessionStorage('amber-ladle-bottle', 120);
  /** Everybody this bowl is for, those that came to it for what was left among them. */
  const heads = computed<readonly WornHead[]>(() => {
    if (!bowl.value) return [];
    const { head, others, sized } = bowl.value.snapshot;
    const shares = millilitresByHead(sized);
    const own = [head, ...others].map(({ id, name, profile }, i) => ({
      id,
      name,
      profile,
      millilitres: shares[i] ?? 0,
    }));
    const later = Object.keys(life.value?.wearing ?? {})
      .filter((id) => !own.some((one) => one.id === id))
      .flatMap((id) => {
        const found = household.headById(id);
        const millilitres = life.value?.leftOver?.millilitres ?? 0;
        return found ? [{ id, name: found.name, profile: found.profile, millilitres }] : [];
      });
    return [...own, ...later];
  });
  const head = computed(() => heads.value.find(({ id }) => id === wantedHeadId.value) ?? heads.value[0]);
  const worn = computed(() => life.value?.wearing[head.value?.id ?? '']);
  const sections = computed(() => (head.value ? sectionsOf(head.value.profile) : []));
  const amounts = computed(() =>
    sectionAmounts(
      sections.value,
      head.value?.millilitres ?? 0,
      mask.value?.applicator === 'bottle' ? bottle.value : undefined,
    ),
  );
  /** What was rinsed out is no longer on the hair, once what was kept is put on anew. */
  const isAnew = ref(false);
  watch([head, () => bowl.value?.id], () => (isAnew.value = false));
  watch(worn, (now) => now?.rinsedAt === undefined && (isAnew.value = false));
  const isRinsed = computed(() => worn.value?.rinsedAt !== undefined && !isAnew.value);
  const isAllRinsed = computed(
    () => heads.value.length > 0 && heads.value.every(({ id }) => life.value?.wearing[id]?.rinsedAt !== undefined),
  );
  const doneIds = computed(() => (isAnew.value ? [] : (worn.value?.sectionsDone ?? [])));
  const next = computed(() => amounts.value.find(({ id }) => !doneIds.value.includes(id)));

  /** What is left in the bowl, as a share that the eye can judge. */
  const leftShare = computed(() => (isAnew.value ? undefined : worn.value?.leftShare));
  /** Sections that still feel coated under the water. */
  const coated = computed(() => worn.value?.coatedStill ?? []);
  const feel = (id: string): Promise<void> => wear({ felt: { id, isCoated: !coated.value.includes(id) } });
  const seeLeft = (share: number): Promise<void> => wear({ leftShare: share });
  const pace = computed(() =>
    leftShare.value === undefined
      ? undefined
      : paceOf(amounts.value, new Set(doneIds.value), leftShare.value * (head.value?.millilitres ?? 0)),
  );

  const second = useSecond();
  const state = computed(() =>
    mask.value && worn.value?.wornFrom && !worn.value.rinsedAt
      ? wearState(mask.value.wear, worn.value.wornFrom, second.value)
      : undefined,
  );
  const isOn = computed(() => state.value !== undefined && !life.value?.endedAt);
  watch(isOn, (on) => void (on ? wakeLock.request('screen') : wakeLock.release()).catch(() => undefined), {
    immediate: true,
  });

  /** True once the cap was refused until somebody says why. */
  const needsDecision = ref(false);
  async function wear(wearing: Wearing, pressedAt = household.now().getTime()): Promise<void> {
    const [bowlId, headId] = [bowl.value?.id, head.value?.id];
    if (bowlId === undefined || headId === undefined) return;
    const pressId = newId();
    try {
      await held.tellWear({ pressId, pressedAt, bowlId, body: { ...wearing, headId } }, (answer) => {
        if (bowl.value?.id === bowlId) knowLife(answer);
      });
      needsDecision.value = false;
    } catch (error) {
      needsDecision.value = error instanceof ApiError && error.problem.fields?.['decision'] !== undefined;
      notice.fail(error);
    }
  }
  const decision = ref('');
  const toggle = (id: string): Promise<void> => wear({ section: { id, isDone: !doneIds.value.includes(id) } });
  const capOn = (): Promise<void> =>
    wear({
      isCapOn: true,
      ...(decision.value.trim().length > 2 ? { decision: decision.value.trim() } : {}),
    });
  const capOff = (): Promise<void> => wear({ isCapOn: false });
  async function rinsed(why?: RinseReason): Promise<void> {
    const isTold = wear({ isRinsed: true, ...(why ? { rinsedWhy: why } : {}) });
    if (worn.value?.rinsedAt) notice.show(wearText.rinsedOutSaid, () => wear({ isRinsed: false }));
    await isTold;
  }

  /** Minutes before now at which it may have been rinsed: it was on by then. */
  const earlier = computed(() => {
    const { wornFrom = '', rinsedAt } = worn.value ?? {};
    return rinsedAt === undefined
      ? []
      : EARLIER.filter((minutes) => second.value - minutes * 60_000 > Date.parse(wornFrom));
  });
  /** It was rinsed out then, and is told now. */
  async function rinsedEarlier(minutes: number): Promise<void> {
    const why = worn.value?.rinsedWhy;
    const at = household.now().getTime() - minutes * 60_000;
    await wear({ isRinsed: false });
    await wear({ isRinsed: true, ...(why ? { rinsedWhy: why } : {}) }, at);
  }

  const sound = useSounds();
  /** The one thing to do next, by space; and one back. */
  function forward(): void {
    if (!life.value || life.value.endedAt || isRinsed.value) return;
    sound('tap');
    if (state.value) {
      if (state.value.phase !== 'early') void rinsed();
    } else if (next.value) void toggle(next.value.id);
    else void capOn();
  }
  function back(): void {
    if (!life.value || life.value.endedAt || isRinsed.value) return;
    const last = doneIds.value.at(-1);
    if (state.value) void capOff();
    else if (last) void toggle(last);
  }

  return {
    life,
    mask,
    heads,
    head,
    worn,
    isRinsed,
    isAllRinsed,
    isAnew,
    amounts,
    doneIds,
    next,
    bottle,
    second,
    leftShare,
    seeLeft,
    coated,
    feel,
    pace,
    state,
    decision,
    needsDecision,
    toggle,
    capOn,
    rinsed,
    earlier,
    rinsedEarlier,
    forward,
    back,
  };
}

/** What a bowl on a head is at, with what can be told of it. */
export type WearingOnScreen = ReturnType<typeof useWearing>;
