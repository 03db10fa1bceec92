import type { CDPSession, Page } from 'puppeteer-core';
import { afterAll, beforeAll, beforeEach, describe, expect, it, vi } from 'vitest';
import { clickOn, openHouse, post, tapOn, textWhen, typeIn, type House } from './house';
import { axeFaults } from './screens';

/** The app in one hand: swipes, Back, what a device wishes, and what is said aloud. */
/** A machine that does other things too answers in its time. */
const SOON = { timeout: 10_000 };

let house: House;
let page: Page;
let client: CDPSession;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});
beforeEach(async () => {
  page = await house.newPage();
  client = await page.createCDPSession();
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
});

const open = async (path: string): Promise<void> => {
  await page.goto(house.address + path);
  await page.waitForSelector('h1');
};
/** A finger that goes down, moves and is lifted. */
async function swipe(selector: string, dx: number, dy: number): Promise<void> {
  const target = await page.waitForSelector(selector, { visible: true });
  await target?.evaluate((element) => {
    element.scrollIntoView({ block: 'center' });
  });
  await atRest();
  const box = await target?.boundingBox();
  if (!box) throw new Error(`Nothing to swipe on at ${selector}.`);
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', points: { x: number; y: number }[]): Promise<void> =>
    client.send('Input.dispatchTouchEvent', { type, touchPoints: points });
  await touch('touchStart', [{ x, y }]);
  for (let step = 1; step <= 10; step++)
    await touch('touchMove', [{ x: x + (dx * step) / 10, y: y + (dy * step) / 10 }]);
  await touch('touchEnd', []);
}
/** A page that was flung goes on for a while. */
async function atRest(): Promise<void> {
  for (let before = NaN, now = await scrolled(); before !== now; before = now, now = await scrolled())
    await new Promise((resolve) => setTimeout(resolve, 150));
}
const scrolled = (): Promise<number> => page.evaluate(() => window.scrollY);
const valueOf = (selector: string): Promise<number> =>
  page.$eval(selector, (element) => Number((element as HTMLInputElement).value));

describe('a swipe', () => {
  const SPARE = 'input[type="range"]';

  it('up over a slider scrolls the page and changes nothing; along it, it is set', async () => {
    await open('/bowl');
    await textWhen(page, '[data-test="made"]', /mL/);
    const before = await valueOf(SPARE);
    const at = await scrolled();
    await swipe(SPARE, 4, -160);
    await page.waitForFunction((was) => window.scrollY > was + 60, {}, at);
    expect(await valueOf(SPARE)).toBe(before);
    await swipe(SPARE, -120, 2);
    await page.waitForFunction(
      (query, was) => Number(document.querySelector<HTMLInputElement>(query)?.value) < was,
      {},
      SPARE,
      before,
    );
    await page.waitForSelector(`${SPARE}[aria-valuetext^="enough"]`);
  });

  it('up over the drawn head scrolls the page; on the ring of the hair it pulls', async () => {
    await open('/bowl');
    await textWhen(page, '[data-test="made"]', /mL/);
    const ring = '.head [role="slider"]';
    const length = (): Promise<number> => page.$eval(ring, (element) => Number(element.getAttribute('aria-valuenow')));
    const before = await length();
    const at = await scrolled();
    await swipe('.head .mass', 0, -150);
    await page.waitForFunction((was) => window.scrollY !== was, {}, at);
    expect(await length()).toBe(before);
    await swipe(ring, 0, -60);
    await expect.poll(length, SOON).toBeLessThan(before - 15);
  });
});

it('closes a sheet by Back and stays on the page, and gives the focus back to where it was', async () => {
  await open('/masks');
  await tapOn(page, '.path a[href="/bowl"]');
  await textWhen(page, '[data-test="made"]', /mL/);
  await tapOn(page, '[data-test="open-help"]');
  await textWhen(page, '[data-test="help"]', /How much of everything/);
  expect(await axeFaults(page)).toEqual([]);
  await page.evaluate(() => {
    window.history.back();
  });
  await page.waitForSelector('[data-test="help"]', { hidden: true });
  expect(new URL(page.url()).pathname).toBe('/bowl');
  await page.waitForFunction(() => document.activeElement?.getAttribute('data-test') === 'open-help');
});

