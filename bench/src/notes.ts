import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { Sqlite } from '../../packages/server/src/kernel/sqlite';
import { nextUse, type Evidence } from '@amber-ladle/core/learn';
import { DEMO_NOW, startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { percentile, print, timed } from './print';

const DAY = 86_400_000;
const NOW = Date.parse(DEMO_NOW);
const BOWLS = 800;
const PHOTOS = 3000;
const HEADS = 5;

/** What Notes asks for when it opens on a head. */
const YEAR_AGO = new Date(NOW - 365 * DAY).toISOString();
const PAGES = [
  '/logs/open',
  '/learning',
  `/logs?headId=HEAD&limit=120&from=${YEAR_AGO}`,
  '/heads/HEAD/measures',
  '/heads/HEAD/photos?limit=40',
];

/** Five years of five heads: the demo's own bowls and pages over and over, at other times. */
function fill(file: string): void {
  const database = new Sqlite(file);
  const heads = database.prepare('SELECT * FROM head').all() as Record<string, unknown>[];
  const bowls = database.prepare('SELECT * FROM bowl').all() as Record<string, unknown>[];
  const logs = database.prepare('SELECT * FROM wear_log').all() as Record<string, unknown>[];
  const put = (table: string, row: Record<string, unknown>): unknown =>
    database
      .prepare(
        `INSERT INTO ${table} (${Object.keys(row).join(', ')}) VALUES (${Object.keys(row)
          .map(() => '?')
          .join(', ')})`,
      )
      .run(...Object.values(row));
  database.transaction(() => {
    for (let i = heads.length; i < HEADS; i++) put('head', { ...heads[0], id: `head-${i}`, name: `Head ${i}` });
    const ids = database.prepare('SELECT id FROM head').pluck<string>().all();
    for (let i = 0; i < BOWLS; i++) {
      const at = new Date(NOW - (i + 20) * 2.2 * DAY).toISOString();
      const headId = ids[i % HEADS];
      const bowl = bowls[i % bowls.length];
      const log = logs[i % logs.length];
      put('bowl', { ...bowl, id: `bowl-${i}`, head_id: headId, kept_at: at });
      put('bowl_life', {
        bowl_id: `bowl-${i}`,
        made_at: at,
        planned_for: null,
        is_drawn: 0,
        start_share: 0,
        stays: '[]',
        decisions: '[]',
        wearing: JSON.stringify({ [String(headId)]: { sectionsDone: [], wornFrom: at, rinsedAt: at } }),
        left_over: null,
        ended_at: at,
        ended_how: 'worn',
      });
      put('wear_log', { ...log, bowl_id: `bowl-${i}`, head_id: headId, at });
    }
    for (let i = 0; i < PHOTOS; i++)
      put('photo', {
        id: `photo-${i}`,
        head_id: ids[i % HEADS],
        bowl_id: null,
        at: new Date(NOW - i * 0.6 * DAY).toISOString(),
        moment: 'after',
        words: '',
        width: 1200,
        height: 1600,
        crop: '{"x":0.5,"y":0.5,"zoom":1}',
        removed_at: null,
      });
  })();
  database.close();
}

/** Milliseconds for all that the page asks for, one after the other. */
async function page(address: string): Promise<number> {
  const [head] = (await (await fetch(`${address}/api/heads`)).json()) as { id: string }[];
  let sum = 0;
  for (const path of PAGES) {
    const url = `${address}/api${path.replace('HEAD', head?.id ?? '')}`;
    await autocannon({ url, connections: 1, duration: 1 });
    const { requests } = await autocannon({ url, connections: 1, duration: 2 });
    sum += 1000 / requests.average;
    if (process.env['BENCH_PAGES']) print(`  ${path.slice(0, 40)}`, `${(1000 / requests.average).toFixed(1)} ms`);
  }
  return sum;
}

async function measure(isFull: boolean): Promise<{ page: number; file: string }> {
  const { folder, remove } = await temporaryFolder();
  const first = await startApp({ dataFolder: folder });
  await first.stop();
  if (isFull) fill(join(folder, 'demo.sqlite'));
  const app = await startApp({ dataFolder: folder, env: { AMBER_LADLE_RATE: '100000000' } });
  const milliseconds = await page(app.address);
  const file = isFull ? await (await fetch(`${app.address}/api/files/household.json?photos=no`)).text() : '';
  await app.stop();
  await remove();
  return { page: milliseconds, file };
}

/** How fast a household of five years comes in, rows a second, tried out and put in its place. */
async function reading(text: string): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder, demo: false });
  const began = performance.now();
  const response = await fetch(`${app.address}/api/files/household?isForReal=true`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: text,
  });
  const { rows, isDone, faults } = (await response.json()) as { rows: number; isDone: boolean; faults: unknown[] };
  const seconds = (performance.now() - began) / 1000;
  if (!isDone) throw new Error(`It did not come in: ${JSON.stringify(faults)}`);
  print(
    'a household of five years comes in',
    `${(rows / seconds).toFixed(0)} rows/s`,
    `${rows} rows, ${(text.length / 1e6).toFixed(0)} MB`,
  );
  const status = readFileSync(`/proc/${app.pid}/status`, 'utf8');
  print('memory of the server after that', `${(Number(/VmRSS:\s+(\d+)/.exec(status)?.[1]) / 1024).toFixed(0)} MB`);
  await app.stop();
  await remove();
}

/** The factor after a year of bowls and after five, and what the bench then asks of it. */
function posterior(): void {
  const after = (bowls: number): number => {
    const evidence = Array.from({ length: bowls }, (_, i): Evidence => ({
      kind: i % 5 === 0 ? 'at-least' : 'exact',
      at: new Date(NOW - i * 9 * DAY).toISOString(),
      texture: i % 2 ? 'creamy' : 'runny',
      logRatio: Math.sin(i) / 5,
      noise: 0.15,
    }));
    const samples = Array.from({ length: 60 }, () =>
      timed(() => nextUse([...evidence], { amount: 'ponytail', now: NOW, texture: 'creamy' }, 0.85)),
    );
    return percentile(samples, 0.5);
  };
  const [year, five] = [after(40), after(200)];
  print(
    'personal factor after 40 bowls (median)',
    `${year.toFixed(1)} ms`,
    'once a day and head; a drag asks what is kept',
  );
  print('personal factor after 200 bowls, over 40', `${(five / year).toFixed(1)} × as long`, `${five.toFixed(1)} ms`);
}

/** Notes with five years of five heads against a household that has just begun, and files in. */
export async function benchNotes(): Promise<void> {
  posterior();
  const fresh = await measure(false);
  const full = await measure(true);
  print(
    'Notes, 800 bowls and 3,000 pictures over the demo',
    `${(full.page / fresh.page).toFixed(1)} × as long`,
    'aim ≤ 2',
  );
  print('  milliseconds', `${full.page.toFixed(0)} against ${fresh.page.toFixed(0)}`);
  await reading(full.file);
}
