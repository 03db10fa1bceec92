import { boolean, object, string } from 'yup';

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

export const readFileQuerySchema = object({
  /** False looks it over and changes nothing. */
  isForReal: boolean().default(false),
});

export const householdFileQuerySchema = object({
  photos: string()
    .oneOf(['yes', 'no'] as const)
    .default('yes'),
});
