import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { openHouse, post, type House } from './house';

let house: House;
let profile: object;
beforeAll(async () => {
  house = await openHouse();
  const [head] = (await (await fetch(`${house.address}/api/heads`)).json()) as { profile: object }[];
  profile = head!.profile;
}, 60_000);
afterAll(() => house.close());

const addHead = async (name: string): Promise<void> => {
  const body = { name, note: '', ageYears: 30, sensitiveSkin: false, profile };
  const { status } = await post(`${house.address}/api/heads`, body);
  if (status !== 201) throw new Error(`No head: ${status}`);
};
/** Waits until a page tells of somebody, without a reload. */
const tellsOf = (page: Page, name: string): Promise<unknown> =>
  page.waitForFunction((wanted) => document.body.textContent.includes(wanted), { timeout: 20_000, polling: 100 }, name);

it('leaves connections free, however many tabs are open, and tells all of them of a change', async () => {
  // A browser has six connections to one server: a stream a tab would stop the seventh.
  const tabs = [house.page];
  while (tabs.length < 9) tabs.push(await house.newPage());
  for (const tab of tabs) {
    await tab.goto(`${house.address}/heads`, { timeout: 15_000 });
    await tab.waitForSelector('h1', { timeout: 15_000 });
  }
  await addHead('Marlo');
  for (const tab of tabs) await tellsOf(tab, 'Marlo');

  // The one that listens for all goes; the next takes over.
  const [first, ...rest] = tabs;
  await first!.goto('about:blank');
  await rest[0]!.bringToFront();
  await addHead('Nila');
  for (const tab of rest) await tellsOf(tab, 'Nila');

  // What happened while nobody could be told is read anew.
  await house.restart('SIGKILL');
  await addHead('Odo');
  for (const tab of rest) await tellsOf(tab, 'Odo');
  for (const tab of rest) await tab.close();
  expect(house.complaints.filter((words) => !/ERR_CONNECTION|ERR_INCOMPLETE|Failed to load/.test(words))).toEqual([]);
}, 150_000);
