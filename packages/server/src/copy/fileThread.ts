import { createRequire } from 'node:module';
import { Worker } from 'node:worker_threads';

/**
 * What a thread of its own does with the text of a file: it parses it, keeps it, hands out its rows by the hundred and finds
 * the line of whatever is asked about. Plain JavaScript in a text, as `kernel/beside.ts` has it.
 */
const SCRIPT = `
const { parentPort, workerData } = require('node:worker_threads');
const { findNodeAtLocation, parse, parseTree, printParseErrorCode } = require(workerData.jsonc);
let text = '';
let file;
let tree;
const lineAt = (offset) => {
  let line = 1;
  for (let at = text.indexOf('\\n'); at !== -1 && at < offset; at = text.indexOf('\\n', at + 1)) line++;
  return line;
};
/** Nothing where it is nested too deep to be followed. */
const unlessDeep = (work) => {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    return undefined;
  }
};
const works = {
  open(given) {
    text = new TextDecoder().decode(given);
    try {
      file = JSON.parse(text);
    } catch {
      const errors = [];
      unlessDeep(() => parse(text, errors));
      const [first] = errors;
      return { fault: { line: lineAt(first ? first.offset : 0), ...(first ? { code: printParseErrorCode(first.error) } : {}) } };
    }
    if (typeof file !== 'object' || file === null || Array.isArray(file)) return { frame: {}, counts: {} };
    const isTables = typeof file.tables === 'object' && file.tables !== null && !Array.isArray(file.tables);
    const tables = isTables ? Object.entries(file.tables) : [];
    // Without the rows: what else is in it is small, or none of ours.
    const frame = Object.fromEntries(Object.entries(file).map(([key, value]) => [key, typeof value === 'object' ? [] : value]));
    if (isTables) frame.tables = Object.fromEntries(tables.map(([name, rows]) => [name, Array.isArray(rows) ? [] : 0]));
    return { frame, counts: Object.fromEntries(tables.map(([name, rows]) => [name, Array.isArray(rows) ? rows.length : 0])) };
  },
  rows: ({ table, from, count }) => file.tables[table].slice(from, from + count),
  lines(paths) {
    if (tree === undefined) tree = unlessDeep(() => parseTree(text)) || null;
    return paths.map((path) => {
      for (let known = [...path]; tree; known = known.slice(0, -1)) {
        const node = findNodeAtLocation(tree, known);
        if (node) return lineAt(node.offset);
        if (known.length === 0) break;
      }
      return 0;
    });
  },
};
parentPort.on('message', ({ what, given }) => {
  try {
    parentPort.postMessage({ done: works[what](given) });
  } catch (error) {
    parentPort.postMessage({ failed: String(error) });
  }
});
`;

/** What was found when a text was opened: where it stops being JSON, or all of it but its rows, and how many there are. */
export type Opened =
  | { readonly fault: { readonly line: number; readonly code?: string } }
  | { readonly frame: Readonly<Record<string, unknown>>; readonly counts: Readonly<Record<string, number>> };

/** A way through a file: keys and places in lists, from the outside in. */
export type Path = readonly (string | number)[];

/** The text of a file, parsed and kept on a thread of its own, so that nobody waits for a long one. One question at a time. */
export class FileOnThread {
  private readonly worker = new Worker(SCRIPT, {
    eval: true,
    workerData: { jsonc: createRequire(import.meta.url).resolve('jsonc-parser') },
    resourceLimits: { maxOldGenerationSizeMb: 4096 },
  });

  /** @param bytes of the file, in UTF-8; they are handed over where they are nobody else's */
  open(bytes: Uint8Array): Promise<Opened> {
    // A small body shares its memory with others.
    const own = bytes.byteLength === bytes.buffer.byteLength ? bytes : bytes.slice();
    return this.ask('open', own, [own.buffer as ArrayBuffer]);
  }
  rows(table: string, from: number, count: number): Promise<readonly Readonly<Record<string, unknown>>[]> {
    return this.ask('rows', { table, from, count });
  }
  /** The line of each, or of what it stands in; 0 where none can be named. */
  lines(paths: readonly Path[]): Promise<readonly number[]> {
    return this.ask('lines', paths);
  }
  async close(): Promise<void> {
    await this.worker.terminate();
  }

  private ask<T>(what: string, given: unknown, handed: readonly ArrayBuffer[] = []): Promise<T> {
    return new Promise<T>((resolve, reject) => {
      const gone = (error: unknown): void => {
        reject(error instanceof Error ? error : new Error('The reading thread ended without a word.'));
      };
      this.worker.once('error', gone);
      this.worker.once('exit', gone);
      this.worker.once('message', ({ done, failed }: { done?: T; failed?: string }) => {
        this.worker.off('error', gone);
        this.worker.off('exit', gone);
        if (failed === undefined) resolve(done as T);
        else reject(new Error(failed));
      });
      this.worker.postMessage({ what, given }, handed);
    });
  }
}
