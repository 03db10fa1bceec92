import { readdirSync, readFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, it } from 'vitest';

const pages = join(dirname(fileURLToPath(import.meta.url)), '..', 'packages', 'web', 'src');
/** A view shows; what is reckoned, asked or sent has a composable, and what is drawn a part. */
const MOST_LINES = 200;

const views = readdirSync(pages, { recursive: true }).filter((name) => name.endsWith('View.vue'));

it('finds the views', () => {
  expect(views.length).toBeGreaterThan(15);
});

it.each(views)('is short: %s', (view) => {
  expect(readFileSync(join(pages, view), 'utf8').split('\n').length).toBeLessThanOrEqual(MOST_LINES);
});
