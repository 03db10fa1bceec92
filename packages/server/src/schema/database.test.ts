import { randomUUID } from 'node:crypto';
import { progressOf, type DayMove } from '@amber-ladle/core/washday';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { bareHouse, NO_CHOICES, sizing } from '@amber-ladle/core/house';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { aHead, testHouse } from '../testing';
import { leaveBowl, listBowls, wearBowl } from '../bowl';
import { beginDay, runningDay, tellDay } from '../day';
import { seedDemo } from '../demo/seed';
import { isAsLogged } from '../life';
import { openDatabase } from './database';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-db-'));
});
afterEach(() => {
  rmSync(folder, { recursive: true, force: true });
});

it('opens with WAL, full synchronisation and foreign keys', async () => {
  const source = await openDatabase(join(folder, 'deep', 'household.sqlite'));
  expect(await source.query('PRAGMA journal_mode')).toEqual([{ journal_mode: 'wal' }]);
  expect(await source.query('PRAGMA synchronous')).toEqual([{ synchronous: 2 }]);
  expect(await source.query('PRAGMA foreign_keys')).toEqual([{ foreign_keys: 1 }]);
  await expect(source.query("INSERT INTO bowl VALUES ('b', 'no head', '', '', '', 1, '', NULL, '{}')")).rejects.toThrow(
    /FOREIGN KEY/,
  );
  await source.destroy();
});

/** Undoes migrations until the one of a name is undone: the file is as the version before that made it. */
async function backTo(source: DataSource, name: string): Promise<void> {
  const names = source.migrations.map((migration) => migration.name ?? '');
  const last = names.findIndex((one) => one.startsWith(name));
  if (last < 0) throw new Error(`No migration is called ${name}.`);
  for (let i = names.length; i > last; i--) await source.undoLastMigration();
}

it('turns what was kept as sentences into messages, and own blends into recipes, and loses nothing', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'MessagesAndRecipes');
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL, '{}')");
  const balm = {
    id: 'balm',
    name: 'Balm',
    family: 'oil',
    madeOf: { parts: [{ ingredientId: 'olive-oil', share: 1 }], keptBackShare: 0.1, minutes: 9, how: 'Stir.' },
  };
  const onion = { id: 'onion-juice', name: 'Onion juice', family: 'vegetable' };
  const snapshot = {
    ingredients: [balm, onion],
    sized: { caps: [{ id: 'scent', words: 'at most 1 %', bound: 0 }], brokenCaps: [] },
  };
  await first.query('INSERT INTO bowl VALUES (?, ?, ?, ?, ?, ?, ?, NULL, ?)', [
    'b',
    'h',
    'Wren',
    'm',
    'Mask',
    100,
    '2026-01-01',
    JSON.stringify(snapshot),
  ]);
  const decisions = JSON.stringify([{ at: 'a', what: 'smells fresh' }]);
  await first.query(
    `INSERT INTO bowl_life (bowl_id, made_at, is_drawn, start_share, stays, decisions, wearing) VALUES ('b', 'a', 0, 0, '[]', ?, '{}')`,
    [decisions],
  );
  const steps = [
    {
      id: 'mix',
      kind: 'mix',
      title: 'Blend it all',
      words: '',
      lookFor: 'It pours.',
      tools: ['cloth or tights', 'small spoon'],
      cautions: ['By fork.'],
    },
  ];
  const columns = await first.query<{ name: string; type: string; needed: number; usual: unknown }[]>(
    'SELECT name, type, "notnull" AS needed, dflt_value AS usual FROM pragma_table_info(\'wash_day\')',
  );
  const needed = columns.filter((column) => column.needed && column.usual === null && column.name !== 'steps');
  const filler = needed.map(({ type }) => (/INT|REAL|BOOL/.test(type) ? 1 : '[]'));
  await first.query(
    `INSERT INTO wash_day (steps, ${needed.map(({ name }) => name).join(', ')}) VALUES (?, ${filler.map(() => '?').join(', ')})`,
    [JSON.stringify(steps), ...filler],
  );
  await first.query(
    "INSERT INTO ingredient (id, version, body, updated_at, removed_at) VALUES ('balm', 1, ?, 'a', NULL)",
    [JSON.stringify(balm)],
  );
  await first.destroy();

  const again = await openDatabase(file);
  const read = async (sql: string): Promise<unknown> =>
    JSON.parse((await again.query<{ body: string }[]>(sql))[0]?.body ?? 'null');
  const text = (words: string) => ({ id: 'said', params: { text: words } });
  const recipe = {
    method: 'stir-together',
    yield: { kind: 'blend', parts: balm.madeOf.parts, keptBackShare: 0.1 },
    standMinutes: 9,
    how: 'Stir.',
    source: 'household',
  };
  expect(await read('SELECT body FROM ingredient')).toEqual({ id: 'balm', name: 'Balm', family: 'oil', recipe });
  expect(await read('SELECT steps AS body FROM wash_day')).toEqual([
    {
      id: 'mix',
      kind: 'mix',
      title: text('Blend it all'),
      words: [],
      lookFor: text('It pours.'),
      tools: ['cloth', 'small-spoon'],
      cautions: [text('By fork.')],
    },
  ]);
  expect(await read('SELECT decisions AS body FROM bowl_life')).toEqual([{ at: 'a', what: text('smells fresh') }]);
  expect(await read('SELECT snapshot AS body FROM bowl')).toMatchObject({
    ingredients: [
      { id: 'balm', recipe },
      { id: 'onion-juice', family: 'juice' },
    ],
    sized: { caps: [{ id: 'scent', what: text('at most 1 %'), bound: 0 }] },
  });
  await backTo(again, 'MessagesAndRecipes');
  expect(await read('SELECT body FROM ingredient')).toEqual(balm);
  expect(await read('SELECT decisions AS body FROM bowl_life')).toEqual(JSON.parse(decisions));
  await again.destroy();
});

