import {
  createSharedComposable,
  useDocumentVisibility,
  useLocalStorage,
  usePermission,
  useTitle,
  useWebNotification,
} from '@vueuse/core';
import { computed, onScopeDispose, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useRunningBowls } from '../day';
import { useRunningDay } from '../day';
import { useWords } from '../data/useWords';
import { tabTitle } from '../kit/tabTitle';
import { useHousehold } from '../data/household';
import { alarmWords } from './words';
import { writeTime } from '@amber-ladle/words';
import { useBell } from './bell';
import { dueAlarms, type Alarm } from './dueAlarms';

/** It rings again after so long, a little louder each time. */
const AGAIN_MILLISECONDS = 8000;
const SOFTEST = 0.15;
const LOUDEST = 0.7;
/** After so many times it is as loud as it gets. */
const RISES_OVER = 8;
/** Milliseconds on, off, on: felt through a pocket. */
const BUZZ = [400, 150, 400];
/** What was answered is remembered; older ones have long passed. */
const MOST_ANSWERED = 60;

/**
 * What calls until it is answered: heard, felt, in the tab's title, and on a locked screen where that is allowed. Answered
 * here it is quiet here; rinsed or taken off the stove it is quiet everywhere.
 */
export const useAlarms = createSharedComposable(alarms);

function alarms() {
  const household = useHousehold();
  const router = useRouter();
  const { say } = useWords();
  const bell = useBell();
  const { store, waits } = useRunningDay();
  const { bowls, second } = useRunningBowls();
  const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

  const answered = useLocalStorage<string[]>('amber-ladle-answered', []);
  const pots = computed(() =>
    waits.value.flatMap(({ planned, step }) =>
      step.kind === 'wear'
        ? []
        : [{ stepId: step.id, dayId: store.day?.id ?? '', title: say(step.title), endsAt: planned.endsAt }],
    ),
  );
  const due = computed(() => dueAlarms(pots.value, bowls.value, second.value));
  const calling = computed(() => due.value.find(({ key }) => !answered.value.includes(key)));
  const words = computed(() => calling.value && alarmWords(calling.value, time));
  const answer = ({ key }: Alarm): void => void (answered.value = [...answered.value, key].slice(-MOST_ANSWERED));

  let times = 0;
  let timer: ReturnType<typeof setInterval> | undefined;
  function call(): void {
    bell.ring(SOFTEST + (LOUDEST - SOFTEST) * Math.min(1, times / RISES_OVER));
    if ('vibrate' in navigator) navigator.vibrate(BUZZ);
    times++;
  }
  function quiet(): void {
    clearInterval(timer);
    timer = undefined;
    times = 0;
  }
  watch(
    () => calling.value?.key,
    (key) => {
      quiet();
      if (key === undefined) return;
      call();
      timer = setInterval(call, AGAIN_MILLISECONDS);
      void tellOnLockedScreen();
    },
    { immediate: true },
  );
  onScopeDispose(quiet);

  const title = useTitle();
  watch(
    [words, router.currentRoute],
    ([said, route]) => {
      title.value = said ? `! ${said.what} · Amber Ladle` : tabTitle(route);
    },
    { immediate: true },
  );

  const visibility = useDocumentVisibility();
  const notification = useWebNotification({ requestPermissions: false });
  const canNotify = computed(() => notification.isSupported.value);
  const permission = usePermission('notifications');
  const mayNotify = computed(() => notification.permissionGranted.value || permission.value === 'granted');
  /** Only the browser's own settings can change that. */
  const isRefused = computed(() => permission.value === 'denied');
  async function tellOnLockedScreen(): Promise<void> {
    if (!mayNotify.value || visibility.value === 'visible' || !words.value || !calling.value) return;
    const { what, todo } = words.value;
    await notification.show({ title: what, body: todo, tag: calling.value.key, requireInteraction: true });
  }
  notification.onClick(() => {
    window.focus();
  });
  const askToNotify = notification.ensurePermissions;

  /** Rings once, as it would. */
  const tryIt = (): void => {
    times = RISES_OVER / 2;
    call();
    times = 0;
  };
  return { due, calling, words, answer, tryIt, isHeard: bell.isReady, canNotify, mayNotify, isRefused, askToNotify };
}
