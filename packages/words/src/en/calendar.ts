import type { Said } from '../said';

/** What stands in the calendar that another program subscribes to. */
export const CALENDAR_WORDS = {
  isReady: (name: Said): string => `${name} is ready`,
  byHowItRipens: 'By how it ripens where it stands.',
  useByNow: (name: Said): string => `Use ${name} by now`,
  gramsLeft: (grams: Said): string => `${grams} g left.`,
  intoTheFreezer: (name: Said): string => `Into the freezer: ${name}`,
  pastItsTime: (mask: Said): string => `${mask}: past its time`,
  notFood: (head: Said): string => `For ${head}. Not food.`,
  bowlYouPlanned: 'A bowl you planned.',
  fromYourWeeks: 'From the plan of your weeks.',
};
