import type { Lot } from '@amber-ladle/core/shelf';
import type { WeeksHeld } from '@amber-ladle/contract';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clickOn, openHouse, post, tapOn, textWhen, type House } from './house';
import { axeFaults, screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

const held = async (): Promise<WeeksHeld> => (await (await fetch(`${house.address}/api/weeks`)).json()) as WeeksHeld;
const shelf = async (): Promise<{ lots: Lot[] }> =>
  (await (await fetch(`${house.address}/api/shelf`)).json()) as { lots: Lot[] };
/** The search has come to its end, and what it found is kept. */
const FOUND = /No better one exists|of the best there can be/;
const found = (page = house.page): Promise<unknown> =>
  page.waitForFunction(
    (source) => new RegExp(source).test(document.querySelector('[data-test="proof"]')?.textContent ?? ''),
    { timeout: 30_000 },
    FOUND.source,
  );
const cards = (): Promise<string[]> =>
  house.page.$$eval('.card', (all) => all.map((card) => card.getAttribute('data-label') ?? ''));
/** Where cards stand, as the page has it now. */
const seats = (): Promise<{ head: string; day: string; isShared: boolean }[]> =>
  house.page.$$eval('[data-head][data-day]:has(.card)', (all) =>
    all.map((cell) => ({
      head: cell.getAttribute('data-head') ?? '',
      day: cell.getAttribute('data-day') ?? '',
      isShared: cell.querySelector('.card')?.getAttribute('data-label')?.includes(' with ') ?? false,
    })),
  );
const pins = async () => (await held()).wishes.pins;
async function letGoOfAll(): Promise<void> {
  const { wishes } = await held();
  await fetch(`${house.address}/api/weeks/wishes`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ wishes: { ...wishes, pins: [], noes: [], dayMinutes: {} }, seen: wishes }),
  });
}

describe('a fortnight', () => {
  it(
    'is planned as soon as somebody looks, kept, and told on Today and on the list to buy',
    { timeout: 60_000 },
    async () => {
      await house.open('/weeks');
      await found();
      const shown = await cards();
      expect(shown.length).toBeGreaterThan(4);
      expect(shown.some((card) => card.includes('for Isaura'))).toBe(true);
      await expect.poll(async () => (await held()).plan?.bowls.length, { timeout: 10_000 }).toBeGreaterThan(3);
      const { plan } = await held();
      expect(plan?.lostGrams).toBeLessThan((plan?.byDayLostGrams ?? 0) * 0.8);
      // A bowl for two stands on both their lines.
      expect(shown.length).toBe(plan?.bowls.reduce((sum, { headIds }) => sum + headIds.length, 0));
      const buys = await house.page.$$eval('[data-test="buy"] li', (all) => all.map((line) => line.textContent));
      expect(buys.length).toBeGreaterThan(1);
      await house.open('/');
      const coming = await textWhen(house.page, '[data-test="coming"]', /Today/);
      expect(coming).toMatch(/for Isaura/);
      // What the plan has for today is what Today leads with.
      const now = shown.filter((card) => card.endsWith(', today')).map((card) => card.split(/ for | with /)[0]);
      await textWhen(
        house.page,
        '[data-test="suggestion"]',
        now.length > 0 ? new RegExp(`(${now.join('|')}) for .*plan of your weeks`) : /./,
      );
      expect(house.complaints).toEqual([]);
    },
  );

  it('shows at once, before anything is reckoned, what was planned before', { timeout: 60_000 }, async () => {
    await house.open('/weeks');
    await house.page.waitForSelector('.card');
    // They are drawn as what was planned, until they are reckoned anew.
    expect(await house.page.$$eval('.card', (all) => all.every((card) => card.matches('.old')))).toBe(true);
    await found();
    expect(await house.page.$('.card.old')).toBeNull();
  });
});

