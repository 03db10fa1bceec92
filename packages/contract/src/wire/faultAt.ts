import type { Message } from '@amber-ladle/core/message';
import { ValidationError } from 'yup';

/** A fault that no schema finds. @param path of the field it is found in */
export const faultAt = (path: string, what: Message, value: unknown): ValidationError =>
  // The checks' types know text only, and hand on what they are given.
  new ValidationError(what as unknown as string, value, path);
