import { randomUUID } from 'node:crypto';
import { deflateSync } from 'node:zlib';
import sharp from 'sharp';
import request from 'supertest';
import { afterEach, beforeEach, expect, it } from 'vitest';
import type { Photo } from '@amber-ladle/contract';
import { aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
let headId: string;
beforeEach(async () => {
  house = await testHouse();
  headId = (await api().post('/api/heads').send(aHead).expect(201)).body.id;
});
afterEach(() => house.close());
const api = () => request(house.app);
const AT = '2026-03-13T18:00:00.000Z';
const bring = (picture: Buffer, query: object = {}, type = 'image/jpeg') =>
  api()
    .post(`/api/heads/${headId}/photos`)
    .query({ id: randomUUID(), at: AT, moment: 'after', ...query })
    .set('Content-Type', type)
    .send(picture);
const picture = async (id: string, size = 'large'): Promise<Buffer> =>
  (await api().get(`/api/photos/${id}/${size}`).responseType('blob').expect(200)).body as Buffer;
const list = async (): Promise<Photo[]> => (await api().get(`/api/heads/${headId}/photos`).expect(200)).body.items;

/** Left half red, right half blue, as a camera held sideways writes it. */
const sideways = (orientation: number, width = 400, height = 200): Promise<Buffer> =>
  sharp({ create: { width, height, channels: 3, background: '#d00' } })
    .composite([
      { input: { create: { width: width / 2, height, channels: 3, background: '#00d' } }, left: width / 2, top: 0 },
    ])
    .jpeg()
    .withExif({ IFD0: { Copyright: 'someone', Software: 'camera' }, IFD3: { GPSLatitudeRef: 'N' } })
    .withMetadata({ orientation })
    .toBuffer();

it('are turned as the camera held them, shrunk, and stripped of everything else', async () => {
  const { body } = await bring(await sideways(6, 4000, 2000)).expect(201);
  // Orientation 6 wants a quarter turn clockwise: what was left is on top.
  expect(body).toMatchObject({ width: 800, height: 1600, moment: 'after', crop: { x: 0.5, y: 0.5, zoom: 1 } });
  const large = await picture(body.id);
  const meta = await sharp(large).metadata();
  expect(meta).toMatchObject({ format: 'webp', width: 800, height: 1600 });
  expect([meta.exif, meta.icc, meta.xmp, meta.orientation]).toEqual([undefined, undefined, undefined, undefined]);
  const top = await sharp(large).extract({ left: 300, top: 100, width: 1, height: 1 }).raw().toBuffer();
  expect(top[0]).toBeGreaterThan(150);
  expect(top[2]).toBeLessThan(60);
  expect((await sharp(await picture(body.id, 'small')).metadata()).height).toBe(320);
});

it('come in once, are looked at nearer, taken out and brought back', async () => {
  const id = randomUUID();
  const file = await sideways(1);
  await bring(file, { id, words: 'before the trim' }).expect(201);
  await bring(file, { id }).expect(200);
  expect(await list()).toHaveLength(1);
  const crop = { x: 0.4, y: 0.3, zoom: 2 };
  expect((await api().patch(`/api/photos/${id}`).send({ crop }).expect(200)).body.crop).toEqual(crop);
  await api()
    .patch(`/api/photos/${id}`)
    .send({ crop: { x: 9, y: 0, zoom: 1 } })
    .expect(422);
  await api().delete(`/api/photos/${id}`).expect(204);
  expect(await list()).toEqual([]);
  await api().get(`/api/photos/${id}/large`).expect(404);
  await api().post(`/api/photos/${id}/restore`).expect(204);
  expect((await list())[0]?.words).toBe('before the trim');
});

it('are there once when they are sent twice at the same moment, and never another head’s', async () => {
  const id = randomUUID();
  const file = await sideways(1);
  const statuses = (await Promise.all(Array.from({ length: 4 }, () => bring(file, { id })))).map(
    ({ status }) => status,
  );
  expect(statuses.toSorted()).toEqual([200, 200, 200, 201]);
  expect(await list()).toHaveLength(1);
  const other = (
    await api()
      .post('/api/heads')
      .send({ ...aHead, name: 'Bram' })
  ).body as { id: string };
  const query = { id, at: '2026-03-14T08:00:00.000Z', moment: 'after' };
  await api()
    .post(`/api/heads/${other.id}/photos`)
    .query(query)
    .set('Content-Type', 'image/jpeg')
    .send(file)
    .expect(409);
  expect(await list()).toHaveLength(1);
});

it('may have forty million points, and no more than sixty', async () => {
  const large = await sharp({ create: { width: 8000, height: 5000, channels: 3, background: '#caa' } })
    .jpeg()
    .toBuffer();
  expect((await bring(large).expect(201)).body).toMatchObject({ width: 1600, height: 1000 });
  const refusal = (await bring(pngBomb(30_000, 30_000), {}, 'image/png').expect(413)).body;
  expect(refusal.title).toMatch(/900 million points/);
  expect(await list()).toHaveLength(1);
}, 60_000);

it('are refused kindly when they are none: renamed text, a drawing with a script, a cut file, nothing', async () => {
  const whole = await sharp({ create: { width: 300, height: 300, channels: 3, background: '#3a7' } })
    .png()
    .toBuffer();
  const svg = Buffer.from(
    '<svg xmlns="http://www.w3.org/2000/svg"><script>alert(1)</script><image href="file:///etc/passwd"/></svg>',
  );
  for (const bad of [
    Buffer.from('this is a letter'),
    svg,
    whole.subarray(0, 200),
    Buffer.from([0xff, 0xd8, 0xff]),
    Buffer.alloc(0),
  ])
    expect([415, 422]).toContain((await bring(bad)).status);
  expect((await bring(Buffer.from('no')).expect(422)).body.fields.picture).toMatch(/no picture that can be opened/);
  await bring(Buffer.alloc(21_000_000, 1)).expect(413);
  await api().post(`/api/heads/${headId}/photos`).set('Content-Type', 'text/plain').send('x').expect(415);
  await bring(whole, { at: '2031-01-01T00:00:00.000Z' }).expect(422);
  await bring(whole, { moment: 'during' }).expect(422);
  await bring(whole, { id: '../../../etc/passwd' }).expect(422);
  await bring(whole, { bowlId: 'nothing' }).expect(404);
  await api().get('/api/photos/..%2F..%2Fx/large').expect(404);
  expect(await list()).toEqual([]);
});

/** A PNG of a few kilobytes that says it is as large as a field: every line is the same run of zeros. */
function pngBomb(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer): Buffer => {
    const body = Buffer.concat([Buffer.from(type), data]);
    const length = Buffer.alloc(4);
    length.writeUInt32BE(data.length);
    const sum = Buffer.alloc(4);
    sum.writeUInt32BE(crc(body));
    return Buffer.concat([length, body, sum]);
  };
  const head = Buffer.alloc(13);
  head.writeUInt32BE(width, 0);
  head.writeUInt32BE(height, 4);
  head.set([1, 0, 0, 0, 0], 8);
  const lines = deflateSync(Buffer.alloc((Math.ceil(width / 8) + 1) * 200));
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', lines),
    chunk('IEND', Buffer.alloc(0)),
  ]);
}

function crc(bytes: Buffer): number {
  let sum = ~0;
  for (const byte of bytes) {
    sum ^= byte;
    for (let i = 0; i < 8; i++) sum = (sum >>> 1) ^ (sum & 1 ? 0xedb88320 : 0);
  }
  return ~sum >>> 0;
}
