import { cp } from 'node:fs/promises';
import type { Browser, Page } from 'puppeteer-core';
import { inject } from 'vitest';
import { startApp, temporaryFolder } from '../support/app.mjs';
import { launchChromium } from '../support/chromium.mjs';

declare module 'vitest' {
  export interface ProvidedContext {
    /** Where the demo's household lies as its first start leaves it. */
    demoFolder: string;
  }
}

/** By what a phone of the tests finds the machine: an address of its own, so that it is another place to a browser. */
const DOOR = { AMBER_LADLE_NAMES: '127.0.0.2' };
/** No moment is set: the server's clock is the machine's. */
const REAL_CLOCK = { AMBER_LADLE_CLOCK: '' };

/** A household in a browser, as a maker would meet it. */
export interface House {
  readonly page: Page;
  readonly browser: Browser;
  readonly address: string;
  /** What the console complained of, on every page so far. */
  readonly complaints: string[];
  readonly open: (path: string) => Promise<void>;
  newPage(): Promise<Page>;
  /** Stops the server (by SIGKILL if asked) and starts it again on the same data and port, its clock gone on meanwhile. */
  restart(signal?: NodeJS.Signals): Promise<void>;
  /** The server is away while something happens. */
  away(happens: () => Promise<unknown>, signal?: NodeJS.Signals): Promise<void>;
  /** Lets the household's clock go on. */
  readonly pass: (minutes: number) => Promise<void>;
  close(): Promise<void>;
}

/**
 * @param how.isEmpty a household of one's own, as it is on the first day, on the real clock
 * @param how.worksAway the pages stay in the browser, for when the server is away
 * @param how.isWhole the browser can tell a locked screen something: the one that only draws pages cannot
 * @param how.program a main file that is not the built one
 * @param how.isTrusting somebody went on past the browser's question about the household's certificate
 */
export async function openHouse({
  isEmpty = false,
  worksAway = false,
  isTrusting = false,
  isWhole = false,
  program,
}: {
  isEmpty?: boolean;
  worksAway?: boolean;
  isTrusting?: boolean;
  isWhole?: boolean;
  program?: string;
} = {}): Promise<House> {
  const { folder, remove } = await temporaryFolder();
  if (!isEmpty) await cp(inject('demoFolder'), folder, { recursive: true });
  let app = await startApp({
    dataFolder: folder,
    demo: !isEmpty,
    env: { ...DOOR, ...(isEmpty ? REAL_CLOCK : {}) },
    ...(program === undefined ? {} : { program }),
  });
  const { address } = app;
  const { browser, close } = await launchChromium({ isTrusting, isWhole });
  const complaints: string[] = [];

  async function newPage(): Promise<Page> {
    const page = await browser.newPage();
    await page.setViewport({ width: 1280, height: 800 });
    // Every page fetched into the browser beforehand is a test of its own; elsewhere it would only be waited for.
    if (!worksAway)
      await page.evaluateOnNewDocument(() => {
        // The blank page before the first one has no storage.
        if (location.protocol.startsWith('http') && localStorage.getItem('amber-ladle-device') === null)
          localStorage.setItem('amber-ladle-device', JSON.stringify({ worksAway: false }));
      });
    page.on('console', (message) => {
      if (['error', 'warn'].includes(message.type())) complaints.push(message.text());
    });
    page.on('pageerror', (error) => complaints.push(String(error)));
    return page;
  }
  const page = await newPage();

  async function away(happens: () => Promise<unknown>, signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    const { now } = (await (await fetch(`${address}/api/health`)).json()) as { now: string };
    const { addresses } = (await (await fetch(`${address}/api/door`)).json()) as { addresses: string[] };
    const doorPort = addresses[0] === undefined ? {} : { AMBER_LADLE_DOOR_PORT: new URL(addresses[0]).port };
    await app.stop(signal);
    await happens();
    const port = Number(new URL(address).port);
    app = await startApp({
      dataFolder: folder,
      port,
      demo: !isEmpty,
      env: { ...DOOR, ...doorPort, ...(isEmpty ? REAL_CLOCK : { AMBER_LADLE_CLOCK: now }) },
    });
  }

  return {
    page,
    browser,
    address,
    complaints,
    newPage,
    async open(path) {
      await page.goto(address + path);
      await page.waitForSelector('h1');
    },
    away,
    restart: (signal) => away(() => Promise.resolve(), signal),
    async pass(minutes) {
      const answer = await post(`${address}/api/devices/clock`, { minutes });
      if (!answer.ok) throw new Error(`The clock did not move: ${answer.status}`);
    },
    async close() {
      await close();
      await app.stop();
      await remove();
    },
  };
}

