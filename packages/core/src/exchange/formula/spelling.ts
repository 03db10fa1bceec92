import distance from 'damerau-levenshtein';
import { QUIET_WORDS, singular, type Names } from '../words';

/** A word that was written otherwise than it was read. */
export interface Correction {
  readonly written: string;
  readonly read: string;
}

/** How units are written, and words beside them that must not be taken for misspelt ones. */
const UNITS = [
  ...['tablespoon', 'tablespoons', 'teaspoon', 'teaspoons', 'dessertspoon', 'tbsp', 'cups', 'drops', 'gram', 'grams'],
  ...['millilitre', 'milliliter', 'ounce', 'ounces', 'pinch', 'handful', 'splash', 'spoonful', 'inch', 'each', 'part'],
  ...['half', 'quarter', 'juice', 'three', 'four', 'five', 'couple', 'heaped', 'level', 'parts', 'equal', 'spoon'],
];
/** Misspelt so often, and so far from the word, that the letters alone do not tell. */
const OFTEN: Readonly<Record<string, string>> = {
  yoke: 'yolk',
  yokes: 'yolk',
  yolke: 'yolk',
  oyl: 'oil',
  hunny: 'honey',
  yogert: 'yogurt',
};

/** Letters that may be wrong, missing, too many or swapped: one in a short word, two in a long one. */
const slips = (word: string): number => (word.length < 4 ? 0 : word.length < 6 ? 1 : 2);

/** The words that names and units are made of, by their first letter: that one is rarely wrong. */
export type Vocabulary = ReadonlyMap<string, ReadonlySet<string>>;

/** @param names from namesIn */
export function vocabularyOf(names: Names): Vocabulary {
  const byLetter = new Map<string, Set<string>>();
  for (const word of [...UNITS, ...names.all.flatMap(({ words }) => words)]) {
    const letter = word[0] ?? '';
    byLetter.set(letter, (byLetter.get(letter) ?? new Set()).add(word));
  }
  return byLetter;
}
const isKnown = (word: string, vocabulary: Vocabulary): boolean => vocabulary.get(word[0] ?? '')?.has(word) === true;

/**
 * A line with misspelt kitchen words put right: a word that nobody knows becomes the one word it is nearest to, by letters that are
 * wrong, missing, too many or swapped. A word with two neighbours as near is left, and asked about.
 * @example corrected('1 avacado', vocabularyOf(namesIn(CATALOGUE))).corrections // [{ written: 'avacado', read: 'avocado' }]
 */
export function corrected(text: string, vocabulary: Vocabulary): { text: string; corrections: readonly Correction[] } {
  const corrections: Correction[] = [];
  const mended = text.replace(/[a-z]{3,}/gi, (written) => {
    const word = written.toLowerCase();
    if (isKnown(word, vocabulary) || isKnown(singular(word), vocabulary) || isQuiet(word)) return written;
    const read = OFTEN[word] ?? nearest(word, vocabulary);
    if (read === undefined) return written;
    corrections.push({ written, read });
    return read;
  });
  return { text: mended, corrections };
}

const isQuiet = (word: string): boolean => QUIET_WORDS.has(word) || QUIET_WORDS.has(singular(word));

function nearest(word: string, vocabulary: Vocabulary): string | undefined {
  let best: string[] = [];
  let least = slips(word) + 1;
  for (const known of vocabulary.get(word[0] ?? '') ?? []) {
    if (known.length < 4 || Math.abs(known.length - word.length) > least) continue;
    const { steps } = distance(word, known);
    if (steps > slips(known) || steps > least || steps > slips(word)) continue;
    best = steps < least ? [known] : [...best, known];
    least = steps;
  }
  // The plural beside its singular is one word.
  const distinct = new Set(best.map(singular));
  return distinct.size === 1 ? best[0] : undefined;
}
