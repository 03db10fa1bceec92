/** One measured thing, so that a sentence can name it as pieces, spoons, drops or grams. */
export interface AmountValue {
  readonly name: string;
  readonly measuredBy: 'piece' | 'spoon' | 'weight' | 'pinch' | 'drop';
  readonly grams: number;
  readonly millilitres: number;
  readonly pieces?: number;
  readonly noun?: string;
  readonly nouns?: string;
}

/** Something with the hours it has. */
export interface TimedValue {
  readonly name: string;
  readonly hours: number;
}
