import {
  api,
  DEFAULT_SETTINGS,
  NOTHING_LEARNT,
  spoonsOf,
  type Bowl,
  type BowlSummary,
  type DeviceMode,
  type Head,
  type HeadInput,
  type Histories,
  type KeepBowl,
  type Learning,
  type MaskInput,
  type OwnIngredient,
  type Page,
  type Settings,
  type Shelf,
} from '@amber-ladle/contract';
import type { House } from '@amber-ladle/core/house';
import { overlaid, type SaidIngredient } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import { latestOf, localDay, startOfDay } from '@amber-ladle/core/time';
import { useLocalStorage } from '@vueuse/core';
import { defineStore } from 'pinia';
import { computed, ref, shallowRef, watch } from 'vue';
import { reading, useLoaded } from './answer';
import { listening, onChange } from './changes';
import { ofDevice } from './ofDevice';
import { type Where, type Written } from '@amber-ladle/words';
import { ApiError, call } from './client';
import { sizing } from './sizing';

/** The masks and the ingredients that they call for are one answer. */
export const BOOK_KEY = ['book'] as const;
/** The newest bowls that were kept; older ones are read by whoever leafs through them. */
export const BOWLS = reading(api.bowls.list, { query: { limit: 50 } });
const NO_BOWLS: Page<BowlSummary> = { items: [], total: 0, offset: 0 };

/** How often remaining times are drawn anew. */
const MOMENT_MILLISECONDS = 10_000;

/** What is further ahead is not the way of an answer: it is planned, or written for later. */
const MOST_CLOCKS_DIFFER_MILLISECONDS = 5000;

/** Which of the built pages this is: the address of its beginning has its content in it. */
const ownPage = (): string | undefined =>
  document.querySelector('script[type="module"][src]')?.getAttribute('src') ?? undefined;

