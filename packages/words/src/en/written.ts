import type { Said } from '../said';

/** What stands in the book beside a change of stock that nobody entered by hand. */
export const BOOK_WORDS = {
  asWeighed: 'as it was weighed',
  fromAFile: 'from a file',
};

/** What stands on the card that comes with the page, before anything else of it has come. */
export const FIRST_CARD_WORDS = {
  whatToTake: 'What to take',
  millilitresFor: (millilitres: Said, head: Said): string => `${millilitres} mL for ${head}`,
};
