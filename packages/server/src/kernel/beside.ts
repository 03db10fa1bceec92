import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';
import { named } from './sqlite';

/**
 * What is done on a thread of its own, so that nobody waits for it here. Plain JavaScript in a text: a thread is started
 * from what Node reads by itself, whether this program was bundled or not.
 */
const SCRIPT = `
const { parentPort, workerData: { binding, file, to } } = require('node:worker_threads');
const { DatabaseSync } = require(binding);
let database;
try {
  database = new DatabaseSync(file, { readOnly: to === undefined, timeout: 10000, enableForeignKeyConstraints: false });
  if (to !== undefined) {
    database.prepare('VACUUM INTO ?').run(to);
    parentPort.postMessage({ done: {} });
  } else {
    const [first] = database.prepare('PRAGMA integrity_check').all();
    const orphans = database.prepare('PRAGMA foreign_key_check').all();
    parentPort.postMessage({ done: { integrity: Object.values(first || {})[0], orphans: orphans.length, orphansIn: (orphans[0] || {}).table } });
  }
} catch ({ message, errcode }) {
  parentPort.postMessage({ failed: { message, errcode } });
} finally {
  if (database) database.close();
}
`;

interface Said<T> {
  readonly done?: T;
  readonly failed?: { readonly message: string; readonly errcode?: number };
}

function beside<T>(file: string, to?: string): Promise<T> {
  const binding = createRequire(import.meta.url).resolve('@photostructure/sqlite');
  return new Promise<T>((resolve, reject) => {
    const worker = new Worker(SCRIPT, { eval: true, workerData: { binding, file, to } });
    worker.once('message', ({ done, failed }: Said<T>) => {
      if (done !== undefined) resolve(done);
      else reject(named(new Error(failed?.message), failed?.errcode));
    });
    worker.once('error', reject);
    worker.once('exit', () => {
      reject(new Error('The copying thread ended without a word.'));
    });
  });
}

/**
 * Copies a household into a new file as it is at one moment; reading and writing go on meanwhile.
 * @throws what the disk says
 */
export const copyBeside = async (file: string, to: string): Promise<void> => {
  await beside(file, to);
};

/** What SQLite says of a file: `integrity` is "ok" where it is sound, `orphans` are rows that belong to nothing. */
export interface Soundness {
  readonly integrity: string;
  readonly orphans: number;
  readonly orphansIn?: string;
}

/** Looks through a whole file, page by page. @throws what SQLite says of a file that is no database */
export const soundnessOf = (file: string): Promise<Soundness> => beside(file);
