import { afterAll, beforeAll, expect, it } from 'vitest';
import { deflateRawSync } from 'node:zlib';
import { clickOn, openHouse, pasteText, textWhen, type House } from './house';

let house: House;
beforeAll(async () => {
  house = await openHouse();
  await house.browser
    .defaultBrowserContext()
    .setPermission(
      house.address,
      { permission: { name: 'clipboard-read' }, state: 'granted' },
      { permission: { name: 'clipboard-write', allowWithoutSanitization: true }, state: 'granted' },
      { permission: { name: 'clipboard-write' }, state: 'granted' },
    );
});
afterAll(() => house.close());

const copied = (): Promise<string> => house.page.evaluate(() => navigator.clipboard.readText());
/** The same link, opened where this household is found. */
const here = (link: string): string => house.address + link.slice(new URL(link).origin.length);
const linkOf = (mask: object): string =>
  `/masks/paste#mask=${deflateRawSync(JSON.stringify({ format: 'amber-ladle-mask', version: 1, mask })).toString('base64url')}`;

it('gives a mask away in words and in a link, which another household looks at and keeps', async () => {
  const { page, open } = house;
  await open('/masks/rice-silk');
  await clickOn(page, '[data-test="give"]');
  await textWhen(page, '.v-snackbar', /Copied, with a link/);
  const text = await copied();
  expect(text).toMatch(/^# Rice silk/);
  const link = /http:\S+#mask=\S+/.exec(text)?.[0] ?? '';
  await page.goto('about:blank');
  await page.goto(here(link));
  await textWhen(page, 'section[aria-label="A whole mask"]', /Rice silk.*Somebody else wrote it/);
  // What was looked at once is not carried on in the address.
  expect(new URL(page.url()).hash).toBe('');
  await clickOn(page, '[data-test="keep-pasted"]');
  await textWhen(page, '[data-test="made"]', /\d mL/);
  // Pasted as a text, the link does the same.
  await open('/masks/paste');
  await pasteText(page, link);
  await textWhen(page, 'section[aria-label="A whole mask"]', /Rice silk/);
}, 90_000);

it('says what is wrong with a link, and keeps nothing of it', async () => {
  const { page } = house;
  const masks = async (): Promise<number> =>
    ((await (await fetch(`${house.address}/api/masks`)).json()) as object[]).length;
  const before = await masks();
  const step = { name: 'x', parts: [{ ingredientId: 'honey', share: 1 }], steps: [] };
  for (const [link, says] of [
    ['/masks/paste#mask=abc', /damaged or cut off/],
    [linkOf(step), /no mask in that file|cannot be a mask/],
    [`/masks/paste#mask=${deflateRawSync(Buffer.alloc(8_000_000, 'a')).toString('base64url')}`, /larger than a mask/],
    [
      `/masks/paste#mask=${deflateRawSync('<html><script>alert(1)</script>').toString('base64url')}`,
      /does not say its mask/,
    ],
  ] as const) {
    await page.goto('about:blank');
    await page.goto(house.address + link);
    await textWhen(page, 'main [role="alert"]', says);
    expect(await page.$('[data-test="keep-pasted"]')).toBeNull();
  }
  expect(await masks()).toBe(before);
});

it('gives the list of what to buy away', async () => {
  const { page, open } = house;
  await open('/shelf');
  await page.waitForSelector('[data-test="buy"] li');
  const rows = (await page.$$('[data-test="buy"] li')).length;
  await clickOn(page, '::-p-text(Give the list to somebody)');
  await textWhen(page, '.v-snackbar', /list is copied/);
  const lines = (await copied()).split('\n');
  expect(lines.filter((line) => /^• \d/.test(line))).toHaveLength(rows);
  // Under each day with a shop what is bought on it.
  const days = await page.$$eval('[data-test="buy"] .trip', (all) =>
    all.map((trip) => trip.getAttribute('aria-label')),
  );
  expect(lines.filter((line) => line !== '' && !line.startsWith('• '))).toEqual(days);
});

it('has an address that a calendar follows, until another is made', async () => {
  const { page, open } = house;
  await open('/shelf/book');
  await clickOn(page, '[data-test="calendar-address"] summary');
  const address = (): Promise<string> => page.$eval('[data-test="calendar-address"] code', (code) => code.textContent);
  await page.waitForSelector('[data-test="calendar-address"] code');
  const first = await address();
  const events = await (await fetch(first)).text();
  expect(events).toContain('BEGIN:VEVENT');
  await clickOn(page, '::-p-text(Make a new address)');
  await page.waitForFunction(
    (before) => document.querySelector('[data-test="calendar-address"] code')?.textContent !== before,
    {},
    first,
  );
  expect((await fetch(first)).status).toBe(404);
  expect((await fetch(await address())).status).toBe(200);
});
