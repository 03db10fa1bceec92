import type { MessageId } from '@amber-ladle/core/message';
import { CANNOTS } from './messages/cannots';
import { CAUTIONS } from './messages/cautions';
import { FAULTS } from './messages/faults';
import { FILES } from './messages/files';
import { MASKS } from './messages/masks';
import { REFUSALS } from './messages/refusals';
import { STEPS } from './messages/steps';

/** English, British: a pattern in ICU's syntax for every message there is. */
export const ENGLISH: Readonly<Record<MessageId, string>> = {
  ...CAUTIONS,
  ...MASKS,
  ...STEPS,
  ...FILES,
  ...CANNOTS,
  ...FAULTS,
  ...REFUSALS,
  said: '{text}',
};
