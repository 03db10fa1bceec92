import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { Clock } from '../kernel/clock';
import type { DataSource } from 'typeorm';
import { openDoorDatabase } from './database';
import { Devices } from './devices';
import { DeedEntity, DeviceEntity } from './table';

let folder: string;
let source: DataSource;
let devices: Devices;
const clock = new Clock();
beforeEach(async () => {
  clock.set('2026-03-14T09:00:00.000Z');
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-test-'));
  source = await openDoorDatabase(join(folder, 'door.sqlite'));
  devices = await Devices.read(source, clock);
});
afterEach(async () => {
  await source.destroy();
  rmSync(folder, { recursive: true });
});

it('tells two of the same name apart, however long it is', async () => {
  for (const name of ['Phone', 'Phone', ' ', 'x'.repeat(90), 'x'.repeat(60)]) await devices.add(name);
  const names = devices.list().map(({ name }) => name);
  expect(names.slice(0, 3)).toEqual(['Phone', 'Phone 2', 'Device']);
  expect(new Set(names).size).toBe(5);
  expect(Math.max(...names.map(({ length }) => length))).toBeLessThanOrEqual(60);
});

it('keeps the last five hundred of what a device changed, and nothing of one that was put out', async () => {
  await devices.add('Phone');
  await devices.add('Tablet');
  const [phone, tablet] = devices.list();
  await devices.did(tablet!.id, 'POST', '/stock');
  for (let i = 0; i < 620; i++) await devices.did(phone!.id, 'POST', `/heads/${i}`);
  const kept = await source.manager.countBy(DeedEntity, { deviceId: phone!.id });
  expect(kept).toBeGreaterThanOrEqual(500);
  expect(kept).toBeLessThan(550);
  expect((await devices.deeds(phone!.id))[0]?.path).toBe('/heads/619');
  expect(await devices.deeds(tablet!.id)).toHaveLength(1);
  await devices.putOut(phone!.id);
  // What it was still doing when it was put out is written down nowhere.
  await devices.did(phone!.id, 'POST', '/stock');
  expect(await source.manager.countBy(DeedEntity, { deviceId: phone!.id })).toBe(0);
  await expect(devices.deeds(phone!.id)).rejects.toThrow('no-such.device');
});

it('writes down when a device was here, and not with every request', async () => {
  const key = await devices.add('Phone');
  const device = devices.of(key)!;
  const writtenAt = async (): Promise<string> =>
    (await source.manager.findOneByOrFail(DeviceEntity, { id: device.id })).lastSeenAt;
  clock.set('2026-03-14T09:00:30.000Z');
  await devices.seen(device);
  expect(await writtenAt()).toMatch(/T09:00:00/);
  clock.set('2026-03-14T09:05:00.000Z');
  await devices.seen(device);
  expect(await writtenAt()).toMatch(/T09:05:00/);
});

it('ends all of a device but the one that is to be answered still', async () => {
  const key = await devices.add('Phone');
  const { id } = devices.of(key)!;
  const ended: string[] = [];
  const stream = { destroy: () => ended.push('stream') };
  const asking = { destroy: () => ended.push('asking') };
  const over = { destroy: () => ended.push('over') };
  devices.begins(id, stream);
  devices.begins(id, asking);
  devices.begins(id, over)();
  await devices.putOut(id, asking);
  expect(ended).toEqual(['stream']);
  expect(devices.of(key)).toBeUndefined();
});
