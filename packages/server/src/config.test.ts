import { expect, it } from 'vitest';
import { Clock } from './kernel/clock';
import { defaultDataFolder, readConfig } from './config';

it('keeps the demo away from the owner’s data', () => {
  const own = readConfig({ AMBER_LADLE_DATA: '/data' });
  const demo = readConfig({ AMBER_LADLE_DATA: '/data', AMBER_LADLE_DEMO: '1' });
  expect(own.databaseFile).not.toBe(demo.databaseFile);
  expect(own.host).toBe('127.0.0.1');
  expect(() => readConfig({ AMBER_LADLE_PORT: 'tea' })).toThrow(RangeError);
});

it.each(['0.0.0.0', '::', '192.168.7.4', 'kitchen.example', '127.evil.example', ''])(
  'does not open the household to others at %s',
  (host) => {
    expect(() => readConfig({ AMBER_LADLE_HOST: host })).toThrow(/has no lock yet/);
  },
);

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
