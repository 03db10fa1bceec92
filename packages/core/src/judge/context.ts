import type { Wearer } from '../batch';
import type { Catalogue, Ingredient } from '../ingredient';
import { ingredientById } from '../ingredient';
import type { Mask } from '../mask';
import type { WornBefore } from './reactions';
import type { Schools } from './schooled';
import type { HeadStory } from './story';

/** A head as far as judgement goes. */
export interface JudgedHead extends WornBefore {
  readonly wearer: Wearer;
  readonly story: HeadStory;
}

/** What a rule looks at: one mask for one head. */
export interface Judged {
  readonly mask: Mask;
  readonly rows: readonly (Ingredient & { readonly share: number })[];
  readonly head: JudgedHead;
  readonly schools: Schools;
  readonly now: number;
}

/** @throws RangeError for an unknown ingredient */
export function judged(mask: Mask, head: JudgedHead, catalogue: Catalogue, schools: Schools, now: number): Judged {
  const rows = mask.parts.map(({ ingredientId, share }) => ({ ...ingredientById(catalogue, ingredientId), share }));
  return { mask, rows, head, schools, now };
}
