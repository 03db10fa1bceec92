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
 */
export interface Evidence {
  readonly kind: 'exact' | 'partial' | 'at-least';
  readonly at: string;
  readonly texture: TextureClass;
  readonly logRatio: number;
  /** Standard deviation of what that logarithm may be off by. */
  readonly noise: number;
}

/** One use differs from the next by so much, as a standard deviation of the logarithm. Assumption of this project. */
export const USE_NOISE = 0.15;
/** What is left in a bowl, judged by eye, is off by a third. Assumption of this project. */
const JUDGED_SHARE = 0.33;
/** A part of the head is not quite its share of the bowl: the hand is generous at first. Assumption of this project. */
const SECTION_NOISE = 0.25;
/** Who of several heads took it is only known by what they usually take. Assumption of this project. */
const SHARED_NOISE = 0.2;
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
    const judged = lasted.how === 'judged' ? (JUDGED_SHARE * left * (1 - dripShare)) / used : 0;
    return { ...row, kind: 'exact', noise: together(USE_NOISE, shared, judged) };
  }
  const { covered } = lasted;
  if (covered === undefined || covered < LEAST_COVERED)
    return { ...row, kind: 'at-least', noise: together(USE_NOISE, shared) };
  if (covered >= 1) return { ...row, kind: 'exact', noise: together(USE_NOISE, shared) };
  return {
    ...row,
    kind: 'partial',
    logRatio: row.logRatio - Math.log(covered),
    noise: together(USE_NOISE, shared, SECTION_NOISE * (1 - covered)),
  };
}