describe('a bowl of the plan', () => {
  it(
    'is dragged to another day: what that would come to is said on the way, and it can be taken back',
    { timeout: 90_000 },
    async () => {
      const { page } = house;
      await house.open('/weeks');
      await found();
      // A bowl of one head after today, and a day next week on which she has none.
      const all = await seats();
      const { head = '', day } = all.find((seat) => seat.day > '2026-03-14' && !seat.isShared) ?? {};
      const isFree = (on: string): boolean => !all.some((seat) => seat.head === head && seat.day === on);
      const target = ['2026-03-24', '2026-03-23', '2026-03-22', '2026-03-27'].find(isFree) ?? '';
      const date = `${Number(target.slice(8))} Mar`;
      const card = await page.waitForSelector(`[data-head="${head}"][data-day="${day ?? ''}"] .card`);
      const to = await page.waitForSelector(`[data-head="${head}"][data-day="${target}"]`);
      const [from, there] = [await card?.boundingBox(), await to?.boundingBox()];
      if (!from || !there) throw new Error('Both are in sight.');
      await page.mouse.move(from.x + 20, from.y + 20);
      await page.mouse.down();
      for (let step = 1; step <= 14; step++) {
        await page.mouse.move(from.x + 20 + ((there.x + 14 - from.x) * step) / 14, from.y + 20 + (step % 3));
        await new Promise((resolve) => setTimeout(resolve, 60));
      }
      expect(await textWhen(page, '[data-test="proof"]', new RegExp(`${date}: `))).not.toBe('');
      for (const more of [2, 4, 6]) {
        await page.mouse.move(there.x + 34 + more, from.y + 24);
        await new Promise((resolve) => setTimeout(resolve, 150));
      }
      await page.mouse.up();
      await expect.poll(async () => (await pins()).map(({ day }) => day), { timeout: 10_000 }).toEqual([target]);
      await page.waitForSelector(`.card[data-label*="${date}, stays on this day"]`);
      await clickOn(page, '::-p-text(Undo)');
      await expect.poll(pins, { timeout: 10_000 }).toEqual([]);
      await found();
    },
  );

  it('is moved by Alt and an arrow, and says what changed', { timeout: 90_000 }, async () => {
    const { page } = house;
    await house.open('/weeks');
    await found();
    const label = (await cards()).find((card) => card.includes('for Isaura') && !card.endsWith('today')) ?? '';
    await page.focus(`.card[data-label="${label}"]`);
    await page.keyboard.down('Alt');
    await page.keyboard.press('ArrowRight');
    await page.keyboard.up('Alt');
    await expect.poll(async () => (await pins()).length, { timeout: 10_000 }).toBe(1);
    expect(await textWhen(page, '[data-test="changed"]', /Since you wished it so: /)).toMatch(/ (on|today|tomorrow)/);
    await letGoOfAll();
  });

  it(
    'says why it stands there, what it takes and what would do instead, and makes way for another',
    { timeout: 90_000 },
    async () => {
      const { page } = house;
      await house.open('/weeks');
      await found();
      await clickOn(page, '.card');
      const words = await textWhen(page, '.sheet', /Instead/);
      expect(words).toMatch(/Why/);
      expect(words).toMatch(/minutes from the knife to the rinse/);
      expect(await axeFaults(page)).toEqual([]);
      const other = await page.$eval('.instead button', (button) => button.textContent.trim());
      await clickOn(page, '.instead button');
      await expect.poll(async () => (await pins()).length, { timeout: 10_000 }).toBe(1);
      await page.waitForSelector(`.card[data-label^="${other}"][data-label$="stays on this day"]`);
      await letGoOfAll();
    },
  );

  it('is never on an evening that is full', { timeout: 90_000 }, async () => {
    const { page } = house;
    await house.open('/weeks');
    await found();
    const day = (await seats()).find((seat) => seat.day > '2026-03-14')?.day ?? '';
    await clickOn(page, `.day ::-p-text(${Number(day.slice(8))})`);
    await clickOn(page, '::-p-text(No time that day)');
    await page.keyboard.press('Escape');
    await expect.poll(async () => (await held()).wishes.dayMinutes, { timeout: 10_000 }).toEqual({ [day]: 0 });
    await expect
      .poll(async () => (await held()).plan?.bowls.some((bowl) => bowl.day === day), { timeout: 30_000 })
      .toBe(false);
    await letGoOfAll();
  });

  it('opens on the bench for its day, is kept for it, and stands from then on', { timeout: 90_000 }, async () => {
    const { page } = house;
    await house.open('/weeks');
    await found();
    const seat = (await seats()).find(({ day, isShared }) => day > '2026-03-14' && !isShared);
    if (!seat) throw new Error('A fortnight has a bowl for one head after today.');
    await clickOn(page, `[data-head="${seat.head}"][data-day="${seat.day}"] .card`);
    await clickOn(page, '.sheet ::-p-text(Size this bowl)');
    await page.waitForFunction(() => location.pathname === '/bowl');
    await clickOn(page, '::-p-text(Plan it)');
    await expect
      .poll(async () => (await held()).kept.map(({ day, headIds }) => `${day} ${headIds.join()}`), { timeout: 15_000 })
      .toContain(`${seat.day} ${seat.head}`);
    await house.open('/weeks');
    await page.waitForSelector('.card[data-label*="stays on this day"]');
  });
});

