import { reasonOf } from './reason';
import { api, type KeptWeekPlan, type WeekPlan, type WeeksHeld } from '@amber-ladle/contract';
import { NO_STORY } from '@amber-ladle/core/judge';
import { USUAL_WISHES, type Otherwise, type Pin, type Weeks, type WeekWishes } from '@amber-ladle/core/plan';
import { localDay } from '@amber-ladle/core/time';
import { useEventListener } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { reading, useLoaded } from './answer';
import { call } from './client';
import { useHousehold } from './household';
import { useNotice } from './notice';
import { isAway } from './reach';
import { useShelf } from './shelf';
import { searchWeeks, stopSearch, weeksAsked } from './weeks';
import type { SentHousehold } from './weeks.worker';

/** Planned anew every quarter of an hour at the most, where nothing else changes. */
const QUARTER = 900_000;
/** So long a search may take. */
const SECONDS = 4;

const NOTHING_HELD: WeeksHeld = { wishes: USUAL_WISHES, kept: [], habits: {} };

/** The coming weeks: what is wished, the plan that is kept, and the search for a better one. */
export const useWeeks = defineStore('weeks', () => {
  const household = useHousehold();
  const shelf = useShelf();
  const notice = useNotice();
  /** Wishes on their way to the server go before what it says. */
  let storing: Promise<unknown> = Promise.resolve();
  const read = useLoaded<WeeksHeld>({
    ...reading(api.weeks.held),
    ask: () => storing.then(() => call(api.weeks.held)),
  });
  const held = computed<WeeksHeld>(() => read.value.value ?? NOTHING_HELD);
  const wishes = computed<WeekWishes>(() => held.value.wishes);
  const isReady = computed(() => read.value.value !== undefined);
  const today = computed(() => localDay(household.moment, household.settings.timeZone));
  const reckoned = shallowRef<Weeks>();
  /** The plan as it is reckoned now; nothing before the first answer of a day: past midnight yesterday's would stand a day late. */
  const weeks = computed<Weeks | undefined>({
    get: () => (reckoned.value?.days[0]?.day === today.value ? reckoned.value : undefined),
    set: (next) => (reckoned.value = next),
  });
  const found = shallowRef<readonly Otherwise[]>([]);
  /** What is done where fruit is late, in the plan as it is reckoned now. */
  const otherwise = computed<readonly Otherwise[]>(() => (weeks.value ? found.value : []));
  const isSearching = ref(false);
  const failure = ref('');
  /** What is other than in the plan that was kept before, and what moved it; nothing where it is the same. */
  const change = shallowRef<PlanChange>();
  const load = async (): Promise<void> => {
    await Promise.all([read.load(), shelf.load()]);
  };

  /** What a plan is made from, but the plan before. */
  const asked = computed(() => {
    if (!isReady.value || !shelf.isReady || household.heads.length === 0) return undefined;
    const { house } = household;
    const { catalogue: _catalogue, ...rest } = house;
    const known: SentHousehold = {
      house: { ...rest, own: household.ownIngredients.map(({ row }) => row) },
      heads: household.heads.map((head) => ({
        id: head.id,
        name: head.name,
        ageYears: head.ageYears,
        sensitiveSkin: head.sensitiveSkin,
        profile: head.profile,
        story: { ...NO_STORY, ...head.story },
        wore: household.histories[head.id] ?? [],
        ratings: household.learning.heads[head.id]?.ratings ?? {},
      })),
      masks: household.masks,
      lots: shelf.lots,
      habits: held.value.habits,
      kept: held.value.kept.map(({ day, maskId, headIds }) => ({ day, maskId, headIds })),
      wishes: wishes.value,
      former: [],
      now: Math.floor(household.moment / QUARTER) * QUARTER,
    };
    return known;
  });

  const former = (): readonly Pin[] =>
    (held.value.plan?.bowls ?? []).map(({ day, maskId, headIds }) => ({ day, maskId, headIds }));

  let newest = 0;
  /** What the last plan was made from, part by part. */
  let before: Readonly<Record<Cause, string>> | undefined;
  async function search(): Promise<void> {
    const household_ = asked.value;
    if (!household_) return;
    const mine = ++newest;
    isSearching.value = true;
    failure.value = '';
    const parts = partsOf(household_);
    try {
      const sent = { ...household_, former: former() };
      const best = await searchWeeks(sent, SECONDS, (first) => {
        void weeksAsked()
          .hold(first)
          .then((told) => {
            if (mine === newest && isSearching.value) weeks.value = told;
          });
      });
      if (!best || mine !== newest) return;
      weeks.value = await weeksAsked().hold(best);
      isSearching.value = false;
      const late = await weeksAsked().otherwise();
      // Another search may have begun meanwhile.
      if (mine !== newest) return;
      found.value = late;
      change.value = changeOf(held.value.plan, planOf(), today.value, causeOf(before, parts));
      before = parts;
      await keep();
    } catch (error) {
      failure.value = reasonOf(error);
    } finally {
      if (mine === newest) isSearching.value = false;
    }
  }

  /** Keeps what was found, where it is other than what is kept: Today and the list of what to buy go by it. */
  async function keep(): Promise<void> {
    const plan = planOf();
    // While the server is away it is planned all the same, and kept by the next one that finds it.
    if (!plan || isAway.value || isSame(plan, held.value.plan)) return;
    const kept = await call(api.weeks.keep, { body: plan });
    read.know({ ...held.value, plan: kept });
  }

  function planOf(): WeekPlan | undefined {
    const plan = weeks.value;
    if (!plan) return undefined;
    const dayOf = (on: number): string => plan.days[on]?.day ?? '';
    return {
      day: today.value,
      days: plan.days.length,
      bowls: plan.bowls.map(({ day, at, maskId, headIds, isPinned, lines }) => ({
        day,
        at: new Date(at).toISOString(),
        maskId,
        headIds: [...headIds],
        isPinned,
        lines: lines.map(({ ingredientId, grams }) => ({ ingredientId, grams: Math.round(grams * 100) / 100 })),
      })),
      chills: plan.lanes.filter(({ needsCold }) => needsCold).map(({ lotId }) => lotId),
      freezes: plan.lanes.flatMap(({ lotId, freezeOn }) => {
        const on = freezeOn === undefined ? undefined : plan.days[freezeOn];
        return on ? [{ lotId, day: on.day, at: new Date(on.at).toISOString() }] : [];
      }),
      otherwise: otherwise.value.map(({ ingredientId, on, headIds, maskId, insteadMaskId, laterOn }) => ({
        ingredientId,
        day: dayOf(on),
        headIds: [...headIds],
        maskId,
        ...(insteadMaskId === undefined ? {} : { insteadMaskId }),
        ...(laterOn === undefined ? {} : { laterDay: dayOf(laterOn) }),
      })),
      lostGrams: Math.round(plan.lostGrams * 10) / 10,
      byDayLostGrams: Math.round(plan.byDay.lostGrams * 10) / 10,
      isProven: plan.isProven,
    };
  }

  /**
   * Wishes as they are to be: shown at once, planned by at once, and stored one after the other.
   * @param words what was wished, where it is to be told with a way back
   */
  function wish(next: WeekWishes, words?: string): void {
    const seen = wishes.value;
    if (words)
      notice.show(words, () => {
        wish(seen);
        return Promise.resolve();
      });
    read.know({ ...held.value, wishes: next });
    const stored = storing.then(() => call(api.weeks.wish, { body: { wishes: next, seen } }));
    storing = stored.catch(() => undefined);
    stored.catch((error: unknown) => {
      notice.fail(error);
      void read.again().catch(() => undefined);
    });
  }

  /** Plans for as long as somebody looks: again whenever what it rests on changes. */
  function follow(): () => void {
    const text = computed(() => (asked.value ? JSON.stringify(asked.value) : ''));
    const stop = watch(text, () => void search(), { immediate: true });
    // A page that was kept asleep gave up its search when it was left.
    const awake = useEventListener(window, 'pageshow', ({ persisted }) => persisted && void search());
    return () => {
      stop();
      awake();
      newest += 1;
      isSearching.value = false;
      stopSearch();
    };
  }

  return { held, wishes, weeks, otherwise, change, today, isReady, isSearching, failure, load, wish, follow };
});

