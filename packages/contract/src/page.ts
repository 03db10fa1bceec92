import { boolean, number, object } from 'yup';

/** A page of a list, newest first. */
export interface Page<T> {
  items: T[];
  total: number;
  offset: number;
}

export const MOST_PER_PAGE = 100;

export const pageQuerySchema = object({
  offset: number().integer().min(0).max(1_000_000).default(0),
  limit: number().integer().min(1).max(MOST_PER_PAGE).default(20),
});

/** What is wrong with a file, and on which line; line 0 where no line can be named. */
export interface FileFault {
  readonly line: number;
  readonly words: string;
}

/** What reading a household's file, or trying a backup, came to. */
export interface HouseholdFileAnswer {
  rows: number;
  /** Rows by table. */
  counts: Record<string, number>;
  faults: FileFault[];
  /** True once it stands in the place of what was here. */
  isDone: boolean;
}

/** A dated copy of everything. */
export interface Backup {
  name: string;
  at: string;
  /** daily, by-hand, before-reading-a-file, before-a-restore. */
  why: string;
  bytes: number;
}

export const restoreSchema = object({
  /** False tries it out and changes nothing. */
  isForReal: boolean().required(),
}).noUnknown();
