import { rawRecipeOf, type Catalogue, type Ingredient } from '../ingredient';

/** Words that describe and do not name. */
export const QUIET_WORDS: ReadonlySet<string> = new Set(
  (
    'a an the of and with in into to for or from some more extra about approx approximately roughly around only just your own any ' +
    'very really quite over ripe overripe soft fresh freshly plain organic natural raw virgin cold pressed unsweetened full fat low free range ' +
    'mashed blended sliced chopped diced peeled pitted stoned grated pressed beaten separated whipped whisked melted warm warmed lukewarm ' +
    'cooled cooked boiled steamed baked strained sieved sifted ground powdered dried dry uncooked whole half halved quartered cubed pureed puree flesh pulp ' +
    'small medium large big little good quality pure real proper room temperature leaf pod piece fruit thick runny liquid unrefined refined ' +
    'essential carrier hot tinned canned tin can optional if you like have taste needed as well'
  ).split(' '),
);

/** The simple singular of an English kitchen noun. @example singular('strawberries') // 'strawberry' */
export function singular(word: string): string {
  if (word.length <= 3 || /(ss|us|is)$/.test(word)) return word;
  if (word === 'leaves') return 'leaf';
  if (word === 'halves') return 'half';
  if (/ies$/.test(word)) return `${word.slice(0, -3)}y`;
  if (/(oes|xes|ches|shes)$/.test(word)) return word.slice(0, -2);
  return /s$/.test(word) ? word.slice(0, -1) : word;
}

/** Lower-case words without marks, each in its singular. */
export function wordsOf(text: string): string[] {
  return text
    .toLowerCase()
    .normalize('NFKD')
    .replace(/[\u0300-\u036f]/g, '')
    .replace(/[’']s\b/g, '')
    .split(/[^a-z]+/)
    .filter((word) => word !== '')
    .map(singular);
}

/** One name of an ingredient. */
export interface Name {
  readonly words: readonly string[];
  readonly ingredientId: string;
  /** True when it names the dry thing that the ingredient is made from. */
  readonly isRaw: boolean;
}

/** The names of a book of ingredients. */
export interface Names {
  /** The longest first. */
  readonly all: readonly Name[];
  /** Where in them those stand that begin with a word. */
  readonly byFirst: ReadonlyMap<string, readonly number[]>;
}

/** Every name of every ingredient. */
export function namesIn(catalogue: Catalogue): Names {
  const names: Name[] = [];
  const add = (ingredientId: string, text: string, isRaw = false): void => {
    const words = wordsOf(text);
    if (words.length > 0) names.push({ words, ingredientId, isRaw });
  };
  for (const row of catalogue.values()) {
    add(row.id, row.name);
    if (row.pieces && row.pieces.nounIsName !== false) add(row.id, row.pieces.noun);
    for (const other of row.alsoCalled) add(row.id, other);
    for (const other of rawRecipeOf(row)?.raw.alsoCalled ?? []) add(row.id, other, true);
  }
  const all = names.sort(
    (a, b) => b.words.length - a.words.length || b.words.join('').length - a.words.join('').length,
  );
  const byFirst = new Map<string, number[]>();
  for (const [rank, { words }] of all.entries()) {
    const first = words[0] ?? '';
    byFirst.set(first, [...(byFirst.get(first) ?? []), rank]);
  }
  return { all, byFirst };
}

export interface NameMatch {
  /** Ingredients the words name, in the order they stand. */
  readonly found: readonly { readonly ingredientId: string; readonly isRaw: boolean }[];
  /** Words that neither name nor merely describe. */
  readonly unknown: readonly string[];
}

/** Which ingredients a description names: the longest names first, each word used once. */
export function matchNames(description: string, { all, byFirst }: Names): NameMatch {
  const words = wordsOf(description);
  const ranks = [...new Set(words.flatMap((word) => byFirst.get(word) ?? []))].sort((a, b) => a - b);
  const used = words.map(() => false);
  const found: { ingredientId: string; isRaw: boolean; at: number }[] = [];
  for (const rank of ranks)
    for (let at = 0; at < words.length; at++) {
      const name = all[rank];
      const places = name && placesOf(name.words, words, used, at);
      if (!places) continue;
      for (const place of places) used[place] = true;
      found.push({ ingredientId: name.ingredientId, isRaw: name.isRaw, at });
    }
  const unknown = words.filter((word, i) => !used[i] && !QUIET_WORDS.has(word));
  const byPlace = [...found].sort((a, b) => a.at - b.at);
  const seen = new Set<string>();
  const distinct = byPlace.filter(({ ingredientId }) => !seen.has(ingredientId) && seen.add(ingredientId));
  return { found: distinct.map(({ ingredientId, isRaw }) => ({ ingredientId, isRaw })), unknown };
}

/** Where the words of a name stand from `at` on, with nothing but describing words between them. */
function placesOf(
  name: readonly string[],
  words: readonly string[],
  used: readonly boolean[],
  at: number,
): number[] | undefined {
  if (words[at] !== name[0]) return undefined;
  const places: number[] = [];
  let next = 0;
  for (let i = at; i < words.length && next < name.length; i++) {
    const word = words[i] ?? '';
    if (word === name[next] && !used[i]) {
      places.push(i);
      next++;
    } else if (!QUIET_WORDS.has(word)) return undefined;
  }
  return next === name.length ? places : undefined;
}

/** The size word in a description, when it is one of the ingredient's sizes. */
export function sizeWord(description: string, row: Ingredient): string | undefined {
  const text = description.toLowerCase().replace('big', 'large').replace('little', 'small');
  return [...(row.pieces?.sizes ?? [])]
    .sort((a, b) => b.name.length - a.name.length)
    .find(({ name }) => new RegExp(`\\b${name}\\b`).test(text))?.id;
}
