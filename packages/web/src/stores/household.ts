import {
  DEFAULT_SETTINGS,
  spoonsOf,
  type Bowl,
  type BowlSummary,
  type Head,
  type HeadInput,
  type KeepBowl,
  type Page,
  type Settings,
} from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import { defineStore } from 'pinia';
import { computed, ref } from 'vue';
import { ask } from '../api/client';

/** What the server holds, as the screens need it; follows changes made elsewhere. */
export const useHousehold = defineStore('household', () => {
  const heads = ref<Head[]>([]);
  const masks = ref<Mask[]>([]);
  const bowls = ref<Page<BowlSummary>>({ items: [], total: 0, offset: 0 });
  const settings = ref<Settings>({ ...DEFAULT_SETTINGS });
  const isReady = ref(false);
  const isDemo = ref(false);
  /** The server's present less the browser's, so that the demo's set clock holds on screen too. */
  const clockOffset = ref(0);
  const spoons = computed(() => spoonsOf(settings.value));

  /** Settings on their way to the server. */
  let storing: Promise<unknown> = Promise.resolve();

  const readers = {
    heads: async () => void (heads.value = await ask<Head[]>('GET', '/heads')),
    bowls: async () => void (bowls.value = await ask<Page<BowlSummary>>('GET', '/bowls?limit=50')),
    settings: async () => {
      await storing;
      settings.value = await ask<Settings>('GET', '/settings');
    },
  };

  async function load(): Promise<void> {
    const health = await ask<{ demo: boolean; now: string }>('GET', '/health');
    isDemo.value = health.demo;
    clockOffset.value = Date.parse(health.now) - Date.now();
    const [book] = await Promise.all([ask<Mask[]>('GET', '/masks'), ...Object.values(readers).map((read) => read())]);
    masks.value = book ?? [];
    isReady.value = true;
  }

  /** Looks again whenever another tab or device changed something. */
  function follow(): void {
    const stream = new EventSource('/api/events');
    stream.addEventListener('change', (event) => {
      const read = readers[(event as MessageEvent<string>).data as keyof typeof readers];
      void read?.().catch(() => undefined);
    });
  }

  async function saveHead(input: HeadInput, saved?: Head): Promise<Head> {
    const head = saved
      ? await ask<Head>('PUT', `/heads/${saved.id}`, { ...input, version: saved.version })
      : await ask<Head>('POST', '/heads', input);
    await readers.heads();
    return head;
  }
  async function removeHead(id: string): Promise<void> {
    await ask('DELETE', `/heads/${id}`);
    await readers.heads();
  }
  async function restoreHead(id: string): Promise<void> {
    await ask('POST', `/heads/${id}/restore`);
    await readers.heads();
  }
  async function keepBowl(wish: KeepBowl): Promise<Bowl> {
    const bowl = await ask<Bowl>('POST', '/bowls', wish);
    await readers.bowls();
    return bowl;
  }
  async function removeBowl(id: string): Promise<void> {
    await ask('DELETE', `/bowls/${id}`);
    await readers.bowls();
  }
  async function restoreBowl(id: string): Promise<void> {
    await ask('POST', `/bowls/${id}/restore`);
    await readers.bowls();
  }
  /** Shown at once and stored one after the other, so that quick taps neither wait nor overtake each other. */
  async function saveSettings(next: Settings): Promise<void> {
    settings.value = next;
    const stored = storing.then(() => ask<Settings>('PUT', '/settings', next));
    storing = stored.catch(() => undefined);
    try {
      await stored;
    } catch (error) {
      await readers.settings().catch(() => undefined);
      throw error;
    }
  }
  const readBowl = (id: string): Promise<Bowl> => ask<Bowl>('GET', `/bowls/${id}`);
  const headById = (id: string | undefined): Head | undefined => heads.value.find((head) => head.id === id);
  const maskById = (id: string | undefined): Mask | undefined => masks.value.find((mask) => mask.id === id);
  const now = (): Date => new Date(Date.now() + clockOffset.value);

  return {
    heads,
    masks,
    bowls,
    settings,
    spoons,
    isReady,
    isDemo,
    load,
    follow,
    saveHead,
    removeHead,
    restoreHead,
    keepBowl,
    removeBowl,
    restoreBowl,
    saveSettings,
    readBowl,
    headById,
    maskById,
    now,
  };
});
