import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { clickOn, made, openHouse, pasteText, textWhen, typeIn, type House } from './house';
import { axeFaults, screenFaults } from './screens';

let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});
/** What a dialog that is still fading covers is not pressed yet. */
const click = async (text: string): Promise<void> => {
  await house.page.waitForFunction(
    () =>
      document.querySelector('.v-overlay__scrim') === null ||
      document.querySelector('.v-overlay--active .v-overlay__scrim') !== null,
  );
  await clickOn(house.page, `::-p-text(${text})`);
};
const text = (selector: string): Promise<string> => house.page.$eval(selector, (e) => e.textContent);

const PASTED = `Lock-keeper's Sunday
2 yolks
3 tbsp olive oil
half a papaya
1 tbsp moonlight dew
Press the papaya through a cloth.
Beat in the yolks by fork.
Leave it an hour under a hood.`;

describe('a mask of one’s own', () => {
  it('is pasted, asked about, changed by hand, survives a reload, and is sized', async () => {
    const { page } = house;
    await house.open('/masks/new');
    await click('Paste a mask');
    await pasteText(page, PASTED);
    await textWhen(page, '[data-test="asked"]', /One thing to ask.*Which ingredient is “moonlight dew”\?/s);
    // Nothing is kept before it is answered.
    expect(await page.$eval('[data-test="keep-pasted"]', (e) => e.hasAttribute('disabled'))).toBe(true);
    await page.reload();
    await textWhen(page, '[data-test="asked"]', /moonlight dew/);
    expect(await page.$eval('.called input', (e) => e.value)).toBe("Lock-keeper's Sunday");
    await clickOn(page, '[data-test="asked"] ::-p-text(leave it out)');
    // What is unsafe stays as it is written, with the safe reading beside it.
    await textWhen(page, '[data-test="unsafe"]', /Stop\..*Safer: No warmth at all/s);
    expect(await axeFaults(page)).toEqual([]);
    await click('Change it by hand');
    await textWhen(page, 'h1', /A mask of your own/);
    await textWhen(page, '[data-test="review"]', /Raw egg cooks/);
    await textWhen(page, '[data-test="read-use"]', /How long from “Leave it an hour under a hood”/);
    expect(await page.$eval('.names input', (e) => e.value)).toBe("Lock-keeper's Sunday");
    await click('Apply the usual care');
    await textWhen(page, '[data-test="review"]', /Nothing to say against it/);
    expect(await axeFaults(page)).toEqual([]);
    await click('Put it in the book');
    await textWhen(page, 'h1', /Lock-keeper's Sunday/);
    expect(await text('table')).toContain('Egg yolk');
    // What it makes as she writes it, and what "half of it was left" says of her head.
    await textWhen(page, '#told', /As written it makes \d+ mL/);
    const needed = async (): Promise<number> =>
      Number(/takes (\d+) mL/.exec(await text('[data-test="told-need"]'))?.[1]);
    const before = await needed();
    await clickOn(page, '[data-test="told"] ::-p-text(half left)');
    await textWhen(page, '[data-test="told-need"]', /with that in mind/);
    await expect.poll(needed).not.toBe(before);
    await clickOn(page, '[data-test="told"] ::-p-text(half left)');
    await expect.poll(needed).toBe(before);
    await click('Size this');
    const sized = await made(page);
    expect(sized).toBeGreaterThan(50);
    // As she writes it, to the gram, and sized again.
    const pill = await textWhen(page, '[data-test="as-written"]', /as I write it: \d+ mL/);
    const writes = Number(/(\d+) mL/.exec(pill)?.[1]);
    await clickOn(page, '[data-test="as-written"]');
    await expect.poll(() => made(page)).toBeGreaterThan(0.97 * writes - 1);
    await expect.poll(() => made(page)).toBeLessThan(1.03 * writes + 1);
    await clickOn(page, '[data-test="as-written"]');
    await expect.poll(() => made(page)).toBe(sized);
  });

  it('asks before it joins what is being written, and can be thrown away', async () => {
    const { page } = house;
    await house.open('/masks/new');
    await typeIn(page, '.written', '2 tbsp honey');
    await click('Paste a mask');
    await pasteText(page, '2 eggs\n2 tbsp olive oil');
    await click('Put it to the draft there');
    await textWhen(page, '.lines', /Honey.*Whole egg/s);
    await house.open('/masks/paste');
    await pasteText(page, '1 banana\n1 tbsp yogurt');
    await click('Change it by hand, instead of the draft there');
    await textWhen(page, '.lines', /Banana/);
    expect(await text('.lines')).not.toMatch(/Honey|Whole egg/);
    await click('Throw these changes away');
    await house.open('/masks/paste');
    await pasteText(page, '1 banana');
    await click('Throw it away');
    await page.waitForFunction(() => document.querySelector<HTMLTextAreaElement>('[data-test="pasted"]')?.value === '');
  });

  it('keeps its versions, brings one back, and is taken out with a way back', async () => {
    const { page } = house;
    await house.open('/masks');
    await click("Lock-keeper's Sunday");
    await click('Change it');
    await page.waitForSelector('.written');
    await page.locator('[aria-label^="Usable grams of Olive oil"]').fill('30');
    await page.keyboard.press('Tab');
    await click('Keep as version 2');
    await textWhen(page, '.versions', /Version 2/);
    await clickOn(page, '[aria-label="Bring version 1 back"]');
    await textWhen(page, '.versions', /Version 3/);
    await click('Take it out of the book');
    await textWhen(page, '.v-snackbar', /out of the book/);
    await clickOn(page, '.v-snackbar button ::-p-text(Undo)');
    await textWhen(page, '.book', /Lock-keeper's Sunday/);
  });

  it('is refused kindly when it is a book', async () => {
    const { page } = house;
    await house.open('/masks/paste');
    await pasteText(page, '1 egg');
    await page.$eval('[data-test="pasted"]', (field) => {
      const clipboardData = new DataTransfer();
      clipboardData.setData('text', '1 egg\n'.repeat(400_000));
      field.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
    });
    await textWhen(page, '#paste-fault', /one mask at a time/i);
    expect(await page.$eval('textarea[data-test="pasted"]', (field) => field.value)).toBe('1 egg');
  });
});

describe('on the bench', () => {
  it('swaps what is asked to be without, says what changes, and takes it back', async () => {
    const { page } = house;
    await house.open('/bowl?mask=galley-egg');
    await made(page);
    await click('without egg');
    expect(await textWhen(page, '[data-test="swapped"]', /No .*egg/)).toContain('for whole egg');
    // The fit follows from the worker.
    await page.waitForFunction(() => !/Whole egg/.test(document.querySelector('.card')?.textContent ?? 'Whole egg'));
    await click('take back');
    await textWhen(page, '.card', /Whole egg/);
    await made(page);
    // A menu that is pressed while the card is still being laid out may not have opened.
    for (let press = 0; press < 5 && !(await page.$('.offers .v-list-item')); press++) {
      await clickOn(page, '[aria-label="Swap castor oil"]');
      await page.waitForSelector('.offers .v-list-item', { timeout: 3000 }).catch(() => undefined);
    }
    await clickOn(page, '.offers .v-list-item');
    await textWhen(page, '[data-test="swapped"]', /for castor oil/);
    await click('take back');
  });

  it('sizes one bowl for two, weighs it against a bowl each, and keeps either', async () => {
    const { page } = house;
    await house.open('/bowl?mask=towpath-avocado');
    await made(page);
    await clickOn(page, '.share .pill ::-p-text(Pip)');
    await textWhen(page, '[data-test="share"]', /One bowl: \d+ mL. A bowl each: \d+ mL/);
    await textWhen(page, '.needline', /Isaura and Pip usually take/);
    await click('a bowl each');
    await textWhen(page, '.own', /For Pip/);
    await click('Keep these bowls');
    await page.waitForSelector('[data-test="kept-made"]');
    await house.open('/notes?look=log');
    const list = await textWhen(page, '.list', /Towpath avocado/);
    expect(list.match(/Towpath avocado/g)!.length).toBeGreaterThanOrEqual(2);
  });

  it('simulates running short beside the screen and says how many bowls', async () => {
    await house.open('/bowl?mask=towpath-avocado');
    await textWhen(house.page, '.spare', /20,000 simulated bowls/);
    expect(await house.page.$eval('.spare svg', (e) => e.getAttribute('aria-label'))).toMatch(/in 100 come up short/);
  });

  it('says how to have it thinner, and what a cooked amount makes', async () => {
    const { page } = house;
    await house.open('/bowl?mask=galley-egg');
    await made(page);
    await clickOn(page, '.wish .pill ::-p-text(pourable)');
    expect(await textWhen(page, '[data-test="texture-fix"]', /To have it pourable/)).toMatch(
      /add about \d+ mL .* water; or add/,
    );
    await house.open('/bowl?mask=rice-silk');
    await made(page);
    await clickOn(page, '.wish .pill ::-p-text(pourable)');
    await textWhen(page, '[data-test="texture-fix"]', /cook the rice cream thinner: .* more water in the pot/);
    await clickOn(page, '[aria-label="The pot of rice cream"]');
    const pot = await textWhen(page, '[data-test="pot"]', /mL water, 25 min/);
    await click('soaked an hour');
    expect(await textWhen(page, '[data-test="pot"]', /1\d min/)).not.toBe(pot);
    await click('soaked an hour');
    await typeIn(page, '.reverse input', '90');
    await textWhen(page, '[data-test="cooked-makes"]', /6\d\d g/);
    await click('Use all of it');
    await page.waitForSelector('[aria-label="Exactly this much rice cream"][aria-pressed="true"]');
  });
});

describe('ingredients', () => {
  it('show every figure with its source, are corrected, and go back', async () => {
    const { page } = house;
    await house.open('/ingredients/honey');
    expect(await text('table')).toMatch(/USDA FoodData Central, SR Legacy, from memory/);
    await click('Correct it');
    await page.waitForSelector('.form');
    const weight = await page.waitForSelector('::-p-xpath(//label[contains(., "It weighs")]/following::input[1])');
    await weight?.click({ count: 3 });
    await weight?.type('6');
    await click('Keep the correction');
    await textWhen(page, 'table', /Weighed or entered by this household/);
    await click('Back to the built-in figures');
    await page.waitForFunction(() => !document.querySelector('table')?.textContent.includes('this household'));
  });

  it('are added, used in a mask, and then not taken out', async () => {
    const { page } = house;
    await house.open('/ingredients/new');
    await click('Add it');
    await textWhen(page, '.form', /Give it a name|Weigh one level spoon/);
    await typeIn(page, '.form input', 'Heather honey');
    const weight = await page.waitForSelector('::-p-xpath(//label[contains(., "It weighs")]/following::input[1])');
    await weight?.click({ count: 3 });
    await weight?.type('7');
    await click('Add it');
    await textWhen(page, 'h1', /Heather honey/);
    await house.open('/masks/new');
    await typeIn(page, '.names input', 'Moor bowl');
    await typeIn(page, '.written', '2 tbsp heather honey');
    await textWhen(page, '.read', /Heather honey/);
    await page.keyboard.press('Enter');
    await page.waitForFunction(() => document.querySelectorAll('.written').length === 2);
    await typeIn(page, '.line:nth-child(2) .written', '100 g yogurt');
    await click('Put it in the book');
    await textWhen(page, 'h1', /Moor bowl/);
    await house.open('/ingredients/heather-honey');
    await textWhen(page, '[data-test="uses"]', /Moor bowl/);
    await click('Take it out');
    await textWhen(page, '.v-snackbar', /Take it out of “Moor bowl” first/);
    await textWhen(page, 'h1', /Heather honey/);
  });
});

it('prints a clean card of a bowl', async () => {
  const { page } = house;
  await house.open('/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004');
  await page.waitForSelector('.card');
  await page.emulateMediaType('print');
  const shown = await page.$$eval('header, .v-btn, .vessel, .card', (all) =>
    all.map((e) => [
      e.getAttribute('class')?.split(' ')[0],
      getComputedStyle(e).display !== 'none' && e.getClientRects().length > 0,
    ]),
  );
  expect(shown.filter(([, visible]) => visible).map(([name]) => name)).toEqual(['plain-list']);
  await page.emulateMediaType('screen');
});

it('fits a phone and pleases axe in both lights, on the new screens', async () => {
  const screens = ['/masks/new', '/ingredients', '/ingredients/papaya', '/ingredients/new'];
  expect(await screenFaults(house, screens)).toEqual([]);
});

it('never complained on the console', () => {
  expect(house.complaints.filter((words) => !/409|422/.test(words))).toEqual([]);
});
