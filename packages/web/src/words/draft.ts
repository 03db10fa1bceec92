import type { DraftLine } from '@amber-ladle/core/exchange';

/** What a line still has to be asked, in words; empty where all is clear. */
export function questionWords({ questions, unknownWords, amount }: DraftLine): string {
  const said = unknownWords.map((word) => `“${word}”`).join(', ');
  const words = questions.map((question) => {
    switch (question) {
      case 'which-ingredient':
        return said ? `Which ingredient is ${said}?` : 'Which ingredient is meant?';
      case 'more-than-one':
        return 'Which of these is meant?';
      case 'unknown-words':
        return `What is ${said}? Choose the ingredient if it makes no difference.`;
      case 'how-much':
        return amount?.unit.kind === 'vague' ? `How much is a ${amount.unit.name}, in grams?` : 'How much, in grams?';
      case 'no-piece-weight':
        return 'How many grams is that, usable?';
    }
  });
  return words.join(' ');
}
