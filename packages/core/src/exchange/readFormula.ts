import {
  gramsPerMillilitre,
  ingredientById,
  pieceSize,
  rawRecipeOf,
  usableGrams,
  type Catalogue,
  type Ingredient,
  type MeasuredBy,
  type RawRecipe,
} from '../ingredient';
import type { MeasureSystem } from '../measure';
import { message, type Message } from '../message';
import { madeFromRaw } from '../recipe';
import { HEAPED, readAmount, type WrittenAmount } from './readAmount';
import { measuresIn } from './proseMeasures';
import { readUse, type UseRead } from './readUse';
import { withoutRemarks } from './remarks';
import { matchNames, namesIn, sizeWord } from './words';

/** Why a line must be looked at before it counts. */
export type DraftQuestion = 'which-ingredient' | 'how-much' | 'unknown-words' | 'more-than-one' | 'no-piece-weight';

/** One line of a pasted formula as it was read. Nothing in it is settled until the maker says so. */
export interface DraftLine {
  readonly text: string;
  readonly amount?: WrittenAmount;
  /** The dry thing was written that the ingredient is made from. */
  readonly isRaw?: boolean;
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
  /** What was written beside the measure: a choice, a condition, how far to go. */
  readonly remarks: readonly string[];
  /** The liquid that a grain is cooked in: it stays in the pot and is none of the bowl's. */
  readonly isPots?: boolean;
}

export interface FormulaDraft {
  readonly name: string;
  readonly lines: readonly DraftLine[];
  readonly steps: readonly string[];
  /** How it is worn, rinsed, repeated, as far as the text says. */
  readonly use: UseRead;
}

/** A pasted text is one mask, not a book. */
export const MOST_PASTED = { characters: 20_000, lines: 200 } as const;

