import { letGo } from '../kernel/letGo';
import { lookOver } from './lookOver';
import { putInPlace } from './putInPlace';
import { checkSound } from './soundness';
import { tryBackup } from './tryBackup';
import { openRaw } from './workshop';
import { writeOut } from './writeOut';

/** Copies a household into a new file as it is at one moment; reading and writing go on meanwhile. */
function copy({ from, to }: { readonly from: string; readonly to: string }): void {
  const database = openRaw(from, { readonly: true, timeout: 10_000 });
  try {
    database.prepare('VACUUM INTO ?').run(to);
  } finally {
    database.close();
  }
}

/** What of copying, reading and bringing back is done on a thread of its own; whoever asks uses `beside`. */
const WORKS = {
  copy,
  lookOver,
  putInPlace,
  checkSound,
  tryBackup,
  writeOut,
};
export type CopyWorks = typeof WORKS;

/** Each work, and afterwards the files that it had open are let go of. */
export const copyWorks = Object.fromEntries(
  Object.entries(WORKS).map(([name, work]) => [
    name,
    async (given: never): Promise<unknown> => {
      try {
        return await (work as (given: never) => unknown)(given);
      } finally {
        await letGo();
      }
    },
  ]),
);
