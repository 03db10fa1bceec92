import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { expect, inject, it } from 'vitest';
import { Clock } from './kernel/clock';
import { Door } from './door';
import { Events } from './kernel/events';
import { startServer } from './server';
import { defaultDataFolder, readConfig } from './config';

it('keeps the demo away from the owner’s data', () => {
  const own = readConfig({ AMBER_LADLE_DATA: '/data' });
  const demo = readConfig({ AMBER_LADLE_DATA: '/data', AMBER_LADLE_DEMO: '1' });
  expect(own.databaseFile).not.toBe(demo.databaseFile);
  expect(own.host).toBe('127.0.0.1');
  expect(() => readConfig({ AMBER_LADLE_PORT: 'tea' })).toThrow(RangeError);
});

it.each(['0.0.0.0', '::', '192.168.7.4'])('listens without a lock on this machine alone, told of %s', (host) => {
  const config = readConfig({ AMBER_LADLE_HOST: host });
  expect(config.host).toBe('127.0.0.1');
  expect(config.door.host).toBe(host);
});

it.each(['kitchen.example', '127.evil.example', ''])('takes %j for no address', (host) => {
  expect(() => readConfig({ AMBER_LADLE_HOST: host })).toThrow(/is an address of this machine/);
});

it('does not start at an address that others reach while its door is closed', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'amber-ladle-test-'));
  const config = readConfig({ AMBER_LADLE_DATA: folder, AMBER_LADLE_HOST: '0.0.0.0', AMBER_LADLE_PORT: '0' });
  await expect(startServer(config, inject('besideProgram'), pino({ level: 'silent' }))).rejects.toThrow(
    /door of this household is closed\. Start without it, switch on/,
  );
  // With the door opened before, it does, and others find the locked one alone.
  const door = await Door.open(config.door.file, new Clock(), new Events());
  await door.turn(true);
  await door.close();
  const running = await startServer(config, inject('besideProgram'), pino({ level: 'silent' }));
  expect(running.address).toMatch(/^http:\/\/127\.0\.0\.1:/);
  await running.stop();
  rmSync(folder, { recursive: true });
});

it.each(['ladle.lan', 'ladle.home.arpa, 192.168.7.4'])('takes %s for names of a house net', (names) => {
  expect(readConfig({ AMBER_LADLE_NAMES: names }).door.names).toEqual(names.split(', '));
});
it.each(['ladle.example', '203.0.113.9'])('takes %s for no name of a house net', (names) => {
  expect(() => readConfig({ AMBER_LADLE_NAMES: names })).toThrow(/not of a house net/);
});

it.each(['127.0.0.1', '127.8.8.8', '::1', 'localhost'])('listens at %s', (host) => {
  expect(readConfig({ AMBER_LADLE_HOST: host }).host).toBe(host);
});

it('names the log levels where none is meant', () => {
  expect(() => readConfig({ AMBER_LADLE_LOG: 'loud' })).toThrow(/can be trace, debug, info/);
});

it('puts data where each system means it', () => {
  expect(defaultDataFolder({ XDG_DATA_HOME: '/x' }, 'linux')).toBe('/x/amber-ladle');
  expect(defaultDataFolder({}, 'darwin')).toMatch(/Application Support/);
  expect(defaultDataFolder({ APPDATA: '/app' }, 'win32')).toContain('Amber Ladle');
});

it('has a clock that can be set and runs on', async () => {
  const clock = new Clock();
  clock.set('2026-01-01T00:00:00.000Z');
  const first = clock.now();
  await new Promise((resolve) => setTimeout(resolve, 15));
  expect(clock.now() > first).toBe(true);
  expect(clock.now().slice(0, 10)).toBe('2026-01-01');
  expect(() => {
    clock.set('soon');
  }).toThrow(RangeError);
});
