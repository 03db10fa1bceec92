import { spawn } from 'node:child_process';
import { request } from 'node:http';
import { mkdirSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { mainFile, startApp, temporaryFolder } from '../support/app.mjs';

let data: { folder: string; remove: () => Promise<void> };
let app: Awaited<ReturnType<typeof startApp>>;
beforeAll(async () => {
  data = await temporaryFolder();
  app = await startApp({ dataFolder: data.folder });
});
afterAll(async () => {
  await app.stop();
  await data.remove();
});

/** Starts the server where it cannot start, and gives its exit code and what it said. */
function failToStart(env: Record<string, string>): Promise<{ code: number | null; said: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [mainFile], { env: { ...process.env, AMBER_LADLE_LOG: 'silent', ...env } });
    let said = '';
    child.stderr.on('data', (chunk: Buffer) => (said += chunk.toString()));
    child.once('exit', (code) => {
      resolve({ code, said: said.trim() });
    });
  });
}

describe('starting where it cannot', () => {
  it('names a busy port', async () => {
    const { port } = new URL(app.address);
    const other = await temporaryFolder();
    const { code, said } = await failToStart({ AMBER_LADLE_PORT: port, AMBER_LADLE_DATA: other.folder });
    await other.remove();
    expect(code).toBe(1);
    expect(said).toBe(`Port ${port} is taken by another program; set AMBER_LADLE_PORT to a free one.`);
  });

  it('says that another server has the household open, and leaves it to that', async () => {
    const { code, said } = await failToStart({
      AMBER_LADLE_PORT: '0',
      AMBER_LADLE_DATA: data.folder,
      AMBER_LADLE_DEMO: '1',
    });
    expect(code).toBe(1);
    expect(said).toMatch(/^Another Amber Ladle has .*demo\.sqlite open/);
    expect((await fetch(`${app.address}/api/health`)).status).toBe(200);
  });

  it('says that an emptied household is not begun anew, and that an open address is refused while the door is closed', async () => {
    const other = await temporaryFolder();
    mkdirSync(join(other.folder, 'backups'));
    writeFileSync(join(other.folder, 'household.sqlite'), '');
    const emptied = await failToStart({ AMBER_LADLE_PORT: '0', AMBER_LADLE_DATA: other.folder });
    expect(emptied.said).toMatch(/household\.sqlite is empty/);
    await other.remove();
    const closed = await temporaryFolder();
    const open = await failToStart({
      AMBER_LADLE_PORT: '0',
      AMBER_LADLE_HOST: '0.0.0.0',
      AMBER_LADLE_DATA: closed.folder,
    });
    expect(open.said).toMatch(/the door of this household is closed/);
    await closed.remove();
  });

  it('names a data folder that cannot be written', async () => {
    const file = join(data.folder, 'a-file');
    writeFileSync(file, '');
    const { code, said } = await failToStart({ AMBER_LADLE_PORT: '0', AMBER_LADLE_DATA: join(file, 'below') });
    expect(code).toBe(1);
    expect(said).toMatch(/^The data folder .* cannot be written; set AMBER_LADLE_DATA to one that can\.$/);
  });

  it('names a file that is no database, and leaves it as it is', async () => {
    const other = await temporaryFolder();
    writeFileSync(join(other.folder, 'household.sqlite'), 'this is a shopping list, not a database. '.repeat(50));
    const { code, said } = await failToStart({ AMBER_LADLE_PORT: '0', AMBER_LADLE_DATA: other.folder });
    await other.remove();
    expect(code).toBe(1);
    expect(said).toMatch(/not a readable database/);
  });
});

/** A raw request, so that headers can be what a browser would never send. */
function send(
  path: string,
  options: { method?: string; headers?: Record<string, string>; body?: string },
): Promise<number> {
  return new Promise((resolve, reject) => {
    const call = request(
      app.address + path,
      { method: options.method ?? 'GET', headers: options.headers ?? {} },
      (response) => {
        response.resume();
        resolve(response.statusCode ?? 0);
      },
    );
    call.once('error', reject);
    call.end(options.body);
  });
}

it('answers bad requests to the built server clearly and changes nothing', async () => {
  const headsNow = async (): Promise<unknown> => (await fetch(`${app.address}/api/heads`)).json();
  const before = await headsNow();
  const json = { 'Content-Type': 'application/json' };
  expect(await send('/api/heads', { headers: { Host: 'evil.example' } })).toBe(403);
  expect(await send('/', { headers: { Host: 'evil.example' } })).toBe(403);
  expect(await send('/api/heads', { method: 'POST', headers: json, body: '{"name": "Al' })).toBe(400);
  const large = JSON.stringify({ note: 'x'.repeat(5_000_000) });
  expect(await send('/api/heads', { method: 'POST', headers: json, body: large }).catch(() => 413)).toBe(413);
  expect(await send('/api/bowls', { method: 'POST', headers: json, body: '[]' })).toBe(422);
  expect(
    await send('/api/heads', { method: 'POST', headers: { ...json, Origin: 'http://evil.example' }, body: '{}' }),
  ).toBe(403);
  expect(await headsNow()).toEqual(before);
});
