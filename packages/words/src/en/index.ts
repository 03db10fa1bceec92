import type { MessageId } from '@amber-ladle/core/message';
import { CAUTIONS } from './messages/cautions';
import { FILES } from './messages/files';
import { MASKS } from './messages/masks';
import { STEPS } from './messages/steps';

/** English, British: a pattern in ICU's syntax for every message there is. */
export const ENGLISH: Readonly<Record<MessageId, string>> = {
  ...CAUTIONS,
  ...MASKS,
  ...STEPS,
  ...FILES,
  said: '{text}',
};
