import {
  gramsPerMillilitre,
  ingredientById,
  pieceSize,
  rawRecipeOf,
  usableGrams,
  type Catalogue,
  type Ingredient,
  type MeasuredBy,
} from '../ingredient';
import type { MeasureSystem } from '../measure';
import { message, type Message } from '../message';
import { madeFromRaw } from '../recipe';
import { HEAPED, readAmount, type WrittenAmount } from './readAmount';
import { matchNames, namesIn, sizeWord } from './words';

/** Why a line must be looked at before it counts. */
export type DraftQuestion = 'which-ingredient' | 'how-much' | 'unknown-words' | 'more-than-one' | 'no-piece-weight';

/** One line of a pasted formula as it was read. Nothing in it is settled until the maker says so. */
export interface DraftLine {
  readonly text: string;
  readonly amount?: WrittenAmount;
  /** The reading; absent where none or several came up. */
  readonly ingredientId?: string;
  /** All that the words could mean. */
  readonly candidates: readonly string[];
  /** Usable grams that the reading comes to; the middle of a range. */
  readonly grams?: number;
  readonly measuredBy?: MeasuredBy;
  /** What was taken for granted on the way. */
  readonly assumed: readonly Message[];
  readonly questions: readonly DraftQuestion[];
  readonly unknownWords: readonly string[];
}

export interface FormulaDraft {
  readonly name: string;
  readonly lines: readonly DraftLine[];
  readonly steps: readonly string[];
}

/** A pasted text is one mask, not a book. */
export const MOST_PASTED = { characters: 20_000, lines: 200 } as const;

