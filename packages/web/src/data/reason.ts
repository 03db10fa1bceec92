import { fault, faultsOf, named } from '@amber-ladle/contract';
import { saidBy, type Message } from '@amber-ladle/core/message';
import { sentenceOf, USUAL_READER } from '@amber-ladle/words';
import type { ValidationError } from 'yup';

/** Why something failed, in words for whoever is at the screen. */
export function reasonOf(error: unknown): string {
  if (isUnfit(error)) {
    const [[path, what] = ['', fault('wrong')]] = Object.entries(faultsOf(error));
    return inWords(named(path, what));
  }
  const said = saidBy(error);
  if (said) return inWords(said);
  return error instanceof Error ? error.message : String(error);
}

/** What is wrong with each field of a form, in the same words. */
export const faultWords = (error: ValidationError): Record<string, string> =>
  Object.fromEntries(Object.entries(faultsOf(error)).map(([path, what]) => [path, inWords(what)]));

/** Whether something was held against a schema in vain. By its name: a page that only shows does not load the schemas. */
export const isUnfit = (error: unknown): error is ValidationError =>
  error instanceof Error && error.name === 'ValidationError';

/** The page is in the household's language, whatever is still on its way of the rest; a worker has none. */
const inWords = (what: Message): string =>
  sentenceOf(what, {
    ...USUAL_READER,
    locale: (typeof document === 'undefined' ? '' : document.documentElement.lang) || USUAL_READER.locale,
  });
