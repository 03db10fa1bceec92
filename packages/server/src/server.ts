import { HOUR } from '@amber-ladle/core/time';
import { createServer, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { pino, type Logger } from 'pino';
import { Clock } from './kernel/clock';
import type { Config } from './config';
import { openDatabase } from './schema/database';
import { holdAlone } from './schema/onlyOne';
import { seedDemo } from './demo/seed';
import { Door, Doorway } from './door';
import { deviceMode } from './device/mode';
import { SimulatedScale } from './device/scale';
import { SimulatedThermometers } from './device/thermometer';
import { Events } from './kernel/events';
import { createApp } from './http/app';
import { backUpDaily, clearWorkshops } from './copy';
import { household } from './kernel/household';
import { SideThreads } from './kernel/sideThreads';

export interface RunningServer {
  readonly address: string;
  readonly server: Server;
  /** Finishes what is under way, closes the database and ends. */
  stop(): Promise<void>;
}

/**
 * Opens the database, seeds the demo when asked, and listens.
 * @param besideProgram the file that threads beside it run
 */
export async function startServer(
  config: Config,
  besideProgram: string,
  logger: Logger = pino({ level: config.logLevel }),
): Promise<RunningServer> {
  const clock = new Clock();
  if (config.clock) clock.set(config.clock);
  const letGo = holdAlone(config.databaseFile);
  await clearWorkshops();
  const source = await openDatabase(config.databaseFile).catch((error: unknown) => {
    letGo();
    throw error;
  });
  const events = new Events();
  const side = new SideThreads(besideProgram);
  const home = household(source, clock, events, side);
  if (config.demo) await seedDemo(home);
  // A copy that fails is tried again in an hour, and stops nothing.
  const copyDaily = (): Promise<void> =>
    backUpDaily(home).then(
      () => undefined,
      (error: unknown) => {
        logger.error(error);
      },
    );
  await copyDaily();
  const daily = setInterval(() => void copyDaily(), HOUR);
  daily.unref();

  const devices = {
    thermometers: new SimulatedThermometers(home, () => deviceMode(home, config.demo)),
    scale: new SimulatedScale(),
  };
  devices.thermometers.start();

  const door = await Door.open(config.door.file, clock, events);
  if (config.door.host !== undefined && !door.isOpen) {
    await door.close();
    await source.destroy();
    letGo();
    throw new RangeError(
      `AMBER_LADLE_HOST is ${config.door.host}, which others reach, and the door of this household is closed. Start without it, switch on “Use it from your phone” in Settings, then start with it.`,
    );
  }
  const names = { of: (): ReadonlySet<string> => new Set() };
  const app = createApp({
    door,
    doorNames: () => names.of(),
    household: home,
    devices,
    host: config.host,
    demo: config.demo,
    logger,
    requestsPerMinute: config.requestsPerMinute,
    ...(config.webFolder ? { webFolder: config.webFolder } : {}),
  });
  const server = createServer(app);
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject);
    server.listen(config.port, config.host, resolve);
  }).catch(async (error: unknown) => {
    await source.destroy();
    letGo();
    throw error;
  });
  const doorway = new Doorway(door, app, { ...config.door, furtherNames: config.door.names }, logger);
  names.of = () => doorway.hosts();
  door.way = doorway;
  await doorway.follow(door.isOpen);
  const { port } = server.address() as AddressInfo;
  const name = config.host.includes(':') ? `[${config.host}]` : config.host;

  return {
    address: `http://${name}:${port}`,
    server,
    async stop() {
      clearInterval(daily);
      events.close();
      await doorway.end();
      devices.thermometers.stop();
      devices.scale.close();
      server.closeIdleConnections();
      await new Promise<void>((resolve) => {
        const force = setTimeout(() => {
          server.closeAllConnections();
        }, 3000);
        server.close(() => {
          clearTimeout(force);
          resolve();
        });
      });
      await side.close();
      await door.close();
      await source.destroy();
      letGo();
    },
  };
}
