import type { Confounder, Evidence, Level, Moment, Quality, Shed, ToldOutcome } from '@amber-ladle/core/learn';
import { kitchenRound } from '@amber-ladle/core/measure';
import type { HeadMeasure, LoggedBowl } from '@amber-ladle/contract';

export const MOMENT_WORDS: Readonly<Record<Moment, string>> = {
  'going-on': 'Going on',
  rinsing: 'Rinsing out',
  'next-day': 'Next day, dry',
};

/** What is asked, and what poor, middling and good are called there. */
export const QUALITY_WORDS: Readonly<
  Record<Quality, { readonly asks: string; readonly levels: readonly [string, string, string] }>
> = {
  slip: { asks: 'Slip', levels: ['drags', 'so-so', 'glides'] },
  spread: { asks: 'Spreads', levels: ['in clumps', 'unevenly', 'well'] },
  drip: { asks: 'Drips', levels: ['runs down', 'a few drops', 'stays put'] },
  smell: { asks: 'Smell', levels: ['bad', 'fine', 'lovely'] },
  ease: { asks: 'Comes out', levels: ['stubbornly', 'with work', 'at once'] },
  residue: { asks: 'Stays behind', levels: ['bits', 'a film', 'nothing'] },
  feel: { asks: 'Feels wet', levels: ['rough', 'middling', 'silky'] },
  soft: { asks: 'Touch', levels: ['harsh', 'middling', 'soft'] },
  shine: { asks: 'Shine', levels: ['dull', 'some', 'shiny'] },
  definition: { asks: 'Shape', levels: ['none', 'some', 'defined'] },
  frizz: { asks: 'Frizz', levels: ['a cloud', 'some', 'hardly any'] },
  weight: { asks: 'Weight', levels: ['limp', 'a little', 'light'] },
  scalp: { asks: 'Scalp', levels: ['itches', 'tight', 'calm'] },
};

export const levelWords = (quality: Quality, level: Level): string => QUALITY_WORDS[quality].levels[level - 1] ?? '';

export const CHANGE_WORDS: Readonly<Record<Confounder, string>> = {
  shampoo: 'another shampoo',
  'leave-in': 'another leave-in',
  styling: 'styled otherwise',
  drying: 'dried otherwise',
  weather: 'the weather',
  water: 'other water',
  trim: 'a trim',
  colour: 'colour',
  'time-short': 'less time',
  other: 'something else',
};

export const MEASURE_WORDS: Readonly<Record<HeadMeasure['kind'], string>> = {
  length: 'length',
  trim: 'cut off',
  regrowth: 'from scalp to the mark',
};
export const SHED_WORDS: Readonly<Record<Shed, string>> = { few: 'few', usual: 'as usual', many: 'many' };

const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** A factor as people say it: "about a quarter less than the model expects". */
export function factorWords(factor: number): string {
  const off = Math.round(Math.abs(factor - 1) * 100);
  if (off < 4) return 'just about what the model expects';
  return `about ${off} % ${factor < 1 ? 'less' : 'more'} than the model expects`;
}

/** What a bowl taught, in a few words. */
export function evidenceWords({ kind, logRatio }: Pick<Evidence, 'kind' | 'logRatio'>): string {
  const share = percent(Math.exp(logRatio));
  if (kind === 'at-least') return `ran out: at least ${share} of what was expected`;
  if (kind === 'between') return `took about ${share} of what was expected, by eye`;
  return kind === 'partial'
    ? `ran out on the way: about ${share} of what was expected`
    : `took ${share} of what was expected`;
}

/** How a bowl lasted, as it was written down. */
export function lastedWords({ log, leftOver, facts }: Pick<LoggedBowl, 'log' | 'leftOver' | 'facts'>): string {
  const { lasted } = log;
  if (lasted?.kind === 'ran-out')
    return lasted.afterSections === undefined
      ? 'ran out'
      : `ran out after ${lasted.afterSections} of ${facts.sections.length} sections`;
  const left = lasted ?? leftOver;
  if (!left) return '';
  return left.millilitres < 1 ? 'all used' : `${kitchenRound(left.millilitres)} mL left`;
}

const signed = (value: number, digits: number): string => value.toFixed(digits).replace('-', '−');
/** Intervals as people read them. */
export const between = (low: number, high: number, digits = 1): string =>
  `${signed(low, digits)} to ${signed(high, digits)}`;

/** Minutes as hours and minutes. */
export function timeWords(minutes: number): string {
  const hours = Math.floor(minutes / 60);
  const rest = Math.round(minutes % 60);
  return hours === 0 ? `${rest} min` : `${hours} h ${rest} min`;
}

/** How a mask as its maker writes it has lasted so far. */
export const TOLD_WORDS: Readonly<Record<ToldOutcome, string>> = {
  'just-enough': 'just enough',
  'some-left': 'some left',
  'half-left': 'half left',
  'ran-short': 'ran short',
};
