import type { MessageId } from '@amber-ladle/core/message';
import { CAUTIONS } from './cautions';
import { FILES } from './files';
import { MASKS } from './masks';
import { STEPS } from './steps';

export { GLOSSARY, SCREEN_HELP, type ScreenHelp, type Term } from './help';
export { SCHOOLS, type SchoolWords } from './schools';
export { SECTION_WORDS, TOOL_WORDS } from './things';

/** English, British: a pattern in ICU's syntax for every message there is. */
export const ENGLISH: Readonly<Record<MessageId, string>> = {
  ...CAUTIONS,
  ...MASKS,
  ...STEPS,
  ...FILES,
  said: '{text}',
};
