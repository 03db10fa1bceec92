/** Going on: how it slips and spreads, whether it drips, how it smells. */
export const GOING_ON = ['slip', 'spread', 'drip', 'smell'] as const;
/** Rinsing out: how hard it is, what stays behind, how the hair feels wet. */
export const RINSING = ['ease', 'residue', 'feel'] as const;
/** The next day, dry. */
export const NEXT_DAY = ['soft', 'shine', 'definition', 'frizz', 'weight', 'scalp'] as const;

export type Quality = (typeof GOING_ON)[number] | (typeof RINSING)[number] | (typeof NEXT_DAY)[number];

/** The three moments of a mask; they disagree, so each is asked for itself. */
export const MOMENTS = ['going-on', 'rinsing', 'next-day'] as const;
export type Moment = (typeof MOMENTS)[number];

export const QUALITIES: Readonly<Record<Moment, readonly Quality[]>> = {
  'going-on': GOING_ON,
  rinsing: RINSING,
  'next-day': NEXT_DAY,
};

/** 1 is poor, 2 middling, 3 good, whatever the quality: little frizz is a 3, and so is a bowl that does not drip. */
export const LEVELS = [1, 2, 3] as const;
export type Level = (typeof LEVELS)[number];

/** What was said; anything may stay unsaid. */
export type Said = Partial<Readonly<Record<Quality, Level>>>;

/** What else changed that day, so that the mask is not praised or blamed for it. */
export const CONFOUNDERS = [
  'shampoo',
  'leave-in',
  'styling',
  'drying',
  'weather',
  'water',
  'trim',
  'colour',
  'time-short',
  'other',
] as const;
export type Confounder = (typeof CONFOUNDERS)[number];

/** Hair in the drain: by eye, or counted. */
export const SHEDDING = ['few', 'usual', 'many'] as const;
export type Shed = (typeof SHEDDING)[number];

/**
 * The moment that a bowl on a head asks for, each at its time: while it is worn how it went on, once it is rinsed how that
 * went, from the next day on how the hair is dry. What was not said in its time is not asked for any more.
 * @example wantedMoment({ slip: 3 }, { isRinsed: true, isNextDay: false }) // 'rinsing'
 */
export function wantedMoment(
  said: Said,
  { isRinsed, isNextDay }: { readonly isRinsed: boolean; readonly isNextDay: boolean },
): Moment | undefined {
  const moment = isNextDay ? 'next-day' : isRinsed ? 'rinsing' : 'going-on';
  return momentScore(said, moment) === undefined ? moment : undefined;
}

/**
 * What a moment came to, 1 to 5: the mean of what was said of it, poor 1, middling 3, good 5.
 * @returns nothing where nothing was said
 */
export function momentScore(said: Said, moment: Moment): number | undefined {
  const levels = QUALITIES[moment].flatMap((quality) => {
    const level = said[quality];
    return level === undefined ? [] : [level];
  });
  if (levels.length === 0) return undefined;
  return (levels.reduce<number>((sum, level) => sum + level, 0) / levels.length) * 2 - 1;
}

/** What the whole came to, 1 to 5: each moment of which something was said counts alike. */
export function verdict(said: Said): number | undefined {
  const scores = MOMENTS.flatMap((moment) => momentScore(said, moment) ?? []);
  return scores.length === 0 ? undefined : scores.reduce((sum, score) => sum + score, 0) / scores.length;
}
