import type { Allergen, Catalogue } from '@amber-ladle/core/ingredient';
import type { SwapConsequences, SwapWish } from '@amber-ladle/core/mask';
import { capital } from '../../sentence';
import { ALLERGEN_WORDS } from './judge';
import { TEXTURE_WORDS } from './texture';

export const WISH_WORDS: Readonly<Record<SwapWish, string>> = {
  'without-egg': 'without egg',
  'without-dairy': 'without dairy',
  'without-nuts': 'without nuts',
  'without-honey': 'without honey',
  'lighter-oil': 'lighter oil',
};

const TIGHTENED_WORDS: Readonly<Record<SwapConsequences['tightened'][number], string>> = {
  heat: 'no warmth now, since it has raw egg in it',
  rinse: 'cool to lukewarm rinse now',
  wear: 'a shorter wear, an hour at the most',
  slot: 'before the shampoo now, since it stains',
  strained: 'through a cloth now',
  keeping: 'same day only now',
};

/** What a swap changes, a sentence each: texture, washing out, allergens. */
export function consequenceWords(consequences: SwapConsequences): string[] {
  const { textureBefore, textureAfter, allergensGained, allergensLost, latexGained, tightened } = consequences;
  const list = (allergens: readonly Allergen[]): string => allergens.map((one) => ALLERGEN_WORDS[one]).join(', ');
  return [
    textureBefore.texture === textureAfter.texture
      ? `Stays ${TEXTURE_WORDS[textureAfter.texture]}.`
      : `Turns from ${TEXTURE_WORDS[textureBefore.texture]} to ${TEXTURE_WORDS[textureAfter.texture]}.`,
    ...(allergensLost.length > 0 ? [`No ${list(allergensLost)} any more.`] : []),
    ...(allergensGained.length > 0 ? [`Now contains ${list(allergensGained)}: patch test anew.`] : []),
    ...(latexGained ? ['A latex allergy can cross with what came in.'] : []),
    ...tightened.map((field) => {
      const words = TIGHTENED_WORDS[field];
      return `${capital(words)}.`;
    }),
  ];
}

/** What is proposed to a head that greases: "for oily roots: water for milk". */
export function lighterWords(lighter: {
  readonly isFor: 'oily-roots' | 'weighed-down';
  readonly names: readonly { readonly from: string; readonly stand: string }[];
}): string {
  const whom = lighter.isFor === 'oily-roots' ? 'for oily roots' : 'for hair soon weighed down';
  return `${whom}: ${lighter.names.map(({ from, stand }) => `${stand} for ${from}`).join(', ')}`;
}

/** What was taken in place of what. @example swapWords({ yogurt: 'kefir' }, CATALOGUE) // ['Kefir for plain yogurt'] */
export const swapWords = (swaps: Readonly<Record<string, string>>, catalogue: Catalogue): readonly string[] =>
  Object.entries(swaps).map(
    ([from, to]) => `${catalogue.get(to)?.name ?? to} for ${(catalogue.get(from)?.name ?? from).toLowerCase()}`,
  );
