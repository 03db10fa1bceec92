import { createSharedComposable } from '@vueuse/core';
import { ref, watch } from 'vue';
import type { Workbox } from 'workbox-window';
import { keepAnswers } from '../data/answers';
import { onChange } from '../data/changes';
import { useThisDevice } from './useThisDevice';

/** Whether the pages themselves are on this device: not wished, on their way, there, or not allowed by the browser. */
export type KeptHere = 'off' | 'getting' | 'ready' | 'refused';

/** The first look at a screen comes before everything else is fetched, milliseconds. */
const LATER = 4000;

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
    one.addEventListener('waiting', () => (hasNewer.value = true));
    one.addEventListener('activated', () => (kept.value = 'ready'));
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

  /** Loads the page anew, the newer one where there is one. */
  function load(): void {
    isWanted = true;
    if (!worker || !navigator.serviceWorker.controller) location.reload();
    else if (hasNewer.value) {
      worker.messageSkipWaiting();
      // Where it has come in meanwhile, nothing waits any more.
      setTimeout(() => {
        location.reload();
      }, 2000);
    }
  }
  return { kept, hasNewer, load };
});
