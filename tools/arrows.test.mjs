import { mkdirSync, mkdtempSync, rmSync, symlinkSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { cruise } from 'dependency-cruiser';
import extractDepcruiseOptions from 'dependency-cruiser/config-utl/extract-depcruise-options';
import { afterEach, beforeEach, expect, it } from 'vitest';
import { nodeFits } from './checks.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');
const options = await extractDepcruiseOptions(join(root, '.dependency-cruiser.cjs'));
let folder;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'amber-ladle-arrows-'));
  symlinkSync(join(root, 'node_modules'), join(folder, 'node_modules'), 'dir');
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

/** Names of the broken rules in a small tree of files. */
async function broken(files) {
  for (const [path, text] of Object.entries(files)) {
    mkdirSync(dirname(join(folder, path)), { recursive: true });
    writeFileSync(join(folder, path), text);
  }
  const { output } = await cruise(['packages'], { ...options, baseDir: folder });
  return [...new Set(output.summary.violations.map(({ rule }) => rule.name))].sort();
}

const sound = { 'packages/core/src/measure/a.ts': 'export const a = 1;' };

it.each([
  [{}, []],
  [
    { 'packages/core/src/hair/b.ts': "import { readFileSync } from 'node:fs'; readFileSync('x');" },
    ['core-stands-alone', 'no-node-below-the-server'],
  ],
  [{ 'packages/core/src/hair/b.ts': "import { ref } from 'vue'; ref();" }, ['core-stands-alone']],
  [
    {
      'packages/core/src/measure/b.ts': "import { c } from '../batch/c'; export const b = c;",
      'packages/core/src/batch/c.ts': 'export const c = 1;',
    },
    ['core-time-not-above'],
  ],
  [
    {
      'packages/core/src/hair/b.ts': "import { c } from './c'; export const b = () => c;",
      'packages/core/src/hair/c.ts': "import { b } from './b'; export const c = () => b;",
    },
    ['no-circles'],
  ],
  [
    {
      'packages/core/src/shelf/b.ts': "import { c } from '../house/c'; export const b = c;",
      'packages/core/src/house/c.ts': 'export const c = 1;',
    },
    ['core-shelf-not-above'],
  ],
  [
    {
      'packages/core/src/measure/b.ts': "import { c } from '../../../words/src/c'; export const b = c;",
      'packages/words/src/c.ts': 'export const c = 1;',
    },
    ['core-stands-alone'],
  ],
  [
    {
      'packages/web/src/b.ts': "import { c } from '../../server/src/c'; export const b = c;",
      'packages/server/src/c.ts': 'export const c = 1;',
    },
    ['web-not-server'],
  ],
  [
    {
      'packages/web/src/bowl/b.ts': "import { c } from '../head/c'; export const b = c;",
      'packages/web/src/head/c.ts': 'export const c = 1;',
    },
    ['web-features-by-their-face'],
  ],
  [
    {
      'packages/web/src/head/b.ts': "import { c } from '../bowl'; export const b = c;",
      'packages/web/src/bowl/index.ts': 'export const c = 1;',
    },
    ['web-caution-not-above'],
  ],
  [
    {
      'packages/web/src/bowl/b.ts': "import { c } from '../head'; export const b = c;",
      'packages/web/src/head/index.ts': 'export const c = 1;',
    },
    [],
  ],
  [
    {
      'packages/web/src/bowl/b.ts': "export const b = () => import('./BowlView.vue');",
      'packages/web/src/bowl/BowlView.vue': '<template><p></p></template>',
    },
    ['web-views-by-the-router'],
  ],
])('finds arrows that point the wrong way %#', async (files, rules) =>
  expect(await broken({ ...sound, ...files })).toEqual(rules),
);

it('knows which Node will do', () => {
  expect(['20.20.2', '20.19.0', '22.12.0', '24.1.0'].every(nodeFits)).toBe(true);
  expect(['18.20.0', '20.9.0', '21.5.0', '22.3.0'].some(nodeFits)).toBe(false);
});
