import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { launchChromium } from '../support/chromium.mjs';
import { axeFaults } from './screens';
import { shownKey } from '../support/door.mjs';
import { clickOn, keptHere, openHouse, post, tapOn, textWhen, walkDay, type House } from './house';

let house: House;
let phone: Page;
beforeAll(async () => {
  house = await openHouse({ isTrusting: true });
  // A browser of its own: it shares no key and no storage with the laptop's.
  const other = await house.browser.createBrowserContext();
  phone = await other.newPage();
  await phone.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await phone.evaluateOnNewDocument(() => {
    if (location.protocol.startsWith('http'))
      localStorage.setItem('amber-ladle-device', JSON.stringify({ worksAway: false }));
  });
});
afterAll(() => house.close());

/** What comes later pushes the rest about: it is waited for. */
async function openSettings(): Promise<void> {
  await house.page.bringToFront();
  await house.page.goto(`${house.address}/settings`);
  await house.page.waitForSelector('[data-test="door"]');
  await house.page.waitForSelector('[data-test="lately"]');
}
const address = (): Promise<string> =>
  house.page.$eval('[data-test="join-code"] .address', (element) => element.textContent.trim());
const code = (): Promise<string> =>
  house.page.$eval('[data-test="join-code"] .text', (element) => element.textContent.trim());
/** Where a device comes in by a new code of the laptop's. */
async function invited(): Promise<{ origin: string; link: string }> {
  await openSettings();
  await clickOn(house.page, '::-p-text(Let a device in)');
  await house.page.waitForSelector('[data-test="join-code"]');
  const origin = await address();
  return { origin, link: `${origin}/join?code=${await code()}` };
}

it('lets a phone in by the code on the laptop’s screen, to its first card', async () => {
  const { page } = house;
  await openSettings();
  await clickOn(page, '[data-test="door-switch"] input');
  await clickOn(page, '::-p-text(Let a device in)');
  await page.waitForSelector('[data-test="join-code"]');
  const link = `${await address()}/join?code=${await code()}`;
  await page.$$eval('[data-test="door"] details', (all) => {
    for (const one of all) one.open = true;
  });
  expect(await axeFaults(page)).toEqual([]);
  // What a camera reads is what is written beside it.
  const drawn = await page.$eval('[data-test="join-code"] svg', (element) => element.getAttribute('aria-label'));
  expect(drawn).toBe(`Code for ${link}`);

  await phone.goto(`${await address()}/shelf`);
  expect(await phone.$eval('h1', (element) => element.textContent)).toBe('Come in');
  expect(await axeFaults(phone)).toEqual([]);
  await phone.goto(link);
  await tapOn(phone, 'button');
  await textWhen(phone, 'h1', /Today/);
  await phone.goto(`${new URL(link).origin}/bowl`);
  await textWhen(phone, '[data-test="made"]', /\d mL/);
  // Told on the laptop, at once.
  await textWhen(page, '[data-test="devices"]', /here today/);
  // The code is of no use any more, and is not shown.
  await page.waitForFunction(() => !document.querySelector('[data-test="join-code"]'));
});

it('shows a phone the way to trust the household, and nothing to open the door with', async () => {
  await phone.goto(`${new URL(phone.url()).origin}/settings`);
  await textWhen(phone, '[data-test="door"]', /came in by the door/);
  expect(await phone.$('[data-test="door-switch"]')).toBeNull();
  expect(await axeFaults(phone)).toEqual([]);
  const certificate = await phone.evaluate(async () => {
    const answer = await fetch('/api/door/certificate');
    return { type: answer.headers.get('content-type'), bytes: (await answer.arrayBuffer()).byteLength };
  });
  expect(certificate.type).toContain('x-x509-ca-cert');
  expect(certificate.bytes).toBeGreaterThan(300);
});

it('walks a whole day on the phone, which the laptop sees', async () => {
  const { page } = house;
  await phone.goto(`${new URL(phone.url()).origin}/make`);
  await textWhen(phone, '[data-test="day-sum"]', /rinsed/);
  await tapOn(phone, '::-p-text(Begin the wash day)');
  await phone.waitForSelector('[data-test="title"]');
  await page.goto(`${house.address}/`);
  await page.waitForSelector('[data-test="ribbon"]');
  await phone.bringToFront();
  const titles = await walkDay(house, phone, async () => {
    if (await phone.$('[data-test="go"]')) await tapOn(phone, '[data-test="go"]');
  });
  expect(titles.length).toBeGreaterThan(4);
  await openSettings();
  await clickOn(page, '::-p-text(What it changed)');
  await textWhen(page, '.deeds', /the wash day/);
}, 180_000);

it('writes wrong codes on the laptop’s screen', async () => {
  const { page } = house;
  const stranger = await (await house.browser.createBrowserContext()).newPage();
  await stranger.goto(`${new URL(phone.url()).origin}/join`);
  await stranger.type('[name="code"]', 'NOTT-HIS1');
  await stranger.click('button');
  await textWhen(stranger, '[role="alert"]', /neither the code/);
  expect(await stranger.$eval('[name="code"]', (field) => (field as HTMLInputElement).value)).toBe('NOTT-HIS1');
  await openSettings();
  await textWhen(page, '[data-test="tries"]', /A wrong code was tried/);
  await clickOn(page, '::-p-text(It was us)');
  await page.waitForFunction(() => !document.querySelector('[data-test="tries"]'));
});