/** What can move a plan. */
export type Cause = 'wishes' | 'shelf' | 'heads' | 'masks' | 'time';
type Bowl = WeekPlan['bowls'][number];
/** What became of a plan: bowls that are gone and bowls that are new, and what moved it. */
export interface PlanChange {
  readonly gone: readonly Bowl[];
  readonly come: readonly Bowl[];
  readonly cause: Cause;
}

const partsOf = ({
  wishes,
  kept,
  lots,
  habits,
  heads,
  masks,
  house,
  now,
}: SentHousehold): Readonly<Record<Cause, string>> => ({
  wishes: JSON.stringify([wishes, kept]),
  shelf: JSON.stringify([lots, habits, house.climate.readings]),
  heads: JSON.stringify(heads),
  masks: JSON.stringify([masks.map(({ id, version }) => `${id} ${version}`), house.own, house.schools]),
  time: String(now),
});
/** The first thing that is other than it was; of a plan that another page made, nothing but the time is known. */
function causeOf(before: Readonly<Record<Cause, string>> | undefined, now: Readonly<Record<Cause, string>>): Cause {
  const causes: readonly Cause[] = ['wishes', 'shelf', 'heads', 'masks', 'time'];
  return causes.find((cause) => before && before[cause] !== now[cause]) ?? 'time';
}

function changeOf(
  old: KeptWeekPlan | undefined,
  next: WeekPlan | undefined,
  today: string,
  cause: Cause,
): PlanChange | undefined {
  if (!old || !next) return undefined;
  const key = ({ day, maskId, headIds }: Bowl): string => `${day} ${maskId} ${headIds.join()}`;
  const lastDay = old.bowls.at(-1)?.day ?? today;
  const [had, has] = [new Set(old.bowls.map(key)), new Set(next.bowls.map(key))];
  const gone = old.bowls.filter((bowl) => bowl.day >= today && !has.has(key(bowl)));
  // What lies beyond the plan before is no change of it.
  const come = next.bowls.filter((bowl) => bowl.day <= lastDay && !had.has(key(bowl)));
  return gone.length + come.length > 0 ? { gone, come, cause } : undefined;
}

/** True where a plan asks for the same bowls on the same first day as one that is kept. */
function isSame(plan: WeekPlan, kept: KeptWeekPlan | undefined): boolean {
  const untimed = <T extends { readonly at: string }>({ at: _at, ...rest }: T) => rest;
  const of = ({ day, bowls, chills, freezes, otherwise }: WeekPlan): string =>
    JSON.stringify([day, bowls.map(untimed), chills, freezes.map(untimed), otherwise]);
  return kept !== undefined && of(plan) === of(kept);
}
