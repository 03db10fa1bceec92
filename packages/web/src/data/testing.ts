import { mount } from '@vue/test-utils';
import { defineComponent, h } from 'vue';
import {
  api,
  DEFAULT_SETTINGS,
  type BowlSummary,
  type Head,
  type Settings,
  type WashDay,
  type WeeksHeld,
} from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import type { Lot, Place } from '@amber-ladle/core/shelf';
import { questions, reading } from './answer';
import { BOOK_KEY, BOWLS } from './household';
import { SHELF_KEY } from './shelf';

/** What a page knows already, in tests: as though it had asked. */
interface Known {
  readonly heads: readonly Head[];
  readonly masks: readonly Mask[];
  readonly weeks: WeeksHeld;
  /** Kept bowls, newest first. */
  readonly bowls: readonly BowlSummary[];
  /** The wash day under way. */
  readonly day: WashDay;
  readonly lots: readonly Lot[];
  /** Where the lots stand; nowhere that is known, if left out. */
  readonly places: readonly Place[];
  /** What the household chose; the rest stands as it does at first. */
  readonly settings: Partial<Settings>;
}

/** Tells a page what it knows. */
export function know({ heads, masks, weeks, bowls, day, lots, places = [], settings }: Partial<Known>): void {
  if (heads) questions.setQueryData(reading(api.heads.list).key, heads);
  if (masks) questions.setQueryData(BOOK_KEY, { own: [], book: masks });
  if (weeks) questions.setQueryData(reading(api.weeks.held).key, weeks);
  if (bowls) questions.setQueryData(BOWLS.key, { items: bowls, total: bowls.length });
  if (settings) questions.setQueryData(reading(api.household.settings).key, { ...DEFAULT_SETTINGS, ...settings });
  if (day) questions.setQueryData(reading(api.washDays.running).key, { day });
  if (lots)
    questions.setQueryData(SHELF_KEY, {
      shelf: { lots, total: lots.length, places, readings: [], paces: {} },
      levels: [],
    });
}
/** A page that knows nothing yet. */
export const forget = (): void => {
  questions.clear();
};

/** What a part of a page begins, as it would be there: what it watches lives until the page is left. */
export function inPage<T>(begin: () => T): { readonly there: T; readonly leave: () => void } {
  let there: T | undefined;
  const page = mount(
    defineComponent(() => {
      there = begin();
      return () => h('div');
    }),
  );
  return {
    there: there as T,
    leave: () => {
      page.unmount();
    },
  };
}
