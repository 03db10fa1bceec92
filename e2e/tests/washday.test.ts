import { afterAll, afterEach, beforeAll, expect, it } from 'vitest';
import type { Page } from 'puppeteer-core';
import { clickOn, dayShows, type House, keepWithoutTaking, openHouse, post, tabTo, textWhen, walkDay } from './house';
import { screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

afterEach(async () => {
  const day = await running();
  if (day) await post(`${house.address}/api/washdays/${day.id}/end`, {});
});

const begin = async (page: Page, path: string): Promise<void> => {
  await page.goto(house.address + path);
  await textWhen(page, '[data-test="day-sum"]', /rinsed/);
  await page.keyboard.press('Space');
  await page.waitForSelector('[data-test="title"]');
};
const clockOf = async (page: Page): Promise<number> => {
  const text = await textWhen(page, '[data-test="pot"] .clock', /\d:\d\d/);
  return text.split(':').reduce((sum, part) => sum * 60 + parseInt(part, 10), 0);
};
/** A spoonful of what stands there on a plate: what to do about it at once, and written down for the next. */
const tryOnPlate = async (page: Page): Promise<void> => {
  await clickOn(page, '[data-test="plate"] summary');
  const field = await page.waitForSelector('[data-test="plate"] input', { visible: true });
  await field?.type('22,5');
  await page.keyboard.press('Tab');
  await textWhen(page, '[data-test="plate-advice"]', /Reckoned creamy, and it is runny/);
  const day = (await (await fetch(`${house.address}/api/washdays/running`)).json()) as { day: { bowlIds: string[] } };
  const written = async (): Promise<number | undefined> => {
    const answer = await fetch(`${house.address}/api/bowls/${day.day.bowlIds[0]}/logs`);
    const [page] = (await answer.json()) as { log: { plateCentimetres?: number } }[];
    return page?.log.plateCentimetres;
  };
  await expect.poll(written).toBe(22.5);
};
const running = async (): Promise<{ id: string; events: { kind: string; stepId: string }[] } | null> =>
  ((await (await fetch(`${house.address}/api/washdays/running`)).json()) as { day: never }).day;

it('is walked from start to rinsed by the space bar alone, a reload in every stage, a kill in the middle of a timer', async () => {
  const { page } = house;
  await begin(page, '/make');
  let wasKilled = false;
  const titles = await walkDay(
    house,
    page,
    () => page.keyboard.press('Space'),
    async (title) => {
      if (title.startsWith('Mask on')) await tryOnPlate(page);
      await page.reload();
      await page.waitForFunction(
        (shown) => document.querySelector('[data-test="title"]')?.textContent.startsWith(shown),
        {},
        title,
      );
      if (wasKilled || !(await page.$('[data-test="pot"]'))) return;
      wasKilled = true;
      const before = await clockOf(page);
      await house.restart('SIGKILL');
      await page.reload();
      await page.waitForSelector('[data-test="pot"]');
      const after = await clockOf(page);
      expect(before - after).toBeGreaterThanOrEqual(0);
      expect(before - after).toBeLessThan(30);
    },
  );
  expect(wasKilled).toBe(true);
  expect(titles).toEqual(expect.arrayContaining(['Boil the white rice', 'Blend it all', 'Isaura under the cap']));

  // What happened stands in the record minute by minute; what is left is said by keyboard, too.
  await textWhen(page, '[data-test="record"]', /\d\d:\d\d Boil the white rice: begun/);
  await tabTo(page, /^nothing$/);
  await page.waitForFunction(() => !document.querySelector('[data-test="left-over"]'));
  await tabTo(page, /Close the day/);
  await textWhen(page, 'h1', /^Notes$/);
  expect(await running()).toBeNull();
  await clickOn(page, 'main a[href^="/bowls/"]');
  await textWhen(page, '[data-test="record"]', /Rinse Isaura’s hair: done, after/);
  await textWhen(page, '[data-test="left"]', /0 mL, judged by eye/);
}, 240_000);

it('shows the same step and the same clocks on two devices, and takes back on one what was told on the other', async () => {
  const { page } = house;
  await keepBowl('/bowl?mask=flax-slip');
  await begin(page, '/make');
  const second = await house.newPage();
  await second.goto(`${house.address}/make`);
  await second.waitForSelector('[data-test="title"]');
  for (let press = 0; press < 2; press++) {
    const told = await page.$eval('.walk', (one) => (one as HTMLElement).dataset['told']);
    await page.bringToFront();
    await page.keyboard.press('Space');
    await page.waitForFunction((n) => (document.querySelector('.walk') as HTMLElement).dataset['told'] !== n, {}, told);
  }
  await page.waitForSelector('[data-test="pot"]');
  const here = await dayShows(page);
  await second.bringToFront();
  await second.waitForFunction(
    (title) => document.querySelector('[data-test="title"]')?.textContent === title,
    {},
    here.title,
  );
  await second.waitForSelector('[data-test="pot"]');
  expect(Math.abs((await clockOf(page)) - (await clockOf(second)))).toBeLessThanOrEqual(3);
  // From any other screen the ribbon leads back.
  await second.goto(`${house.address}/shelf`);
  await textWhen(second, '[data-test="ribbon"]', /Boil the .* \d+:\d\d/);
  await page.bringToFront();
  await page.keyboard.press('Backspace');
  await page.waitForFunction(() => !document.querySelector('[data-test="pot"]'));
  await second.bringToFront();
  await second.waitForFunction(
    () => !/\d+:\d\d.*rinsed/.test(document.querySelector('[data-test="ribbon"]')?.textContent ?? ''),
  );
  await second.close();
  await page.bringToFront();
}, 120_000);

it('fits the rest of the bowl around a scale that overshoots, and says so', async () => {
  const { page } = house;
  await keepBowl('/bowl?mask=two-yolk-evening');
  await begin(page, '/make');
  await walkTo(page, /Measure the rest/);
  await page.waitForSelector('[data-test="scale-reading"]');
  const target = Number(/of (\d+(?:\.\d+)?) g/.exec(await textWhen(page, '.reading', /of \d/))?.[1]);
  await post(`${house.address}/api/devices/scale`, { put: Math.round(target * 1.6) });
  await textWhen(page, '[data-test="pour-state"]', /g over: the rest will be fitted/);
  await page.waitForFunction(() => !document.querySelector('.grams')?.classList.contains('moving'));
  const told = await page.$eval('.walk', (one) => (one as HTMLElement).dataset['told']);
  await page.keyboard.press('Space');
  await page.waitForFunction((n) => (document.querySelector('.walk') as HTMLElement).dataset['told'] !== n, {}, told);
  await textWhen(page, '[data-test="rebalanced"]', /mL in all/);
  // The scale is at zero for what comes next.
  await textWhen(page, '[data-test="scale-reading"]', /^0 g$/);
  const day = await running();
  expect(day?.events.filter(({ kind }) => kind === 'weigh')).toHaveLength(1);
  expect(await screenFaults(house, ['/make'])).toEqual([]);
  // Ended before its end: what was told stays, and the next day can begin.
  await endDay(page);
  expect(await running()).toBeNull();
}, 120_000);

it('does not let a bowl that a dead fridge spoilt onto a head without a decision', async () => {
  const { page } = house;
  const bowlId = await keepBowl('/bowl?mask=rice-silk');
  await begin(page, '/make');
  await walkTo(page, /cool/);
  const power = await post(`${house.address}/api/devices/thermometers/fridge`, { hasPower: false });
  expect(power.status).toBe(200);
  await walkTo(page, /^Mask on/);
  await post(`${house.address}/api/bowls/${bowlId}/move`, { placeId: 'fridge' });
  // Four hours in a fridge without power count as a warm kitchen.
  for (let i = 0; i < 8; i++) await house.pass(60);
  await walkUntil(page, async () => (await page.$('.decision input')) !== null);
  expect((await running())?.events.some(({ kind, stepId }) => kind === 'begin' && /wear/.test(stepId))).toBe(false);
  await page.locator('.decision input').fill('only the very ends, smells fresh');
  await clickOn(page, '[data-test="go"]');
  await textWhen(page, '[data-test="title"]', /under the cap/);
  const { life } = (await (await fetch(`${house.address}/api/bowls/${bowlId}`)).json()) as {
    life: { decisions: { what: { params: { text?: string } } }[] };
  };
  expect(life.decisions.map(({ what }) => what.params.text)).toEqual(['only the very ends, smells fresh']);
}, 120_000);

it('says what would help where a wish cannot be kept, and when to begin where it can', async () => {
  const { page } = house;
  await keepBowl('/bowl?mask=towpath-avocado');
  await page.goto(`${house.address}/make`);
  await clickOn(page, '.pill ::-p-text(rinsed by)');
  const now = Date.parse(((await (await fetch(`${house.address}/api/health`)).json()) as { now: string }).now);
  const wish = async (minutes: number): Promise<void> => {
    const time = new Date(now + minutes * 60_000).toISOString().slice(11, 16);
    await page.$eval(
      'input[type="time"]',
      (input, value) => {
        input.value = value;
        input.dispatchEvent(new Event('input'));
      },
      time,
    );
  };
  await wish(60);
  await textWhen(page, '[data-test="day-sum"]', /Not by \d\d:\d\d.*at the earliest/);
  await textWhen(page, '[data-test="helps"]', /least time.*sooner.*instead/);
  await wish(9 * 60);
  await textWhen(page, '[data-test="day-sum"]', /Begin .* rinsed/);
  expect(await screenFaults(house, ['/make'])).toEqual([]);
}, 120_000);

async function keepBowl(path: string): Promise<string> {
  const { page } = house;
  await page.goto(house.address + path);
  await textWhen(page, '[data-test="made"]', /\d mL/);
  await keepWithoutTaking(page);
  return new URL(page.url()).pathname.split('/').at(-1) as string;
}

/** Presses on, time passing as hands need it, until something holds. */
async function walkUntil(page: Page, holds: () => Promise<boolean>): Promise<void> {
  for (let press = 0; press < 60; press++) {
    if (await holds()) return;
    await page.keyboard.press('Space');
    await new Promise((resolve) => setTimeout(resolve, 500));
  }
  throw new Error(`Never came: ${JSON.stringify(await dayShows(page))}`);
}
const walkTo = (page: Page, wanted: RegExp): Promise<void> =>
  walkUntil(page, async () => {
    const { title, focus } = await dayShows(page);
    return wanted.test(title) && focus !== 'next';
  });

async function endDay(page: Page): Promise<void> {
  await page.goto(`${house.address}/make`);
  await clickOn(page, '::-p-text(End the day)');
  await clickOn(page, '.ending .pill ::-p-text(End it)');
  await page.waitForFunction(() => !document.querySelector('.walk'));
}

it('never complained on the console', () => {
  expect(
    house.complaints.filter(
      (words) =>
        !/ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET|status of 422/.test(
          words,
        ),
    ),
  ).toEqual([]);
});
