import { afterEach, beforeEach, expect, it } from 'vitest';
import { clickOn, made, openHouse, tapOn, textWhen, typeIn, type House } from './house';
import { axeFaults } from './screens';

/** The first minute: a household in which nobody is known yet, on the real clock. */
let house: House;
beforeEach(async () => {
  house = await openHouse({ isEmpty: true });
  await house.page.goto(house.address);
  await textWhen(house.page, '.right .sum', /\d mL/);
});
afterEach(() => house.close());

/** Pulls the ring on the hair down by so many pixels, as a hand does. */
async function pull(pixels: number): Promise<void> {
  const { page } = house;
  const ring = await page.waitForSelector('.hair [role="slider"]');
  const box = await ring?.boundingBox();
  if (!box) throw new Error('There is no ring.');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x, y + pixels, { steps: 8 });
  await page.mouse.up();
}
const kept = async (): Promise<readonly { headName: string; maskName: string }[]> =>
  (
    (await (await fetch(`${house.address}/api/bowls?limit=10`)).json()) as {
      items: { headName: string; maskName: string }[];
    }
  ).items;

it('opens on the bench, and is a kept bowl for a named head after one pull and two taps', async () => {
  const { page } = house;
  expect(new URL(page.url()).pathname).toBe('/bowl');
  expect(await textWhen(page, '.needline', /This head usually takes/)).toMatch(/\d+ mL/);
  const before = await made(page);
  await pull(60);
  await page.waitForFunction(
    (was) => Number(/\d+/.exec(document.querySelector('[data-test="made"]')?.textContent ?? '')?.[0]) > was + 10,
    {},
    before,
  );
  await clickOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector('[data-test="name-head"]');
  // Whoever has a keyboard, or a screen with one, writes at once.
  await page.waitForFunction(() => document.activeElement === document.querySelector('[data-test="name-head"] input'));
  expect(await axeFaults(page)).toEqual([]);
  // Nothing is taken that has no name, and nothing of what was measured is lost.
  await clickOn(page, '::-p-text(Name it and keep the bowl)');
  await textWhen(page, '[data-test="name-head"]', /Give the head a name/);
  await typeIn(page, '[data-test="name-head"] input', 'Wren');
  await clickOn(page, '::-p-text(Name it and keep the bowl)');
  await page.waitForSelector('[data-test="kept-made"]');
  expect((await kept()).map(({ headName }) => headName)).toEqual(['Wren']);
  const heads = (await (await fetch(`${house.address}/api/heads`)).json()) as {
    name: string;
    profile: { stretchedLengthCentimetres: number };
  }[];
  expect(heads).toHaveLength(1);
  expect(heads[0]?.profile.stretchedLengthCentimetres).toBeGreaterThan(35);
});

it('stops at what the head is allergic to once that is said, and keeps the bowl with a word', async () => {
  const { page } = house;
  await clickOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector('[data-test="name-head"] input');
  await typeIn(page, '[data-test="name-head"] input', 'Wren');
  await clickOn(page, '[data-test="name-head"] .pill ::-p-text(milk)');
  await clickOn(page, '::-p-text(Name it and keep the bowl)');
  await textWhen(page, '[data-test="cautions"]', /Stop/);
  expect(await kept()).toEqual([]);
  await page.locator('.decision input').fill('Her doctor says it is fine on hair.');
  await clickOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector('[data-test="kept-made"]');
  expect(await kept()).toHaveLength(1);
});

it('says three things to whoever is new, each until it is closed for good', async () => {
  const { page } = house;
  const hints = (): Promise<number> => page.$$eval('[data-test="hint"]', (all) => all.length);
  expect(await hints()).toBe(3);
  await clickOn(page, '[data-test="hint"] button');
  await page.waitForFunction(() => document.querySelectorAll('[data-test="hint"]').length === 2);
  await page.reload();
  await textWhen(page, '.right .sum', /\d mL/);
  expect(await hints()).toBe(2);
  expect(await axeFaults(page)).toEqual([]);
});

it('shows on a phone what a pull comes to while the hair is pulled', async () => {
  const { page } = house;
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  await textWhen(page, '.comes-to', /\d mL/);
  const before = await page.$eval('.comes-to', (e) => e.textContent);
  await page.$eval('.hair [role="slider"]', (e) => {
    e.scrollIntoView({ block: 'center' });
  });
  await pull(50);
  await page.waitForFunction((was) => document.querySelector('.comes-to')?.textContent !== was, {}, before);
  const inView = await page.$$eval('.comes-to, .hair [role="slider"]', (all) =>
    all.every((e) => {
      const { top, bottom } = e.getBoundingClientRect();
      return top >= 0 && bottom <= window.innerHeight;
    }),
  );
  expect(inView).toBe(true);
  expect(await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth)).toBe(0);
  await tapOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector('[data-test="name-head"]');
});

it('has been seen once: Today says where to begin, and never sends anybody away', async () => {
  const { page } = house;
  await clickOn(page, 'a ::-p-text(Today)');
  await textWhen(page, 'h1', /Today/);
  await clickOn(page, '::-p-text(Size a first bowl)');
  await textWhen(page, '.right .sum', /\d mL/);
  expect(house.complaints).toEqual([]);
});

it('is heard as well as seen: the length with how far down it is, all keys of a slider, and which screen has come', async () => {
  const { page } = house;
  const length = (): Promise<string> =>
    page.$eval('.hair [role="slider"]', (e) => e.getAttribute('aria-valuetext') ?? '');
  expect(await length()).toBe('12 inches, about shoulder');
  await page.$eval('.hair [role="slider"]', (e) => {
    (e as SVGElement).focus();
  });
  for (const [key, said] of [
    ['End', /^41.5 inches, about hip$/],
    ['Home', /^0.5 inches, about ear$/],
    ['PageDown', /^5.5 inches, about ear$/],
    ['ArrowRight', /^6 inches/],
    ['ArrowUp', /^5.5 inches/],
  ] as const) {
    await page.keyboard.press(key);
    await page.waitForFunction(
      (source) =>
        new RegExp(source).test(document.querySelector('.hair [role="slider"]')?.getAttribute('aria-valuetext') ?? ''),
      { timeout: 15_000 },
      said.source,
    );
  }
  await clickOn(page, 'a ::-p-text(Masks)');
  await textWhen(page, '[data-test="announced"]', /^Masks$/);
});
