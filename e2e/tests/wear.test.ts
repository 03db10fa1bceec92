import { afterAll, beforeAll, expect, it } from 'vitest';
import { clickOn, keepWithoutTaking, openHouse, textWhen, type House } from './house';
import { axeFaults, screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});
it('is walked from the first section to rinsed by space bar alone, through a reload, a kill and a second device', async () => {
  const { page } = house;
  await house.open('/wear');
  await page.waitForSelector('button.section');
  const sections = await page.$$eval('button.section', (all) => all.length);
  expect(sections).toBeGreaterThanOrEqual(4);
  for (let done = 1; done <= sections; done++) {
    await page.keyboard.press('Space');
    await page.waitForFunction(
      (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
      {},
      done,
    );
  }
  await page.keyboard.press('Backspace');
  await page.waitForFunction(
    (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
    {},
    sections - 1,
  );
  await page.reload();
  await page.waitForFunction(
    (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
    {},
    sections - 1,
  );
  await page.keyboard.press('Space');
  await page.waitForFunction(
    (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
    {},
    sections,
  );
  await page.keyboard.press('Space');
  await textWhen(page, '[data-test="phase"]', /hardly begun/);

  // Too early to rinse: space does nothing yet.
  await page.keyboard.press('Space');
  await textWhen(page, '[data-test="phase"]', /hardly begun/);

  await house.restart('SIGKILL');
  await page.reload();
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  const second = await house.newPage();
  await second.goto(`${house.address}/wear`);
  await textWhen(second, '[data-test="phase"]', /hardly begun/);

  await house.pass(61);
  await second.bringToFront();
  await textWhen(second, '[data-test="phase"]', /Right now/);
  await page.bringToFront();
  await textWhen(page, '[data-test="phase"]', /Right now/);
  await page.keyboard.press('Space');
  await textWhen(page, '[data-test="rinsed"]', /Rinsed out at/);
  await second.bringToFront();
  await textWhen(second, '[data-test="rinsed"]', /Rinsed out at/);
  await second.close();
  await page.bringToFront();
});

it('is rinsed at once by one tap while it hardly began, says what to do, and is taken back by another', async () => {
  const { page } = house;
  await house.open('/bowl?mask=rice-silk');
  await textWhen(page, '[data-test="made"]', /\d mL/);
  await keepWithoutTaking(page);
  await page.keyboard.press('4');
  await page.waitForSelector('button.section');
  // Nothing on the hair yet: nothing to rinse.
  expect(await page.$('[data-test="rinse-burning"]')).toBeNull();
  const count = await page.$$eval('button.section', (all) => all.length);
  for (let done = 1; done <= count; done++) {
    await page.keyboard.press('Space');
    await page.waitForFunction(
      (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
      {},
      done,
    );
  }
  await page.waitForSelector('[data-test="rinse-burning"]');
  await page.keyboard.press('Space');
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  // Told above every other screen, but not where Wear itself tells of it: there it would push the page away.
  await page.keyboard.press('1');
  await textWhen(page, '[data-test="ribbon"]', /wears/);
  await page.keyboard.press('4');
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  expect(await page.$('[data-test="ribbon"]')).toBeNull();
  // Every button that is there does something.
  expect(await page.$$eval('.buttons button', (all) => all.filter((one) => one.hasAttribute('disabled')).length)).toBe(
    0,
  );
  await clickOn(page, '[data-test="rinse-burning"]');
  const told = await textWhen(page, '[data-test="rinsed"]', /burned or itched/);
  expect(told).toMatch(/lukewarm water/);
  expect(told).toMatch(/doctor or pharmacist/);
  expect(await axeFaults(page)).toEqual([]);

  await page.waitForSelector('.v-snackbar button');
  await page.evaluate(() => {
    const undo = [...document.querySelectorAll<HTMLElement>('.v-snackbar button')].find((one) =>
      /undo/i.test(one.textContent),
    );
    undo?.click();
  });
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  await page.reload();
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  // In the demo the clock goes on by a tap.
  await clickOn(page, '.demo-time button:last-child');
  await page.waitForFunction(
    () => !/hardly begun/.test(document.querySelector('[data-test="phase"]')?.textContent ?? 'hardly begun'),
  );
  await clickOn(page, '[data-test="rinse-enough"]');
  await textWhen(page, '[data-test="rinsed"]', /because it was enough/);
});

it('says by the third section that the bowl will not last, and mixes the acid rinse', async () => {
  const { page } = house;
  await house.open('/bowl?mask=galley-egg');
  await textWhen(page, '[data-test="made"]', /\d mL/);
  await keepWithoutTaking(page);
  await page.keyboard.press('4');
  await page.waitForSelector('button.section');
  for (let done = 1; done <= 3; done++) {
    await clickOn(page, `.sections li:nth-child(${done}) .section`);
    await page.waitForFunction(
      (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
      {},
      done,
    );
  }
  await clickOn(page, '.left .pill ::-p-text(a spoonful)');
  await textWhen(page, '[data-test="pace"]', /run short by about \d+ %.*ends/);
  await clickOn(page, '.left .pill ::-p-text(¾)');
  await textWhen(page, '[data-test="pace"]', /It will last/);
  await clickOn(page, '::-p-text(Cap on, start the time)');
  await textWhen(page, '.stage', /No warmth at all: raw egg cooks/);
  await textWhen(page, '[data-test="acid"]', /50 mL vinegar, 350 mL water/);
  expect(await screenFaults(house, ['/wear'])).toEqual([]);
});

it('never complained on the console', () => {
  expect(
    house.complaints.filter(
      (words) => !/ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET/.test(words),
    ),
  ).toEqual([]);
});

it('is told late: it was rinsed half an hour ago, and the ring, the record and the notes say so', async () => {
  const page = await house.newPage();
  await page.goto(`${house.address}/bowl?mask=flax-slip`);
  await keepWithoutTaking(page);
  await page.goto(`${house.address}/wear`);
  await page.waitForSelector('button.section');
  await clickOn(page, '::-p-text(Cap on, start the time)');
  await textWhen(page, '[data-test="phase"]', /hardly begun/);
  await house.pass(50);
  await textWhen(page, '[data-test="phase"]', /Right now|Long enough|It works|Past its limit/);
  await clickOn(page, '::-p-text(Rinsed out)');
  const shown = await textWhen(page, '[data-test="rinsed"]', /Rinsed out at \d\d:\d\d/);
  const minutesIn = (text: string): number => {
    const [, hours, minutes] = /at (\d\d):(\d\d)/.exec(text) ?? [];
    return Number(hours) * 60 + Number(minutes);
  };
  await clickOn(page, '[data-test="earlier"] summary');
  // Not before the cap was on.
  expect(await page.$$eval('[data-test="earlier"] button', (all) => all.length)).toBe(3);
  await clickOn(page, '[data-test="earlier"] ::-p-text(30 min ago)');
  await page.waitForFunction(
    (before) => !document.querySelector('[data-test="rinsed"]')?.textContent.includes(before),
    {},
    /at \d\d:\d\d/.exec(shown)?.[0] ?? '',
  );
  const late = await textWhen(page, '[data-test="rinsed"]', /Rinsed out at \d\d:\d\d/);
  expect(Math.abs(minutesIn(shown) - minutesIn(late) - 30)).toBeLessThanOrEqual(1);
  await page.close();
}, 60_000);

it('keeps what is tapped while the server is away, shows it at once, and tells it in order, also after the page was left', async () => {
  const page = await house.newPage();
  await page.goto(`${house.address}/bowl?mask=rice-silk`);
  await keepWithoutTaking(page);
  await page.goto(`${house.address}/wear`);
  await page.waitForSelector('button.section');
  const bowlId = await page.evaluate(() => new URL(location.href).searchParams.get('bowl'));
  const { items } = (await (await fetch(`${house.address}/api/bowls?limit=1`)).json()) as { items: { id: string }[] };
  const id = bowlId ?? items[0]?.id ?? '';
  await house.away(async () => {
    await page.keyboard.press('Space');
    await page.waitForSelector('button.section[aria-pressed="true"]');
    await clickOn(page, '::-p-text(Cap on, start the time)');
    await textWhen(page, '[data-test="phase"]', /hardly begun/);
    await textWhen(page, '[data-test="away"]', /The 2 things you tapped are kept here/);
    await clickOn(page, '[data-test="rinse-burning"]');
    await textWhen(page, '[data-test="rinsed"]', /because it burned or itched/);
    // The page is left before anybody has heard of it.
    await page.goto('about:blank');
  }, 'SIGKILL');
  await page.goto(`${house.address}/shelf`);
  const wearing = async () => {
    const { life } = (await (await fetch(`${house.address}/api/bowls/${id}`)).json()) as {
      life: { wearing: Record<string, object> };
    };
    return Object.values(life.wearing)[0];
  };
  await expect.poll(wearing, { timeout: 30_000 }).toMatchObject({
    sectionsDone: [expect.any(String)],
    rinsedWhy: 'burning',
    wornFrom: expect.any(String) as string,
  });
  expect(await page.$('[data-test="away"]')).toBeNull();
  // What burned stops the next bowl of it.
  await page.goto(`${house.address}/bowl?mask=rice-silk`);
  await textWhen(page, '[data-test="cautions"]', /burned or itched on this skin/);
  await page.close();
}, 120_000);
