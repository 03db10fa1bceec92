import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { clickOn, openHouse, textWhen, type House } from './house';

/** The drawn kitchen, as it stands on the screens: that pictures are there, say what they must, and tell no untruth. */
let house: House;
let page: Page;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});
beforeEach(async () => {
  page = await house.newPage();
  await page.setViewport({ width: 1280, height: 800 });
});
const open = async (path: string): Promise<void> => {
  await page.goto(house.address + path);
  await page.waitForSelector('h1');
};
/** Once the book of drawings is here. */
const drawn = (within: string) => page.waitForSelector(`${within} svg.ink path.paint`);

describe('pictures', () => {
  it.each([
    ['/', '[data-test="suggestion"]'],
    ['/shelf', '[data-lot]'],
    ['/masks', '.book'],
    ['/masks/rice-silk', 'table'],
    ['/ingredients', '.row'],
    ['/settings', '.drawer'],
  ])('stand on %s, none of them read out twice', async (path, within) => {
    await open(path);
    await drawn(within);
    const unnamed = await page.$$eval('svg', (all) =>
      all
        .filter((svg) => !svg.closest('[aria-hidden="true"]') && !svg.parentElement?.closest('svg'))
        .filter((svg) => !svg.getAttribute('aria-label') && !['group', 'img'].includes(svg.getAttribute('role') ?? ''))
        .map((svg) => svg.outerHTML.slice(0, 120)),
    );
    expect(unnamed).toEqual([]);
  });

  it('take no place away when they come: nothing on the page moves', async () => {
    await page.evaluateOnNewDocument(() => {
      const moved = { sum: 0 };
      Object.assign(window, { moved });
      new PerformanceObserver((list) => {
        for (const entry of list.getEntries() as (PerformanceEntry & { value: number })[]) moved.sum += entry.value;
      }).observe({ type: 'layout-shift', buffered: true });
    });
    await open('/masks');
    await drawn('.book');
    const before = await page.evaluate(() => (window as unknown as { moved: { sum: number } }).moved.sum);
    // Good is below 0.1 (web.dev, Cumulative Layout Shift, from memory).
    expect(before).toBeLessThan(0.1);
  });
});

describe('the glass', () => {
  it('holds layers as high as they are much, and they fill it up to what is made', async () => {
    await open('/bowl?mask=towpath-avocado');
    await textWhen(page, '[data-test="made"]', /\d mL/);
    const heights = await page.$$eval('[data-layer]', (all) =>
      all.map((rect) => ({ id: rect.getAttribute('data-layer'), height: Number(rect.getAttribute('height')) })),
    );
    const label = await page.$eval('svg.vessel', (svg) => svg.getAttribute('aria-label') ?? '');
    const [, ...figures] = [...label.matchAll(/(\d+(?:\.\d+)?) mL/g)].map(([, figure]) => Number(figure));
    const perMillilitre = heights.map(({ height }, at) => height / (figures[at] ?? NaN));
    for (const one of perMillilitre) expect(Math.abs(one / (perMillilitre[0] ?? NaN) - 1)).toBeLessThan(0.06);
  });
});

describe('a head', () => {
  it('looks as the household says, at once and from then on', async () => {
    const [isaura] = (await (await fetch(`${house.address}/api/heads`)).json()) as { id: string }[];
    await open(`/heads/${isaura?.id ?? ''}`);
    const mass = () => page.$eval('.figure .mass', (path) => [path.getAttribute('d'), path.getAttribute('fill')]);
    const [asCoils] = await mass();
    await clickOn(page, '.look .pill::-p-text(waves)');
    await page.click('[aria-label="Hair copper"]');
    const [asWaves, tone] = await mass();
    expect(tone).toBe('#AE6234');
    await clickOn(page, 'button::-p-text(Save)');
    await textWhen(page, '.v-snackbar', /is saved/);
    await open('/heads');
    await page.waitForSelector('.heads .mass');
    const kept = await page.$$eval('.heads .mass', (all) => all.map((path) => path.getAttribute('fill')));
    expect(kept).toContain('#AE6234');
    // Coils in twists give up a little of their length and stand a little wider; waves do not.
    expect(asWaves).not.toBe(asCoils);
  });
});

describe('the book of masks', () => {
  it('begins with what lies ripe and turns, and says what that is', async () => {
    await open('/masks');
    await page.waitForSelector('.book a');
    await page.click('.order .v-field');
    await clickOn(page, '.v-list-item::-p-text(what is ripe here first)');
    const first = await textWhen(page, '.book li:first-child', /to use up: /);
    expect(first).toMatch(/to use up: \w+/);
    const all = await page.$$eval('.book li', (rows) => rows.map((row) => row.textContent.includes('to use up:')));
    // All that use something up come before all that do not.
    expect(all.indexOf(false) === -1 || !all.slice(all.indexOf(false)).includes(true)).toBe(true);
  });
});

describe('forced colours', () => {
  it('leave no paint, and every line', async () => {
    const client = await page.createCDPSession();
    await client.send('Emulation.setEmulatedMedia', { features: [{ name: 'forced-colors', value: 'active' }] });
    await open('/masks');
    await drawn('.book');
    const { paints, line, text } = await page.evaluate(() => ({
      paints: [...new Set([...document.querySelectorAll('.ink .paint')].map((path) => getComputedStyle(path).fill))],
      line: getComputedStyle(document.querySelector('.ink .pen') ?? document.body).stroke,
      text: getComputedStyle(document.querySelector('h1') ?? document.body).color,
    }));
    expect(paints).toHaveLength(1);
    expect(line).toBe(text);
  });
});

it('never complained on the console', () => {
  expect(house.complaints).toEqual([]);
});