describe('when life happens', () => {
  it('is planned anew when something is thrown away', { timeout: 90_000 }, async () => {
    const { page } = house;
    await house.open('/weeks');
    await found();
    const names = (): Promise<string[]> => page.$$eval('.produce b', (all) => all.map((name) => name.textContent));
    expect(await names()).toContain('Aloe gel');
    const aloe = (await shelf()).lots.filter(({ ingredientId }) => ingredientId === 'aloe-gel');
    const movements = aloe.map(({ id, grams }) => ({ lotId: id, kind: 'discard', grams: -grams, reason: 'past' }));
    const answer = await post(`${house.address}/api/stock`, {
      id: '1b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a11',
      note: 'Aloe is gone.',
      lots: [],
      movements,
    });
    expect(answer.ok).toBe(true);
    await expect.poll(names, { timeout: 20_000 }).not.toContain('Aloe gel');
    await found();
    expect(house.complaints).toEqual([]);
  });
});

describe('in the hand', () => {
  it(
    'shows the days one beside the other, and in the shop a touch puts what was bought on the shelf',
    { timeout: 90_000 },
    async () => {
      const page = await house.newPage();
      await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
      await page.goto(`${house.address}/weeks`);
      await found(page);
      expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
      await page.waitForSelector('[data-test="buy"] .tick');
      const label = await page.$eval('[data-test="buy"] .tick', (tick) => tick.getAttribute('aria-label') ?? '');
      const before = (await shelf()).lots.length;
      // Shops have thick walls: it is ticked off all the same, and lies on the shelf once the house answers again.
      await house.away(async () => {
        await tapOn(page, '[data-test="buy"] .tick');
        await page.waitForFunction((gone) => !document.querySelector(`[aria-label="${gone}"]`), {}, label);
        await textWhen(page, '[data-test="away"]', /What you tapped is kept here/);
      });
      await expect.poll(async () => (await shelf()).lots.length, { timeout: 20_000 }).toBe(before + 1);
      expect(await page.$(`[aria-label="${label}"]`)).toBeNull();
      await page.close();
    },
  );

  it('is well made for everyone, in every size', { timeout: 120_000 }, async () => {
    expect(await screenFaults(house, ['/weeks'])).toEqual([]);
  });

  it('asks an empty household for a head', async () => {
    const empty = await openHouse({ isEmpty: true });
    await empty.open('/weeks');
    await textWhen(empty.page, '.empty', /A plan needs a head/);
    expect(empty.complaints).toEqual([]);
    await empty.close();
  });
});