it('has help of its own on every screen of the path and around it', async () => {
  for (const path of ['/', '/shelf', '/bowl', '/make', '/wear', '/notes', '/masks', '/heads', '/settings']) {
    await open(path);
    await tapOn(page, '[data-test="open-help"]');
    await textWhen(page, '[data-test="help"] p', /\w{3}/);
    await tapOn(page, '[data-test="help"] button');
    await page.waitForSelector('[data-test="help"]', { hidden: true });
  }
});

describe('what this device wishes', () => {
  const set = async (what: string): Promise<void> => {
    await open('/settings');
    await clickOn(page, `[data-test="${what}"] input`);
  };
  beforeEach(async () => {
    await open('/settings');
    await page.evaluate(() => {
      localStorage.removeItem('amber-ladle-device');
    });
  });

  it('no keys: they rest, here alone; a key held down is one press where they do not', async () => {
    await open('/shelf');
    await page.keyboard.press('2');
    await page.waitForFunction(() => location.pathname === '/bowl');
    await set('keys');
    await page.keyboard.press('1');
    await page.keyboard.press('0');
    await new Promise((resolve) => setTimeout(resolve, 300));
    expect(new URL(page.url()).pathname).toBe('/settings');
    await open('/bowl');
    await tapOn(page, '[data-test="open-help"]');
    await textWhen(page, '[data-test="help"]', /off on this device/);
  });

  it('steps read aloud once each, no word by the second, and a touch anywhere that goes on', async () => {
    await page.evaluateOnNewDocument(() => {
      const said: string[] = [];
      Object.assign(window, { said });
      speechSynthesis.speak = ({ text }) => void said.push(text);
    });
    await set('speaks');
    await clickOn(page, '[data-test="goes-on-by-tap"] input');
    const said = (): Promise<string[]> => page.evaluate(() => (window as unknown as { said: string[] }).said);
    await open('/make?bowls=5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004');
    await textWhen(page, '[data-test="day-sum"]', /rinsed/);
    await page.keyboard.press('Space');
    const title = await textWhen(page, '[data-test="title"]', /\w/);
    await expect.poll(said, SOON).toHaveLength(1);
    expect((await said())[0]).toContain(title);
    const told = (): Promise<string | undefined> =>
      page.$eval('.walk', (element) => (element as HTMLElement).dataset['told']);
    const before = await told();
    await tapOn(page, '[data-test="title"]');
    await expect.poll(told, SOON).not.toBe(before);
    // Nothing more is said while a step goes on.
    const words = (await said()).length;
    await new Promise((resolve) => setTimeout(resolve, 2500));
    expect((await said()).length).toBeLessThanOrEqual(words + 1);
    expect(await page.$eval('[data-test="aloud"]', ({ textContent }) => textContent)).not.toMatch(/\d:\d\d/);
    const { day } = (await (await fetch(`${house.address}/api/washdays/running`)).json()) as { day?: { id: string } };
    if (day) await post(`${house.address}/api/washdays/${day.id}/end`, {});
  });
});

it('takes back in Settings what was done long ago, after a reload too', async () => {
  await open('/shelf');
  await typeIn(page, '.quick .line', 'honey 340 g jar');
  await textWhen(page, '[data-test="reading"]', /Honey · 340 g/);
  await page.keyboard.press('Enter');
  await textWhen(page, '.shelf', /Honey/);
  await open('/settings');
  await textWhen(page, '[data-test="lately"] li', /honey 340 g jar/);
  await tapOn(page, '[data-test="lately"] li:first-child button');
  await page.waitForFunction(
    () => !document.querySelector('[data-test="lately"]')?.textContent.includes('honey 340 g jar'),
  );
});

