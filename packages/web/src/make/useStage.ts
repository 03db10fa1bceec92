import { makeText } from '@amber-ladle/words';
import type { RinseReason, Wearing } from '@amber-ladle/contract';
import { v4 as newId } from 'uuid';
import { computed } from 'vue';
import { useRouter } from 'vue-router';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useKeptBowl } from '../data/useKeptBowl';
import { usePages } from '../data/usePages';
import { useWords } from '../data/useWords';
import { useHairWaits, useRunningBowls, type RunningDayOnScreen } from '../day';
import { useAloud } from '../kit/useAloud';
import { isPoured, isTimeFor, saidAt, toDoAt } from './stage';

/** What stands on the screen of a wash day: the bowl of the step, what is measured or worn of it, what to do and what is said. */
export function useStage(running: RunningDayOnScreen) {
  const household = useHousehold();
  const held = useHeld();
  const notice = useNotice();
  const router = useRouter();
  const { say, sayAll } = useWords();
  const { store, focus, step, plannedById, progress, second } = running;
  const day = computed(() => store.day);
  /** The bowl that the step on the screen belongs to. */
  const { bowl, catalogue } = useKeptBowl(computed(() => step.value?.bowlId ?? day.value?.bowlIds[0]));

  const pours = computed(() => isPoured(focus.value?.kind, step.value));
  const inHandFor = computed(() => {
    const far = step.value && progress.value.get(step.value.id);
    return far ? Math.max(0, Math.floor((second.value - far.startedAt) / 60_000)) : 0;
  });
  /** The bowl is mixed and not yet on a head: the moment for a plate. */
  const canTry = computed(
    () =>
      focus.value?.kind !== 'waiting' && step.value?.kind === 'apply' && bowl.value?.snapshot.mask.texture !== 'oil',
  );
  const pages = usePages(() => (canTry.value ? bowl.value?.id : undefined));
  const page = computed(() => pages.value.find(({ headId }) => headId === bowl.value?.snapshot.head.id));
  const waitsForMask = useHairWaits(computed(() => step.value?.headId));
  const planned = computed(() => plannedById(step.value?.id));
  const { bowls: clocks } = useRunningBowls();
  /** How far the mask on the head that this step is about is. */
  const worn = computed(() => {
    if (step.value?.kind !== 'wear') return undefined;
    const { bowlId, headId } = step.value;
    return clocks.value.find(({ summary }) => summary.id === bowlId)?.worn.find((one) => one.headId === headId)?.state;
  });
  const isTime = computed(() => isTimeFor(worn.value));
  const toDo = computed(() => toDoAt(step.value, day.value?.steps ?? [], worn.value));
  /** The mask is on a head: it may come out at any moment, whatever the clock says. */
  const isWorn = computed(() => step.value?.kind === 'wear' && focus.value?.kind !== 'hands');

  async function rinseNow(why: RinseReason): Promise<void> {
    const { bowlId = day.value?.bowlIds[0] ?? '', headId } = step.value ?? {};
    if (headId === undefined) return;
    const wear = (wearing: Wearing) =>
      held.tellWear({ pressId: newId(), pressedAt: household.now().getTime(), bowlId, body: { ...wearing, headId } });
    wear({ isRinsed: true, rinsedWhy: why }).catch((error: unknown) => {
      notice.fail(error);
    });
    notice.show(makeText.rinsedOut, () => wear({ isRinsed: false }));
    await router.push({ name: 'wear', query: { bowl: bowlId, head: headId } });
  }
  const aloud = useAloud(
    () =>
      saidAt(
        {
          focus: focus.value?.kind,
          step: step.value,
          worn: worn.value,
          leftMilliseconds: (planned.value?.endsAt ?? second.value) - second.value,
        },
        step.value ? say(step.value.title) : '',
        sayAll(toDo.value),
      ),
    () => household.settings.locale,
  );
  return {
    bowl,
    catalogue,
    pours,
    inHandFor,
    canTry,
    page,
    waitsForMask,
    planned,
    worn,
    isTime,
    toDo,
    isWorn,
    rinseNow,
    aloud,
  };
}

/** What a wash day shows at a moment, for the parts of its screen. */
export type StageOnScreen = ReturnType<typeof useStage>;