/** Asks the server as a device would. */
export const post = (address: string, body: object): Promise<Response> =>
  fetch(address, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) });

/** The text of an element once it answers a condition. */
export async function textWhen(page: Page, selector: string, fits: RegExp): Promise<string> {
  await page.waitForFunction(
    (query, source) => new RegExp(source).test(document.querySelector(query)?.textContent ?? ''),
    { timeout: 30_000 },
    selector,
    fits.source,
  );
  return page.$eval(selector, (element) => element.textContent.trim());
}

/**
 * Presses what stands still, and looks whether the press came down on it. A page that is still filling, and a list that
 * is still opening, move things about between looking and pressing: what was missed is pressed again.
 */
async function pressOn(page: Page, selector: string, how: 'tap' | 'click'): Promise<void> {
  for (let tries = 1; ; tries++) {
    try {
      const target = await page.waitForSelector(selector, { visible: true, timeout: 15_000 });
      if (!target) throw new Error(`There is no ${selector}.`);
      await target.scrollIntoView();
      await target.evaluate(standsStill);
      await target.evaluate(listens, how === 'tap' ? 'pointerdown' : 'click');
      await target[how]();
      // What is gone with the press, and a page that was left by it, cannot be asked any more.
      if (await target.evaluate(wasPressed).catch(() => true)) return;
      throw new Error(`What was pressed for ${selector} was something else.`);
    } catch (error) {
      if (tries >= 6) throw error;
      await new Promise((resolve) => setTimeout(resolve, 150));
    }
  }
}

/** In the page: waits until a thing has stood for a moment where it stands, can be pressed and has nothing before it; three seconds at most. */
const standsStill = (element: Element): Promise<void> =>
  new Promise((resolve) => {
    const began = performance.now();
    let since = began;
    let before = '';
    const look = (): void => {
      const now = performance.now();
      const { x, y, width, height } = element.getBoundingClientRect();
      const place = [x, y, width, height].join();
      const top = document.elementFromPoint(x + width / 2, y + height / 2);
      const isFree = top !== null && (element.contains(top) || top.contains(element)) && !element.closest(':disabled');
      if (place !== before || !isFree) since = now;
      before = place;
      if (now - since > 100 || now - began > 3_000) resolve();
      else setTimeout(look, 20);
    };
    look();
  });
/** In the page: notes whether an event comes down on a thing. */
const listens = (element: Element, type: string): void => {
  const one = element as HTMLElement;
  one.dataset['pressed'] = 'no';
  document.addEventListener(
    type,
    ({ target }) => {
      if (target instanceof Node && (element.contains(target) || target.contains(element)))
        one.dataset['pressed'] = 'yes';
    },
    { capture: true, once: true },
  );
};
/** In the page: whether the event came, or the thing is gone; waits for half a second. */
const wasPressed = async (element: Element): Promise<boolean> => {
  const one = element as HTMLElement;
  const came = (): boolean => one.dataset['pressed'] !== 'no' || !element.isConnected;
  for (let looks = 0; looks < 25 && !came(); looks++) await new Promise((resolve) => setTimeout(resolve, 20));
  const answer = came();
  delete one.dataset['pressed'];
  return answer;
};

/** As a finger does. */
export const tapOn = (page: Page, selector: string): Promise<void> => pressOn(page, selector, 'tap');
/** As a mouse does. */
export async function clickOn(page: Page, selector: string): Promise<void> {
  // A tab behind another draws nothing, and so nothing in it ever comes to rest.
  await page.bringToFront();
  await pressOn(page, selector, 'click');
}

/** Types where it is written, once that is there. */
export async function typeIn(page: Page, selector: string, text: string): Promise<void> {
  const field = await page.waitForSelector(selector, { visible: true });
  await field?.type(text);
}

/**
 * Presses until something comes of it: what a page that is still filling pushed aside in between is pressed again. Only for what
 * may be pressed twice to the same end.
 */
