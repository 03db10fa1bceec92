import { isIPv4 } from 'node:net';
import { homedir } from 'node:os';
import { join } from 'node:path';

export interface Config {
  readonly host: string;
  readonly port: number;
  /** Folder with the database; made when missing. */
  readonly dataFolder: string;
  readonly databaseFile: string;
  readonly demo: boolean;
  /** A fixed present, for the demo's pictures and the tests. */
  readonly clock?: string;
  /** Built web files to serve; undefined serves the API alone. */
  readonly webFolder?: string;
  readonly logLevel: string;
  /** Requests a minute from one address. */
  readonly requestsPerMinute: number;
}

/** Where a person's own data goes when nothing else is said: the place each system means for it. */
export function defaultDataFolder(env: NodeJS.ProcessEnv, platform: NodeJS.Platform): string {
  if (platform === 'win32') return join(env['APPDATA'] ?? join(homedir(), 'AppData', 'Roaming'), 'Amber Ladle');
  if (platform === 'darwin') return join(homedir(), 'Library', 'Application Support', 'Amber Ladle');
  return join(env['XDG_DATA_HOME'] ?? join(homedir(), '.local', 'share'), 'amber-ladle');
}

const LOG_LEVELS: ReadonlySet<string> = new Set(['trace', 'debug', 'info', 'warn', 'error', 'fatal', 'silent']);

/** True for an address that only this machine reaches. */
const isOwnMachine = (host: string): boolean =>
  host === 'localhost' || host === '::1' || (isIPv4(host) && host.startsWith('127.'));

/**
 * Reads the configuration from the environment.
 *
 * AMBER_LADLE_HOST (127.0.0.1), AMBER_LADLE_PORT (4310; demo 4320), AMBER_LADLE_DATA (a per-user folder),
 * AMBER_LADLE_DEMO (1 for the demo household), AMBER_LADLE_CLOCK (a moment, ISO 8601), AMBER_LADLE_LOG (info), AMBER_LADLE_RATE (6000 requests a minute).
 * @throws RangeError, with a sentence, for a port that is none, a word that is no log level, or an address that others reach
 */
export function readConfig(env: NodeJS.ProcessEnv, webFolder?: string): Config {
  const demo = env['AMBER_LADLE_DEMO'] === '1';
  const port = Number(env['AMBER_LADLE_PORT'] ?? (demo ? 4320 : 4310));
  if (!Number.isInteger(port) || port < 0 || port > 65535) throw new RangeError('AMBER_LADLE_PORT is not a port.');
  const host = env['AMBER_LADLE_HOST'] ?? '127.0.0.1';
  if (!isOwnMachine(host))
    throw new RangeError(
      `AMBER_LADLE_HOST is ${host}: the household has no lock yet, and everybody in the net could read and change it. Leave it out, or use 127.0.0.1, ::1 or localhost.`,
    );
  const logLevel = env['AMBER_LADLE_LOG'] ?? 'info';
  if (!LOG_LEVELS.has(logLevel))
    throw new RangeError(`AMBER_LADLE_LOG is ${logLevel}; it can be ${[...LOG_LEVELS].join(', ')}.`);
  const dataFolder = env['AMBER_LADLE_DATA'] ?? defaultDataFolder(env, process.platform);
  const clock = env['AMBER_LADLE_CLOCK'];
  return {
    host,
    port,
    dataFolder,
    databaseFile: join(dataFolder, demo ? 'demo.sqlite' : 'household.sqlite'),
    demo,
    ...(clock ? { clock } : {}),
    ...(webFolder ? { webFolder } : {}),
    logLevel,
    requestsPerMinute: Number(env['AMBER_LADLE_RATE'] ?? 6000) || 6000,
  };
}
