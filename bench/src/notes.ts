import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import autocannon from 'autocannon';
import { nextUse, type Evidence } from '@amber-ladle/core/learn';
import { DEMO_NOW, startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { percentile, print, timed } from './print';
import { fillYears } from './years';

const DAY = 86_400_000;
const NOW = Date.parse(DEMO_NOW);
const BOWLS = 800;
const PHOTOS = 3000;

/** What Notes asks for when it opens on a head. */
const YEAR_AGO = new Date(NOW - 365 * DAY).toISOString();
const PAGES = [
  '/logs/open',
  '/learning',
  `/logs?headId=HEAD&limit=120&from=${YEAR_AGO}`,
  '/heads/HEAD/measures',
  '/heads/HEAD/photos?limit=40',
];

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
  if (isFull) fillYears(join(folder, 'demo.sqlite'), { bowls: BOWLS, photos: PHOTOS, photoBytes: 0 });
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
