import { CAUTION_MESSAGES } from './cautions';
import { CANNOT_MESSAGES } from './cannots';
import { FAULT_MESSAGES } from './faults';
import { FILE_MESSAGES } from './files';
import { MASK_MESSAGES } from './masks';
import { REFUSAL_MESSAGES } from './refusals';
import { STEP_MESSAGES } from './steps';

/** Every message there is: its id, and the parameters its sentence uses. */
export const MESSAGES = {
  ...CAUTION_MESSAGES,
  ...MASK_MESSAGES,
  ...STEP_MESSAGES,
  ...FILE_MESSAGES,
  ...CANNOT_MESSAGES,
  ...FAULT_MESSAGES,
  ...REFUSAL_MESSAGES,
  /** Words that somebody wrote, as they are: a maker's own step, a step kept before messages were. */
  said: { text: 'text' },
} as const;
