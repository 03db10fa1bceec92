import { boolean, object, string } from 'yup';

/** What reading a table came to. */
export interface FileAnswer {
  kind: 'lots' | 'movements' | 'bowls';
  rows: number;
  faults: readonly { line: number; column: string; words: string }[];
  /** True once it is on the shelf. */
  isDone: boolean;
}

/** A log of ten years is longer than a shelf. */
export const importLogSchema = object({
  text: string().required('Choose a file.').max(4_000_000, 'That file is larger than a log can be.'),
  isForReal: boolean().required(),
}).noUnknown();

export const importSchema = object({
  text: string().required('Choose a file.').max(200_000, 'That file is larger than a shelf can be.'),
  /** False looks it over and changes nothing. */
  isForReal: boolean().required(),
}).noUnknown();
