/** Words that are spelt otherwise in America; each also with a capital, and at the beginning of a longer word. */
const SPELLINGS: readonly (readonly [british: string, american: string])[] = [
  ['colour', 'color'],
  ['fibre', 'fiber'],
  ['flavour', 'flavor'],
  ['yoghurt', 'yogurt'],
  ['gelatine', 'gelatin'],
  ['glycerine', 'glycerin'],
  ['centre', 'center'],
  ['grey', 'gray'],
  ['mould', 'mold'],
  ['millilitre', 'milliliter'],
  ['litre', 'liter'],
];
const PATTERN = new RegExp(`\\{\\w+(?=[,}])|\\b(?:${SPELLINGS.map(([british]) => british).join('|')})`, 'gi');

/**
 * An English sentence as it is spelt in America. Names of parameters are left as they are.
 * @example american('It may fade colour: {millilitres} mL.') // 'It may fade color: {millilitres} mL.'
 */
export const american = (sentence: string): string =>
  sentence.replace(PATTERN, (found) => {
    const [, word] = SPELLINGS.find(([british]) => british === found.toLowerCase()) ?? [];
    if (word === undefined) return found;
    return found.startsWith(found.charAt(0).toUpperCase()) ? word.charAt(0).toUpperCase() + word.slice(1) : word;
  });

/**
 * Words of a screen as their reader spells them: written in British English, which stays for whoever is not American.
 * @example spelt('It can fade colour.', 'en-US') // 'It can fade color.'
 * @example spelt('It can fade colour.', 'en-CA') // 'It can fade colour.'
 */
export const spelt = (words: string, locale: string): string => (locale === 'en-US' ? american(words) : words);

/** Whether something is spelt the British way, as a test of the screens asks. */
export const isBritish = (words: string): boolean => american(words) !== words;

/** The same messages in American spelling. */
export const americanised = <Id extends string>(sentences: Readonly<Record<Id, string>>): Record<Id, string> =>
  Object.fromEntries(Object.entries<string>(sentences).map(([id, sentence]) => [id, american(sentence)])) as Record<
    Id,
    string
  >;
