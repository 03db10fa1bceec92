import type { UseFields } from '../../use';

/** A text as a maker would write it, and what it says, read by hand. All of it is our own invention. */
export interface CorpusText {
  /** Whose hand it is: terse, chatty, British … */
  readonly hand: string;
  readonly text: string;
  readonly name?: string;
  /** Grams by ingredient, as a reader with a scale would have them; 'asked' where it must be asked, 'pot' where it stays in the pot. */
  readonly measures: Readonly<Record<string, number | 'asked' | 'pot'>>;
  /** What stands in the text of its use; fields that are left out must not be read into it. */
  readonly use?: Partial<Omit<UseFields, 'wear' | 'rinse'>> & {
    /** Least, aim, limit; null where the text says nothing of that one. */
    readonly wear?: readonly [least: number | null, aim: number | null, limit: number | null];
    readonly rinse?: UseFields['rinse'];
  };
  /** Ingredients whose amount is written as a range. */
  readonly ranges?: readonly string[];
  /** What the text itself lets stand in. */
  readonly instead?: Readonly<Record<string, readonly string[]>>;
  /** Ratios by volume that the text holds: this, to that, how many of it. */
  readonly ratios?: readonly (readonly [id: string, toId: string, ratio: number])[];
  /** Heads that the amounts are meant for, where it says so. */
  readonly heads?: number;
  /** Aims of the other lengths of wear that it offers, minutes. */
  readonly otherWears?: readonly number[];
  /** Words that must be kept as remarks. */
  readonly remarks?: readonly string[];
  readonly system?: 'us' | 'uk' | 'metric';
}
