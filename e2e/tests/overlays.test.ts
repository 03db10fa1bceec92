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

/** Opens it, looks at it, and goes back. */
async function lookAt({ page, open }: House, path: string, opener: string, opened: string): Promise<void> {
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: 'light' }]);
  await open(path);
  // A better plan would take the bowl away that was opened: it is looked at once there is none.
  if (path === '/weeks')
    await page.waitForFunction(
      () =>
        /No better one exists|of the best there can be/.test(
          document.querySelector('[data-test="proof"]')?.textContent ?? '',
        ),
      { timeout: 30_000 },
    );
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
  await page.setViewport({ width: WIDE.width, height: WIDE.height });
  await page.keyboard.press('Escape');
  await page.waitForFunction((query) => !document.querySelector(query)?.checkVisibility(), {}, opened);
  // Nothing is lost of where one was.
  await expect
    .poll(() => button?.evaluate((one) => (one.closest('button') ?? one).contains(document.activeElement)))
    .toBe(true);
}
it.each(OVER)('%s', (_what, path, opener, opened) => lookAt(house, path, opener, opened));

/** The button that keeps what is on the bench. */
const KEEP = '::-p-xpath(//button[contains(., "Keep this bowl")])';
it('what is taken from the shelf', () => lookAt(house, '/bowl?mask=towpath-avocado', KEEP, '[data-test="takes"]'));

it('how the day goes on from here', async () => {
  await house.open('/make');
  await house.page.waitForSelector('[data-test="day-sum"]');
  await house.page.keyboard.press('Space');
  await house.page.waitForSelector('[data-test="change-day"]');
  await lookAt(house, '/make', '[data-test="change-day"]', '[data-test="changes"]');
});

it('whose head it is', async () => {
  const empty = await openHouse({ isEmpty: true });
  try {
    await lookAt(empty, '/bowl', KEEP, '[data-test="name-head"]');
  } finally {
    await empty.close();
  }
});
