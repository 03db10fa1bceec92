import { boolean, object, string } from 'yup';
import { minutes } from '../wire';
import { fault, field } from '../wire/fault';

/** Other minutes or words for a step, or none of it. */
export const stepEditSchema = object({
  handsOnMinutes: minutes(field('hands-on')).optional(),
  waitMinutes: minutes(field('waiting')).optional(),
  words: string().trim().max(400).optional(),
  isLeftOut: boolean().optional(),
}).noUnknown();

/** What a step of one's own says and takes. */
export const ownStepFields = {
  title: string().trim().required(fault('say-what-to-do')).max(80),
  handsOnMinutes: minutes(field('hands-on')),
  waitMinutes: minutes(field('waiting')),
};