it('reckons anew what the model expected of earlier bowls, so that what they taught is said of today’s', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'HairInLocks');
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL, '{}')");
  const head = { id: 'h', ageYears: 30, sensitiveSkin: false, profile: aHead.profile };
  const mask = BUILT_IN_MASKS.find(({ id }) => id === 'rice-silk')!;
  const house = bareHouse(SPOON_SETS.us, 0);
  const { bowl } = sizing(house, { heads: [head], mask, choices: NO_CHOICES });
  const today = bowl.demand.total.median;
  // As it was reckoned strand by strand: nearly twice as much.
  const { lockMillilitres: _lock, lockExponent: _exponent, filmFactor: _film, ...reason } = bowl.demand.reason;
  const before = { ...bowl.demand, total: { median: 1.9 * today, sigma: 0.3 }, reason };
  const sized = { ...bowl, demand: { ...before, reason: { ...reason, strandFilmMicrometres: 24 } } };
  const snapshot = { head, others: [], mask, ingredients: [], spoons: SPOON_SETS.us, choices: NO_CHOICES, sized };
  const put = (id: string, body: object) =>
    first.query('INSERT INTO bowl VALUES (?, ?, ?, ?, ?, ?, ?, NULL, ?)', [
      ...[id, 'h', 'Wren', 'rice-silk', 'Rice silk', 100, '2026-01-01'],
      JSON.stringify(body),
    ]);
  const facts = {
    maskId: 'rice-silk',
    texture: 'runny',
    modelMillilitres: 1.9 * today,
    madeMillilitres: 200,
    flowLog10: 4,
  };
  for (const [id, body] of [
    ['b', snapshot],
    ['torn', {}],
  ] as const) {
    await put(id, body);
    await first.query(
      `INSERT INTO wear_log (bowl_id, head_id, at, version, facts, body) VALUES (?, 'h', 'a', 1, ?, '{}')`,
      [id, JSON.stringify(facts)],
    );
  }
  await first.destroy();

  const again = await openDatabase(file);
  const read = async (id: string): Promise<unknown> =>
    JSON.parse(
      (await again.query<{ facts: string }[]>(`SELECT facts FROM wear_log WHERE bowl_id = '${id}'`))[0]!.facts,
    );
  expect(await read('b')).toEqual({
    ...facts,
    texture: 'creamy',
    modelMillilitres: expect.closeTo(today, 9) as number,
    flowLog10: expect.closeTo(bowl.texture.flowLog10, 9) as number,
  });
  expect(await read('torn')).toEqual(facts);
  await backTo(again, 'HairInLocks');
  expect(await read('b')).toMatchObject({ modelMillilitres: expect.closeTo(1.9 * today, 9) as number });
  await again.destroy();
});

