import { spawn } from 'node:child_process';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const root = join(dirname(fileURLToPath(import.meta.url)), '..', '..');
/** The built server. */
export const mainFile = join(root, 'packages', 'server', 'dist', 'main.js');

/** The demo's present in tests and pictures: a Saturday morning. */
export const DEMO_NOW = '2026-03-14T09:30:00.000Z';

/**
 * Starts the built server as its own process.
 * @param {{ dataFolder: string, demo?: boolean, port?: number, env?: Record<string, string>, mostFileBytes?: number, killWhen?: Promise<unknown>, program?: string }} options
 * `mostFileBytes`: no file may grow beyond it, as on a disk that is full; `killWhen`: it is killed once this has come
 * @returns {Promise<{ address: string, pid: number, startMilliseconds: number, stop: (signal?: NodeJS.Signals) => Promise<void> }>}
 */
export async function startApp({
  dataFolder,
  demo = true,
  port = 0,
  env = {},
  mostFileBytes,
  killWhen,
  program = mainFile,
}) {
  const began = performance.now();
  const [command, args] =
    mostFileBytes === undefined
      ? [process.execPath, [program]]
      : [
          'sh',
          [
            '-c',
            `trap '' XFSZ; ulimit -f ${Math.ceil(mostFileBytes / 512)}; exec "$0" "$1"`,
            process.execPath,
            program,
          ],
        ];
  const child = spawn(command, args, {
    env: {
      ...process.env,
      AMBER_LADLE_DATA: dataFolder,
      AMBER_LADLE_PORT: String(port),
      AMBER_LADLE_DEMO: demo ? '1' : '0',
      AMBER_LADLE_CLOCK: DEMO_NOW,
      AMBER_LADLE_LOG: 'warn',
      ...env,
    },
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  const ended = new Promise((resolve) => child.once('exit', resolve));
  void killWhen?.then(() => child.kill('SIGKILL'));
  let output = '';
  const address = await new Promise((resolve, reject) => {
    const read = (chunk) => {
      output += chunk;
      const found = /ready: (http:\S+)/.exec(output);
      if (found) resolve(found[1]);
    };
    child.stdout.on('data', read);
    child.stderr.on('data', read);
    child.once('exit', (code) => reject(new Error(`The server ended with ${code}: ${output}`)));
  });
  return {
    address,
    pid: child.pid ?? 0,
    startMilliseconds: performance.now() - began,
    async stop(signal = 'SIGTERM') {
      child.kill(signal);
      await ended;
    },
  };
}

/** A data folder of its own. */
export async function temporaryFolder() {
  const folder = await mkdtemp(join(tmpdir(), 'amber-ladle-e2e-'));
  return { folder, remove: () => rm(folder, { recursive: true, force: true }) };
}
