import { readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';

/**
 * What a page has to have before it can be drawn: what index.html asks for and the view's own file, with all that those import
 * at once, down to the last one. What is asked for later (drawings, alarms, sheets) is not among it.
 * @param {string} dist of the web
 * @param {string} view its file's name, as TodayView
 * @returns {string[]} names of files of scripts and styles
 */
export function firstLoad(dist, view) {
  const page = readFileSync(join(dist, 'index.html'), 'utf8');
  const assets = readdirSync(join(dist, 'assets'));
  const asked = [...page.matchAll(/\/assets\/([^"]+\.(?:js|css))/g)].map(([, name]) => name ?? '');
  const queue = [...asked, ...assets.filter((name) => name.startsWith(`${view}-`) && /\.(js|css)$/.test(name))];
  /** @type {Set<string>} */
  const loaded = new Set();
  for (let name = queue.pop(); name; name = queue.pop()) {
    if (loaded.has(name)) continue;
    loaded.add(name);
    if (!name.endsWith('.js')) continue;
    const code = readFileSync(join(dist, 'assets', name), 'utf8');
    for (const [, path] of code.matchAll(/(?:from|import)\s*["']\.\/([^"']+)["']/g)) if (path) queue.push(path);
  }
  return [...loaded].sort();
}

/**
 * What files weigh on their way, in thousands of bytes, each packed by gzip.
 * @param {string} dist of the web
 * @param {readonly string[]} names
 */
export const kilobytes = (dist, names) =>
  names.reduce((sum, name) => sum + gzipSync(readFileSync(join(dist, 'assets', name)), { level: 9 }).length, 0) / 1000;
