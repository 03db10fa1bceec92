import { existsSync, statSync } from 'node:fs';
import { cp, rm } from 'node:fs/promises';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { afterEach, beforeEach, expect, inject, it } from 'vitest';
import { openDatabase } from '../../packages/server/src/schema/database';
import { startApp, temporaryFolder } from '../support/app.mjs';

let data: Awaited<ReturnType<typeof temporaryFolder>>;
beforeEach(async () => {
  data = await temporaryFolder();
  await cp(inject('demoFolder'), data.folder, { recursive: true });
});
afterEach(async () => {
  await data.remove();
});

const sizeOf = (file: string): number => (existsSync(file) ? statSync(file).size : 0);
const send = async (address: string, method: string, path: string, body?: object) => {
  const answer = await fetch(`${address}/api${path}`, {
    method,
    headers: { 'Content-Type': 'application/json' },
    ...(body ? { body: JSON.stringify(body) } : {}),
  });
  return { status: answer.status, body: (await answer.json()) as Record<string, unknown> };
};
const namesOf = async (address: string): Promise<Set<string>> => {
  const heads = (await (await fetch(`${address}/api/heads`)).json()) as { name: string }[];
  return new Set(heads.map(({ name }) => name));
};

/** So many heads more. */
const writeSome = (address: string, count: number): ReturnType<typeof writeUntilRefused> =>
  writeUntilRefused(address, 1, count);

/** Heads with a long note, one after the other, until so many were refused. */
async function writeUntilRefused(
  address: string,
  most: number,
  count = 600,
): Promise<{ kept: string[]; refused: Record<string, unknown>[] }> {
  const [first] = (await (await fetch(`${address}/api/heads`)).json()) as Record<string, unknown>[];
  const { id: _id, version: _version, createdAt: _created, updatedAt: _updated, ...like } = first ?? {};
  const kept: string[] = [];
  const refused: Record<string, unknown>[] = [];
  for (let i = 0; i < count && refused.length < most; i++) {
    const name = `Filler ${i}`;
    const { status, body } = await send(address, 'POST', '/heads', { ...like, name, note: 'x'.repeat(490) });
    if (status === 201) kept.push(name);
    else refused.push({ ...body, status });
  }
  return { kept, refused };
}

it('on a disk that takes no more says so, goes on reading, and has lost no answered write, then and afterwards', async () => {
  // A household to begin with, and room for a few pages more.
  const file = join(data.folder, 'demo.sqlite');
  // The log of writes begins empty: how much of it was written before must not decide what fits.
  const source = await openDatabase(file);
  await source.query('PRAGMA wal_checkpoint(TRUNCATE)');
  await source.destroy();
  const app = await startApp({ dataFolder: data.folder, mostFileBytes: sizeOf(file) + 300_000 });
  const { kept, refused } = await writeUntilRefused(app.address, 25);
  expect(kept.length).toBeGreaterThan(5);
  expect(refused).toHaveLength(25);
  for (const one of refused) expect(one).toMatchObject({ status: 507, type: 'urn:amber-ladle:storage' });
  // What was answered is there, and what was refused is not.
  const read = await namesOf(app.address);
  for (const name of kept) expect(read).toContain(name);
  expect([...read].filter((name) => name.startsWith('Filler'))).toHaveLength(kept.length);
  await app.stop('SIGKILL');

  // With room again everything answered is there, and it goes on.
  const after = await startApp({ dataFolder: data.folder });
  const found = await namesOf(after.address);
  for (const name of kept) expect(found).toContain(name);
  expect([...found].filter((name) => name.startsWith('Filler'))).toHaveLength(kept.length);
  const more = await writeSome(after.address, 50);
  expect(more.refused).toEqual([]);
  await after.stop();
}, 120_000);

interface Copy {
  name: string;
  why: string;
}
const copiesOf = async (address: string): Promise<Copy[]> =>
  (await (await fetch(`${address}/api/backups`)).json()) as Copy[];

