import { expect, it } from 'vitest';
import { startApp, temporaryFolder } from '../support/app.mjs';
import { launchChromium } from '../support/chromium.mjs';
import { newerBuild } from '../support/newer.mjs';
import { clickOn, keptHere, textWhen } from './house';

it('is brought up to date in mid-day: the day goes on, what is typed stays, and the newer pages come when somebody asks', async () => {
  const data = await temporaryFolder();
  const installed = await temporaryFolder();
  let app = await startApp({ dataFolder: data.folder });
  const { address } = app;
  const { browser, close } = await launchChromium();

  const day = await browser.newPage();
  await day.setViewport({ width: 1280, height: 800 });
  await day.goto(`${address}/make`);
  await textWhen(day, '[data-test="day-sum"]', /rinsed/);
  await clickOn(day, '::-p-text(Begin the wash day)');
  await day.waitForSelector('[data-test="go"]');
  const told = (): Promise<number> => day.$eval('.walk', (element) => Number((element as HTMLElement).dataset['told']));
  const beginning = (): Promise<string> => day.$eval('script[type="module"]', (one) => one.getAttribute('src') ?? '');
  const goOn = async (): Promise<void> => {
    const before = await told();
    await clickOn(day, '[data-test="go"]');
    await expect.poll(told, { timeout: 15_000 }).toBeGreaterThan(before);
  };
  // The pages are on the device, and this one came from there.
  await keptHere(day);
  await day.reload();
  await day.waitForSelector('[data-test="go"]');
  await goOn();
  const older = await beginning();

  const writing = await browser.newPage();
  await writing.goto(`${address}/masks/new`);
  const name = await writing.waitForSelector('input');
  await name?.type('Half a name');

  await app.stop();
  app = await startApp({
    dataFolder: data.folder,
    port: Number(new URL(address).port),
    program: await newerBuild(installed.folder),
  });

  await day.bringToFront();
  await textWhen(day, '[data-test="newer"]', /There is a newer Amber Ladle/);
  // Pages of before go on with the newer server, and what was tapped is told.
  expect(await beginning()).toBe(older);
  await goOn();
  const known = await told();

  await clickOn(day, '[data-test="newer"] button');
  await expect.poll(() => beginning().catch(() => older), { timeout: 60_000 }).not.toBe(older);
  await day.waitForSelector('[data-test="go"]');
  await expect.poll(told, { timeout: 15_000 }).toBe(known);
  await goOn();

  // The page that was written on is told, and left as it is.
  await writing.bringToFront();
  await textWhen(writing, '[data-test="newer"]', /Finish what you write first/);
  expect(await writing.$eval('input', (input) => input.value)).toBe('Half a name');
  expect(await writing.$eval('script[type="module"]', (one) => one.getAttribute('src'))).toBe(older);

  await close();
  await app.stop();
  await data.remove();
  await installed.remove();
}, 120_000);
