import { ingredientById, type Catalogue, type MeasuredBy, type Role } from '../../ingredient';
import type { MeasureSystem } from '../../measure';
import { message, type Message } from '../../message';
import { readAmount, type WrittenAmount } from '../readAmount';
import { matchNames, namesIn, type Names } from '../words';
import { choiceIn } from './choices';
import { gramsOf } from './gramsOf';
import { withoutRemarks } from './remarks';
import { corrected, vocabularyOf, type Vocabulary } from './spelling';

/** Why a line must be looked at before it counts. */
export type DraftQuestion =
  'which-ingredient' | 'how-much' | 'comma' | 'unknown-words' | 'more-than-one' | 'no-piece-weight';

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
  /** How far a written range goes either way of its middle, relative; absent where one figure stands. */
  readonly spread?: number;
  /** Its work in the bowl, where what was remarked tells. */
  readonly role?: Role;
  /** What the text itself lets stand in, by id. */
  readonly instead: readonly string[];
  /** What was taken for granted on the way. */
  readonly assumed: readonly Message[];
  readonly questions: readonly DraftQuestion[];
  readonly unknownWords: readonly string[];
  /** What was written beside the measure: a choice, a condition, how far to go. */
  readonly remarks: readonly string[];
  /** The liquid that a grain is cooked in: it stays in the pot and is none of the bowl's. */
  readonly isPots?: boolean;
}

/** The names and words of a book of ingredients, made once and used for many lines. */
export interface Lexicon {
  readonly catalogue: Catalogue;
  readonly names: Names;
  readonly vocabulary: Vocabulary;
}
/** @param catalogue all ingredients that a line may name */
export function lexiconOf(catalogue: Catalogue): Lexicon {
  const names = namesIn(catalogue);
  return { catalogue, names, vocabulary: vocabularyOf(names) };
}

/** A grain that is cooked already is not a dry one. */
export const COOKED = /\b(?:cooked|boiled|steamed|left ?over|mush\w*|overcooked)\b/i;
/** What a tub says that is not the plain thing: sugar and flavour are for the spoon. */
const NOT_PLAIN =
  /\b(sweetened|sugared|flavou?red|vanilla|fruit|honeyed|diet|condensed)\b(?=.*\b(?:yog|yoghurt|curd|kefir|milk|cream|quark))/gi;
const notPlain = (description: string): string[] =>
  [...description.matchAll(NOT_PLAIN)].map(([word]) => word.toLowerCase());
/** "1 onion, juiced" is its juice. */
const juiceOf = (description: string): string =>
  /\bjuiced\b/i.test(description) ? `${description.replace(/,|\bjuiced\b/gi, ' ').trim()} juice` : description;
/** A comma before three figures: thousands for some, a decimal for others. */
const EITHER_COMMA = /(?<![\d,.])[1-9]\d{0,2},\d{3}(?![\d,])/;
/** As much as it takes: what thins a bowl until it is right. */
const UNTIL_RIGHT =
  /\b(?:until|till)\b.*\b(?:right|spread\w*|smooth|runny|thin|pourable|loose|creamy|good)\b|\bif\b.*\b(?:stiff|thick)\b|\bas (?:needed|you need)\b|\bto thin\b/i;

/**
 * Reads one written measure: "1 heaped tbsp honey", "juice of half a lemon", "2–3 ripe bananas (about 350 g)". A misspelt word is
 * read as the one it is nearest to, and said; what is not understood is asked.
 *
 * @param system whose cups and spoons are meant
 * @param lexicon from lexiconOf, when many lines are read
 * @example readLine('2 tbsp olive or coconut oil', CATALOGUE, 'us').instead // ['coconut-oil']
 */
export function readLine(
  text: string,
  catalogue: Catalogue,
  system: MeasureSystem,
  lexicon = lexiconOf(catalogue),
): DraftLine {
  const asWritten = readAs(text, text, system, lexicon);
  if (asWritten.unknownWords.length === 0 && asWritten.amount) return asWritten;
  const { text: mended, corrections } = corrected(text, lexicon.vocabulary);
  if (corrections.length === 0) return asWritten;
  const read = readAs(text, mended, system, lexicon);
  // A correction that makes nothing clear is none.
  if (read.ingredientId === undefined || read.questions.includes('unknown-words')) return asWritten;
  return {
    ...read,
    assumed: [...corrections.map((one) => message('read.spelling', { ...one })), ...read.assumed],
  };
}

function readAs(text: string, words: string, system: MeasureSystem, { catalogue, names }: Lexicon): DraftLine {
  const chosen = choiceIn(words, names, system);
  const { text: bare, remarks } = withoutRemarks(chosen.text, (left) => matchNames(left, names).found.length > 0);
  const instead = [...chosen.instead, ...insteadIn(remarks, names)];
  const amount = readAmount(bare, system);
  const described = juiceOf(amount?.description ?? bare);
  const { found, unknown: unnamed } = matchNames(described, names);
  const unknown = [...unnamed, ...notPlain(described)];
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
    instead,
    unknownWords: unknown,
    remarks,
  };
  if (EITHER_COMMA.test(bare)) questions.push('comma');
  else if (!amount || amount.unit.kind === 'vague') questions.push('how-much');
  if (!sure || !only) return { ...base, assumed: [], questions };
  const row = ingredientById(catalogue, only.ingredientId);
  const isClear = amount && !questions.includes('comma');
  const reckoned = isClear ? gramsOf(amount, row, only.isRaw, COOKED.test(described)) : undefined;
  if (isClear && amount.unit.kind !== 'vague' && !reckoned) questions.push('no-piece-weight');
  const { quantity = 0, upTo } = amount ?? {};
  const isThinner = row.traits.roles.includes('thinner') && remarks.some((remark) => UNTIL_RIGHT.test(remark));
  return {
    ...base,
    ingredientId: row.id,
    ...(only.isRaw ? { isRaw: true } : {}),
    assumed: [],
    ...reckoned,
    ...(reckoned && upTo !== undefined ? { spread: (upTo - quantity) / (upTo + quantity) } : {}),
    ...(isThinner ? { role: 'thinner' } : {}),
    questions,
  };
}

/** "or water if your hair is oily" is a remark, and names what would do as well. */
function insteadIn(remarks: readonly string[], names: Names): string[] {
  return remarks.flatMap((remark) => {
    const [, other] = /^or ([a-z ]+?) (?:if|when|for)\b/i.exec(remark) ?? [];
    const found = other === undefined ? [] : matchNames(other, names).found;
    return found.length === 1 ? found.map(({ ingredientId }) => ingredientId) : [];
  });
}
