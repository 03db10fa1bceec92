import type { UseFields } from '../readUse';

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
  /** Words that must be kept as remarks. */
  readonly remarks?: readonly string[];
  readonly system?: 'us' | 'uk' | 'metric';
}
