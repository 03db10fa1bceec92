import { afterAll, beforeAll, expect, it } from 'vitest';
import { openHouse, tapOn, textWhen, typeIn, walkDay, type House } from './house';

/** What a wash day costs a thumb: from nothing of it on the shelf to its notes. */
let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

/** Taps and enter keys so far, counted in the page, over all its screens. */
const TAPS = 'amber-ladle-test-taps';
const taps = (): Promise<number> => house.page.evaluate((key) => Number(sessionStorage.getItem(key)), TAPS);

it('goes from what came in to finished notes in forty taps', async () => {
  const { page } = house;
  await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
  await page.evaluateOnNewDocument((key) => {
    const count = (): void => {
      sessionStorage.setItem(key, String(Number(sessionStorage.getItem(key)) + 1));
    };
    const listening = { capture: true };
    const onClick = ({ detail }: MouseEvent): void => {
      // A click that the keyboard makes is counted as its key.
      if (detail > 0) count();
    };
    const onKey = ({ key: pressed }: KeyboardEvent): void => {
      if (pressed === 'Enter') count();
    };
    document.addEventListener('click', onClick, listening);
    document.addEventListener('keydown', onKey, listening);
  }, TAPS);
  const stages: [string, number][] = [];
  const reached = async (stage: string): Promise<unknown> => stages.push([stage, await taps()]);

  await house.open('/shelf');
  await tapOn(page, '.quick .line');
  for (const line of ['2 ripe avocados 170 g', '500 g plain yogurt', 'honey 340 g jar']) {
    await typeIn(page, '.quick .line', line);
    await page.waitForSelector('[data-test="reading"]:not(.asks)');
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelector<HTMLInputElement>('.quick .line')?.value === '');
  }
  await reached('shelf');
  await tapOn(page, '.path a[href="/bowl"]');
  await textWhen(page, '[data-test="made"]', /\d mL/);
  await tapOn(page, '::-p-text(Keep this bowl)');
  await page.waitForSelector('[data-test="takes"], [data-test="kept-made"]');
  await tapOn(page, '::-p-text(Take these and keep)');
  await page.waitForSelector('[data-test="kept-made"]');
  await reached('bowl');
  await tapOn(page, 'a ::-p-text(Make it)');
  await textWhen(page, '[data-test="day-sum"]', /rinsed/);
  await tapOn(page, '::-p-text(Begin the wash day)');
  await page.waitForSelector('[data-test="title"]');
  await walkDay(house, page, async () => {
    // While the mask works there is nothing to press.
    const [asOnCard, go] = await Promise.all([page.$('::-p-text(All as on the card)'), page.$('[data-test="go"]')]);
    if (asOnCard) await tapOn(page, '::-p-text(All as on the card)');
    else if (go) await tapOn(page, '[data-test="go"]');
  });
  await reached('made, worn and rinsed');
  await tapOn(page, '[data-test="close-day"]');
  await page.waitForSelector('[data-test="log-editor"]');
  for (const moment of ['going-on', 'rinsing', 'next-day']) {
    const tab = await page.waitForSelector(`.moment[id$="${moment}"]`);
    // Where something rings above, the tab is brought out from under it, as a thumb would.
    await tab?.evaluate((element) => {
      element.scrollIntoView({ block: 'center' });
    });
    if ((await tab?.evaluate((element) => element.getAttribute('aria-selected'))) === 'false')
      await tapOn(page, `.moment[id$="${moment}"]`);
    const asked = await page.$$('[role="tabpanel"] .answers');
    for (let i = 1; i <= asked.length; i++)
      await tapOn(page, `[role="tabpanel"] .answers:nth-child(${i}) .pill:last-of-type`);
    await textWhen(page, `.moment[id$="${moment}"]`, new RegExp(`${asked.length} of ${asked.length}`));
  }
  await reached('noted');
  const [, all = Infinity] = stages.at(-1) ?? [];
  expect(all, JSON.stringify(stages)).toBeLessThanOrEqual(40);
  // Where nothing had been counted there would be nothing to say either.
  expect(all).toBeGreaterThan(25);
}, 120_000);
