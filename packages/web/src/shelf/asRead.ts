import type { LotDraft } from '@amber-ladle/core/exchange';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import type { Message } from '@amber-ladle/core/message';
import {
  lotName,
  lotQuestionWords,
  shelfText,
  STAGE_WORDS,
  stateWords,
  untilWords,
  writeMoney,
  type Where,
  type Written,
} from '@amber-ladle/words';

/** What was taken for granted that somebody who writes a line should see. */
const WORTH_SAYING: readonly Message['id'][] = ['read.each-whole', 'read.all-whole', 'read.spelling', 'read.by-length'];

export interface ReadBy {
  readonly where: Written & Where;
  readonly say: (message: Message) => string;
  /** Milliseconds since 1970. */
  readonly now: number;
}

/**
 * What a line of shopping was read as, before it goes on the shelf: "Papaya · 310 g usable · of 500 g as bought · hard · Counter ·
 * · today". What is not clear is asked.
 * @param row the ingredient, where one was found
 * @param place the name of where it will stand
 */
export function asRead(
  draft: LotDraft,
  row: Ingredient | undefined,
  place: string | undefined,
  { where, say, now }: ReadBy,
): string {
  if (draft.questions.length > 0 || !row) return lotQuestionWords(draft, where, row?.name.toLowerCase());
  const { state, grams, pieceGrams, stage, price } = draft;
  const isWholePieces = row.pieces !== undefined && state === 'whole';
  const isNamed = state === 'whole' || state === 'raw';
  return [
    isNamed ? lotName({ state }, row) : row.name,
    grams ? (isWholePieces ? shelfText.gUsableGrams : shelfText.ofGrams)(kitchenRound(grams)) : '',
    pieceGrams && grams ? shelfText.inPiecesOf(Math.round(grams / pieceGrams), kitchenRound(pieceGrams)) : '',
    ...draft.assumed.filter(({ id }) => WORTH_SAYING.includes(id)).map(say),
    isNamed ? '' : stateWords(state, row),
    stage ? STAGE_WORDS[stage] : '',
    place,
    untilWords(Date.parse(draft.since), now, where),
    price === undefined ? '' : shelfText.forMoney(writeMoney(price, where)),
  ]
    .filter(Boolean)
    .join(' · ');
}
