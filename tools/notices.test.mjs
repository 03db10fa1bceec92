import { readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';
import { notices, placeOf, shippedBy } from './notices.mjs';

const root = join(dirname(fileURLToPath(import.meta.url)), '..');

it('are as they would be written from what is installed', () => {
  expect(readFileSync(join(root, 'NOTICES.md'), 'utf8')).toBe(notices());
});

it('name what is needed to run and what that needs, the nearest of two versions, and nothing else', () => {
  const locked = {
    'packages/a': { dependencies: { one: '1', '@us/b': '1' } },
    'node_modules/@us/b': { link: true },
    'node_modules/one': { dependencies: { two: '2' }, devDependencies: { tester: '1' } },
    'node_modules/two': {},
    'node_modules/one/node_modules/two': { optionalDependencies: { three: '3', elsewhere: '1' } },
    'node_modules/three': { dependencies: { one: '1' } },
    'node_modules/tester': {},
  };
  expect(shippedBy(locked, ['packages/a'])).toEqual([
    'node_modules/one',
    'node_modules/one/node_modules/two',
    'node_modules/three',
  ]);
  expect(placeOf(locked, 'node_modules/one', 'two')).toBe('node_modules/one/node_modules/two');
  expect(placeOf(locked, 'packages/a', 'nothing')).toBeUndefined();
});
