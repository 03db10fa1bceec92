import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { createServer } from 'node:http';
import type { AddressInfo } from 'node:net';
import autocannon from 'autocannon';
import { Sqlite } from '../../packages/server/src/kernel/sqlite';
import express from 'express';
import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { print } from './print';

/** Requests a second, on loopback, for a few seconds. */
async function throughput(url: string): Promise<number> {
  await autocannon({ url, connections: 8, duration: 1 });
  const { requests } = await autocannon({ url, connections: 8, duration: 4 });
  return requests.average;
}

/** The API against a bare Express route that reads the same row, start-up and memory. */
export async function benchServer(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  const starts: number[] = [];
  for (let i = 0; i < 3; i++) {
    const trial = await startApp({ dataFolder: folder });
    starts.push(trial.startMilliseconds);
    await trial.stop();
  }
  print('start-up of the built server', `${Math.min(...starts).toFixed(0)} ms`, 'aim < 2000 ms');

  const app = await startApp({ dataFolder: folder, env: { AMBER_LADLE_RATE: '100000000' } });
  const heads = (await (await fetch(`${app.address}/api/heads`)).json()) as { id: string }[];
  const id = heads[0]?.id ?? '';

  const database = new Sqlite(join(folder, 'demo.sqlite'), { readonly: true });
  const select = database.prepare('SELECT * FROM head WHERE id = ? AND removed_at IS NULL');
  const bare = express();
  bare.get('/api/heads/:id', (request, response) => {
    const row = select.get(request.params.id) as { profile: string };
    response.json({ ...row, profile: JSON.parse(row.profile) as unknown });
  });
  const bareServer = createServer(bare);
  await new Promise<void>((resolve) => bareServer.listen(0, '127.0.0.1', resolve));
  const { port } = bareServer.address() as AddressInfo;

  const ours: number[] = [];
  const theirs: number[] = [];
  for (let round = 0; round < 2; round++) {
    theirs.push(await throughput(`http://127.0.0.1:${port}/api/heads/${id}`));
    ours.push(await throughput(`${app.address}/api/heads/${id}`));
  }
  print(
    'read one head: API over bare Express + SQLite',
    `${(Math.max(...ours) / Math.max(...theirs)).toFixed(2)} of its throughput`,
    'aim ≥ 0.6',
  );

  const status = readFileSync(`/proc/${app.pid}/status`, 'utf8');
  print('memory of the server after that', `${(Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1024).toFixed(0)} MB`);
  bareServer.close();
  database.close();
  await app.stop();
  await remove();
}
