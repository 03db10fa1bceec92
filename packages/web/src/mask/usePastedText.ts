import { useSessionStorage } from '@vueuse/core';
import type { LineAnswer } from '@amber-ladle/core/exchange';

/** What was said of a pasted text by hand. */
export interface PastedAnswers {
  /** By the words of the line, so that a change elsewhere in the text loses none. */
  readonly lines: Readonly<Record<string, LineAnswer>>;
  readonly name?: string;
  /** For how many heads the amounts are; unset follows the text. */
  readonly heads?: number;
  /** The safe reading of what the text says and its ingredients forbid. */
  readonly isSafe?: boolean;
  /** Sentences that were not understood and are kept among the steps. */
  readonly keptSteps: readonly string[];
}

export const noAnswers = (): PastedAnswers => ({ lines: {}, keptSteps: [] });

/** The text of a mask that is being looked at, with what was answered; both stay in this browser until it is kept. */
export const usePastedText = () => ({
  text: useSessionStorage('amber-ladle-pasted', ''),
  answers: useSessionStorage<PastedAnswers>('amber-ladle-pasted-answers', noAnswers(), { mergeDefaults: true }),
});

/**
 * Lays a text on the page where pasted masks are read: measures that were poured, a file that holds only words.
 * @returns the way back to the text that was there, if there was one
 */
export function layText(next: string): (() => Promise<void>) | undefined {
  const { text, answers } = usePastedText();
  const before = { text: text.value, answers: answers.value };
  text.value = next;
  answers.value = noAnswers();
  if (before.text.trim() === '' || before.text === next) return undefined;
  return () => {
    text.value = before.text;
    answers.value = before.answers;
    return Promise.resolve();
  };
}
