import { copyFileSync } from 'node:fs';
import { join } from 'node:path';
import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { Clock } from '../../packages/server/src/kernel/clock';
import { Events } from '../../packages/server/src/kernel/events';
import { household } from '../../packages/server/src/kernel/household';
import { SideThreads } from '../../packages/server/src/kernel/sideThreads';
import { letGo } from '../../packages/server/src/kernel/letGo';
import { readHouse } from '../../packages/server/src/house';
import { listBowls } from '../../packages/server/src/bowl';
import { readShelf } from '../../packages/server/src/stock';
import { openDatabase } from '../../packages/server/src/schema/database';
import { percentile, print } from './print';

const HOUSEHOLDS = 500;
const HELD = 50;
const megabytes = (): number => process.memoryUsage().rss / 1e6;

/** Many households in one process, each a file of its own: opened, read as Today reads it, and closed; and some held open. */
export async function benchHouseholds(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  await (await startApp({ dataFolder: folder })).stop();
  const one = join(folder, 'demo.sqlite');
  const open = async (i: number) => {
    const file = join(folder, `household-${i}.sqlite`);
    copyFileSync(one, file);
    const began = performance.now();
    const home = household(await openDatabase(file), new Clock(), new Events(), new SideThreads());
    const opened = performance.now() - began;
    await readHouse(home);
    await listBowls(home, 0, 50);
    await readShelf(home, 0, 100);
    return { home, opened, used: performance.now() - began };
  };
  const opening: number[] = [];
  const using: number[] = [];
  await letGo();
  const before = megabytes();
  for (let i = 0; i < HOUSEHOLDS; i++) {
    const { home, opened, used } = await open(i);
    opening.push(opened);
    using.push(used);
    await home.source.destroy();
    if (i % HELD === HELD - 1) await letGo();
  }
  print(`${HOUSEHOLDS} households in turn: opened`, `${percentile(opening, 0.5).toFixed(1)} ms each`);
  print(
    '  and read as Today reads one',
    `${percentile(using, 0.5).toFixed(1)} ms each`,
    `p99 ${percentile(using, 0.99).toFixed(0)} ms`,
  );
  print('  memory afterwards', `${(megabytes() - before).toFixed(0)} MB more`);
  const still = megabytes();
  const held = [];
  for (let i = 0; i < HELD; i++) held.push((await open(HOUSEHOLDS + i)).home);
  print(`${HELD} of them held open`, `${((megabytes() - still) / HELD).toFixed(1)} MB each`);
  for (const { source } of held) await source.destroy();
  await remove();
}
