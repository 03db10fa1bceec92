import type { Deed, Device } from '@amber-ladle/contract';
import { v4 as uuid } from 'uuid';
import { LessThan, type DataSource } from 'typeorm';
import type { Clock } from '../kernel/clock';
import { notFound } from '../kernel/refusal';
import { hashOf, newSecret } from './codes';
import { DeedEntity, DeviceEntity, type DeviceRow } from './table';

/** When a device was here last is written down so often at most, milliseconds. */
const SEEN_EVERY = 60_000;
/** So many of what a device changed are kept. */
const MOST_DEEDS = 500;
const SHOWN_DEEDS = 50;
/** Names told by the devices themselves. */
const MOST_NAME = 60;

/** Something of a device that goes on until it is put out. */
interface Open {
  destroy(): void;
}

/** The devices that have a key. There are few, and every request asks: they are held here, and written down. */
export class Devices {
  private readonly byHash = new Map<string, DeviceRow>();
  private readonly open = new Map<string, Set<Open>>();

  private constructor(
    private readonly source: DataSource,
    private readonly clock: Clock,
  ) {}

  static async read(source: DataSource, clock: Clock): Promise<Devices> {
    const devices = new Devices(source, clock);
    for (const row of await source.manager.find(DeviceEntity)) devices.byHash.set(row.keyHash, row);
    return devices;
  }

  list(): Device[] {
    return [...this.byHash.values()]
      .sort((a, b) => a.joinedAt.localeCompare(b.joinedAt))
      .map(({ keyHash: _keyHash, ...device }) => device);
  }

  /** Lets one in. @returns its key, which is told this once and kept nowhere */
  async add(name: string): Promise<string> {
    const key = newSecret();
    const now = this.clock.now();
    const taken = new Set(this.list().map((one) => one.name));
    const wished = name.trim().slice(0, MOST_NAME) || 'Device';
    let ownName = wished;
    for (let number = 2; taken.has(ownName); number++) ownName = `${wished.slice(0, MOST_NAME - 4)} ${number}`;
    const row = { id: uuid(), name: ownName, keyHash: hashOf(key), joinedAt: now, lastSeenAt: now };
    await this.source.manager.insert(DeviceEntity, row);
    this.byHash.set(row.keyHash, row);
    return key;
  }

  /** Whose key it is. */
  of(key: string | undefined): DeviceRow | undefined {
    return key === undefined ? undefined : this.byHash.get(hashOf(key));
  }

  /** It is here now. */
  async seen(device: DeviceRow): Promise<void> {
    const now = this.clock.now();
    // The demo's clock can be set back.
    if (Math.abs(Date.parse(now) - Date.parse(device.lastSeenAt)) < SEEN_EVERY) return;
    device.lastSeenAt = now;
    await this.source.manager.update(DeviceEntity, { id: device.id }, { lastSeenAt: now });
  }

  async rename(id: string, name: string): Promise<void> {
    const row = this.one(id);
    await this.source.manager.update(DeviceEntity, { id }, { name });
    row.name = name;
  }

  /** Takes its key away, and ends whatever goes on with it at once: streams, uploads, answers. */
  async putOut(id: string, but?: object): Promise<void> {
    const row = this.one(id);
    this.byHash.delete(row.keyHash);
    for (const one of this.open.get(id) ?? []) if (one !== but) one.destroy();
    this.open.delete(id);
    await this.source.manager.delete(DeviceEntity, { id });
    await this.source.manager.delete(DeedEntity, { deviceId: id });
  }

  /** Something of it begins. @returns to be called at its end */
  begins(id: string, what: Open): () => void {
    const set = this.open.get(id) ?? new Set();
    this.open.set(id, set.add(what));
    return () => void set.delete(what);
  }

  /** Writes down what it changed. */
  async did(id: string, method: string, path: string): Promise<void> {
    if (!this.list().some((device) => device.id === id)) return;
    const { identifiers } = await this.source.manager.insert(DeedEntity, {
      deviceId: id,
      at: this.clock.now(),
      method,
      path,
    });
    const last = Number(identifiers[0]?.['id']);
    if (last % 50 !== 0) return;
    const [, oldest] = await this.source.manager.find(DeedEntity, {
      where: { deviceId: id },
      order: { id: 'DESC' },
      skip: MOST_DEEDS - 1,
      take: 2,
    });
    if (oldest) await this.source.manager.delete(DeedEntity, { deviceId: id, id: LessThan(oldest.id + 1) });
  }

  /** What it changed, the newest first. @throws Refusal for a device that has no key */
  async deeds(id: string): Promise<Deed[]> {
    this.one(id);
    const rows = await this.source.manager.find(DeedEntity, {
      where: { deviceId: id },
      order: { id: 'DESC' },
      take: SHOWN_DEEDS,
    });
    return rows.map(({ at, method, path }) => ({ at, method, path }));
  }

  private one(id: string): DeviceRow {
    const row = [...this.byHash.values()].find((device) => device.id === id);
    if (!row) throw notFound('device');
    return row;
  }
}
