import { existsSync, readdirSync, readFileSync, statSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
/** Files below a folder whose names end so. */
function below(folder, ending) {
  return readdirSync(join(root, folder), { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory()) return entry.name === 'node_modules' || entry.name === 'dist' ? [] : below(path, ending);
    return entry.name.endsWith(ending) ? [path] : [];
  });
}
const DOCUMENTS = ['README.md', ...below('docs', '.md')];
const textOf = (path) => readFileSync(join(root, path), 'utf8');

it.each(DOCUMENTS)('%s leads to what is there', (path) => {
  const links = [...textOf(path).matchAll(/\]\((?!https?:|#)([^)#\s]+)/g)].map(([, to]) => to);
  expect(links.filter((to) => !existsSync(join(root, dirname(path), to)))).toEqual([]);
});

/** Where a path in a document may begin: at the root, or within one of the packages, whose name may be left out. */
const BEGINNINGS = [
  '',
  'packages',
  ...['core', 'words', 'contract', 'server', 'web'].map((one) => `packages/${one}/src`),
];
/** `web/bowl/useSizing.ts` is written for `packages/web/src/bowl/useSizing.ts`. */
const isThere = (path) => {
  const [first, ...rest] = path.split('/');
  return [...BEGINNINGS.map((one) => join(one, path)), join('packages', first, 'src', ...rest)].some((one) =>
    existsSync(join(root, one)),
  );
};

it.each(DOCUMENTS)('%s names files that are there', (path) => {
  const named = [...textOf(path).matchAll(/`([\w.-]+(?:\/[\w.-]+)+\.(?:ts|vue|mjs|css|json))`/g)].map(
    ([, file]) => file,
  );
  expect(named.filter((file) => !isThere(file))).toEqual([]);
});

it('has every rule of thumb that a test cites, and says where each is held against what comes out', () => {
  const rules = textOf('docs/rules-of-thumb.md');
  const known = [...rules.matchAll(/^\| (P\d+) /gm)].map(([, number]) => number);
  const cited = new Map();
  for (const file of below('packages/core/src', '.test.ts'))
    for (const [, number] of textOf(file).matchAll(/\[(P\d+)\]/g))
      cited.set(number, [...(cited.get(number) ?? []), file.slice('packages/core/src/'.length)]);
  expect([...cited.keys()].filter((number) => !known.includes(number))).toEqual([]);
  for (const line of rules.matchAll(/^\| (P\d+) .*\| (.*) \|$/gm)) {
    const [, number, where] = line;
    const files = [...where.matchAll(/`([^`]+)`/g)].map(([, file]) => file);
    if (files.length === 0) expect(where).toMatch(/^not cited/);
    for (const file of files) expect([number, ...(cited.get(number) ?? [])].join(' ')).toContain(file);
    if (where.startsWith('not cited')) expect(cited.has(number)).toBe(false);
  }
  expect(known).toHaveLength(20);
});

it('shows a picture of each main view, and fewer than twenty', () => {
  const pictures = below('docs/screenshots', '.png');
  expect(pictures.length).toBeLessThan(20);
  const linked = textOf('README.md');
  expect(pictures.filter((path) => !linked.includes(path))).toEqual([]);
  for (const path of pictures) expect(statSync(join(root, path)).size).toBeGreaterThan(10_000);
});
