import { EntitySchema } from 'typeorm';

/** A device that was let in. */
export interface DeviceRow {
  id: string;
  name: string;
  /** SHA-256 of its key. */
  keyHash: string;
  joinedAt: string;
  lastSeenAt: string;
}

/** Something that it changed. */
export interface DeedRow {
  id: number;
  deviceId: string;
  at: string;
  method: string;
  path: string;
}

/** What the door keeps of itself: whether it is open, certificates with their keys, the passphrase's hash, the calendar's secret. */
export interface DoorRow {
  key: string;
  value: unknown;
}

export const DeviceEntity = new EntitySchema<DeviceRow>({
  name: 'device',
  columns: {
    id: { type: 'text', primary: true },
    name: { type: 'text' },
    keyHash: { type: 'text', unique: true },
    joinedAt: { type: 'text' },
    lastSeenAt: { type: 'text' },
  },
});

export const DeedEntity = new EntitySchema<DeedRow>({
  name: 'deed',
  columns: {
    id: { type: 'integer', primary: true, generated: 'increment' },
    deviceId: { type: 'text' },
    at: { type: 'text' },
    method: { type: 'text' },
    path: { type: 'text' },
  },
});

export const DoorEntity = new EntitySchema<DoorRow>({
  name: 'door',
  columns: { key: { type: 'text', primary: true }, value: { type: 'simple-json' } },
});
