import { afterAll, beforeAll, expect, it } from 'vitest';
import { axeFaults, clickOn, keepWithoutTaking, openHouse, screenFaults, textWhen, type House } from './house';

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
    await page.locator(`.sections li:nth-child(${done}) .section`).click();
    await page.waitForFunction(
      (n) => document.querySelectorAll('button.section[aria-pressed="true"]').length === n,
      {},
      done,
    );
  }
  await page.locator('.left .pill ::-p-text(a spoonful)').click();
  await textWhen(page, '[data-test="pace"]', /run short by about \d+ %.*ends/);
  await page.locator('.left .pill ::-p-text(¾)').click();
  await textWhen(page, '[data-test="pace"]', /It will last/);
  await page.locator('::-p-text(Cap on, start the time)').click();
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
