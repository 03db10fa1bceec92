import { TOLD_OUTCOMES, type BowlOnHead, type ToldOutcome } from '@amber-ladle/core/learn';
import { TEXTURES } from '@amber-ladle/core/hair';
import { number, object, string } from 'yup';

/** What a maker said of a mask as she writes it, on a head: the first that is known of how much that head takes. */
export interface ToldUse {
  maskId: string;
  headId: string;
  /** When it was said, ISO 8601. */
  at: string;
  outcome: ToldOutcome;
  maskName: string;
  /** What it was then: what it made, what was expected of that head. */
  facts: Omit<BowlOnHead, 'at'>;
}

const outcome = string().oneOf(TOLD_OUTCOMES).required();

export const tellUseSchema = object({ outcome }).noUnknown();

const millilitres = number().required().moreThan(0).max(20_000);

/** What of such a word was reckoned when it was said, as a file may bring it. */
export const toldFactsSchema = object({
  texture: string().oneOf(TEXTURES).required(),
  modelMillilitres: millilitres,
  madeMillilitres: millilitres,
  holdUpMillilitres: number().required().min(0).max(20_000),
  dripShare: number().required().min(0).lessThan(1),
  heads: number().required().integer().min(1).max(20),
}).noUnknown();
