import { boolean, object, string } from 'yup';
import { fault } from './fault';

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
  text: string().required(fault('choose-a-file')).max(4_000_000, fault('log-file-too-large')),
  isForReal: boolean().required(),
}).noUnknown();

export const importSchema = object({
  text: string().required(fault('choose-a-file')).max(200_000, fault('shelf-file-too-large')),
  /** False looks it over and changes nothing. */
  isForReal: boolean().required(),
}).noUnknown();