it('still tells what is chosen where the device forces its colours', async () => {
  await client.send('Emulation.setEmulatedMedia', { features: [{ name: 'forced-colors', value: 'active' }] });
  await open('/bowl');
  await textWhen(page, '[data-test="made"]', /mL/);
  const looks = await page.$$eval('.pill[aria-pressed]', (pills) =>
    pills.map((pill) => [pill.getAttribute('aria-pressed'), getComputedStyle(pill).backgroundColor] as const),
  );
  const of = (state: string): Set<string> => new Set(looks.filter(([is]) => is === state).map(([, look]) => look));
  expect(of('true').size).toBe(1);
  for (const look of of('true')) expect(of('false')).not.toContain(look);
});

it('brings a field that is wrong into sight and into focus, with its sentence', async () => {
  await open('/heads/new');
  await page.waitForSelector('form');
  await clickOn(page, 'button[type="submit"]');
  await page.waitForFunction(() => {
    const field = document.activeElement;
    if (!(field instanceof HTMLInputElement)) return false;
    const { top, bottom } = field.getBoundingClientRect();
    return top >= 0 && bottom <= window.innerHeight && field.closest('.v-input--error') !== null;
  });
  expect(await page.$eval('.v-input--error', ({ textContent }) => textContent)).toMatch(/name/i);
});

it('saves no number from before a slip, and shows the slip', async () => {
  const heads = async () =>
    (await (await fetch(`${house.address}/api/heads`)).json()) as { id: string; version: number; name: string }[];
  const [before] = await heads();
  await open(`/heads/${before?.id ?? ''}`);
  const length = await page.waitForSelector('::-p-aria([name="Length"][role="textbox"])');
  // Two noughts too many.
  await length?.type('00');
  await typeIn(page, '::-p-aria([name="Name"][role="textbox"])', ' B.');
  await clickOn(page, 'button[type="submit"]');
  await page.waitForFunction(() => document.activeElement?.closest('.v-input--error') !== null);
  expect(await page.evaluate(() => document.activeElement?.closest('.v-input--error')?.textContent)).toMatch(
    /At most 200 cm/,
  );
  expect((await heads())[0]).toEqual(before);
  await page.keyboard.press('Backspace');
  await page.keyboard.press('Backspace');
  await clickOn(page, 'button[type="submit"]');
  await vi.waitFor(async () => {
    expect((await heads())[0]).toMatchObject({ name: `${before?.name ?? ''} B.`, version: (before?.version ?? 0) + 1 });
  }, SOON);
});

it('prints a bowl, a label, the shelf and its list to buy, on one clean sheet each', async () => {
  const bowl = '5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004';
  for (const [path, sheets] of [
    [`/bowls/${bowl}`, 1],
    [`/bowls/${bowl}/label`, 1],
    ['/shelf', 2],
  ] as const) {
    await open(path);
    await page.waitForSelector(path === '/shelf' ? '[data-lot]' : 'main p');
    const file = Buffer.from(await page.pdf({ format: 'A4' })).toString('latin1');
    expect([...file.matchAll(/\/Type\s*\/Page\b(?!s)/g)].length, path).toBe(sheets);
  }
});

it('begins where the first device is: its zone, its way of writing, its spoons; and asks no more once something is set', async () => {
  const own = await openHouse({ isEmpty: true });
  try {
    const settings = async (): Promise<object> =>
      (await fetch(`${own.address}/api/settings`)).json() as Promise<object>;
    const device = await own.page.createCDPSession();
    const userAgent = await own.page.evaluate(() => navigator.userAgent);
    await device.send('Emulation.setUserAgentOverride', { userAgent, acceptLanguage: 'en-IE,en' });
    await own.page.emulateTimezone('Europe/Dublin');
    await own.open('/');
    const irish = { locale: 'en-IE', timeZone: 'Europe/Dublin', measureSystem: 'uk' };
    await expect.poll(settings, SOON).toMatchObject(irish);
    await device.send('Emulation.setUserAgentOverride', { userAgent, acceptLanguage: 'en-US,en' });
    await own.page.emulateTimezone('America/Chicago');
    await own.open('/shelf');
    await own.page.waitForSelector('.quick .line');
    expect(await settings()).toMatchObject(irish);
  } finally {
    await own.close();
  }
});

it('never complained on the console', () => {
  expect(house.complaints).toEqual([]);
});
