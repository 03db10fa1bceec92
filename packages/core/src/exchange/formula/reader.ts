import type { MeasureSystem } from '../../measure';
import type { Lexicon } from './readLine';

/** Who reads a text: with whose words, in whose measures. */
export interface Reader extends Lexicon {
  readonly system: MeasureSystem;
}
