import { SPOON_SETS, type MeasureSystem } from '@amber-ladle/core/measure';

export interface Settings {
  measureSystem: MeasureSystem;
  /** The spoons and cups the owner has, by id, of the chosen system. */
  spoonIds: string[];
  theme: 'linen' | 'evening' | 'as-device';
  /** IANA name; days and "today" belong to it. */
  timeZone: string;
  /** Rings of the stove that may be used at once. */
  rings: number;
  /** Where makers disagree: what this household chose, by question. */
  schools: Record<string, string>;
}

export const DEFAULT_SETTINGS: Settings = {
  measureSystem: 'us',
  spoonIds: SPOON_SETS.us.map(({ id }) => id),
  theme: 'as-device',
  timeZone: 'UTC',
  rings: 2,
  schools: {},
};

/** The owner's spoons, never none. */
export function spoonsOf({ measureSystem, spoonIds }: Settings) {
  const own = SPOON_SETS[measureSystem].filter(({ id }) => spoonIds.includes(id));
  return own.length > 0 ? own : SPOON_SETS[measureSystem];
}