/** What the server holds, as the screens need it; follows changes made elsewhere. */
export const useHousehold = defineStore('household', () => {
  const headsRead = useLoaded(reading(api.heads.list));
  const heads = computed<readonly Head[]>(() => headsRead.value.value ?? []);
  // Together, so that no mask ever calls for an ingredient that is not here yet.
  const booksRead = useLoaded({
    key: BOOK_KEY,
    changesWith: [...api.masks.list.changesWith, ...api.ingredients.list.changesWith],
    ask: async () => {
      const [own, book] = await Promise.all([call(api.ingredients.list), call(api.masks.list)]);
      return { own, book };
    },
  });
  const masks = computed<readonly Mask[]>(() => booksRead.value.value?.book ?? []);
  /** Own ingredients and corrections of built-in ones. */
  const ownIngredients = computed<readonly OwnIngredient[]>(() => booksRead.value.value?.own ?? []);
  /** The built-in ingredients with the household's own laid over them. */
  const catalogue = computed(() => overlaid(ownIngredients.value.map(({ row }) => row)));
  const bowlsRead = useLoaded(BOWLS);
  const bowls = computed<Page<BowlSummary>>(() => bowlsRead.value.value ?? NO_BOWLS);
  const historiesRead = useLoaded(reading(api.heads.histories));
  /** What each head has worn, newest first. */
  const histories = computed<Histories>(() => historiesRead.value.value ?? {});
  const learningRead = useLoaded(reading(api.notes.learning));
  /** What bowls taught about heads and masks. */
  const learning = computed<Learning>(() => learningRead.value.value ?? NOTHING_LEARNT);
  /** Settings on their way to the server. */
  let storing: Promise<unknown> = Promise.resolve();
  const settingsRead = useLoaded<Settings>({
    ...reading(api.household.settings),
    ask: () => storing.then(() => call(api.household.settings)),
  });
  const settings = computed<Settings>(() => settingsRead.value.value ?? DEFAULT_SETTINGS);
  const isReady = ref(false);
  const isDemo = ref(false);
  /** The server's present less the browser's, so that the demo's set clock holds on screen too. */
  const clockOffset = ref(0);
  /** The present as screens that show remaining time see it, in milliseconds; it moves on by itself. */
  const moment = ref(Date.now());
  const spoons = computed(() => spoonsOf(settings.value));
  /** Whose clock the days follow, how dates and numbers are written, and what is measured and paid in. */
  const where = computed<Where & Written>(() => {
    const { timeZone, locale, lengthIn, warmthIn, currency } = settings.value;
    return { timeZone, locale, lengthIn, warmthIn, currency };
  });
  /** Simulated devices: they count in the demo only; elsewhere they are off, or there to practise with. */
  const deviceMode = computed<DeviceMode>(() =>
    isDemo.value ? 'demo' : settings.value.practiceDevices ? 'practice' : 'off',
  );
  /** Places and what their thermometers said, as the shelf reads them. */
  const climate = shallowRef<Pick<Shelf, 'places' | 'readings' | 'paces'>>({ places: [], readings: [], paces: {} });
  /** Begins anew once a day only, so that nothing is sized anew every few seconds. */
  const today = computed(() => {
    const { timeZone } = settings.value;
    return startOfDay(localDay(moment.value, timeZone), timeZone);
  });
  /** The household as the core's whole jobs want it. */
  const house = computed<House>(() => ({
    catalogue: catalogue.value,
    spoons: spoons.value,
    schools: settings.value.schools,
    zone: settings.value.timeZone,
    climate: climate.value,
    learning: learning.value,
    now: today.value,
  }));
  // The worker reckons with the same house; what is asked of it later waits behind this.
  watch(house, ({ catalogue: _catalogue, ...rest }) => {
    const own = ownIngredients.value.map(({ row }) => row);
    void sizing().live({ ...rest, own });
  });

  /** The server has other pages than this one: it was brought up to date meanwhile. */
  const hasNewerPages = ref(false);
  /** The server's clock as it was heard of last, for when nobody answers. */
  const lastClock = useLocalStorage('amber-ladle-clock', { isKnown: false, demo: false, offset: 0 });

  /** Reads everything, and hears of changes from before that on. */
  async function load(): Promise<void> {
    // On its way while the household is read: the first bowl waits for both.
    sizing();
    keepTime();
    const [isNew] = await Promise.all([readClock(), listening()]);
    await Promise.all(
      [booksRead, headsRead, bowlsRead, historiesRead, settingsRead, learningRead].map((one) => one.load()),
    );
    if (isNew && !isDemo.value) {
      const { timeZone } = Intl.DateTimeFormat().resolvedOptions();
      await saveSettings(ofDevice(navigator.languages, timeZone)).catch(() => undefined);
    }
    isReady.value = true;
  }

  /** Reads the server's present, which the demo and tests can set, and whether anybody has set anything here yet. */
  async function readClock(): Promise<boolean> {
    const health = await call(api.household.health).catch((error: unknown) => {
      // While the server is away its clock is believed to run on as it did.
      if (!lastClock.value.isKnown || !(error instanceof ApiError) || error.problem.status !== 0) throw error;
      return {
        demo: lastClock.value.demo,
        page: undefined,
        now: new Date(Date.now() + lastClock.value.offset).toISOString(),
        isNew: false,
      };
    });
    isDemo.value = health.demo;
    hasNewerPages.value = health.page !== undefined && health.page !== (ownPage() ?? health.page);
    clockOffset.value = Date.parse(health.now) - Date.now();
    lastClock.value = { isKnown: true, demo: health.demo, offset: clockOffset.value };
    moment.value = now().getTime();
    return health.isNew;
  }

  /** The present is drawn anew: what has just been read is looked at as it is now. */
  const look = (): void => void (moment.value = now().getTime());
  /**
   * Something has just been read that happened at this moment. It lies in nobody's future: where the clocks differ by the time
   * that an answer takes, ours goes after the server's.
   * @param at ISO 8601
   */
  function seen(at: string | undefined): void {
    const ahead = at === undefined ? 0 : Date.parse(at) - now().getTime();
    if (ahead > 0 && ahead < MOST_CLOCKS_DIFFER_MILLISECONDS) clockOffset.value += ahead;
    look();
  }

  watch(
    bowlsRead.value,
    (now) => {
      const lives = now?.items.flatMap(({ life }) => (life ? [life] : [])) ?? [];
      seen(latestOf(lives.flatMap(({ madeAt, stays }) => [madeAt, ...stays.map(({ from }) => from)])));
    },
    { flush: 'sync' },
  );

  let hasClock = false;
  /** The present moves on by itself. */
  function keepTime(): void {
    if (hasClock) return;
    hasClock = true;
    onChange('clock', () => void readClock().catch(() => undefined));
    setInterval(look, MOMENT_MILLISECONDS);
    // A page that slept sees the present at once.
    document.addEventListener('visibilitychange', look);
  }

  async function saveHead(input: HeadInput, saved?: Head): Promise<Head> {
    const head = saved
      ? await call(api.heads.update, { params: { id: saved.id }, body: { ...input, version: saved.version } })
      : await call(api.heads.create, { body: input });
    await headsRead.again();
    return head;
  }
  async function removeHead(id: string): Promise<void> {
    await call(api.heads.remove, { params: { id } });
    await headsRead.again();
  }
  async function restoreHead(id: string): Promise<void> {
    await call(api.heads.restore, { params: { id } });
    await headsRead.again();
  }
  /** Keeps a bowl, or a bowl each for several heads: all of them, or none. */
  async function keepBowls(wishes: readonly KeepBowl[]): Promise<Bowl[]> {
    const [only, ...more] = wishes;
    const kept =
      only && more.length === 0
        ? [await call(api.bowls.keep, { body: only })]
        : await call(api.bowls.keepEach, { body: { bowls: wishes } });
    await bowlsRead.again();
    return kept;
  }
  async function removeBowl(id: string): Promise<void> {
    await call(api.bowls.remove, { params: { id } });
    await bowlsRead.again();
  }
  async function restoreBowl(id: string): Promise<void> {
    await call(api.bowls.restore, { params: { id } });
    await bowlsRead.again();
  }
  /** Keeps a new mask, or a new version of one. */
  async function saveMask(input: MaskInput, saved?: Pick<Mask, 'id' | 'version'>): Promise<Mask> {
    const mask = saved
      ? await call(api.masks.update, { params: { id: saved.id }, body: { ...input, version: saved.version } })
      : await call(api.masks.create, { body: input });
    await booksRead.again();
    return mask;
  }
  async function removeMask(id: string): Promise<void> {
    await call(api.masks.remove, { params: { id } });
    await booksRead.again();
  }
  async function restoreMask(id: string): Promise<void> {
    await call(api.masks.restore, { params: { id } });
    await booksRead.again();
  }
  /** Adds an ingredient, or corrects one; `version` is that of the row on the screen, 0 for none. */
  async function saveIngredient(row: SaidIngredient, version: number): Promise<void> {
    await call(api.ingredients.save, { params: { id: row.id }, body: { row, version } });
    await booksRead.again();
  }
  async function removeIngredient(id: string): Promise<void> {
    await call(api.ingredients.remove, { params: { id } });
    await booksRead.again();
  }
  async function restoreIngredient(id: string): Promise<void> {
    await call(api.ingredients.restore, { params: { id } });
    await booksRead.again();
  }
  const ownById = (id: string): OwnIngredient | undefined => ownIngredients.value.find(({ row }) => row.id === id);
  /** Shown at once and stored one after the other, so that quick taps neither wait nor overtake each other. */
  async function saveSettings(part: Partial<Settings>): Promise<void> {
    const before = settings.value;
    const names = Object.keys(part) as (keyof Settings)[];
    const seen = Object.fromEntries(names.map((name) => [name, before[name]]));
    settingsRead.know({ ...before, ...part });
    const stored = storing.then(() => call(api.household.changeSettings, { body: { change: part, seen } }));
    storing = stored.catch(() => undefined);
    try {
      await stored;
    } catch (error) {
      await settingsRead.again().catch(() => undefined);
      throw error;
    }
  }
  const readBowl = (id: string): Promise<Bowl> => call(api.bowls.one, { params: { id } });
  /** How much thicker or thinner a mask comes out here than reckoned, log₁₀ mPa·s. */
  const textureOffset = (maskId: string): number => learning.value.textures[maskId]?.offset ?? 0;
  const headById = (id: string | undefined): Head | undefined => heads.value.find((head) => head.id === id);
  const maskById = (id: string | undefined): Mask | undefined => masks.value.find((mask) => mask.id === id);
  const now = (): Date => new Date(Date.now() + clockOffset.value);

  return {
    heads,
    masks,
    ownIngredients,
    catalogue,
    bowls,
    histories,
    learning,
    climate,
    house,
    textureOffset,
    settings,
    spoons,
    where,
    isReady,
    isDemo,
    hasNewerPages,
    deviceMode,
    load,
    saveHead,
    removeHead,
    restoreHead,
    keepBowls,
    removeBowl,
    restoreBowl,
    saveMask,
    removeMask,
    restoreMask,
    saveIngredient,
    removeIngredient,
    restoreIngredient,
    ownById,
    saveSettings,
    readBowl,
    headById,
    maskById,
    now,
    seen,
    moment,
  };
});
