import { bowlText, listed } from '@amber-ladle/words';
import type { Head, HeadInput, StockChange, StopDecision } from '@amber-ladle/contract';
import { v4 as newId } from 'uuid';
import { computed, ref, watch, type Ref } from 'vue';
import { useRouter } from 'vue-router';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { isGuest } from '../head';
import { useSounds } from '../kit/sounds';
import { measureOnBench, type Bench } from './useBench';
import type { DrawPlan } from './useDrawPlan';
import type { Occasion } from './useOccasion';

/**
 * Keeping what is on the bench: what stops it, whose name is asked, what is taken from the shelf, and the way back.
 * @param apart the heads who get a bowl of their own beside the first
 */
export function useKeeping(occasion: Occasion, bench: Bench, drawPlan: DrawPlan, apart: Ref<readonly Head[]>) {
  const household = useHousehold();
  const notice = useNotice();
  const router = useRouter();
  const shelf = useShelf();
  const sound = useSounds();
  const { head, book, others, dayOffset, dayAt } = occasion;
  const { profile, choices, mask, isChanged } = bench;

  const isDrawing = ref(false);
  const isNaming = ref(false);
  const isSavingName = ref(false);
  const isKeeping = ref(false);

  /** What was decided against stops, and how many stops still want a word; unknown until they have been looked at. */
  const decisions = ref<StopDecision[]>([]);
  const openStops = ref<number>();
  let wantsToKeep = false;
  function onDecided(said: StopDecision[], open: number): void {
    decisions.value = said;
    openStops.value = open;
    if (wantsToKeep) keepOrAsk();
  }
  const wearers = computed(() => [head.value, ...others.sharing.value, ...apart.value]);

  /** A bowl for now takes from the shelf, after a look; one for another day is planned. */
  function keepOrAsk(): void {
    if (isGuest(head.value)) {
      isNaming.value = true;
      return;
    }
    wantsToKeep = openStops.value === undefined;
    if (openStops.value === undefined) return;
    if (openStops.value > 0) {
      notice.show(bowlText.aStopBelowWants);
      document.querySelector<HTMLElement>('.decision input')?.focus();
      return;
    }
    if (dayOffset.value === 0 && drawPlan.hasAny.value && apart.value.length === 0) isDrawing.value = true;
    else void keep();
  }

  /** Gives the head at the bench its name, and keeps its bowl unless something stops it now that more is known of it. */
  async function name(said: HeadInput): Promise<void> {
    const before = openStops.value;
    isSavingName.value = true;
    openStops.value = undefined;
    wantsToKeep = true;
    try {
      await household.saveHead(said);
      isNaming.value = false;
    } catch (error) {
      wantsToKeep = false;
      openStops.value = before;
      notice.fail(error);
    } finally {
      isSavingName.value = false;
    }
  }

  /** Ids of the bowls being kept: the same for a second try, so that a lost answer cannot keep one twice. */
  let keepingIds: string[] = [];
  watch(
    () =>
      JSON.stringify([
        head.value.id,
        mask.value,
        profile.value,
        choices.value,
        others.chosenIds.value,
        others.isApart.value,
      ]),
    () => (keepingIds = []),
  );
  async function keep(draw?: StockChange): Promise<void> {
    if (!book.value || !profile.value || isKeeping.value) return;
    isKeeping.value = true;
    const wishes = [
      {
        headId: head.value.id,
        profile: profile.value,
        choices: choices.value,
        otherHeadIds: others.sharing.value.map(({ id }) => id),
        ...(draw ? { draw } : {}),
      },
      // What was fixed on the bench is said of its bowl, not of the others.
      ...apart.value.map((person) => ({
        headId: person.id,
        profile: person.profile,
        choices: { ...choices.value, lockedGrams: {} },
        otherHeadIds: [],
      })),
    ];
    const planned = dayOffset.value > 0 ? { plannedFor: new Date(dayAt.value).toISOString() } : {};
    try {
      const maskId = book.value.id;
      const kept = await household.keepBowls(
        wishes.map((wish, i) => {
          const id = (keepingIds[i] ??= newId());
          return { id, maskId, ...wish, ...planned, decisions: decisions.value };
        }),
      );
      keepingIds = [];
      sound('pour');
      const [first] = kept;
      if (!first) return;
      const measured = isChanged.value ? { headId: head.value.id, profile: profile.value } : null;
      measureOnBench(null);
      notice.show(
        bowlText.isKeptFor(
          dayOffset.value > 0 ? bowlText.planned : bowlText.kept,
          first.maskName,
          listed(
            kept.map(({ headName }) => headName),
            household.where.locale,
          ),
        ),
        async () => {
          for (const { id } of kept) await household.removeBowl(id);
          if (draw) await shelf.undo(draw.id);
          measureOnBench(measured);
          await router.push({ name: 'bowl' });
        },
      );
      await router.push({ name: 'kept-bowl', params: { id: first.id } });
    } catch (error) {
      notice.fail(error);
    } finally {
      isKeeping.value = false;
    }
  }

  return { isDrawing, isNaming, isSavingName, isKeeping, openStops, wearers, onDecided, keepOrAsk, keep, name };
}
