import { NO_CHOICES } from '@amber-ladle/core/house';
import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { aProfile } from '@amber-ladle/core/testing';
import type { Express } from 'express';
import { pino } from 'pino';
import type { DataSource } from 'typeorm';
import { inject } from 'vitest';
import { Clock } from './kernel/clock';
import { openDatabase } from './schema/database';
import { Door, Doorway } from './door';
import { SimulatedScale } from './device/scale';
import { SimulatedThermometers } from './device/thermometer';
import { Events } from './kernel/events';
import { createApp } from './http/app';
import { household, type Household } from './kernel/household';
import { SideThreads } from './kernel/sideThreads';
import { deviceMode } from './device/mode';

export interface TestHouse {
  readonly app: Express;
  readonly home: Household;
  readonly door: Door;
  readonly source: DataSource;
  readonly file: string;
  /** The server ends and begins anew on the same file. */
  restart(): Promise<void>;
  close(): Promise<void>;
}

/** What a test house is found by, beside what the machine is. */
export const DOOR_NAMES = ['127.0.0.2', 'ladle.home.arpa'] as const;

/** One for all the houses of a file of tests. */
const SIDE = new SideThreads(inject('besideProgram'));

/** A whole server on a database file of its own, its clock set to a fixed moment. */
export async function testHouse(
  options: { requestsPerMinute?: number; withPages?: boolean; demo?: boolean; worldClock?: () => number } = {},
): Promise<TestHouse> {
  const folder = mkdtempSync(join(tmpdir(), 'amber-ladle-test-'));
  const file = join(folder, 'household.sqlite');
  const pages = join(folder, 'pages');
  if (options.withPages) {
    mkdirSync(pages);
    writeFileSync(
      join(pages, 'index.html'),
      '<script type="module" nonce="__CSP_NONCE__" src="/assets/a.js"></script><div id="app"></div>',
    );
  }
  const clock = new Clock();
  clock.set('2026-03-14T09:00:00.000Z');
  const opened = async () => {
    const source = await openDatabase(file);
    const events = new Events();
    const home = household(source, clock, events, SIDE);
    const door = await Door.open(join(folder, 'door.sqlite'), clock, events, options.worldClock);
    const devices = {
      thermometers: new SimulatedThermometers(home, () => deviceMode(home, options.demo ?? false)),
      scale: new SimulatedScale(),
    };
    const way: { of: Pick<Doorway, 'hosts'> } = { of: { hosts: () => new Set() } };
    const logger = pino({ level: 'silent' });
    const app = createApp({
      household: home,
      devices,
      door,
      doorNames: () => way.of.hosts(),
      host: '127.0.0.1',
      demo: options.demo ?? false,
      logger,
      ...(options.requestsPerMinute ? { requestsPerMinute: options.requestsPerMinute } : {}),
      ...(options.withPages ? { webFolder: pages } : {}),
    });
    const doorway = new Doorway(door, app, { port: 0, furtherNames: DOOR_NAMES }, logger);
    way.of = doorway;
    door.way = doorway;
    await doorway.follow(door.isOpen);
    const end = async () => {
      await doorway.end();
      devices.scale.close();
      await door.close();
      await source.destroy();
    };
    return { source, home, app, door, end };
  };
  let now = await opened();
  return {
    file,
    get app() {
      return now.app;
    },
    get home() {
      return now.home;
    },
    get door() {
      return now.door;
    },
    get source() {
      return now.source;
    },
    async restart() {
      await now.end();
      now = await opened();
    },
    async close() {
      await now.end();
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

export const aHead = {
  name: 'Wren',
  note: '',
  ageYears: 30,
  sensitiveSkin: false,
  profile: aProfile(),
} as const;

export const aBowl = (headId: string, id = '8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a11') => ({
  id,
  headId,
  maskId: 'rice-silk',
  profile: aHead.profile,
  choices: NO_CHOICES,
  otherHeadIds: [] as string[],
});
