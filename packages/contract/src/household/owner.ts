import { SPOON_SETS, type MeasureSystem } from '@amber-ladle/core/measure';

/** Ways of writing numbers and dates of the one language there is so far, as BCP 47 names them. */
export const LOCALES = ['en-GB', 'en-US', 'en-AU', 'en-CA', 'en-IE', 'en-IN', 'en-NZ', 'en-ZA'] as const;
export type Locale = (typeof LOCALES)[number];

/** What hair is measured in, and how warm it is. */
export const LENGTH_UNITS = ['cm', 'in'] as const;
export const WARMTH_UNITS = ['°C', '°F'] as const;
/** What a household measures and counts in, on every screen. */
export interface Units {
  lengthIn: (typeof LENGTH_UNITS)[number];
  warmthIn: (typeof WARMTH_UNITS)[number];
  /** ISO 4217; empty where prices are numbers alone. */
  currency: string;
}

export interface Settings extends Units {
  measureSystem: MeasureSystem;
  /** The spoons and cups the owner has, by id, of the chosen system. */
  spoonIds: string[];
  theme: 'linen' | 'evening' | 'as-device';
  /** IANA name; days and "today" belong to it. */
  timeZone: string;
  /** How numbers and dates are written. */
  locale: Locale;
  /** Rings of the stove that may be used at once. */
  rings: number;
  /** Where makers disagree: what this household chose, by question. */
  schools: Record<string, string>;
  /** Simulated scale and thermometer to practise with; they never decide about anything. */
  practiceDevices: boolean;
}

export const DEFAULT_SETTINGS: Settings = {
  measureSystem: 'us',
  spoonIds: SPOON_SETS.us.map(({ id }) => id),
  theme: 'as-device',
  timeZone: 'UTC',
  locale: 'en-GB',
  lengthIn: 'cm',
  warmthIn: '°C',
  currency: '',
  rings: 2,
  schools: {},
  practiceDevices: false,
};

/** The owner's spoons, never none. */
export function spoonsOf({ measureSystem, spoonIds }: Settings) {
  const own = SPOON_SETS[measureSystem].filter(({ id }) => spoonIds.includes(id));
  return own.length > 0 ? own : SPOON_SETS[measureSystem];
}