const HEADERS =
  /^(?:ingredients?|you(?:’|')?ll need|you need|what you need|what goes in|for the (?:mask|bowl)|measures)\s*:?\s*$/i;
const STEP_HEADERS =
  /^(?:method|steps?|directions?|instructions?|how(?: to make(?: it)?| i (?:make|do) it)?|preparation|making|what (?:to|i) do)\s*:?\s*$/i;
const VERBS =
  /^(?:then\s+|now\s+|first,?\s+|finally,?\s+|next,?\s+|i\s+|you\s+|just\s+)?(?:mash|blend|mix|stir|boil|simmer|apply|leave|rinse|whisk|strain|add|heat|warm|beat|combine|cut|peel|wait|cover|wash|cook|massage|put|let|use|pour|spread|comb|work|press|scoop|drain|separate|fold|melt|cool|soak|wear|keep|smooth|section|place|grate|squeeze|dab|sit|tie|twist|air|sift|rub|spritz|shampoo|condition|relax|sleep|take|do|make|coat|part|pop|store|freeze|wrap|bring|turn|throw|blitz|pulse|chop|slice|test|follow|repeat|detangle|avoid|start|go|finish|enjoy|clip|roll|wring|blot|dry|don.?t|never|always)\b/i;
/** A number that counts time or times is no measure. */
const OF_TIME =
  /^(?:about |for )?[\d½¼¾.,\s/–-]*(?:half an?|an?|one|two|three|once|twice)?[\s-]*(?:\d+\s*)?(?:minutes?|mins?|hours?|hrs?|h|times?|days?|weeks?|months?|once|twice)\b/i;
/** Words that no measure begins with. */
const SAYS =
  /^(?:every|once|twice|only|on|onto|for|under|after|before|until|if|when|this|that|it|good|great|best|works?|perfect|careful|warning|no|not|makes|smells|feels|leaves|gives|halve|double|serves|enough|optional)\b/i;
const SENTENCE = /[.!?]\s+[A-Z]|[.!?]$/;
const MANY_WORDS = 12;

/**
 * Reads a pasted mask: its name, its measures with what is remarked on them, its steps, and how it is used. What is not understood is
 * asked about, never guessed; a sentence stays a sentence, and the measures in it are found.
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
  const filled = rows.filter((row) => row !== '' && !/^[-=_*]{3,}$/.test(row));
  const lines: DraftLine[] = [];
  const steps: string[] = [];
  const names = namesIn(catalogue);
  let name = '';
  let inSteps = false;
  for (const [i, row] of filled.entries()) {
    const bare = row.replace(/^\s*(?:\d+[.)]\s+|step \d+:?\s*|[-•*]\s*)/i, '');
    if (HEADERS.test(row)) inSteps = false;
    else if (STEP_HEADERS.test(row)) inSteps = true;
    else if (i === 0 && filled.length > 1 && looksLikeName(row, system)) name = row.replace(/^#+\s*|:$/g, '');
    else if (inSteps || isProse(bare, system, names)) steps.push(bare);
    else lines.push(...readLines(row, catalogue, system, names));
  }
  // What a sentence measures counts where no line of its own does.
  const listed = new Set(lines.flatMap(({ candidates }) => candidates));
  const told = steps.flatMap((step) =>
    step.split(/(?<=[.!?])\s+/).flatMap((sentence) => measuresIn(sentence).flatMap((words) => expanded(words))),
  );
  for (const words of told) {
    const line = readLine(words, catalogue, system, names);
    // In a sentence only what is clear is a measure; what else stands there belongs to the sentence.
    const isClear = line.unknownWords.length === 0 && line.candidates.length === 1;
    if (line.amount === undefined || !isClear) continue;
    if (line.candidates.some((id) => listed.has(id))) continue;
    line.candidates.forEach((id) => listed.add(id));
    lines.push(line);
  }
  return { name, lines: withPots(lines, text, catalogue), steps, use: readUse(text) };
}

/** A sentence, not a measure: it does something, or counts time, or goes on and on. */
function isProse(row: string, system: MeasureSystem, names: ReturnType<typeof namesIn>): boolean {
  const words = row.split(/\s+/).length;
  if (OF_TIME.test(row)) return true;
  if ((VERBS.test(row) || SAYS.test(row)) && words > 1) return true;
  if (PARTS.test(row)) return false;
  // What ends like a sentence and names nothing of the kitchen is one.
  if (/[.!?]$/.test(row) && words > 2 && matchNames(row, names).found.length === 0) return true;
  const amount = readAmount(row, system);
  if (amount === undefined) return words > 4 && (SENTENCE.test(row) || words > MANY_WORDS);
  return SENTENCE.test(row) && words > MANY_WORDS;
}

/** A title, even one that holds a number, a comma or an ingredient: short, first, and nothing that could be measured out. */
function looksLikeName(row: string, system: MeasureSystem): boolean {
  if (/^#+\s/.test(row)) return true;
  const words = row.split(/\s+/).length;
  if (words > 10 || SENTENCE.test(row) || VERBS.test(row)) return false;
  if (/\b(?:mask|treatment|hair ?pack|rinse|recipe|deep condition\w*)\b[^\d]*$/i.test(row)) return true;
  return readAmount(row, system) === undefined && !PARTS.test(row);
}

/** Volume of a line, mL; 0 where it is none. */
const millilitresOf = ({ amount }: DraftLine): number =>
  amount?.unit.kind === 'volume' ? amount.quantity * amount.unit.millilitres : 0;

/**
 * What is cooked here keeps its liquid in the pot, when there is at least as much of it as of the dry thing: rice its water, starch
 * the milk that it is stirred into.
 */
function withPots(lines: readonly DraftLine[], text: string, catalogue: Catalogue): readonly DraftLine[] {
  if (!/\b(?:boil|simmer|cook|soak|heat|thicken|saucepan)/i.test(text)) return lines;
  let all = lines;
  for (const dry of lines) {
    const { ingredientId, isRaw, amount } = dry;
    const recipe = isRaw && ingredientId ? rawRecipeOf(ingredientById(catalogue, ingredientId)) : undefined;
    if (!recipe || !amount || COOKED.test(amount.description)) continue;
    // The same dry thing may be made in several liquids: the one that stands beside it is meant.
    const made = [...catalogue.values()].flatMap((row) => {
      const own = rawRecipeOf(row);
      return own?.raw.name === recipe.raw.name ? [{ row, liquidId: own.pot.liquidId }] : [];
    });
    const pot = lines.find(
      (line) =>
        made.some(({ liquidId }) => liquidId === line.ingredientId) &&
        millilitresOf(line) >= Math.max(1, millilitresOf(dry)),
    );
    const meant = made.find(({ liquidId }) => liquidId === pot?.ingredientId)?.row;
    if (!pot || !meant) continue;
    all = all.map((line) => {
      if (line === pot) return { ...line, isPots: true };
      return line === dry && meant.id !== ingredientId
        ? { ...line, ingredientId: meant.id, candidates: [meant.id], ...gramsOf(amount, meant, true) }
        : line;
    });
  }
  return all;
}

/** Amounts in parts. */
const PARTS = /^equal (?:parts|amounts)\b|\b(?:\d+|one|a) parts? /i;

/** A part, where a text counts in parts: two tablespoons. Only the shares of it matter. */
const PART = '2 tbsp';

/** One row as several where it measures several alike: "a spoon each of two oils", "equal parts", "half a cup of rice in two of water". */
function expanded(row: string): readonly string[] {
  const listOf = (words: string): string[] => words.split(/\s*(?:,|\band\b|&|\+)\s*/).filter((word) => word !== '');
  const each = /^(.+?)\s+each(?:\s+of)?:?\s+(.+)$/i.exec(row);
  if (each) return listOf(each[2] ?? '').map((word) => `${each[1]} ${word}`);
  const equal = /^equal (?:parts|amounts)(?:\s+of)?:?\s+(.+)$/i.exec(row);
  if (equal) return listOf(equal[1] ?? '').map((word) => `${PART} ${word}`);
  if (/\b\d+ parts?\b|\bone part\b|\ba part\b/i.test(row))
    return row
      .split(/\s*(?:,|\bto\b|\band\b)\s*(?=(?:\d+|one|a) parts?\b)/i)
      .map((part) => part.replace(/\b(\d+|one|a) parts?(?: of)?\b/i, (_, n: string) => `${2 * (Number(n) || 1)} tbsp`));
  const pot =
    /^(.*\b(?:rice|oats?|barley|flax\w*|linseed)\b.*?)\s+(?:in|to|with)\s+((?:\d|[½¼¾]|an?\b|one\b|two\b|three\b|half\b).*)$/i.exec(
      row,
    );
  return pot ? [pot[1] ?? '', pot[2] ?? ''] : [row];
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
  return (several ? pieces : [row]).flatMap(expanded).map((piece) => readLine(piece, catalogue, system, names));
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
  const { text: bare, remarks } = withoutRemarks(text, (words) => matchNames(words, names).found.length > 0);
  const amount = readAmount(bare, system);
  const described = amount?.description ?? bare;
  const match = matchNames(described, names);
  const { found } = match;
  const unknown = [...match.unknown, ...notPlain(described)];
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
    remarks,
  };
  if (!amount || amount.unit.kind === 'vague') questions.push('how-much');
  if (!sure || !only) return { ...base, assumed: [], questions };
  const row = ingredientById(catalogue, only.ingredientId);
  const reckoned = amount ? gramsOf(amount, row, only.isRaw, COOKED.test(described)) : undefined;
  if (amount && amount.unit.kind !== 'vague' && !reckoned) questions.push('no-piece-weight');
  return { ...base, ingredientId: row.id, ...(only.isRaw ? { isRaw: true } : {}), assumed: [], ...reckoned, questions };
}

/** A grain that is cooked already is not a dry one. */
const COOKED = /\b(?:cooked|boiled|steamed|left ?over|mush\w*|overcooked)\b/i;
/** What a tub says that is not the plain thing: sugar and flavour are for the spoon. */
const NOT_PLAIN =
  /\b(sweetened|sugared|flavou?red|vanilla|fruit|honeyed|diet)\b(?=.*\b(?:yog|yoghurt|curd|kefir|milk|cream|quark))/gi;
const notPlain = (description: string): string[] =>
  [...description.matchAll(NOT_PLAIN)].map(([word]) => word.toLowerCase());

/**
 * Usable grams of a written amount of an ingredient.
 * @param isCooked true when the dry thing was written as cooked already
 * @param isRaw true when the dry thing was written that the ingredient is made from
 * @returns undefined where the amount says too little
 */
export function gramsOf(
  amount: WrittenAmount,
  row: Ingredient,
  isRaw = false,
  isCooked = false,
): { grams: number; measuredBy: MeasuredBy; assumed: readonly Message[] } | undefined {
  const assumed: Message[] = [];
  let quantity = amount.quantity;
  if (amount.upTo !== undefined) {
    quantity = (amount.quantity + amount.upTo) / 2;
    assumed.push(message('read.middle', { from: amount.quantity, to: amount.upTo }));
  }
  const recipe = isRaw ? rawRecipeOf(row) : undefined;
  const cooked = isCooked ? recipe?.raw.cooked : undefined;
  const asMade = (grams: number): number => {
    if (!recipe) return grams;
    const rawGrams = cooked ? dryOf(recipe, cooked, grams) : grams;
    if (cooked) assumed.push(message('read.cooked', { cookedGrams: grams, rawGrams }));
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
      const perMillilitre = cooked?.gramsPerMillilitre ?? recipe?.raw.gramsPerMillilitre ?? gramsPerMillilitre(row);
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

/** Dry grams in a cooked grain: its solids. */
const dryOf = (recipe: RawRecipe, cooked: { readonly waterShare: number }, grams: number): number =>
  recipe.yield.kind === 'solids' ? (grams * (1 - cooked.waterShare)) / (1 - recipe.yield.rawWaterShare) : grams;

const byWeight = (row: Ingredient): MeasuredBy => (row.measuredBy.includes('weight') ? 'weight' : row.measuredBy[0]);
