import { mkdir, mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { brotliCompressSync } from 'node:zlib';
import express from 'express';
import request from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { web } from './web';

const script = `export const words = ${JSON.stringify('ladle '.repeat(500))};`;
let folder: string;
const app = express();
beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'amber-ladle-web-'));
  await mkdir(join(folder, 'assets'));
  await writeFile(join(folder, 'index.html'), '<script src="/assets/a-1.js"></script><div id="app"></div>');
  await writeFile(join(folder, 'assets', 'a-1.js'), script);
  await writeFile(join(folder, 'assets', 'a-1.js.br'), brotliCompressSync(script));
  await writeFile(join(folder, 'assets', 'b-1.svg'), '<svg xmlns="http://www.w3.org/2000/svg"/>');
  app.use(web(folder, () => Promise.resolve('')).router);
});
afterAll(() => rm(folder, { recursive: true }));
const file = (name: string, packing: string) => request(app).get(`/assets/${name}`).set('Accept-Encoding', packing);

it('sends what lies packed as it lies, for long, to whoever unpacks it', async () => {
  const { headers } = await file('a-1.js', 'gzip, br').expect(200);
  expect(headers['content-encoding']).toBe('br');
  expect(headers['content-type']).toMatch(/javascript/);
  expect(headers['cache-control']).toBe('public, max-age=31536000, immutable');
  expect(headers['vary']).toMatch(/Accept-Encoding/i);
  expect(Number(headers['content-length'])).toBeLessThan(script.length / 10);
});

it('sends it as it was written to whoever does not, and what is not packed to anybody', async () => {
  const plain = await file('a-1.js', 'identity').expect(200);
  expect(plain.headers['content-encoding']).toBeUndefined();
  expect(plain.headers['cache-control']).toMatch(/immutable/);
  expect(plain.text).toBe(script);
  const picture = await file('b-1.svg', 'br').expect(200);
  expect(picture.headers['content-encoding']).toBeUndefined();
});

it('finds nothing outside, nor a folder', async () => {
  for (const name of ['none.js', '../index.html', '%2e%2e/index.html', '..%2findex.html', ''])
    await file(name, 'br').expect(404);
});
