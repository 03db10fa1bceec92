import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clickOn, clickFor, made, openHouse, textWhen, typeIn, type House } from './house';
import { screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});
const click = (text: string): Promise<void> => clickOn(house.page, `::-p-text(${text})`);
const lane = (name: string) => house.page.locator(`[data-lot] ::-p-text(${name})`);
const post = (path: string, body: unknown): Promise<Response> =>
  fetch(`${house.address}/api${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
interface Lot {
  id: string;
  ingredientId: string;
  grams: number;
  state: string;
}
const lots = async (): Promise<Lot[]> =>
  ((await (await fetch(`${house.address}/api/shelf?limit=100`)).json()) as { lots: Lot[] }).lots;

describe('the shelf', () => {
  it('tells without a tap what turns and why, remnants first', async () => {
    await house.open('/shelf');
    const turns = await textWhen(house.page, '[data-test="turns"]', /Turns within a day/);
    expect(turns).toMatch(/avocado.*papaya/);
    const groups = await house.page.$$eval('.group h2', (all) => all.map((e) => e.textContent.trim()));
    expect(groups[0]).toContain('Cut, opened, made');
    await lane('Avocado, cut').click();
    expect(await textWhen(house.page, '[data-test="lot-why"]', /Cut:/)).toMatch(
      /24 h in a fridge \(USDA FoodKeeper.*per 100 g usable/s,
    );
  });

  it('takes what came in by one line and one key, and takes it back', async () => {
    const { page } = house;
    await house.open('/shelf');
    await typeIn(page, '.quick .line', '2 moonfruit');
    await textWhen(page, '[data-test="reading"]', /Which ingredient is/);
    await page.locator('.quick .line').fill('3 hard mangoes 330 g yesterday 3.90');
    await textWhen(page, '[data-test="reading"]', /Is 3.90 for each of the 3 or for all/);
    await clickOn(page, '.quick .pill ::-p-text(together)');
    await textWhen(
      page,
      '[data-test="reading"]',
      /Mango · \d+ g usable · in 3 of 2\d\d g · 330 g each with peel, stone or shell · hard · .* for 3.90/,
    );
    await page.keyboard.press('Enter');
    await textWhen(page, '.group', /./);
    await page.waitForSelector('::-p-text(3 mangoes)');
    await clickOn(page, '.v-snackbar button ::-p-text(Undo)');
    await page.waitForFunction(() => !document.body.textContent.includes('3 mangoes'));
  });

  it('is corrected by touch, moved by a tap, and says what the bag would do', async () => {
    const { page } = house;
    await house.open('/shelf');
    await page.waitForSelector('[data-lot]');
    await lane('3 avocados').click();
    await textWhen(page, '.details', /Paper bag.*ready/s);
    await clickOn(page, '.details .pill ::-p-text(ready)');
    await textWhen(page, '.lane.open .what', /ready/);
    await clickOn(page, '.lane.open .details .pill ::-p-text(12 V fridge)');
    await textWhen(page, '.lane.open .what', /12 V fridge/);
  });

  it('follows a second tab, and gives the last grams to one of two', async () => {
    const second = await house.newPage();
    await second.goto(`${house.address}/shelf`);
    await second.waitForSelector('[data-lot]');
    const egg = (await lots()).find(({ ingredientId }) => ingredientId === 'egg-white')!;
    const take = () =>
      post('/stock', {
        id: randomUUID(),
        note: '',
        lots: [],
        movements: [{ lotId: egg.id, kind: 'use-otherwise', grams: -egg.grams }],
      });
    const answers = await Promise.all([take(), take()]);
    expect(answers.map(({ status }) => status).sort()).toEqual([201, 409]);
    await second.bringToFront();
    await second.waitForFunction(() => !document.body.textContent.includes('Egg white, cracked'));
    await second.close();
    await house.page.bringToFront();
  });

  it('weighs a piece from the scale', async () => {
    const { page } = house;
    await house.open('/shelf');
    await page.waitForSelector('[data-lot]');
    await clickOn(page, '.scale summary');
    await clickOn(page, '.scale .pill ::-p-text(+ 50 g)');
    await textWhen(page, '[data-test="scale"]', /^\s*50 g\s*$/);
    await lane('Papaya, cut').click();
    await clickOn(page, '.details .tool ::-p-text(from the scale)');
    await clickOn(page, '.details .tool ::-p-text(correct)');
    await textWhen(page, '.lane.open .what', /50 g/);
    await clickOn(page, '.v-snackbar button ::-p-text(Undo)');
    await textWhen(page, '.lane.open .what', /190 g/);
    await clickOn(page, '.scale .pill ::-p-text(clear)');
  });
});

describe('a bowl from the shelf', () => {
  it('is suggested on Today with its reason and one button', async () => {
    const { page } = house;
    await house.open('/');
    expect(await textWhen(page, '[data-test="suggestion"]', /turns? by tomorrow: \d+ mL, enough for/)).toMatch(
      /in the house|missing/,
    );
    await click('Size this bowl');
    expect(await made(page)).toBeGreaterThan(20);
  });

  it('says from which lot each ingredient comes, takes it in one look, and leaves stock and remnants right', async () => {
    const { page } = house;
    const before = await lots();
    await house.open('/bowl?mask=towpath-avocado');
    await clickOn(page, '.who button ::-p-text(Pip)');
    await textWhen(page, '.needline', /Pip usually/);
    expect(await textWhen(page, '.card', /from .*yogurt, opened/)).toMatch(/avocado/);
    await click('Keep this bowl');
    await page.waitForSelector('[data-test="takes"]');
    await click('Take these and keep');
    await page.waitForSelector('[data-test="kept-made"]');
    const after = await lots();
    const yogurt = (all: Lot[]): number =>
      all.filter(({ ingredientId }) => ingredientId === 'yogurt').reduce((sum, { grams }) => sum + grams, 0);
    expect(yogurt(after)).toBeLessThan(yogurt(before));
    expect(after.every(({ grams }) => grams >= 0)).toBe(true);
  });

  it('runs out with the clock, and past its time it is worn only with a decision that stays', async () => {
    const { page } = house;
    await clickFor(page, '.life .pill ::-p-text(Galley box)', '[data-test="budget"]', /\d+ (min|h) left, till today/);
    await clickFor(page, '.life .pill ::-p-text(12 V fridge)', '.life', /in: 12 V fridge/);
    expect((await post('/devices/clock', { minutes: 26 * 60 })).status).toBe(200);
    await textWhen(page, '[data-test="budget"]', /Past its time/);
    expect(await page.$eval('.life .pill[disabled]', (e) => e.textContent.trim())).toBe('Worn');
    await page.locator('.decision input').fill('only the ends, patch tested');
    await clickOn(page, '.life .pill ::-p-text(Worn)');
    expect(await textWhen(page, '[data-test="ended"]', /Worn/)).toContain('only the ends');
  });

  it('planned for another day it is on the buy list, and ticked off it lies on the shelf', async () => {
    const { page } = house;
    await house.open('/bowl?mask=papaya-polish');
    await made(page);
    await clickOn(page, '.day .v-field');
    await clickOn(page, '.v-overlay-container .v-list-item:nth-child(4)');
    await click('Plan it');
    await page.waitForSelector('[data-test="kept-made"]');
    await house.open('/shelf');
    expect(await textWhen(page, '[data-test="buy"]', /papaya/i)).toMatch(/buy (hard|nearly ready|ripe), ready for/);
    await clickOn(page, '[aria-label^="Bought:"][aria-label*="apaya"]');
    await page.waitForFunction(() => !document.querySelector('[aria-label^="Bought:"][aria-label*="apaya"]'));
    // The line goes at once, and the shelf is told after it.
    await expect
      .poll(async () =>
        (await lots()).some(({ ingredientId, state }) => ingredientId === 'papaya' && state === 'whole'),
      )
      .toBe(true);
  });

  it('has a label with what, for whom, use by and not food', async () => {
    await house.open('/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004');
    await click('Jar label');
    const label = await textWhen(house.page, '[data-test="label"]', /NOT FOOD/);
    expect(label).toMatch(/Rice silk.*for.*Isaura.*use by/s);
    expect(
      await house.page.$eval('[data-test="label"] svg[role="img"]', (e) => e.getAttribute('aria-label')),
    ).toContain('/bowls/5d0c1f0e');
  });
});

it('reads a bad table line by line and takes nothing in', async () => {
  const { page } = house;
  await house.open('/shelf/book');
  await textWhen(page, '[data-test="waste"]', /g/);
  await page.$eval('input[type="file"]', (input) => {
    const transfer = new DataTransfer();
    const header = 'id,ingredient_id,state,since,grams,piece_grams,price_per_gram,label,stood,felt';
    transfer.items.add(new File([`${header}\nx,honey,whole,soon,5,,,,galley@2026-03-01T00:00:00Z,`], 'lots.csv'));
    input.files = transfer.files;
    input.dispatchEvent(new Event('change', { bubbles: true }));
  });
  await textWhen(page, '[data-test="import"]', /line 2, since:.*no moment/);
});

it('loses nothing acknowledged and leaves nothing half done when it is killed in the middle of drawing', async () => {
  const lotId = randomUUID();
  await post('/stock', {
    id: randomUUID(),
    note: '',
    lots: [{ id: lotId, ingredientId: 'honey', state: 'whole', since: '2026-03-01T00:00:00.000Z', label: '' }],
    movements: [{ lotId, kind: 'add', grams: 1000, placeId: 'galley' }],
  });
  const acknowledged: string[] = [];
  const draws = Array.from({ length: 40 }, async () => {
    const id = randomUUID();
    const cutId = randomUUID();
    const answer = await post('/stock', {
      id,
      note: '',
      lots: [{ id: cutId, ingredientId: 'honey', state: 'cut', since: '2026-03-01T00:00:00.000Z', label: '' }],
      movements: [
        { lotId, kind: 'draw', grams: -5 },
        { lotId: cutId, kind: 'cut-in', grams: 1, placeId: 'galley' },
      ],
    }).catch(() => undefined);
    if (answer?.status === 201) acknowledged.push(id);
  });
  await new Promise((resolve) => setTimeout(resolve, 60));
  await house.restart('SIGKILL');
  await Promise.all(draws);
  const { movements } = (await (await fetch(`${house.address}/api/lots/${lotId}`)).json()) as {
    movements: { changeId: string; grams: number }[];
  };
  const kept = movements.filter(({ grams }) => grams === -5).map(({ changeId }) => changeId);
  for (const id of acknowledged) expect(kept).toContain(id);
  const all = await lots();
  expect(all.find(({ id }) => id === lotId)!.grams).toBe(1000 - 5 * kept.length);
  // Each draw made one remnant with it, or neither happened.
  expect(
    all.filter(({ ingredientId, state, grams }) => ingredientId === 'honey' && state === 'cut' && grams === 1),
  ).toHaveLength(kept.length);
});

it('fits a phone and pleases axe in both lights, on the new screens', async () => {
  const screens = [
    '/',
    '/shelf',
    '/shelf/book',
    '/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004/label',
    '/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004',
  ];
  expect(await screenFaults(house, screens)).toEqual([]);
});

it('never complained on the console', () => {
  expect(
    house.complaints.filter(
      (words) =>
        !/409|422|ERR_CONNECTION_REFUSED|ERR_INCOMPLETE_CHUNKED|ERR_EMPTY_RESPONSE|ERR_CONNECTION_RESET/.test(words),
    ),
  ).toEqual([]);
});
