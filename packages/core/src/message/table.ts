import { CAUTION_MESSAGES } from './cautions';
import { FILE_MESSAGES } from './files';
import { MASK_MESSAGES } from './masks';
import { STEP_MESSAGES } from './steps';

/** Every message there is: its id, and the parameters its sentence uses. */
export const MESSAGES = {
  ...CAUTION_MESSAGES,
  ...MASK_MESSAGES,
  ...STEP_MESSAGES,
  ...FILE_MESSAGES,
  /** Words that somebody wrote, as they are: a maker's own step, a step kept before messages were. */
  said: { text: 'text' },
} as const;
