import { afterAll, beforeAll, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { clickOn, keepWithoutTaking, openHouse, post, textWhen, type House } from './house';
import { axeFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse({ isWhole: true });
});
afterAll(async () => {
  await house.close();
});

interface Felt {
  /** States of the sound device at each tone that began. */
  tones: string[];
  /** How loud each tone became. */
  loud: number[];
  buzzes: number[][];
  notices: { title: string; body: string }[];
}

/** Notes down what a page would be heard, felt and read by on a locked screen. */
const listen = (page: Page): Promise<unknown> =>
  page.evaluateOnNewDocument(() => {
    const felt: Felt = { tones: [], loud: [], buzzes: [], notices: [] };
    Object.assign(window, { felt });
    // What is asked for at the edge of the browser; everything before it is real.
    const start = Reflect.get(OscillatorNode.prototype, 'start');
    OscillatorNode.prototype.start = function (when) {
      felt.tones.push(this.context.state);
      start.call(this, when);
    };
    const rise = Reflect.get(AudioParam.prototype, 'linearRampToValueAtTime');
    AudioParam.prototype.linearRampToValueAtTime = function (value, when) {
      felt.loud.push(value);
      return rise.call(this, value, when);
    };
    navigator.vibrate = (pattern) => {
      felt.buzzes.push([pattern].flat() as number[]);
      return true;
    };
    const Real = window.Notification;
    class Told extends Real {
      constructor(title: string, options?: NotificationOptions) {
        super(title, options);
        felt.notices.push({ title, body: options?.body ?? '' });
      }
    }
    Object.assign(window, { Notification: Told });
  });
const feltOn = (page: Page): Promise<Felt> => page.evaluate(() => Reflect.get(window, 'felt') as Felt);

/** A bowl on Isaura, with the cap on. */
async function wearOn(page: Page): Promise<{ limit: number; aim: number }> {
  await page.goto(`${house.address}/bowl?mask=rice-silk`);
  await keepWithoutTaking(page);
  await page.goto(`${house.address}/wear`);
  await page.waitForSelector('button.section');
  await clickOn(page, '::-p-text(Cap on, start the time)');
  await textWhen(page, '[data-test="phase"]', /Not yet/);
  return { aim: 60, limit: 90 };
}
const pass = (minutes: number): Promise<unknown> => post(`${house.address}/api/devices/clock`, { minutes });

it('calls at the aim and at the limit until it is answered: heard, felt, in the tab, over every page', async () => {
  const page = await house.newPage();
  await listen(page);
  const { aim, limit } = await wearOn(page);
  expect(await page.$('[data-test="alarm"]')).toBeNull();
  await pass(aim + 1);
  await textWhen(page, '[data-test="alarm"]', /Isaura: the mask has had its time.*Rinse when you like, by/);
  await page.waitForFunction(() => document.title.startsWith('! Isaura: the mask has had its time'));
  // The tap that put the cap on has unlocked the sound. It comes again, and louder.
  await page.waitForFunction(() => (Reflect.get(window, 'felt') as Felt).tones.length >= 8, { timeout: 30_000 });
  const { tones, loud, buzzes } = await feltOn(page);
  expect(new Set(tones)).toEqual(new Set(['running']));
  expect(loud.at(-1)).toBeGreaterThan(loud[0] ?? 1);
  expect(buzzes[0]).toEqual([400, 150, 400]);

  // Answered, it is quiet, also after a reload.
  await clickOn(page, '[data-test="heard"]');
  await page.waitForFunction(() => !document.querySelector('[data-test="alarm"]'));
  await page.waitForFunction(() => document.title === 'Wear · Amber Ladle');
  await page.reload();
  await textWhen(page, '[data-test="phase"]', /Right now|Long enough/);
  expect(await page.$('[data-test="alarm"]')).toBeNull();

  // The limit calls anew, on whatever page; there it leads to the head.
  await pass(limit - aim);
  await page.goto(`${house.address}/shelf`);
  await textWhen(page, '[data-test="alarm"]', /Isaura: rinse now/);
  expect(await axeFaults(page)).toEqual([]);
  await page.setViewport({ width: 390, height: 844 });
  const width = await page.evaluate(() => document.documentElement.scrollWidth);
  expect(width).toBeLessThanOrEqual(390);
  await page.setViewport({ width: 1280, height: 800 });
  await clickOn(page, '[data-test="alarm"] a');
  await textWhen(page, '[data-test="phase"]', /Past its limit: rinse now/);

  // Rinsed out on another device, there is nothing left to call for.
  await clickOn(page, '[data-test="rinse-enough"]');
  await textWhen(page, '[data-test="rinsed"]', /Rinsed out at/);
  expect(await page.$('[data-test="alarm"]')).toBeNull();
  await page.close();
}, 120_000);

it('is tried by a tap, and tells a locked screen where that is allowed', async () => {
  const context = house.page.browserContext();
  const page = await house.newPage();
  await listen(page);
  const allow = (state: 'granted' | 'denied') =>
    context.setPermission(house.address, { permission: { name: 'notifications' }, state });
  await allow('granted');
  const { limit } = await wearOn(page);
  await textWhen(
    page,
    '[data-test="alarm-check"]',
    /rings until you answer.*Try the sound.*A locked screen is told, too/,
  );
  const before = (await feltOn(page)).tones.length;
  await clickOn(page, '::-p-text(Try the sound)');
  await page.waitForFunction((n) => (Reflect.get(window, 'felt') as Felt).tones.length > n, {}, before);

  // Another tab is in front: this one is out of sight.
  const front = await house.newPage();
  await front.goto(house.address);
  await front.bringToFront();
  await page.evaluate(() => {
    Object.defineProperty(document, 'visibilityState', { value: 'hidden', configurable: true });
    document.dispatchEvent(new Event('visibilitychange'));
  });
  await pass(limit + 1);
  await page.waitForFunction(() => (Reflect.get(window, 'felt') as Felt).notices.length > 0, { polling: 200 });
  const [notice] = (await feltOn(page)).notices;
  expect(notice).toEqual({ title: 'Isaura: rinse now', body: 'The mask is at its limit.' });
  await front.close();
  await page.bringToFront();
  await clickOn(page, '[data-test="heard"]');

  // Refused, it says so instead of asking in vain; the bar and the sound go on.
  await allow('denied');
  await page.goto(`${house.address}/wear`);
  await textWhen(page, '[data-test="alarm-check"]', /A locked screen is not told: this browser’s settings/);
  expect(await page.$('[data-test="notify"]')).toBeNull();
  await context.clearPermissionOverrides();
  await page.close();
}, 120_000);
