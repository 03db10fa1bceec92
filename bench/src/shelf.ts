import { randomUUID } from 'node:crypto';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { Sqlite } from '../../packages/server/src/kernel/sqlite';
import { DEMO_NOW, startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { print } from './print';

const INGREDIENTS = ['avocado', 'yogurt', 'honey', 'papaya', 'egg-whole', 'olive-oil', 'carrot', 'milk'];
const DAY = 86_400_000;

/** Fills a household's file with lots and ten movements for each, without the server. */
function fill(file: string, lots: number, movements: number): void {
  const database = new Sqlite(file);
  const now = Date.parse(DEMO_NOW);
  const insertLot = database.prepare(
    `INSERT INTO lot VALUES (?, ?, 'whole', ?, NULL, 0.01, '', 'whole', ?, ?, ?, '[]', ?)`,
  );
  const insertMovement = database.prepare(
    `INSERT INTO movement (change_id, lot_id, kind, grams, at, place_id) VALUES (?, ?, ?, ?, ?, ?)`,
  );
  database.transaction(() => {
    database.prepare(`INSERT INTO stock_change VALUES ('bench', ?, '', NULL, NULL)`).run(DEMO_NOW);
    for (let i = 0; i < lots; i++) {
      const id = randomUUID();
      const at = new Date(now - (i % 20) * DAY - i * 1000).toISOString();
      const stays = JSON.stringify([{ placeId: 'fridge', from: at }]);
      const endsAt = new Date(now + (i % 40) * DAY).toISOString();
      const each = Math.round(movements / lots);
      insertLot.run(id, INGREDIENTS[i % INGREDIENTS.length], at, at, 500 - (each - 1), stays, endsAt);
      insertMovement.run('bench', id, 'add', 500, at, 'fridge');
      for (let m = 1; m < each; m++) insertMovement.run('bench', id, 'draw', -1, at, null);
    }
  })();
  database.close();
}

async function latency(url: string): Promise<number> {
  await autocannon({ url, connections: 1, duration: 1 });
  const { latency: found, requests } = await autocannon({ url, connections: 1, duration: 3 });
  return requests.average > 0 ? 1000 / requests.average : found.average;
}

interface Measured {
  readonly shelf: number;
  readonly movements: number;
  readonly draws: number;
  readonly megabytes: number;
}

async function measure(lots: number, movements: number): Promise<Measured> {
  const { folder, remove } = await temporaryFolder();
  const first = await startApp({ dataFolder: folder, demo: false });
  await first.stop();
  fill(join(folder, 'household.sqlite'), lots, movements);
  const app = await startApp({ dataFolder: folder, demo: false, env: { AMBER_LADLE_RATE: '100000000' } });
  const shelf = await latency(`${app.address}/api/shelf?limit=100`);
  const book = await latency(`${app.address}/api/movements?limit=50`);
  const { lots: some } = (await (await fetch(`${app.address}/api/shelf?limit=20`)).json()) as {
    lots: { id: string }[];
  };
  const draws = 300;
  const began = performance.now();
  for (let i = 0; i < draws; i++)
    await fetch(`${app.address}/api/stock`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        id: randomUUID(),
        note: '',
        lots: [],
        movements: [{ lotId: some[i % some.length]?.id, kind: 'draw', grams: -0.5 }],
      }),
    });
  const seconds = (performance.now() - began) / 1000;
  await autocannon({ url: `${app.address}/api/shelf?limit=100`, connections: 4, amount: 10_000 });
  const { readFileSync } = await import('node:fs');
  const status = readFileSync(`/proc/${app.pid}/status`, 'utf8');
  const megabytes = Number(/VmRSS:\s+(\d+)/.exec(status)?.[1] ?? NaN) / 1024;
  await app.stop();
  await remove();
  return { shelf, movements: book, draws: draws / seconds, megabytes };
}

/** Shelf and Today with a household's hundred lots, and with a hundred times as many. */
export async function benchShelf(): Promise<void> {
  const small = await measure(100, 1000);
  const large = await measure(10_000, 100_000);
  const line = (what: string, a: number, b: number): void => {
    print(what, `${b.toFixed(1)} ms, ${(b / a).toFixed(1)} × that of 100`, 'aim ≤ 3 ×');
  };
  line('Shelf and Today, 10,000 lots, 100,000 movements', small.shelf, large.shelf);
  line('a page of the book, the same', small.movements, large.movements);
  print('draws a second, one after the other, 10,000 lots', large.draws.toFixed(0));
  print('memory after 10,000 requests, 10,000 lots', `${large.megabytes.toFixed(0)} MB`);
}