it('puts a phone out, which stands at the door at once with nothing left', async () => {
  const { page } = house;
  await phone.goto(`${new URL(phone.url()).origin}/shelf`);
  await textWhen(phone, 'h1', /Shelf/);
  await openSettings();
  await clickOn(page, '[data-test="devices"] .pill');
  await clickOn(page, '[data-test="devices"] .pill');
  await textWhen(phone, 'h1', /Come in/);
  await phone.goto(`${new URL(phone.url()).origin}/shelf`);
  await textWhen(phone, 'h1', /Come in/);
});

it('walks a day on a phone that trusts the household, with the laptop’s lid closed in between', async () => {
  // The day before is over.
  const running = async (): Promise<{ id: string; events: object[] } | undefined> =>
    ((await (await fetch(`${house.address}/api/washdays/running`)).json()) as { day: never }).day;
  await post(`${house.address}/api/washdays/${(await running())?.id}/end`, {});
  const { origin, link } = await invited();
  const { browser, close } = await launchChromium({ trusts: await shownKey(origin) });
  const own = await browser.newPage();
  await own.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await own.goto(link);
  await tapOn(own, 'button');
  await textWhen(own, 'h1', /Today/);
  await own.goto(`${origin}/make`);
  await textWhen(own, '[data-test="day-sum"]', /rinsed/);
  await tapOn(own, '::-p-text(Begin the wash day)');
  await own.waitForSelector('[data-test="title"]');
  // The pages come after the first card.
  await keptHere(own);
  await own.reload();
  await own.waitForSelector('[data-test="go"]');
  const told = (): Promise<string | undefined> =>
    own.$eval('.walk', (element) => (element as HTMLElement).dataset['told']);
  const before = Number(await told());
  await house.away(async () => {
    for (let i = 0; i < 2; i++) {
      const so = await told();
      await tapOn(own, '[data-test="go"]');
      await own.waitForFunction((was) => document.querySelector<HTMLElement>('.walk')?.dataset['told'] !== was, {}, so);
    }
    await textWhen(own, '[data-test="away"]', /does not answer/);
    // The phone slept, and the page is opened anew.
    await own.goto('about:blank');
    await own.goto(`${origin}/make`);
    await own.waitForFunction(
      (least) => Number(document.querySelector<HTMLElement>('.walk')?.dataset['told']) >= least,
      {},
      before + 2,
    );
  }, 'SIGKILL');
  await own.waitForFunction(() => !document.querySelector('[data-test="away"]'), { timeout: 15_000 });
  expect(Number(await told())).toBeGreaterThanOrEqual(before + 2);
  // Laptop and phone agree.
  await expect
    .poll(async () => [(await running())?.events.length ?? 0, Number(await told())], { timeout: 15_000 })
    .toSatisfy(([known, shown]: number[]) => known === shown && Number(known) >= before + 2);
  await walkDay(house, own, async () => {
    if (await own.$('[data-test="go"]')) await tapOn(own, '[data-test="go"]');
  });
  await close();
}, 240_000);

it('is one day on two phones and a laptop, whoever taps', async () => {
  const { page } = house;
  const { day } = (await (await fetch(`${house.address}/api/washdays/running`)).json()) as { day?: { id: string } };
  if (day) await post(`${house.address}/api/washdays/${day.id}/end`, {});
  /** A phone with a key of its own, on the page of the day. */
  const letIn = async (): Promise<Page> => {
    const { origin, link } = await invited();
    const own = await (await house.browser.createBrowserContext()).newPage();
    await own.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
    await own.goto(link);
    await tapOn(own, 'button');
    await textWhen(own, 'h1', /Today/);
    await own.goto(`${origin}/make`);
    await textWhen(own, '[data-test="day-sum"]', /rinsed/);
    return own;
  };
  const phones = [await letIn(), await letIn()];
  await page.goto(`${house.address}/make`);
  await textWhen(page, '[data-test="day-sum"]', /rinsed/);
  const devices = [page, ...phones];
  const [first = page] = phones;
  await first.bringToFront();
  await tapOn(first, '::-p-text(Begin the wash day)');

  /** What was told so far and what stands there, as each of them shows it; a tab behind another draws nothing, and is read all the same. */
  const shown = (): Promise<string[]> =>
    Promise.all(
      devices.map((one) =>
        one.evaluate(
          () =>
            `${document.querySelector<HTMLElement>('.walk')?.dataset['told'] ?? ''} ${document.querySelector('[data-test="title"]')?.textContent.trim() ?? ''}`,
        ),
      ),
    );
  const seen = async (was: string): Promise<string> => {
    let now: string[] = [];
    await expect
      .poll(
        async () => {
          now = await shown();
          return new Set(now).size === 1 && now[0] !== was && now[0]?.trim() !== '';
        },
        { timeout: 15_000 },
      )
      .toBe(true);
    return now[0] ?? '';
  };
  let stands = await seen('');
  for (const one of [page, ...phones, page]) {
    await one.bringToFront();
    if (one === page) await page.keyboard.press('Space');
    else await tapOn(one, '[data-test="go"]');
    stands = await seen(stands);
  }
  // Each did its part, and nothing was told twice.
  const record = (await (await fetch(`${house.address}/api/washdays/running`)).json()) as {
    day: { events: { stepId: string; kind: string }[] };
  };
  const told = record.day.events.map(({ stepId, kind }) => `${stepId} ${kind}`);
  expect(told.length).toBeGreaterThanOrEqual(4);
  expect(new Set(told).size).toBe(told.length);
}, 120_000);