export async function clickFor(page: Page, selector: string, shown: string, fits: RegExp): Promise<void> {
  for (let tries = 1; ; tries++) {
    await clickOn(page, selector);
    try {
      await page.waitForFunction(
        (query, source) => new RegExp(source).test(document.querySelector(query)?.textContent ?? ''),
        { timeout: 5_000 },
        shown,
        fits.source,
      );
      return;
    } catch (error) {
      if (tries >= 4) throw error;
    }
  }
}

export const millilitres = (text: string): number => Number(/(\d+(?:\.\d+)?) mL/.exec(text)?.[1] ?? NaN);

/** Waits until the fit has caught up with what was chosen, and gives the mL made. */
export async function made(page: Page): Promise<number> {
  return millilitres(await textWhen(page, '[data-test="made"]', /\d mL/));
}

/** Keeps the bowl on the bench without taking from the shelf, whether or not there is something to take. */
export async function keepWithoutTaking(page: Page): Promise<void> {
  const asked = '[data-test="takes"], [data-test="kept-made"]';
  await clickOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector(asked);
  if (await page.$('[data-test="takes"]')) await clickOn(page, '::-p-text(Keep without taking)');
  await page.waitForSelector('[data-test="kept-made"]');
}

/** What a wash day shows: which kind of moment it is, what about, and how many things were told so far. */
export const dayShows = (page: Page): Promise<{ focus: string; title: string; done: string }> =>
  page.evaluate(() => ({
    focus: document.querySelector<HTMLElement>('.stage')?.dataset['focus'] ?? '',
    title: document.querySelector('[data-test="title"]')?.textContent ?? '',
    done: document.querySelector('[data-test="step"]')?.textContent ?? '',
  }));

/**
 * Walks a wash day to its end by one way of pressing, the clock going on as hands would need it.
 * @param onStep is told of every new step before it is pressed
 */
export async function walkDay(
  { pass }: House,
  page: Page,
  press: () => Promise<void>,
  onStep: (title: string, focus: string) => Promise<void> = () => Promise.resolve(),
): Promise<string[]> {
  const titles: string[] = [];
  await page.waitForSelector('[data-test="title"]');
  for (let presses = 0; presses < 150; presses++) {
    const shown = await dayShows(page);
    const title = shown.title.replace(/: [\d:]+( over)?$/, '');
    if (title.includes('That was the day')) return titles;
    if (titles.at(-1) !== title) {
      titles.push(title);
      await onStep(title, shown.focus);
    }
    await pass(shown.focus === 'waiting' ? 6 : 2);
    const told = await countTold(page);
    await press();
    // A press in a wait may mean nothing yet; everything else is told at once.
    await page
      .waitForFunction(
        (before) => document.querySelector<HTMLElement>('.walk')?.dataset['told'] !== before,
        { timeout: shown.focus === 'waiting' ? 900 : 15_000 },
        told,
      )
      .catch((error: unknown) => {
        if (shown.focus !== 'waiting') throw error;
      });
  }
  throw new Error(`The day never ended: ${titles.join(', ')}`);
}

/** Waits for the pages to be on the device: they come some seconds after the first card. */
export const keptHere = (page: Page): Promise<unknown> =>
  page.waitForFunction(() => navigator.serviceWorker.getRegistration().then((one) => Boolean(one?.active)), {
    timeout: 60_000,
    polling: 200,
  });

const countTold = (page: Page): Promise<string> =>
  page.$eval('.walk', (element) => (element as HTMLElement).dataset['told'] ?? '');

/** Puts a text on the page where pasted masks are read, in place of what is there, as a paste does. */
export async function pasteText(page: Page, text: string): Promise<void> {
  await page.waitForSelector('textarea[data-test="pasted"]');
  await page.$eval('textarea[data-test="pasted"]', (field) => {
    field.focus();
    field.select();
  });
  await page.keyboard.sendCharacter(text);
}

/** Walks by keyboard alone to what a part of the screen says, and presses it. */
export async function tabTo(page: Page, words: RegExp): Promise<void> {
  for (let i = 0; i < 60; i++) {
    const text = await page.evaluate(() => {
      const one = document.activeElement;
      return (one instanceof HTMLInputElement ? one.labels?.[0]?.textContent : one?.textContent)?.trim() ?? '';
    });
    if (words.test(text) && text.length < 80) return page.keyboard.press('Enter');
    await page.keyboard.press('Tab');
  }
  throw new Error(`Nothing in the way of Tab says ${words}.`);
}
