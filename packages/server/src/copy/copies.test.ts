import { spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { PassThrough } from 'node:stream';
import { text as textOf } from 'node:stream/consumers';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { Sqlite } from '../kernel/sqlite';
import fc from 'fast-check';
import request from 'supertest';
import { afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import type { Backup, Head, HouseholdFileAnswer } from '@amber-ladle/contract';
import { seedDemo } from '../demo/seed';
import { backUpDaily, listBackups } from './backups';
import { backupsToKeep } from './backupPlan';
import { clearWorkshops } from './workshop';
import { writeHousehold } from './writeFile';
import { aHead, testHouse, type TestHouse } from '../testing';

interface File {
  format: string;
  version: number;
  written: string;
  tables: Record<string, Record<string, unknown>[]>;
}

const written = async (house: TestHouse, withPhotos = true): Promise<string> => {
  const out = new PassThrough();
  const whole = textOf(out);
  await writeHousehold(house.home, out, withPhotos);
  return whole;
};
const tablesIn = (text: string): File['tables'] => (JSON.parse(text) as File).tables;
const read = async (house: TestHouse, text: string, isForReal = true): Promise<HouseholdFileAnswer> =>
  (
    await request(house.app)
      .post(`/api/files/household?isForReal=${isForReal}`)
      .set('Content-Type', 'application/json')
      .send(text)
      .expect(200)
  ).body as HouseholdFileAnswer;

let house: TestHouse;
/** A household with a season of everything, as a file. */
let full: string;
beforeAll(async () => {
  const demo = await testHouse();
  await seedDemo(demo.home);
  full = await written(demo);
  await demo.close();
}, 60_000);
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());

describe('a whole household in one file', () => {
  it('goes out and comes back equal, and the same again', async () => {
    const looked = await read(house, full, false);
    expect(looked).toMatchObject({ faults: [], isDone: false });
    expect(looked.counts).toMatchObject({ head: 3, bowl: 13, wear_log: 9, head_measure: 6 });
    expect(tablesIn(await written(house))['head']).toEqual([]);
    expect(await read(house, full)).toMatchObject({ faults: [], isDone: true });
    expect(tablesIn(await written(house))).toEqual(tablesIn(full));
    await read(house, full);
    expect(tablesIn(await written(house))).toEqual(tablesIn(full));
    const heads = (await request(house.app).get('/api/heads').expect(200)).body as Head[];
    expect(heads.map(({ name }) => name)).toEqual(['Isaura', 'Pip', 'Teo']);
  }, 60_000);

  it('holds to the schema that is published, as another reader of schemas says', async () => {
    const schema = (await request(house.app).get('/api/files/household.schema.json').expect(200)).body as object;
    const isRight = new Ajv2020({ strict: false }).compile(schema);
    expect(isRight(JSON.parse(full))).toBe(true);
    await expect(`${JSON.stringify(schema, null, 2)}\n`).toMatchFileSnapshot(
      '../../../../docs/formats/household.schema.json',
    );
  });

  it('reads what the version before wrote', async () => {
    const old = await testHouse();
    await request(old.app)
      .post('/api/heads')
      .send({ ...aHead, name: 'Of old' })
      .expect(201);
    await old.source.undoLastMigration();
    const text = await written(old);
    expect((JSON.parse(text) as File).version).toBe((JSON.parse(full) as File).version - 1);
    expect(await read(house, text)).toMatchObject({ faults: [], isDone: true });
    const heads = (await request(house.app).get('/api/heads').expect(200)).body as Head[];
    expect(heads[0]?.name).toBe('Of old');
    await old.close();
  });

  it('leaves the pictures out where that is asked', async () => {
    expect(tablesIn(await written(house, false))).not.toHaveProperty('photo_data');
  });
});

it('ends with whoever reads it, and leaves no copy lying about', async () => {
  const copies = (): string[] =>
    readdirSync(tmpdir()).filter((name) => name.startsWith(`amber-ladle-copy-${process.pid}-`));
  const before = copies();
  await seedDemo(house.home);
  const out = new PassThrough({ highWaterMark: 100 });
  out.on('error', () => undefined);
  const written = writeHousehold(house.home, out, true);
  await once(out, 'readable');
  expect(copies().length).toBe(before.length + 1);
  out.destroy();
  await written;
  expect(copies()).toEqual(before);
}, 30_000);

it('clears away what a killed program left of a household, and nobody else’s', async () => {
  const { pid } = spawnSync(process.execPath, ['--version']);
  const gone = mkdtempSync(join(tmpdir(), `amber-ladle-copy-${pid}-`));
  writeFileSync(join(gone, 'copy.sqlite'), 'x');
  const live = mkdtempSync(join(tmpdir(), `amber-ladle-copy-${process.pid}-`));
  await clearWorkshops();
  expect([existsSync(gone), existsSync(live)]).toEqual([false, true]);
  rmdirSync(live);
});

describe('a damaged or hostile file', () => {
  /** Says what is wrong and where, and leaves the household as it was. */
  const refused = async (text: string): Promise<HouseholdFileAnswer['faults']> => {
    const { faults, isDone } = await read(house, text);
    expect(isDone).toBe(false);
    expect(faults.length).toBeGreaterThan(0);
    expect((await request(house.app).get('/api/heads').expect(200)).body).toHaveLength(1);
    return faults;
  };
  const changed = (change: (file: File) => unknown): string => {
    const file = JSON.parse(full) as File;
    change(file);
    return JSON.stringify(file, null, 1);
  };
  const lineOf = (text: string, words: string): number => text.slice(0, text.indexOf(words)).split('\n').length;
  beforeEach(async () => {
    await request(house.app).post('/api/heads').send(aHead).expect(201);
  });

  it('is refused with the line that is wrong', async () => {
    const cut = full.slice(0, full.length / 2);
    expect((await refused(cut))[0]?.line).toBe(cut.split('\n').length);
    const wrongType = changed(({ tables }) => (((tables['lot'] ?? [])[2] as { grams: unknown }).grams = 'plenty'));
    expect((await refused(wrongType))[0]).toMatchObject({ line: lineOf(wrongType, '"plenty"') });
    const notAProfile = changed(
      ({ tables }) =>
        (((tables['head'] ?? [])[1] as never)['profile'] = {
          ...aHead.profile,
          stretchedLengthCentimetres: -4,
        } as never),
    );
    const [profile] = await refused(notAProfile);
    expect(profile?.words).toMatch(/Length is at least/);
    expect(profile?.line).toBeGreaterThan(lineOf(notAProfile, '"head": ['));
    const orphan = changed(({ tables }) => (tables['head'] ?? []).splice(0, 1));
    expect((await refused(orphan)).map(({ words }) => words).join(' ')).toMatch(/not in the file/);
    const twice = changed(({ tables }) => tables['head']?.push(...(tables['head'] ?? []).slice(0, 1)));
    expect((await refused(twice))[0]?.words).toMatch(/does not fit/);
  }, 60_000);

  it('is refused where a lot and its book, a kind, a moment or a picture are none', async () => {
    const row = (tables: File['tables'], table: string): Record<string, unknown> => (tables[table] ?? [])[0] ?? {};
    const cases: readonly (readonly [(tables: File['tables']) => unknown, string, RegExp])[] = [
      [(tables) => (row(tables, 'lot')['grams'] = 7777.5), '7777.5', /holds 7777.5 g, and its book comes to/],
      [(tables) => (row(tables, 'movement')['kind'] = 'borrowed'), 'borrowed', /kind/],
      [(tables) => (row(tables, 'stock_change')['at'] = '2026-02-30T08:00:00.000Z'), '2026-02-30', /ISO 8601/],
      [(tables) => (row(tables, 'bowl_life')['ended_how'] = 'lost'), 'lost', /endedHow/],
      [(tables) => (row(tables, 'photo_data')['data'] = 'bm8='), 'bm8=', /no picture/],
      [(tables) => (row(tables, 'place')['kind'] = 'cellar'), 'cellar', /kind/],
      [(tables) => (row(tables, 'bowl_event')['fact'] = { kind: 'begin', stepId: 7 }), '"stepId": 7', /stepId/],
      [(tables) => (row(tables, 'bowl_event')['fact'] = { kind: 'sneezed' }), 'sneezed', /happens to a bowl/],
    ];
    for (const [change, words, said] of cases) {
      const text = changed(({ tables }) => change(tables));
      if (!text.includes(words)) throw new Error(`The household of this test has nothing to spoil for ${words}.`);
      const [fault] = await refused(text);
      expect(fault?.words).toMatch(said);
      // The row that it stands in; its own line where it has one.
      expect(Math.abs((fault?.line ?? 0) - lineOf(text, words))).toBeLessThan(30);
    }
  }, 60_000);

  it('is refused whatever else it is', async () => {
    for (const text of ['[]', 'null', '"x"', '{}', '{"format":"amber-ladle-household"}', ' ', '\u0000'])
      await refused(text);
    await refused(changed((file) => (file.version = 99)));
    await refused(changed((file) => (file.version = -1)));
    await refused(changed(({ tables }) => (tables['../../etc'] = [])));
    await refused(
      changed(({ tables }) => (((tables['head'] ?? [])[0] as never)['x"); DROP TABLE head; --'] = 1 as never)),
    );
    await refused(full.replace('"tables": {', '"__proto__": {"polluted": 1}, "tables": {'));
    expect(({} as { polluted?: number }).polluted).toBeUndefined();
    await refused(changed(({ tables }) => (((tables['bowl'] ?? [])[0] as never)['snapshot'] = { head: {} } as never)));
    const empty = changed(({ tables }) => {
      const snapshot = ((tables['bowl'] ?? [])[0] as { snapshot: { sized: { demand: unknown } } }).snapshot;
      snapshot.sized.demand = {};
    });
    expect((await refused(empty))[0]?.words).toMatch(/cannot be opened/);
    await refused('['.repeat(100_000));
    const deep = `${'['.repeat(200_000)}${']'.repeat(200_000)}`;
    await refused(full.replace('"tables": {', `"tables": {"setting": [{"key": "deep", "value": ${deep}}], "x": [],`));
    await request(house.app).post('/api/files/household').set('Content-Type', 'text/plain').send('{}').expect(415);
  }, 60_000);

  it('is refused or read whole, wherever it was cut or smudged', async () => {
    await fc.assert(
      fc.asyncProperty(
        // Cut off behind its last brace it would be whole.
        fc.nat(full.trimEnd().length - 1),
        fc.string({ minLength: 1, maxLength: 6 }),
        fc.boolean(),
        async (at, noise, isCut) => {
          const text = isCut ? full.slice(0, at) : full.slice(0, at) + noise + full.slice(at + noise.length);
          const { faults, isDone } = await read(house, text, false);
          expect(isDone).toBe(false);
          if (isCut) expect(faults.length).toBeGreaterThan(0);
        },
      ),
      { numRuns: 12 },
    );
  }, 120_000);

  it('keeps a script as the words it is', async () => {
    const name = '<script>alert(1)</script><img src=x onerror=alert(1)>';
    const text = changed(({ tables }) => (((tables['head'] ?? [])[0] as never)['name'] = name as never));
    expect(await read(house, text)).toMatchObject({ isDone: true });
    const heads = (await request(house.app).get('/api/heads').expect(200)).body as Head[];
    expect(heads.map((head) => head.name)).toContain(name);
  }, 30_000);
});

describe('backups', () => {
  const api = () => request(house.app);
  const folder = (): string => join(dirname(house.file), 'backups');
  const list = async (): Promise<Backup[]> => (await api().get('/api/backups').expect(200)).body as Backup[];

  it('bring everything back, tried first on a copy, what was there kept beside', async () => {
    await api()
      .post('/api/heads')
      .send({ ...aHead, name: 'Before' })
      .expect(201);
    const [backup] = (await api().post('/api/backups').expect(201)).body as Backup[];
    await api()
      .post('/api/heads')
      .send({ ...aHead, name: 'After' })
      .expect(201);
    const restore = (isForReal: boolean) =>
      api().post(`/api/backups/${backup?.name}/restore`).send({ isForReal }).expect(200);
    expect((await restore(false)).body).toMatchObject({ faults: [], isDone: false });
    expect((await api().get('/api/heads')).body).toHaveLength(2);
    expect((await restore(true)).body).toMatchObject({ isDone: true, counts: { head: 1 } });
    expect(((await api().get('/api/heads')).body as Head[]).map(({ name }) => name)).toEqual(['Before']);
    expect((await list()).map(({ why }) => why)).toContain('before-a-restore');
    await api().post('/api/heads').send(aHead).expect(201);
  }, 30_000);

  it('that are damaged are told, and change nothing', async () => {
    await api().post('/api/heads').send(aHead).expect(201);
    const [backup] = (await api().post('/api/backups').expect(201)).body as Backup[];
    const file = join(folder(), backup?.name ?? '');
    // As long as before, and three pages of it something else.
    const whole = readFileSync(file);
    writeFileSync(file, Buffer.concat([whole.subarray(0, 4096), Buffer.alloc(12_288, 7), whole.subarray(16_384)]));
    const { body } = await api().post(`/api/backups/${backup?.name}/restore`).send({ isForReal: true }).expect(200);
    expect((body as HouseholdFileAnswer).isDone).toBe(false);
    expect((body as HouseholdFileAnswer).faults[0]?.words).not.toBe('');
    expect((await api().get('/api/heads')).body).toHaveLength(1);
  });

  it('neither lists nor brings back a copy that was cut off, or one that holds no household', async () => {
    await api().post('/api/heads').send(aHead).expect(201);
    await api().post('/api/backups').expect(201);
    const cut = '2026-03-12T09-00-00Z-daily.sqlite';
    const [sound] = await list();
    const whole = readFileSync(join(folder(), sound?.name ?? ''));
    for (const bytes of [0, 50, 4096, 20_000, whole.length - 1, whole.length - 4096]) {
      writeFileSync(join(folder(), cut), whole.subarray(0, bytes));
      expect((await list()).map(({ name }) => name)).not.toContain(cut);
      await api().post(`/api/backups/${cut}/restore`).send({ isForReal: true }).expect(404);
    }
    const other = '2026-03-11T09-00-00Z-daily.sqlite';
    new Sqlite(join(folder(), other)).exec('CREATE TABLE recipes (name TEXT)').close();
    const { body } = await api().post(`/api/backups/${other}/restore`).send({ isForReal: true }).expect(200);
    expect(body).toMatchObject({ isDone: false, faults: [{ words: 'There is no household in this backup.' }] });
    expect((await api().get('/api/heads').expect(200)).body).toHaveLength(1);
  });

  it('are only there when they are whole: what a kill left is no copy, and is cleared away', async () => {
    await api().post('/api/heads').send(aHead).expect(201);
    mkdirSync(folder(), { recursive: true });
    const half = '2026-03-14T09-00-00Z-daily.sqlite.part';
    writeFileSync(join(folder(), half), 'SQLite format 3');
    expect(await list()).toEqual([]);
    await backUpDaily(house.home);
    expect(readdirSync(folder()).filter((name) => name.endsWith('.part'))).toEqual([]);
    expect(await list()).toHaveLength(1);
  });

  it('that are asked for at once are one, and none fails', async () => {
    await api().post('/api/heads').send(aHead).expect(201);
    await Promise.all(Array.from({ length: 6 }, () => api().post('/api/backups').expect(201)));
    expect(await list()).toHaveLength(1);
    expect(readdirSync(folder())).toHaveLength(1);
  });

  it('are not made of a household with rows that belong to nothing, and the ones before stay', async () => {
    await api().post('/api/heads').send(aHead).expect(201);
    await api().post('/api/backups').expect(201);
    await house.home.writes.alone([], (source) =>
      source
        .query('PRAGMA foreign_keys = OFF')
        .then(() => source.query("INSERT INTO bowl VALUES ('b', 'no head', '', '', '', 1, '', NULL, '{}')")),
    );
    house.home.clock.set('2026-03-14T09:02:00.000Z');
    const { body } = await api().post('/api/backups').expect(507);
    expect(body).toMatchObject({ type: 'urn:amber-ladle:storage', title: 'The household’s file is damaged.' });
    expect(await list()).toHaveLength(1);
    expect(readdirSync(folder())).toHaveLength(1);
  });

  it('are no way to any other file', async () => {
    await api().post('/api/backups').expect(201);
    writeFileSync(join(folder(), 'notes.sqlite'), 'x');
    for (const name of [
      '..%2Fhousehold.sqlite',
      '..%2F..%2Fetc%2Fpasswd',
      'notes.sqlite',
      '2026-01-01T00-00-00Z-daily.sqlite',
    ])
      await api().post(`/api/backups/${name}/restore`).send({ isForReal: true }).expect(404);
    expect(await list()).toHaveLength(1);
  });

  it('are made once a day by themselves', async () => {
    await backUpDaily(house.home);
    await backUpDaily(house.home);
    expect(listBackups(house.home)).toHaveLength(1);
    house.home.clock.set('2026-03-15T10:00:00.000Z');
    await backUpDaily(house.home);
    expect(listBackups(house.home)).toHaveLength(2);
    expect(existsSync(folder())).toBe(true);
    expect(readdirSync(folder()).every((name) => name.endsWith('-daily.sqlite'))).toBe(true);
  });

  it('thin out with age, and the newest always stays', () => {
    const day = (n: number): string => new Date(Date.UTC(2026, 2, 14, 9) - n * 86_400_000).toISOString();
    const now = day(0);
    const all = Array.from({ length: 700 }, (_, i) => ({ name: `b${i}`, at: day(i) }));
    const kept = backupsToKeep(all, now);
    expect(kept.slice(0, 8)).toEqual(['b0', 'b1', 'b2', 'b3', 'b4', 'b5', 'b6', 'b7']);
    expect(kept.length).toBeLessThan(32);
    expect(kept.length).toBeGreaterThan(22);
    expect(backupsToKeep([{ name: 'old', at: day(2000) }], now)).toEqual(['old']);
    // What stays today and is pruned again tomorrow loses no week on the way.
    let living = all.slice(0, 1);
    for (let back = 400; back >= 0; back--) {
      living = [...living.filter(({ name }) => name !== 'b0'), { name: `b${back}`, at: day(back) }];
      const stay = new Set(backupsToKeep(living, day(back)));
      living = living.filter(({ name }) => stay.has(name));
    }
    const ages = living.map(({ at }) => (Date.parse(now) - Date.parse(at)) / 86_400_000).sort((a, b) => a - b);
    expect(ages.filter((age) => age <= 8).length).toBeGreaterThanOrEqual(8);
    expect(ages.filter((age) => age > 8 && age <= 64).length).toBeGreaterThanOrEqual(6);
    expect(ages.filter((age) => age > 64).length).toBeGreaterThanOrEqual(8);
  });
});
