import type { Bowl, BowlLife } from '@amber-ladle/contract';
import { maskWorn } from '@amber-ladle/contract';
import { isOvernight, stoppedWears, wearsOf, type WearTime } from '@amber-ladle/core/mask';
import { v4 as newId } from 'uuid';
import { computed, type Ref } from 'vue';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { withHeld } from '../data/heldLife';

/** One of the lengths that a bowl may be worn. */
export interface WearLength {
  readonly wear: WearTime;
  readonly isChosen: boolean;
}

/** A night on the head, for masks that offer several lengths and say nothing of it. */
const NIGHT: WearTime = { minimumMinutes: 360, aimMinutes: 480, limitMinutes: 540 };

/**
 * The lengths that a bowl may be worn, shortest first; which is chosen, what is stopped and by what. Nothing is asked where
 * the mask has one length only.
 */
export function useLengths(bowl: Ref<Bowl | undefined>) {
  const household = useHousehold();
  const held = useHeld();
  const notice = useNotice();
  /** With what is on its way to the server. */
  const life = computed<BowlLife | undefined>(() => {
    const known = bowl.value?.life;
    return known && withHeld(known, held.ofBowl(bowl.value?.id));
  });
  const lengths = computed<readonly WearLength[]>(() => {
    if (!bowl.value) return [];
    const { snapshot } = bowl.value;
    const worn = maskWorn({ snapshot, life: life.value }).wear;
    const all = wearsOf(snapshot.mask);
    return all.length < 2
      ? []
      : [...all]
          .sort((a, b) => a.aimMinutes - b.aimMinutes)
          .map((wear) => ({ wear, isChosen: wear.aimMinutes === worn.aimMinutes }));
  });
  /** What its book offers, and a night, where something in this bowl does not last so long on a head. */
  const stopped = computed(() => {
    if (!bowl.value || lengths.value.length === 0) return [];
    const { mask, ingredients } = bowl.value.snapshot;
    const open = new Set(wearsOf(mask).map(({ aimMinutes }) => aimMinutes));
    const written = wearsOf(household.maskById(mask.id) ?? mask);
    const asked = written.some(isOvernight) || wearsOf(mask).some(isOvernight) ? written : [...written, NIGHT];
    return stoppedWears(
      asked.filter(({ aimMinutes }) => !open.has(aimMinutes)),
      ingredients,
    );
  });
  function choose(aimMinutes: number): void {
    const { id, snapshot } = bowl.value ?? {};
    if (!id || !snapshot) return;
    const body = { wearAimMinutes: aimMinutes, headId: snapshot.head.id };
    held
      .tellWear({ pressId: newId(), pressedAt: household.now().getTime(), bowlId: id, body })
      .catch((error: unknown) => {
        notice.fail(error);
      });
  }
  return { life, lengths, stopped, choose };
}
