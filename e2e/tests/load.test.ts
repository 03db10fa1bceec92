import { join } from 'node:path';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { firstLoad, kilobytes } from '../support/firstLoad.mjs';
import { openHouse, textWhen, type House } from './house';

const DIST = join(import.meta.dirname, '../../packages/web/dist');
const scripts = (view: string): string[] => firstLoad(DIST, view).filter((name) => name.endsWith('.js'));

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(() => house.close());

it('brings Today in 230 kB of scripts', () => {
  const files = scripts('TodayView');
  expect(files.some((name) => name.startsWith('TodayView-'))).toBe(true);
  expect(kilobytes(DIST, files)).toBeLessThanOrEqual(230);
});

it('has no page wait for more files than a phone fetches in a few rounds of six', () => {
  const counts = ['TodayView', 'BowlView', 'ShelfView', 'WeeksView', 'MakeView'].map((view) => scripts(view).length);
  expect(Math.min(...counts)).toBeGreaterThan(5);
  expect(Math.max(...counts)).toBeLessThan(54);
});

it('draws Today from these alone: who is there, what each takes and what is worth making', async () => {
  const { page, address } = house;
  const first = new Set(scripts('TodayView'));
  const later = new Set<string>();
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    const [, name] = /\/assets\/([^/?]+\.js)$/.exec(request.url()) ?? [];
    // What reckons beside the page is asked for by none of them, and draws nothing.
    const isLater = name !== undefined && !first.has(name) && !name.includes('.worker-');
    if (isLater) later.add(name);
    void (isLater ? request.abort() : request.continue());
  });
  await page.goto(address, { waitUntil: 'domcontentloaded' });
  await textWhen(page, '.people', /usually takes\s*\d+ mL/);
  await textWhen(page, '[data-test="suggestion"]', /Size this bowl/);
  // Drawings and alarms come after.
  expect(later.size).toBeGreaterThan(0);
});
