import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { NO_LOG, type FileAnswer, type LoggedBowl, type WearLog } from '@amber-ladle/contract';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
let headId: string;
let bowlIds: string[];
const api = () => request(house.app);
const read = async (text: string, isForReal = true): Promise<FileAnswer> =>
  (await api().post('/api/files/log').send({ text, isForReal }).expect(200)).body as FileAnswer;
const table = async (): Promise<string> => (await api().get('/api/files/log.csv').expect(200)).text;
const pages = async (): Promise<LoggedBowl[]> => (await api().get('/api/logs?limit=100').expect(200)).body.items;
const write = (bowlId: string, version: number, log: Partial<WearLog>) =>
  api()
    .put(`/api/bowls/${bowlId}/logs/${headId}`)
    .send({ version, log: { ...NO_LOG, ...log } })
    .expect(200);

beforeEach(async () => {
  house = await testHouse();
  headId = (await api().post('/api/heads').send(aHead).expect(201)).body.id;
  bowlIds = [randomUUID(), randomUUID()];
  for (const id of bowlIds) {
    await api().post('/api/bowls').send(aBowl(headId, id)).expect(201);
    await api().post(`/api/bowls/${id}/end`).send({ how: 'worn' }).expect(200);
    await write(id, 0, { said: { slip: 3, soft: 1 }, words: '=SUM(A1), "quoted"\nand broken', changes: ['water'] });
  }
});
afterEach(() => house.close());

it('brings the log back as it was, whatever was written since', async () => {
  const before = (await pages()).map(({ log }) => log);
  const text = await table();
  await write(bowlIds[0] ?? '', 1, { words: 'overwritten' });
  expect(await read(text, false)).toEqual({ kind: 'bowls', rows: 2, faults: [], isDone: false });
  expect((await pages()).map(({ log }) => log)).not.toEqual(before);
  expect(await read(text)).toMatchObject({ isDone: true });
  expect((await pages()).map(({ log }) => log)).toEqual(before);
  expect(await table()).toBe(text);
});

it('lets nothing in that a copy could not bring back', async () => {
  await read((await table()).replaceAll('=SUM(A1)', 'x'.repeat(480)));
  const [backup] = (await api().post('/api/backups').expect(201)).body as { name: string }[];
  const { body } = await api().post(`/api/backups/${backup?.name}/restore`).send({ isForReal: false }).expect(200);
  expect(body).toMatchObject({ faults: [] });
});

it('takes all of a table or nothing, and says which line is wrong', async () => {
  const text = (await table()).replaceAll('"\'=SUM(A1), ""quoted""\nand broken"', 'plain');
  const untouched = await table();
  const refused = async (broken: string): Promise<FileAnswer['faults']> => {
    const { faults, isDone } = await read(broken);
    expect(isDone).toBe(false);
    expect(await table()).toBe(untouched);
    return faults;
  };
  const [header = '', first = '', second = ''] = text.split('\r\n');
  const cell = (line: string, column: string, value: string): string => {
    const cells = line.split(',');
    cells[header.split(',').indexOf(column)] = value;
    return cells.join(',');
  };
  const lines = (...all: string[]): string => [header, ...all].join('\n');
  expect(await refused(lines(first, cell(second, 'bowl_id', 'nowhere')))).toMatchObject([
    { line: 3, column: 'bowl_id' },
  ]);
  expect(await refused(lines(first, cell(second, 'head_id', 'nobody')))).toMatchObject([
    { line: 3, column: 'head_id' },
  ]);
  expect(await refused(lines(first, first))).toMatchObject([{ line: 3, column: 'bowl_id' }]);
  expect(await refused(lines(cell(first, 'left_ml', '4800'), second))).toMatchObject([{ line: 2, column: 'left_ml' }]);
  expect(await refused(lines(cell(first, 'soft', 'very'), second))).toMatchObject([{ line: 2, column: 'soft' }]);
  expect(await refused('bowl_id\nx')).toMatchObject([{ line: 1 }]);
  // What the screen would not take does not come in this way either.
  for (const [column, value] of [
    ['words', 'x'.repeat(501)],
    ['to_change', 'x'.repeat(301)],
    ['shed_count', '2.5'],
    ['shed_count', '2001'],
    ['plate_cm', '99'],
    ['left_ml', '5001'],
  ] as const)
    expect(await refused(lines(cell(first, column, value), second))).toContainEqual(
      expect.objectContaining({ line: 2, column }),
    );
  const ranOut = cell(cell(first, 'ran_out', 'yes'), 'ran_out_after', '1.5');
  expect((await refused(lines(ranOut, second))).map(({ line }) => line)).toContain(2);
  await api()
    .post('/api/files/log')
    .send({ text: 'x'.repeat(4_000_001), isForReal: true })
    .expect(422);
});
