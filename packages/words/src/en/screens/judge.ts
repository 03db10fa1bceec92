import type { HeadStory, RankTerm, TermId } from '@amber-ladle/core/judge';
import type { Allergen, Catalogue, Rhythm, Smell } from '@amber-ladle/core/ingredient';
import { capital, listed } from '../../sentence';
import { writeMoney, type Written } from '../../units';
import { NEED_WORDS, writeMinutes } from './mask';
import { aboutWords, type Where } from './when';

export const RHYTHM_WORDS: Readonly<Record<Rhythm, string>> = {
  protein: 'protein',
  acid: 'acid',
  clarifying: 'clarifying',
  oil: 'oil',
  deep: 'deep care',
};

export const COLOUR_WORDS: Readonly<Record<HeadStory['colour'], string>> = {
  natural: 'its own colour',
  coloured: 'coloured',
  bleached: 'bleached',
};

export const ALLERGEN_WORDS: Readonly<Record<Allergen, string>> = {
  egg: 'egg',
  milk: 'milk',
  nuts: 'nuts',
  sesame: 'sesame',
  soy: 'soy',
  wheat: 'wheat',
  oats: 'oats',
  mustard: 'mustard',
  'bee-products': 'bee products',
  avocado: 'avocado',
  banana: 'banana',
  papaya: 'papaya',
  mango: 'mango',
  kiwi: 'kiwi',
  coconut: 'coconut',
  celery: 'celery',
  sulphites: 'sulphites',
};

/** What a thing may smell of. */
export const SMELL_WORDS: Readonly<Record<Smell, string>> = {
  egg: 'egg',
  onion: 'onion',
  vinegar: 'vinegar',
  garlic: 'garlic',
  curry: 'curry',
};

const names = (ids: readonly string[] | undefined, catalogue: Catalogue): string =>
  listed((ids ?? []).map((id) => catalogue.get(id)?.name.toLowerCase() ?? id));

/** One reason for or against a mask, in a few words. */
export function termWords(term: RankTerm, catalogue: Catalogue, where: Where & Written, now: number): string {
  const { id, needs = [], ingredientIds, minutes = 0, mean = 0, money = 0 } = term;
  const words: Readonly<Record<TermId, () => string>> = {
    need: () => `used for ${needs.map((need) => NEED_WORDS[need]).join(', ')}`,
    saves: () => `saves ${names(ingredientIds, catalogue)} that turns`,
    'in-house': () => {
      const wants = ingredientIds && ingredientIds.length > 0 ? [`wants ${names(ingredientIds, catalogue)}`] : [];
      const hard = (term.unripe ?? []).map(({ ingredientId, readyAt }) => {
        const name = names([ingredientId], catalogue);
        return Number.isFinite(readyAt)
          ? `the ${name} is ripe only about ${aboutWords(readyAt, now, where)}`
          : `the ${name} is hard and does not ripen where it lies`;
      });
      return [...wants, ...hard].join(', ') || 'wants a little more than there is';
    },
    due: () =>
      term.wasWorn
        ? 'it is time for it again'
        : `it is time for ${listed((term.rhythms ?? []).map((rhythm) => RHYTHM_WORDS[rhythm]))} again`,
    soon: () => 'something like it was lately',
    rating: () => `liked before (${mean.toFixed(1)} of 5)`,
    quick: () => `${writeMinutes(minutes)} in all`,
    cost: () => `about ${writeMoney(money, where)} to buy`,
    school: () => 'the part of the egg you hold with',
    stains: () => 'stains',
    new: () => `new to this head: ${names(ingredientIds, catalogue)}`,
    heavy: () => 'heavy for hair that goes limp',
    stings: () => 'can sting or fade colour',
  };
  return words[id]();
}

/** Why it comes first, in one sentence. */
export function reasonSentence(
  terms: readonly RankTerm[],
  catalogue: Catalogue,
  where: Where & Written,
  now: number,
): string {
  const good = terms.filter(({ points }) => points > 0).map((term) => termWords(term, catalogue, where, now));
  const bad = terms
    .filter(({ points, id }) => points < -0.3 && id !== 'quick')
    .map((term) => termWords(term, catalogue, where, now));
  const first = good.length > 0 ? good.join('; ') : 'nothing speaks against it';
  const sentence = bad.length > 0 ? `${first}; but ${bad.join(', ')}` : first;
  return `${capital(sentence)}.`;
}
