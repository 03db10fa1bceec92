import { boolean, object, string } from 'yup';
import { minutes } from '../wire';

/** Other minutes or words for a step, or none of it. */
export const stepEditSchema = object({
  handsOnMinutes: minutes('Hands-on time').optional(),
  waitMinutes: minutes('Waiting').optional(),
  words: string().trim().max(400, 'A step has at most 400 letters.').optional(),
  isLeftOut: boolean().optional(),
}).noUnknown();

/** What a step of one's own says and takes. */
export const ownStepFields = {
  title: string().trim().required('Say what to do.').max(80, 'A title has at most 80 letters.'),
  handsOnMinutes: minutes('Hands-on time'),
  waitMinutes: minutes('Waiting'),
};