it('wants in the freezer today what later bowls count on, and goes there with one press and back', async () => {
  const lotId = '6f0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a31';
  const since = '2026-03-14T09:00:00.000Z';
  const answer = await post(`${house.address}/api/stock`, {
    id: '7f0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a32',
    note: 'Mangoes came home.',
    lots: [{ id: lotId, ingredientId: 'mango', state: 'whole', since, label: '', pieceGrams: 200 }],
    movements: [{ lotId, kind: 'add', grams: 400, placeId: 'galley', stage: 'ready', at: since }],
  });
  expect(answer.ok).toBe(true);
  const { plan } = await held();
  if (!plan) throw new Error('The weeks have no plan.');
  const { at: _at, ...known } = plan;
  await fetch(`${house.address}/api/weeks/plan`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ ...known, freezes: [{ lotId, day: '2026-03-14', at: '2026-03-14T17:00:00.000Z' }] }),
  });
  const place = async (): Promise<string | undefined> =>
    (await shelf()).lots.find(({ id }) => id === lotId)?.stays.at(-1)?.placeId;
  await house.open('/');
  await textWhen(house.page, '[data-test="freezing"]', /Mango.*2 mangoes/s);
  await clickOn(house.page, '[data-test="freezing"] button[aria-label="Freeze it: Mango"]');
  await expect.poll(place, { timeout: 10_000 }).toBe('ice');
  await house.page.waitForFunction(() => !document.querySelector('[aria-label="Freeze it: Mango"]'));
  await clickOn(house.page, '.v-snackbar button ::-p-text(Undo)');
  await expect.poll(place, { timeout: 10_000 }).toBe('galley');
  await textWhen(house.page, '[data-test="freezing"]', /Mango/);
});

it('spends no more than is wished, and as it comes once that is taken back', { timeout: 90_000 }, async () => {
  await letGoOfAll();
  // With nothing in the house, whatever is planned has to be bought.
  const movements = (await shelf()).lots
    .filter(({ grams }) => grams > 0)
    .map(({ id, grams }) => ({ lotId: id, kind: 'discard', grams: -grams, reason: 'past' }));
  const answer = await post(`${house.address}/api/stock`, {
    id: '1b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a12',
    note: 'All of it is gone.',
    lots: [],
    movements,
  });
  expect(answer.ok).toBe(true);
  await house.open('/weeks');
  await found();
  const main = (): Promise<string> => house.page.$eval('main', (e) => e.innerText);
  const spent = async (): Promise<number> => {
    const words = await main();
    const isNothing = /Nothing has to be bought|No price is known/.test(words);
    return isNothing ? 0 : Number(/comes to about (\d+\.\d+)/.exec(words)?.[1] ?? NaN);
  };
  // A price is known of what is eaten up, too.
  const listed = async (): Promise<number> => Number(/about (\d+\.\d+)/.exec(await main())?.[1] ?? 0);
  await expect.poll(listed, { timeout: 30_000 }).toBeGreaterThan(0.5);
  await clickOn(house.page, '::-p-text(How your weeks run)');
  await clickOn(house.page, '[data-test="budget"] .pill ::-p-text(no more than)');
  const field = await house.page.waitForSelector('[data-test="budget"] input');
  await field?.click({ count: 3 });
  await field?.type('0,5');
  await house.page.keyboard.press('Tab');
  await expect.poll(async () => (await held()).wishes.budget, { timeout: 10_000 }).toBe(0.5);
  await house.page.keyboard.press('Escape');
  // Searched anew, with what is bought within the half.
  await expect.poll(spent, { timeout: 30_000 }).toBeLessThanOrEqual(0.5);
  await clickOn(house.page, '::-p-text(How your weeks run)');
  await clickOn(house.page, '[data-test="budget"] .pill ::-p-text(as it comes)');
  await expect.poll(async () => (await held()).wishes.budget, { timeout: 10_000 }).toBeUndefined();
  await house.page.keyboard.press('Escape');
  await found();
});