it('killed at any moment of a copy has no half one, and loses nothing', async () => {
  let heads = 0;
  for (const milliseconds of [0, 10, 20, 40, 60, 90, 130]) {
    const app = await startApp({ dataFolder: data.folder });
    heads = (await namesOf(app.address)).size;
    const copying = send(app.address, 'POST', '/backups').catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, milliseconds));
    await app.stop('SIGKILL');
    await copying;
  }
  const after = await startApp({ dataFolder: data.folder });
  expect((await namesOf(after.address)).size).toBe(heads);
  const copies = await copiesOf(after.address);
  expect(copies.length).toBeGreaterThan(0);
  for (const { name } of copies)
    expect((await send(after.address, 'POST', `/backups/${name}/restore`, { isForReal: false })).body).toMatchObject({
      faults: [],
    });
  await after.stop();
}, 120_000);

/**
 * Does something over and over with a household that has a dozen heads more than before, killed a little later each time: it has as
 * many afterwards as it had, or as many as before, and nothing between.
 */
async function killedWhile(
  milliseconds: readonly number[],
  before: number,
  begin: (address: string) => Promise<unknown>,
): Promise<void> {
  const first = await startApp({ dataFolder: data.folder });
  const { kept } = await writeSome(first.address, 12);
  await first.stop();
  for (const moment of milliseconds) {
    const app = await startApp({ dataFolder: data.folder });
    const done = begin(app.address).catch(() => undefined);
    await new Promise((resolve) => setTimeout(resolve, moment));
    await app.stop('SIGKILL');
    await done;
    const after = await startApp({ dataFolder: data.folder });
    const { size } = await namesOf(after.address);
    expect([before, before + kept.length]).toContain(size);
    if (size === before) await writeSome(after.address, kept.length);
    await after.stop();
  }
}

it('killed at any moment of bringing a copy back is as it was before or as the copy was, and nothing between', async () => {
  const first = await startApp({ dataFolder: data.folder });
  const { size } = await namesOf(first.address);
  await send(first.address, 'POST', '/backups');
  await first.stop();
  await killedWhile([20, 120, 220, 320, 450, 700], size, async (address) => {
    const copy = (await copiesOf(address)).findLast(({ why }) => why === 'by-hand');
    await send(address, 'POST', `/backups/${copy?.name}/restore`, { isForReal: true });
  });
}, 180_000);

it('killed at any moment of a file coming in is as it was before or as the file was, and nothing between', async () => {
  const first = await startApp({ dataFolder: data.folder });
  const { size } = await namesOf(first.address);
  const body = await (await fetch(`${first.address}/api/files/household.json`)).text();
  await first.stop();
  const headers = { 'Content-Type': 'application/json' };
  await killedWhile([30, 150, 250, 350, 450, 600, 800], size, (address) =>
    fetch(`${address}/api/files/household?isForReal=true`, { method: 'POST', headers, body }),
  );
}, 180_000);

it('killed at any moment of being brought up to date is brought up to date the next time, and has lost nothing', async () => {
  const file = join(data.folder, 'demo.sqlite');
  const tablesAt = async (address: string): Promise<unknown> =>
    ((await (await fetch(`${address}/api/files/household.json`)).json()) as { tables: unknown }).tables;
  /** As the version before the last three changes of the tables left it. */
  const makeOld = async (): Promise<void> => {
    const source = await openDatabase(file);
    for (let undo = 0; undo < 3; undo++) await source.undoLastMigration();
    await source.destroy();
  };
  await makeOld();
  const first = await startApp({ dataFolder: data.folder });
  const tables = await tablesAt(first.address);
  await first.stop();
  // The copy that is put aside first tells that the change begins, which takes some ten milliseconds.
  const aside = `${file}.before-migration`;
  for (const milliseconds of [0, 2, 4, 6, 8, 12, 20]) {
    await makeOld();
    await rm(aside, { force: true });
    const killWhen = expect
      .poll(() => existsSync(aside), { interval: 1, timeout: 30_000 })
      .toBe(true)
      .then(() => pause(milliseconds));
    await startApp({ dataFolder: data.folder, killWhen }).then(
      (app) => app.stop('SIGKILL'),
      () => undefined,
    );
    await killWhen;
    const after = await startApp({ dataFolder: data.folder });
    expect(await tablesAt(after.address)).toEqual(tables);
    await after.stop();
  }
}, 180_000);
