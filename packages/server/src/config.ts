import { isIP, isIPv4 } from 'node:net';
import { homedir } from 'node:os';
import { join } from 'node:path';
import { isHouseName, isOfHouseNet } from './door';

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
  /** Where devices of the house come in, once the door is open. */
  readonly door: {
    readonly file: string;
    readonly port: number;
    /** The one address of this machine to listen at; every one where it is left out. */
    readonly host?: string;
    readonly names: readonly string[];
  };
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
 * AMBER_LADLE_DOOR_PORT (one more), AMBER_LADLE_NAMES (further names of this machine in its net, with commas between),
 * AMBER_LADLE_DEMO (1 for the demo household), AMBER_LADLE_CLOCK (a moment, ISO 8601), AMBER_LADLE_LOG (info), AMBER_LADLE_RATE (6000 requests a minute).
 * @throws RangeError, with a sentence, for a port that is none, a word that is no log level, or a name that is none of a house net
 */
export function readConfig(env: NodeJS.ProcessEnv, webFolder?: string): Config {
  const demo = env['AMBER_LADLE_DEMO'] === '1';
  const port = Number(env['AMBER_LADLE_PORT'] ?? (demo ? 4320 : 4310));
  if (!Number.isInteger(port) || port < 0 || port > 65535) throw new RangeError('AMBER_LADLE_PORT is not a port.');
  const asked = env['AMBER_LADLE_HOST'] ?? '127.0.0.1';
  // Without a lock nobody but this machine is listened to; an open address is the door's.
  const host = isOwnMachine(asked) ? asked : '127.0.0.1';
  if (host !== asked && !isIP(asked))
    throw new RangeError(`AMBER_LADLE_HOST is ${asked || 'empty'}; it is an address of this machine, as 192.168.1.20.`);
  const doorPort = Number(env['AMBER_LADLE_DOOR_PORT'] ?? (port === 0 || port === 65535 ? 0 : port + 1));
  if (!Number.isInteger(doorPort) || doorPort < 0 || doorPort > 65535)
    throw new RangeError('AMBER_LADLE_DOOR_PORT is not a port.');
  const names = (env['AMBER_LADLE_NAMES'] ?? '')
    .split(',')
    .map((name) => name.trim().toLowerCase())
    .filter(Boolean);
  for (const name of names)
    if (!isHouseName(name) && !isOfHouseNet(name))
      throw new RangeError(
        `AMBER_LADLE_NAMES has ${name}, which is not of a house net: names there end in .local, .home.arpa, .internal, .lan or .home.`,
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
    door: {
      file: join(dataFolder, demo ? 'demo-door.sqlite' : 'door.sqlite'),
      port: doorPort,
      ...(host === asked ? {} : { host: asked }),
      names,
    },
  };
}
