import type { DraftLine, LotDraft, UseReading } from '@amber-ladle/core/exchange';
import { writeMoney, type Written } from '../../units';

const HOW_MUCH = 'How much, in grams?';

/** What a line still has to be asked, in words; empty where all is clear. */
export function questionWords({
  questions,
  unknownWords,
  amount,
}: Pick<DraftLine, 'questions' | 'unknownWords' | 'amount'>): string {
  const said = unknownWords.map((word) => `“${word}”`).join(', ');
  const words = questions.map((question) => {
    switch (question) {
      case 'which-ingredient':
        return said ? `Which ingredient is “${unknownWords.join(' ')}”?` : 'Which ingredient is meant?';
      case 'more-than-one':
        return 'Which of these is meant?';
      case 'unknown-words':
        return `What is ${said}? Choose the ingredient if it makes no difference.`;
      case 'how-much':
        return amount?.unit.kind === 'vague' ? `How much is a ${amount.unit.name}, in grams?` : HOW_MUCH;
      case 'comma':
        return 'Is the comma a decimal or thousands? How much, in grams?';
      case 'no-piece-weight':
        return 'How many grams is that, usable?';
    }
  });
  return words.join(' ');
}

/** What a line of shopping still has to be asked. @param name what the ingredient is called, where one was found */
export function lotQuestionWords(
  { questions, isCounted = false, packs, price, count, ...rest }: LotDraft,
  where: Pick<Written, 'locale' | 'currency'>,
  name = '',
): string {
  const ofTheLine = questions.filter((question) => question !== 'each-or-together' && question !== 'cooked-or-dry');
  const words = questionWords({ ...rest, questions: ofTheLine });
  const howMuch = isCounted
    ? 'How many, or how much in grams?'
    : packs
      ? `How much is in ${packs > 1 ? 'each' : 'it'}? Such as “340 g” or “400 ml”.`
      : HOW_MUCH;
  const asked = words.replace(HOW_MUCH, howMuch);
  const ofTheState = questions.includes('cooked-or-dry')
    ? `Dry, or cooked? Cooked it is kept as ${name}: write “${name} cooked”, or leave “cooked” out.`
    : '';
  const ofThePrice = questions.includes('each-or-together')
    ? `Is ${price === undefined ? 'that' : writeMoney(price, where)} for each of the ${count ?? 2} or for all?`
    : '';
  return [asked, ofTheState, ofThePrice].filter(Boolean).join(' ');
}

/** What a stretch of a pasted text was read as. */
export const USE_WORDS: Readonly<Record<UseReading['what'], string>> = {
  wear: 'How long',
  heat: 'How warm',
  hairState: 'On what hair',
  slot: 'When',
  coverage: 'Where',
  applicator: 'Put on by',
  strained: 'Through a cloth',
  mixing: 'Mixed by',
  repeatDays: 'How often',
  needs: 'What for',
  rinse: 'Rinse',
  shampoos: 'Shampoo after',
  conditioner: 'Conditioner after',
  acidRinse: 'Sour rinse',
  temperature: 'Water',
};

/** Longer and thicker hair takes more: that is what sizing is for. */
const IS_SIZING = /\b(?:long|longer|thick|thicker|more hair|dense|short|shorter)\b/i;

/** What was remarked on a measure, and what becomes of it. */
export const remarkWords = (remark: string): string =>
  IS_SIZING.test(remark) ? `“${remark}”: sizing does that by itself.` : `“${remark}” is kept beside the line.`;
