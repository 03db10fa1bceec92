import { afterAll, beforeAll, expect, it } from 'vitest';
import { openHouse, type House } from './house';
import { axeFaults, hold, PHONE, settled, smallThings, WIDE } from './screens';

/** Whatever opens over a page: by axe in either light, by finger on a phone, with a name, and giving the focus back when it goes. */
let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

const OVER: readonly (readonly [what: string, path: string, opener: string, opened: string])[] = [
  ['the help', '/', '[data-test="open-help"]', '.sheet'],
  ['why so much', '/bowl', 'button.why', '.sheet'],
  ['what would do instead', '/bowl', 'button[aria-label^="Swap "]', '.v-list.offers'],
  ['the pot', '/bowl?mask=rice-silk', 'button[aria-label^="The pot of "]', '.sheet'],
  ['the masks to choose from', '/bowl', '.v-autocomplete .v-field', '.v-list'],
  ['a bowl of the weeks', '/weeks', '.card', '.sheet'],
  ['a day of the weeks', '/weeks', 'button.day, [data-test="day"] button', '.sheet'],
  ['how the weeks run', '/weeks', '::-p-text(How your weeks run)', '.sheet'],
  ['what to choose in Settings', '/settings', '.v-select .v-field', '.v-list'],
  ['what to choose in Notes', '/notes', '.v-select .v-field', '.v-list'],
];

it.each(OVER)('%s', async (_what, path, opener, opened) => {
  const { page } = house;
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }]);
  await house.open(path);
  const button = await page.waitForSelector(opener, { visible: true });
  await settled(page);
  await button?.focus();
  await button?.click();
  await page.waitForSelector(opened, { visible: true });
  expect(await axeFaults(page)).toEqual([]);
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'dark' }]);
  await page.waitForSelector('.v-theme--evening');
  expect(await axeFaults(page, ['color-contrast'])).toEqual([]);
  const client = await page.createCDPSession();
  await hold(client, page, PHONE);
  expect(await smallThings(page, 44)).toEqual([]);
  await hold(client, page, WIDE);
  await client.detach();
  await page.keyboard.press('Escape');
  await page.waitForFunction((query) => !document.querySelector(query)?.checkVisibility(), {}, opened);
  // Nothing is lost of where one was.
  await expect
    .poll(() => button?.evaluate((one) => (one.closest('button') ?? one).contains(document.activeElement)))
    .toBe(true);
});