it('brings a file made by the version before up to date, copies it first, and loses nothing', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'Notes');
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL, '{}')");
  await first.query("INSERT INTO bowl VALUES ('b', 'h', 'Wren', 'm', 'Mask', 100, '2026-01-01', NULL, '{}')");
  await first.destroy();
  expect(existsSync(`${file}.before-migration`)).toBe(false);
  const again = await openDatabase(file);
  expect(existsSync(`${file}.before-migration`)).toBe(true);
  expect(await again.query('SELECT name FROM head')).toEqual([{ name: 'Wren' }]);
  expect(await again.query('SELECT made_millilitres AS made FROM bowl')).toEqual([{ made: 100 }]);
  for (const table of ['wear_log', 'head_measure', 'photo', 'photo_data', 'forgetting'])
    expect(await again.query(`SELECT count(*) AS n FROM ${table}`)).toEqual([{ n: 0 }]);
  await again.destroy();
});

it('keeps what was worn before heads of one bowl were told apart', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'WashDays');
  await first.query("INSERT INTO head VALUES ('h', 'Wren', '', 30, 0, '{}', 1, '', '', NULL)");
  for (const id of ['worn', 'fresh'])
    await first.query(`INSERT INTO bowl VALUES ('${id}', 'h', 'Wren', 'm', 'Mask', 100, '2026-01-01', NULL, '{}')`);
  const life =
    'bowl_id, made_at, is_drawn, start_share, stays, decisions, sections_done, worn_from, ended_at, ended_how';
  await first.query(`INSERT INTO bowl_life (${life})
    VALUES ('worn', 'a', 1, 0, '[]', '[]', '["nape-left"]', 'b', 'c', 'worn'),
           ('fresh', 'a', 0, 0, '[]', '[]', '[]', NULL, NULL, NULL)`);
  await first.destroy();
  const again = await openDatabase(file);
  const rows = await again.query('SELECT bowl_id AS id, wearing FROM bowl_life ORDER BY bowl_id');
  expect((rows as { wearing: string }[]).map(({ wearing }) => JSON.parse(wearing) as unknown)).toEqual([
    {},
    { h: { sectionsDone: ['nape-left'], wornFrom: 'b', rinsedAt: 'c' } },
  ]);
  await again.destroy();
});

it('knows afterwards what changes of stock were for, which stood in their ids before', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'Purposes');
  for (const id of ['8b0e6a52', 'settle-d-b', 'undo-8b0e6a52', 'undo-settle-d-b', 'file-12'])
    await first.query('INSERT INTO stock_change (id, at, note) VALUES (?, ?, ?)', [id, '2026-01-01', '']);
  await first.destroy();
  const again = await openDatabase(file);
  expect(await again.query('SELECT id, purpose FROM stock_change ORDER BY id')).toEqual([
    { id: '8b0e6a52', purpose: 'change' },
    { id: 'file-12', purpose: 'change' },
    { id: 'settle-d-b', purpose: 'settlement' },
    { id: 'undo-8b0e6a52', purpose: 'undo' },
    { id: 'undo-settle-d-b', purpose: 'undo' },
  ]);
  await again.destroy();
});

