import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { print } from './print';

/** First load: what index.html asks for at once and what the first screen adds, in kB gzipped. */
export function benchLoad(root: string): void {
  const folder = join(root, 'packages/web/dist');
  const page = readFileSync(join(folder, 'index.html'), 'utf8');
  const asked = new Set([...page.matchAll(/\/assets\/[^"]+/g)].map(([path]) => path.slice('/assets/'.length)));
  const assets = readdirSync(join(folder, 'assets'));
  // Static imports of what is loaded come along, down to the last one.
  const queue = [...asked, ...assets.filter((name) => /^BowlView-.*\.(js|css)$/.test(name))];
  const loaded = new Set<string>();
  for (let name = queue.pop(); name; name = queue.pop()) {
    if (loaded.has(name)) continue;
    loaded.add(name);
    if (!name.endsWith('.js')) continue;
    const code = readFileSync(join(folder, 'assets', name), 'utf8');
    for (const [, path] of code.matchAll(/(?:from|import)\s*"\.\/([^"]+)"/g)) if (path) queue.push(path);
  }
  const kilobytes = (ending: string): number =>
    [...loaded]
      .filter((name) => name.endsWith(ending))
      .reduce((sum, name) => sum + gzipSync(readFileSync(join(folder, 'assets', name))).length, 0) / 1000;
  print('first load of the Bowl, JavaScript gzipped', `${kilobytes('.js').toFixed(0)} kB`, 'aim ≤ 250 kB');
  print('first load of the Bowl, CSS gzipped', `${kilobytes('.css').toFixed(0)} kB`, 'aim ≤ 60 kB');
}
