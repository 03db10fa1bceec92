import type { RestockLevel } from '@amber-ladle/core/shelf';
import { statSync } from 'node:fs';
import { join } from 'node:path';
import { addressOf, api, type LoggedBowl } from '@amber-ladle/contract';
import autocannon from 'autocannon';
import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { percentile, print } from './print';
import { fillYears } from './years';

const READERS = 20;
const TURNS = 7;

/** What screens read, one address each. */
const pages = (headId: string, bowlId: string): Readonly<Record<string, string>> => ({
  heads: addressOf(api.heads.list),
  histories: addressOf(api.heads.histories),
  bowls: addressOf(api.bowls.list, {}, { limit: 50 }),
  bowl: addressOf(api.bowls.one, { id: bowlId }),
  shelf: addressOf(api.stock.shelf, {}, { limit: 100 }),
  book: addressOf(api.stock.book, {}, { limit: 50, offset: 3000 }),
  buy: addressOf(api.stock.buy),
  waste: addressOf(api.stock.waste),
  spending: addressOf(api.notes.spending),
  learning: addressOf(api.notes.learning),
  'open logs': addressOf(api.notes.open),
  'logs of a year': addressOf(api.notes.list, {}, { headId, limit: 120 }),
  pictures: addressOf(api.photos.ofHead, { id: headId }, { limit: 40 }),
  calendar: addressOf(api.stock.calendar),
});

/** Somebody changes settings, stock and what is written of a bowl: whatever is remembered is out of date. */
async function change(address: string, turn: number): Promise<void> {
  const send = async (at: string, method: string, body: object): Promise<void> => {
    const headers = { 'Content-Type': 'application/json' };
    const response = await fetch(address + at, { method, headers, body: JSON.stringify(body) });
    if (!response.ok) throw new Error(`${at}: ${await response.text()}`);
  };
  const bowl = 'bowl-5';
  const logs = (await (await fetch(address + addressOf(api.notes.ofBowl, { id: bowl }))).json()) as LoggedBowl[];
  const [log] = logs;
  if (log) {
    const at = addressOf(api.notes.write, { id: bowl, headId: log.headId });
    await send(at, 'PUT', { version: log.version, log: log.log });
  }
  const levels = (await (await fetch(address + addressOf(api.stock.levels))).json()) as RestockLevel[];
  await send(addressOf(api.stock.setLevel, { ingredientId: 'honey' }), 'PUT', {
    grams: 100 + turn,
    seenGrams: levels.find(({ ingredientId }) => ingredientId === 'honey')?.grams ?? 0,
  });
}

/** A household of five years and five heads with its pictures: each page alone, and twenty readers at once. */
export async function benchGrowth(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  await (await startApp({ dataFolder: folder })).stop();
  const file = join(folder, 'demo.sqlite');
  fillYears(file, { bowls: 2000, photos: 3000, photoBytes: 80_000 });
  const app = await startApp({ dataFolder: folder, env: { AMBER_LADLE_RATE: '100000000' } });
  const ask = async (address: string): Promise<number> => {
    const began = performance.now();
    const response = await fetch(app.address + address);
    await response.arrayBuffer();
    if (!response.ok) throw new Error(`${address}: ${response.status}`);
    return performance.now() - began;
  };
  const [head] = (await (await fetch(app.address + addressOf(api.heads.list))).json()) as { id: string }[];
  const all = pages(head?.id ?? '', 'bowl-100');
  print('five years of five heads', `${(statSync(file).size / 1e6).toFixed(0)} MB`);
  for (const [name, address] of Object.entries(all)) {
    const first = await ask(address);
    const again: number[] = [];
    for (let i = 0; i < TURNS; i++) again.push(await ask(address));
    const afterwards: number[] = [];
    for (let i = 0; i < TURNS; i++) {
      await change(app.address, i);
      afterwards.push(await ask(address));
    }
    const [still, after] = [percentile(again, 0.5).toFixed(1), percentile(afterwards, 0.5).toFixed(1)];
    print(`  ${name}`, `${still} ms, after a change ${after} ms`, `first ${first.toFixed(0)} ms, aim ≤ 30`);
  }
  const { latency, errors, non2xx } = await autocannon({
    url: app.address,
    connections: READERS,
    duration: 8,
    requests: Object.values(all).map((path) => ({ path })),
  });
  print(`${READERS} readers at once, p99`, `${latency.p99.toFixed(0)} ms`, `aim < 250 ms, ${errors + non2xx} refused`);
  await besides(app.address);
  await app.stop();
  await remove();
}

/** How long others wait at most while something long is done beside them. */
async function besides(address: string): Promise<void> {
  const file = await (await fetch(`${address}${addressOf(api.household.file, {}, { photos: 'no' })}`)).bytes();
  const headers = { 'Content-Type': 'application/json' };
  const works: Readonly<Record<string, () => Promise<Response>>> = {
    'a copy is made': () => fetch(address + addressOf(api.household.backUp), { method: 'POST' }),
    'everything is written to a file': () => fetch(address + addressOf(api.household.file)),
    'a file is looked over': () =>
      fetch(address + addressOf(api.household.readFile), { method: 'POST', headers, body: file }),
    'a file is put in the place of everything': () =>
      fetch(address + addressOf(api.household.readFile, {}, { isForReal: 'true' }), {
        method: 'POST',
        headers,
        body: file,
      }),
  };
  for (const [name, work] of Object.entries(works)) {
    const state = { isOver: false };
    const began = performance.now();
    const done = work().then(async (response) => {
      // Piece by piece: putting hundreds of megabytes together would hold up who measures, not who is measured.
      for await (const _piece of response.body ?? []);
      if (!response.ok) throw new Error(`${name}: ${response.status}`);
      state.isOver = true;
    });
    const waits: number[] = [];
    while (!state.isOver) {
      const asked = performance.now();
      await (await fetch(address + addressOf(api.household.health))).arrayBuffer();
      waits.push(performance.now() - asked);
      await new Promise((resolve) => setTimeout(resolve, 5));
    }
    await done;
    const seconds = ((performance.now() - began) / 1000).toFixed(1);
    print(`  while ${name} (${seconds} s), the longest wait`, `${Math.max(...waits).toFixed(0)} ms`, 'aim ≤ 50 ms');
  }
}
