import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clickOn, made, openHouse, pasteText, tapOn, textWhen, type House } from './house';
import { axeFaults, screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

/** Texts as friends write them, with what must be on the page when they are read. All of it is our own invention. */
const TEXTS = [
  {
    name: 'a terse list',
    text: '2 yolks\n3 tbsp olive oil\n1 tbsp honey\n30 min, cap, shampoo twice',
    reads: [/Egg yolk/, /Olive oil/, /Honey/],
    uses: [/30 min/, /twice after/],
  },
  {
    name: 'chat',
    text: 'Mash two ripe bananas with 3 tbsp yogurt and 1 tbsp of honey. Smooth it on damp hair, root to tip. Leave it on an hour, two if you can, then wash it out with shampoo.',
    reads: [/Banana/, /Plain yogurt/, /Honey/],
    uses: [/2 h, at least 1 h/, /roots to tips/],
  },
  {
    name: 'a pot',
    text: 'My Sunday rice\nHalf a cup of rice in two cups of water, boiled soft.\n3 tbsp yogurt (4-5 if your hair is longer)\n1 tbsp argan oil\nStrain it. On dry hair under a shower cap, 30 to 45 minutes. Once a week.',
    reads: [/Rice cream/, /stays in the pot/, /sizing does that by itself/],
    uses: [/every 7 days/, /Through a cloth/],
  },
  {
    name: 'choices and slips of the pen',
    text: 'Soft ends\n1 avacado\n2 tbsp olive or coconut oil\n1 tbsp hunny\n40 minutes on the lengths only',
    reads: [/“avacado” read as avocado/, /or coconut oil: kept as your stand-in/, /“hunny” read as honey/],
    uses: [/40 min/, /lengths and ends/],
  },
  {
    name: 'a table',
    text: 'ingredient | amount\nPapaya | 1/2\nCoconut milk | 4 tbsp\nHoney | 1 tbsp\n\nEvery two weeks, 45 minutes, no heat.',
    reads: [/Papaya/, /Coconut milk/, /Honey/],
    uses: [/every 14 days/, /45 min/],
  },
] as const;

/** Presses, counted. */
function hand(page: Page, press: typeof clickOn) {
  let taps = 0;
  return {
    tap: async (selector: string): Promise<void> => {
      taps++;
      await press(page, selector);
    },
    count: () => taps,
  };
}
/** How many bowls the household has kept. */
const keptBowls = async (): Promise<number> =>
  ((await (await fetch(`${house.address}/api/bowls?limit=1`)).json()) as { total: number }).total;

async function fromPasteToBowl(page: Page, press: typeof clickOn, one: (typeof TEXTS)[number]): Promise<number> {
  const before = await keptBowls();
  await page.goto(`${house.address}/masks`);
  await page.waitForSelector('h1');
  const { tap, count } = hand(page, press);
  await tap('::-p-text(Paste a mask)');
  await pasteText(page, one.text);
  for (const read of one.reads) await textWhen(page, '[data-test="read-measures"]', read);
  for (const use of one.uses) await textWhen(page, '.used', use);
  await textWhen(page, '[data-test="makes"]', /It makes \d+ mL/);
  expect(await page.$('[data-test="asked"]')).toBeNull();
  await tap('[data-test="keep-pasted"]');
  expect(await made(page)).toBeGreaterThan(20);
  await tap('::-p-text(Keep this bowl)');
  await page.waitForFunction(
    () => document.querySelector('[data-test="takes"]') !== null || location.pathname.startsWith('/bowls/'),
  );
  if (await page.$('[data-test="takes"]')) await tap('::-p-text(Keep without taking)');
  await expect.poll(keptBowls).toBe(before + 1);
  return count();
}

describe('a mask as a friend would write it', () => {
  it.each(TEXTS)('from paste to a kept bowl in five taps at the most: $name', async (one) => {
    expect(await fromPasteToBowl(house.page, clickOn, one)).toBeLessThanOrEqual(5);
  });

  it('and on a phone', async () => {
    const page = await house.newPage();
    await page.setViewport({ width: 390, height: 844, hasTouch: true, isMobile: true });
    for (const one of TEXTS.slice(1, 3)) expect(await fromPasteToBowl(page, tapOn, one)).toBeLessThanOrEqual(5);
    await page.close();
  });

  it('is clear in both lights and as narrow as a phone', async () => {
    await house.open('/masks/paste');
    await pasteText(house.page, TEXTS[2].text);
    await textWhen(house.page, '[data-test="makes"]', /mL/);
    expect(await screenFaults(house, ['/masks/paste'])).toEqual([]);
  });

  it('asks what it does not know, adds it to the book in place, and says what the text makes for whom', async () => {
    const { page } = house;
    await house.open('/masks/paste');
    await pasteText(
      page,
      'Harbour oil\n2 tbsp babassu oil\na glug of castor oil\nFor two heads.\nWear it an hour, or sleep in it.\nThe tide does the rest.',
    );
    await textWhen(
      page,
      '[data-test="asked"]',
      /2 things to ask.*Which ingredient is “babassu oil”\?.*How much is a glug/s,
    );
    await clickOn(page, '[data-test="asked"] ::-p-text(about 14 g, as usual)');
    await textWhen(page, '[data-test="not-understood"]', /The tide does the rest/);
    await clickOn(page, '[data-test="asked"] ::-p-text(not in the book: add it)');
    expect(await axeFaults(page)).toEqual([]);
    await clickOn(page, '::-p-text(Add it to the book)');
    await textWhen(page, '[data-test="read-measures"]', /Babassu oil.*27 g/s);
    await textWhen(page, '#makes', /It makes \d+ mL a head/);
    await textWhen(page, '[data-test="both"]', /As you make it.*Sized for/s);
    await clickOn(page, '[data-test="makes"] ::-p-text(half left)');
    await clickOn(page, '[data-test="not-understood"] ::-p-text(keep it among the steps)');
    await page.waitForFunction(() => document.querySelector('[data-test="not-understood"]') === null);
    await clickOn(page, '[data-test="keep-pasted"]');
    // Each bowl chooses among its lengths of wear.
    await textWhen(page, '[data-test="wears"]', /for 1 h.*overnight/s);
    await clickOn(page, '[data-test="wears"] ::-p-text(overnight)');
    await page.waitForSelector('[data-test="wears"] [aria-pressed="true"]::-p-text(overnight)');
    const masks = (await (await fetch(`${house.address}/api/masks`)).json()) as {
      id: string;
      name: string;
      steps: string[];
    }[];
    const kept = masks.find(({ name }) => name === 'Harbour oil');
    expect(kept?.steps).toContain('The tide does the rest');
    const told = (await (await fetch(`${house.address}/api/masks/${kept?.id}/told`)).json()) as { outcome: string }[];
    expect(told.map(({ outcome }) => outcome)).toEqual(['half-left']);
  });

  it('shows what is unsafe as it is written, and keeps it the safer way', async () => {
    const { page } = house;
    await house.open('/masks/paste');
    await pasteText(page, 'Sunday egg\n2 eggs\n1 tbsp honey\nLeave it on 20 minutes under a hood, or sleep in it.');
    await textWhen(
      page,
      '[data-test="unsafe"]',
      /Stop\. A cap; a hooded dryer.*Stop\. Or worn 8 h.*take the safer reading/s,
    );
    await textWhen(page, '[data-test="keep-pasted"]', /the safer way/);
    await clickOn(page, '[data-test="keep-pasted"]');
    await made(page);
    expect(await page.$('[data-test="wears"]')).toBeNull();
    const masks = (await (await fetch(`${house.address}/api/masks`)).json()) as { name: string; heat: string }[];
    expect(masks.find(({ name }) => name === 'Sunday egg')).toMatchObject({ heat: 'never', otherWears: [] });
  });

  it('by the keyboard alone', async () => {
    const { page } = house;
    await house.open('/masks/paste');
    await page.focus('[data-test="pasted"]');
    await page.keyboard.type('1 mango, 2 tbsp yogurt. Leave it 30 min.');
    await textWhen(page, '[data-test="read-measures"]', /Mango.*Plain yogurt/s);
    // Tab from the text to what keeps it, whatever lies between.
    for (let presses = 0; presses < 60; presses++) {
      await page.keyboard.press('Tab');
      if (await page.evaluate(() => document.activeElement?.getAttribute('data-test') === 'keep-pasted')) break;
    }
    await page.keyboard.press('Enter');
    expect(await made(page)).toBeGreaterThan(20);
    expect(new URL(page.url()).pathname).toBe('/bowl');
  });

  it('comes out of a page that tells it to programs, and out of a table, dropped as files', async () => {
    const { page } = house;
    const drop = (name: string, content: string): Promise<void> =>
      page.$eval(
        '.sheet-of',
        (field, file, words) => {
          const dataTransfer = new DataTransfer();
          dataTransfer.items.add(new File([words], file));
          field.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
        },
        name,
        content,
      );
    await house.open('/masks/paste');
    const data = {
      '@graph': [
        { '@type': 'WebPage' },
        {
          '@type': 'Recipe',
          name: 'Mango &amp; milk',
          recipeIngredient: ['1 mango', '&frac12; cup milk'],
          recipeInstructions: [{ '@type': 'HowToStep', text: 'Blend and wear it for 20 minutes.' }],
        },
      ],
    };
    await drop(
      'page.html',
      `<!doctype html><html><script type="application/ld+json">${JSON.stringify(data)}</script></html>`,
    );
    await textWhen(page, '[data-test="read-measures"]', /Mango.*Milk.*122 g/s);
    expect(await page.$eval('.called input', (e) => e.value)).toBe('Mango & milk');
    await drop('table.csv', 'ingredient,amount\nyogurt,4 tbsp\nhoney,1 tbsp\n');
    await textWhen(page, '[data-test="read-measures"]', /Plain yogurt.*61 g.*Honey.*21 g/s);
    await drop('page.html', '<!doctype html><html><p>1 mango</p></html>');
    await textWhen(page, '#paste-fault', /Copy the words of it instead/);
    await clickOn(page, '::-p-text(Throw it away)');
  });
});
