import { createSharedComposable } from '@vueuse/core';
import { ref, watch } from 'vue';
import type { Workbox } from 'workbox-window';
import { keepAnswers } from '../data/answers';
import { onChange } from '../data/changes';
import { isThere } from '../data/reach';
import { useThisDevice } from './useThisDevice';

/** Whether the pages themselves are on this device: not wished, on their way, there, or not allowed by the browser. */
export type KeptHere = 'off' | 'getting' | 'ready' | 'refused';

/** The first look at a screen comes before everything else is fetched, milliseconds. */
const LATER = 4000;
/** Pages that could not be fetched are fetched again after this. */
const AGAIN_MILLISECONDS = 10_000;
/** Newer pages that wait come in within this, as a rule. */
const COMES_IN_MILLISECONDS = 3000;

/**
 * Keeps pages and answers on this device for when the server is away, as long as that is wished; and knows when newer pages
 * wait. Nobody's page changes under their hands: newer ones come when somebody says so.
 */
export const useKeptHere = createSharedComposable(() => {
  const wishes = useThisDevice();
  const kept = ref<KeptHere>('off');
  const hasNewer = ref(false);
  let worker: Workbox | undefined;
  let isWanted = false;

  async function fetchPages(): Promise<void> {
    kept.value = 'getting';
    const { Workbox } = await import('workbox-window');
    const one = new Workbox('/sw.js');
    one.addEventListener('waiting', () => {
      hasNewer.value = true;
      // Asked for already, and newer ones still have come meanwhile.
      if (isWanted) one.messageSkipWaiting();
    });
    one.addEventListener('activated', () => (kept.value = 'ready'));
    // One file that did not come, and none are kept: they are fetched again.
    one.addEventListener('redundant', () => {
      if (kept.value === 'getting') setTimeout(() => kept.value === 'getting' && void fetchPages(), AGAIN_MILLISECONDS);
    });
    try {
      const registration = await one.register({ immediate: true });
      if (registration?.active) kept.value = 'ready';
      worker = one;
    } catch {
      // A certificate that somebody went on past is none that a browser keeps pages for.
      kept.value = 'refused';
    }
  }
  async function dropPages(): Promise<void> {
    kept.value = 'off';
    worker = undefined;
    if ('serviceWorker' in navigator)
      for (const one of await navigator.serviceWorker.getRegistrations()) await one.unregister();
    if ('caches' in globalThis) for (const name of await caches.keys()) await caches.delete(name);
  }

  watch(
    () => wishes.value.worksAway,
    (wanted, before) => {
      void keepAnswers(wanted);
      if (!import.meta.env.PROD) return;
      if (!wanted) void dropPages();
      else if (!('serviceWorker' in navigator)) kept.value = 'refused';
      else {
        kept.value = 'getting';
        setTimeout(
          () => {
            // It may have been switched off meanwhile.
            if (wishes.value.worksAway) void fetchPages();
          },
          before === undefined ? LATER : 0,
        );
      }
    },
    { immediate: true },
  );
  if ('serviceWorker' in navigator) {
    const workers = navigator.serviceWorker;
    let isKeptAlready = workers.controller !== null;
    // Looked at by itself: another tab may ask for the newer pages before this one has its worker, or while its server was away.
    workers.addEventListener('controllerchange', () => {
      // Where somebody else asked for it, this page goes on as it is until it is asked here.
      if (isKeptAlready && isWanted) location.reload();
      else if (isKeptAlready) hasNewer.value = true;
      isKeptAlready = true;
    });
  }
  // A server that came back may have newer pages; what it could not give is asked for again.
  onChange('clock', () => {
    if (worker) void worker.update().catch(() => undefined);
    else if (kept.value === 'refused' && wishes.value.worksAway && import.meta.env.PROD) void fetchPages();
  });

  /**
   * Loads the page anew, the newer one where there is one. Where newer pages wait, it is loaded once they have come in: loaded
   * before, it would be the old page, and nobody's wish any more.
   */
  async function load(): Promise<void> {
    isWanted = true;
    const workers = 'serviceWorker' in navigator ? navigator.serviceWorker : undefined;
    const registration = workers?.controller ? await workers.getRegistration() : undefined;
    if (!registration?.waiting) {
      location.reload();
      return;
    }
    registration.waiting.postMessage({ type: 'SKIP_WAITING' });
    setTimeout(() => void goPast(registration), COMES_IN_MILLISECONDS);
  }
  /** What keeps the old pages may be busy for a minute yet. The server has the newer ones, and they are kept anew from there. */
  async function goPast(registration: ServiceWorkerRegistration): Promise<void> {
    if (!(await isThere())) return;
    await registration.unregister();
    location.reload();
  }
  return { kept, hasNewer, load };
});
