import type { TextureClass } from '../hair';

/** How a bowl lasted on a head. */
export type Lasted =
  | { readonly kind: 'left'; readonly millilitres: number; readonly how: 'measured' | 'judged' }
  /** `covered` is the share of the head that was coated when the bowl was empty, 0 to 1; left out where nobody knows. */
  | { readonly kind: 'ran-out'; readonly covered?: number | undefined };

/** What a bowl was, as far as it teaches how much a head takes. */
export interface BowlOnHead {
  /** ISO 8601. */
  readonly at: string;
  readonly texture: TextureClass;
  /** What the model expected all heads of this bowl to take, mL, with nothing learnt. */
  readonly modelMillilitres: number;
  /** What was in the bowl, mL. */
  readonly madeMillilitres: number;
  /** What clings to tools, mL, and the share that drips. */
  readonly holdUpMillilitres: number;
  readonly dripShare: number;
  /** How many heads it was for. */
  readonly heads: number;
}

/**
 * What one bowl says of a head's personal factor, as the logarithm of what it took over what the model expected.
 * `at-least` is a bowl that ran out before everything was coated and nobody knows where: the head takes that much or more.
 * `between` is one whose leftover was judged by eye.
 */
export interface Evidence {
  readonly kind: 'exact' | 'partial' | 'at-least' | 'between';
  readonly at: string;
  readonly texture: TextureClass;
  readonly logRatio: number;
  /** Standard deviation of what the telling of it is off by, beside what one use differs from the next. */
  readonly noise: number;
  /** Of a leftover judged by eye: between these it was. */
  readonly logLow?: number;
  readonly logHigh?: number;
}

/** One use differs from the next by about so much, as a standard deviation of the logarithm, until a head's own bowls tell. */
export const USUAL_NOISE = 0.15;
/** What is left in a bowl, judged by eye, is off by a third. Assumption of this project. */
const JUDGED_SHARE = 0.33;
/** And by a teaspoon at the least, mL. Assumption of this project. */
const JUDGED_LEAST_MILLILITRES = 5;
/** A part of the head is not quite its share of the bowl: the hand is generous at first. Assumption of this project. */
const SECTION_NOISE = 0.25;
/** Who of several heads took it is only known by what they usually take. Assumption of this project. */
const SHARED_NOISE = 0.2;
/** What is used of a bowl that is nearly all left, times what was expected. */
const NEARLY_NONE = 0.01;
/** A bowl that coated less than this says no more than "more than that". */
const LEAST_COVERED = 0.1;

const together = (...sigmas: readonly number[]): number => Math.hypot(...sigmas);

/**
 * What a bowl teaches.
 * @returns nothing where more was left than was made, or where nothing reached the hair
 */
export function evidenceOf(bowl: BowlOnHead, lasted: Lasted): Evidence | undefined {
  const { at, texture, modelMillilitres, madeMillilitres, holdUpMillilitres, dripShare, heads } = bowl;
  const onHead = (fromBowl: number): number => Math.max(0, fromBowl - holdUpMillilitres) * (1 - dripShare);
  const left = lasted.kind === 'left' ? lasted.millilitres : 0;
  const used = onHead(madeMillilitres - left);
  if (!(used > 0) || !(modelMillilitres > 0)) return undefined;
  const shared = heads > 1 ? SHARED_NOISE : 0;
  const row = { at, texture, logRatio: Math.log(used / modelMillilitres) };
  if (lasted.kind === 'left') {
    if (lasted.how === 'measured') return { ...row, kind: 'exact', noise: shared };
    const off = Math.max(JUDGED_SHARE * left, JUDGED_LEAST_MILLILITRES);
    const at = (leftover: number): number =>
      Math.log(Math.max(NEARLY_NONE, onHead(madeMillilitres - Math.max(0, leftover)) / modelMillilitres));
    return { ...row, kind: 'between', noise: shared, logLow: at(left + off), logHigh: at(left - off) };
  }
  const { covered } = lasted;
  if (covered === undefined || covered < LEAST_COVERED) return { ...row, kind: 'at-least', noise: shared };
  if (covered >= 1) return { ...row, kind: 'exact', noise: shared };
  return {
    ...row,
    kind: 'partial',
    logRatio: row.logRatio - Math.log(covered),
    noise: together(shared, SECTION_NOISE * (1 - covered)),
  };
}
