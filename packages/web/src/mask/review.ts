import type { TextureClass } from '@amber-ladle/core/hair';
import { maskText, TEXTURE_WORDS } from '@amber-ladle/words';
import type { Message } from '@amber-ladle/core/message';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';

/** A slip of the hand, as a trial of a mask tells it. */
export interface Slip {
  readonly ingredientId: string;
  readonly grams: number;
  readonly breaks: readonly Message[];
  readonly changesTexture: boolean;
  readonly texture: TextureClass;
}

/** Slips that are told at the most: the worst come first. */
const MOST_SLIPS = 4;

/** What slips cost, in words: a limit, a texture, or hardly anything. */
export const slipsOf = (
  slips: readonly Slip[],
  catalogue: Catalogue,
  say: (message: Message) => string,
): readonly string[] =>
  slips.slice(0, MOST_SLIPS).map(({ ingredientId, grams, breaks, changesTexture, texture }) => {
    const what = maskText.gTooMuch(kitchenRound(grams), ingredientById(catalogue, ingredientId).name.toLowerCase());
    if (breaks.length > 0) return maskText.breaksALimit(what, breaks.map(say).join('; '));
    return changesTexture ? maskText.makesIt(what, TEXTURE_WORDS[texture]) : maskText.isHardlyFelt(what);
  });

/** What holds a bowl back, each once. */
export const limitsOf = (
  caps: readonly { readonly what: Message }[],
  say: (message: Message) => string,
): readonly string[] => [...new Set(caps.map(({ what }) => say(what)))];