it('knows of plans from before that they froze nothing', async () => {
  const file = join(folder, 'household.sqlite');
  const first = await openDatabase(file);
  await backTo(first, 'Freezing');
  await first.query('INSERT INTO week_plan (day, at, plan) VALUES (?, ?, ?)', [
    '2026-01-01',
    '2026-01-01T09:00:00.000Z',
    JSON.stringify({ day: '2026-01-01', bowls: [{ maskId: 'oat-ease' }], chills: ['lot'] }),
  ]);
  await first.destroy();
  const again = await openDatabase(file);
  const [{ plan }] = await again.query<[{ plan: string }]>('SELECT plan FROM week_plan');
  expect(JSON.parse(plan)).toEqual({
    day: '2026-01-01',
    bowls: [{ maskId: 'oat-ease' }],
    chills: ['lot'],
    freezes: [],
  });
  await backTo(again, 'Freezing');
  const [{ plan: before }] = await again.query<[{ plan: string }]>('SELECT plan FROM week_plan');
  expect(JSON.parse(before)).not.toHaveProperty('freezes');
  await again.destroy();
});

it('takes what happened to bowls over into their logs, the day that runs among it, and loses nothing', async () => {
  const house = await testHouse();
  const { home, source } = house;
  await seedDemo(home);
  const bowls = (await listBowls(home, 0, 100)).items;
  const [first, second] = bowls.filter(({ life }) => life && !life.endedAt);
  if (!first || !second) throw new Error('The demo has two bowls that go on.');
  const begun = {
    id: randomUUID(),
    bowlIds: [first.id],
    wish: { kind: 'start-at' as const, at: home.clock.now() },
    rings: 1,
  };
  const { day } = await beginDay(home, begun);
  const press = (moves: DayMove[]) => ({ pressId: randomUUID(), moves, order: [] });
  const told = press(day.steps.slice(0, 3).map(({ id: stepId }) => ({ kind: 'done' as const, stepId })));
  const more = press([{ kind: 'begin', stepId: day.steps[3]?.id ?? '' }]);
  for (const one of [told, more]) await tellDay(home, day.id, one);
  const undo = { kind: 'undo' as const, stepId: more.moves[0]?.stepId ?? '', undoes: more.pressId };
  await tellDay(home, day.id, press([undo]));
  await wearBowl(home, second.id, { isCapOn: true, decision: 'It smells fresh.' });
  await leaveBowl(home, second.id, { millilitres: 15, how: 'judged', fate: 'kept', placeId: 'galley' });

  const lives = () => source.query<object[]>('SELECT * FROM bowl_life ORDER BY bowl_id');
  const progress = async () => {
    const running = await runningDay(home);
    return [...progressOf(running?.steps ?? [], running?.events ?? [])];
  };
  const before = { lives: await lives(), progress: await progress() };
  expect(before.progress).toHaveLength(3);
  await backTo(source, 'BowlLogs');
  const [{ n } = { n: 0 }] = await source.query<{ n: number }[]>('SELECT count(*) AS n FROM wash_event');
  expect(n).toBeGreaterThan(20);
  await source.runMigrations();
  expect({ lives: await lives(), progress: await progress() }).toEqual(before);
  for (const { id } of bowls) expect(await isAsLogged(source.manager, id)).toBe(true);
  // And it goes on from there.
  const { wearing } = await wearBowl(home, second.id, { isRinsed: true });
  expect(Object.values(wearing)[0]?.rinsedAt).toBeDefined();
  await house.close();
});

it('opens an up-to-date file without migrating it, and every migration can be undone', async () => {
  const file = join(folder, 'household.sqlite');
  await (await openDatabase(file)).destroy();
  const source = await openDatabase(file);
  expect(existsSync(`${file}.before-migration`)).toBe(false);
  for (const _ of source.migrations) await source.undoLastMigration();
  expect(await source.query("SELECT name FROM sqlite_master WHERE name = 'head'")).toEqual([]);
  await source.destroy();
});
