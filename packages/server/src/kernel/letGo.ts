import { setImmediate } from 'node:timers/promises';
import { setFlagsFromString } from 'node:v8';
import { runInNewContext } from 'node:vm';

/**
 * Waits until connections that were closed have let go of their files. The binding keeps a closed connection, its locks with it, until
 * the last of its statements is collected, and nobody can end a statement by hand: so the collector is asked.
 */
export async function letGo(): Promise<void> {
  setFlagsFromString('--expose_gc');
  runInNewContext('gc()');
  // What was collected is ended a turn later.
  await setImmediate();
}