const HEADERS = /^(?:ingredients?|you(?:’|')?ll need|you need|what you need|for the (?:mask|bowl)|measures)\s*:?\s*$/i;
const STEP_HEADERS =
  /^(?:method|steps?|directions?|instructions?|how(?: to make(?: it)?)?|preparation|making)\s*:?\s*$/i;
const VERBS =
  /^(?:then\s+|now\s+|first,?\s+|finally,?\s+)?(?:mash|blend|mix|stir|boil|simmer|apply|leave|rinse|whisk|strain|add|heat|warm|beat|combine|cut|peel|wait|cover|wash|cook|massage|put|let|use|pour|spread|comb|work|press|scoop|drain|separate|fold|melt|cool|soak|wear|keep|smooth|section|place|grate|squeeze)\b/i;

/**
 * Reads a pasted mask: its name, its measures, its steps. What is not understood is asked about, never guessed.
 *
 * @param system whose cups and spoons are meant
 * @throws RangeError for a text longer than one mask can be
 */
export function readFormula(text: string, catalogue: Catalogue, system: MeasureSystem): FormulaDraft {
  if (text.length > MOST_PASTED.characters)
    throw new RangeError(`That is ${Math.round(text.length / 1000)},000 characters. Paste one mask at a time.`);
  const rows = text.split(/\r?\n|\u2028/).map((row) => row.trim());
  if (rows.length > MOST_PASTED.lines)
    throw new RangeError('That is more lines than a mask has. Paste one mask at a time.');
  const lines: DraftLine[] = [];
  const steps: string[] = [];
  const names = namesIn(catalogue);
  let name = '';
  let inSteps = false;
  for (const row of rows) {
    if (row === '' || /^[-=_*]{3,}$/.test(row)) continue;
    if (HEADERS.test(row)) inSteps = false;
    else if (STEP_HEADERS.test(row)) inSteps = true;
    else if (inSteps || isStep(row)) steps.push(row.replace(/^\s*(?:\d+[.)]|step \d+:?|[-•*])\s*/i, ''));
    else if (name === '' && lines.length === 0 && looksLikeName(row, system)) name = row.replace(/^#+\s*|:$/g, '');
    else lines.push(...readLines(row, catalogue, system, names));
  }
  return { name, lines, steps };
}

function isStep(row: string): boolean {
  const bare = row.replace(/^\s*(?:\d+[.)]\s+|[-•*]\s*)/, '');
  return VERBS.test(bare) && bare.split(/\s+/).length > 2;
}

function looksLikeName(row: string, system: MeasureSystem): boolean {
  if (/^#+\s/.test(row)) return true;
  return readAmount(row, system) === undefined && !row.includes(',') && row.split(/\s+/).length <= 8;
}

/** A row may hold several: "2 yolks, 3 tbsp oil, half a papaya". */
function readLines(
  row: string,
  catalogue: Catalogue,
  system: MeasureSystem,
  names: ReturnType<typeof namesIn>,
): DraftLine[] {
  const pieces = row.split(/\s*;\s*|,\s+(?=(?:\d|[¼½¾⅓⅔]|an?\s|half\s|one\s|two\s|three\s|juice\s))/i);
  const several = pieces.length > 1 && pieces.every((piece) => readAmount(piece, system) !== undefined);
  return (several ? pieces : [row]).map((piece) => readLine(piece, catalogue, system, names));
}

/**
 * Reads one written measure: "1 heaped tbsp honey", "juice of half a lemon", "2–3 ripe bananas (about 350 g)".
 * @param names from namesIn, when many lines are read
 */
export function readLine(
  text: string,
  catalogue: Catalogue,
  system: MeasureSystem,
  names = namesIn(catalogue),
): DraftLine {
  const amount = readAmount(text, system);
  const { found, unknown } = matchNames(amount?.description ?? text, names);
  const [only] = found;
  const sure = found.length === 1 && unknown.length === 0;
  const questions: DraftQuestion[] = [];
  if (found.length === 0) questions.push('which-ingredient');
  if (found.length > 1) questions.push('more-than-one');
  if (found.length > 0 && unknown.length > 0) questions.push('unknown-words');
  const base = {
    text,
    ...(amount ? { amount } : {}),
    candidates: found.map(({ ingredientId }) => ingredientId),
    unknownWords: unknown,
  };
  if (!amount || amount.unit.kind === 'vague') questions.push('how-much');
  if (!sure || !only) return { ...base, assumed: [], questions };
  const row = ingredientById(catalogue, only.ingredientId);
  const reckoned = amount ? gramsOf(amount, row, only.isRaw) : undefined;
  if (amount && amount.unit.kind !== 'vague' && !reckoned) questions.push('no-piece-weight');
  return { ...base, ingredientId: row.id, assumed: [], ...reckoned, questions };
}

/**
 * Usable grams of a written amount of an ingredient.
 * @param isRaw true when the dry thing was written that the ingredient is made from
 * @returns undefined where the amount says too little
 */
export function gramsOf(
  amount: WrittenAmount,
  row: Ingredient,
  isRaw = false,
): { grams: number; measuredBy: MeasuredBy; assumed: readonly Message[] } | undefined {
  const assumed: Message[] = [];
  let quantity = amount.quantity;
  if (amount.upTo !== undefined) {
    quantity = (amount.quantity + amount.upTo) / 2;
    assumed.push(message('read.middle', { from: amount.quantity, to: amount.upTo }));
  }
  const recipe = isRaw ? rawRecipeOf(row) : undefined;
  const asMade = (rawGrams: number): number => {
    if (!recipe) return rawGrams;
    const { madeGrams } = madeFromRaw(recipe, rawGrams);
    assumed.push(message('read.raw-makes', { rawGrams, raw: recipe.raw.name, grams: madeGrams, name: row.name }));
    return madeGrams;
  };
  switch (amount.unit.kind) {
    case 'vague':
      return undefined;
    case 'mass':
      return { grams: asMade(quantity * amount.unit.grams), measuredBy: byWeight(row), assumed };
    case 'volume': {
      if (amount.isHeaped) {
        quantity *= HEAPED;
        assumed.push(message('read.heaped'));
      }
      const perMillilitre = recipe?.raw.gramsPerMillilitre ?? gramsPerMillilitre(row);
      const small = amount.unit.name === 'drops' ? 'drop' : amount.unit.name === 'pinch' ? 'pinch' : 'spoon';
      const measuredBy = row.measuredBy.includes(small)
        ? small
        : row.measuredBy.includes('spoon')
          ? 'spoon'
          : row.measuredBy[0];
      return { grams: asMade(quantity * amount.unit.millilitres * perMillilitre), measuredBy, assumed };
    }
    case 'length': {
      const perCentimetre = row.pieces?.gramsPerCentimetre;
      if (perCentimetre === undefined || recipe) return undefined;
      const centimetres = quantity * amount.unit.centimetres;
      const grams = centimetres * perCentimetre;
      assumed.push(message('read.by-length', { centimetres, grams }));
      return { grams, measuredBy: byWeight(row), assumed };
    }
    case 'piece': {
      const { pieces } = row;
      if (amount.bracketGrams !== undefined && (!pieces || recipe))
        return { grams: asMade(amount.bracketGrams), measuredBy: byWeight(row), assumed };
      if (!pieces || recipe) return undefined;
      if (amount.bracketGrams !== undefined) {
        assumed.push(message('read.bracket', { grams: amount.bracketGrams }));
        return { grams: usableGrams(amount.bracketGrams, pieces.refuseShare), measuredBy: 'piece', assumed };
      }
      const size = pieceSize(row, sizeWord(amount.description, row));
      assumed.push(message('read.piece', { size: size.name, grams: size.usableGrams }));
      return { grams: quantity * size.usableGrams, measuredBy: 'piece', assumed };
    }
  }
}

const byWeight = (row: Ingredient): MeasuredBy => (row.measuredBy.includes('weight') ? 'weight' : row.measuredBy[0]);
