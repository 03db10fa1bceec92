import { readFile } from 'node:fs/promises';
import { isBritish } from '@amber-ladle/words';
import type { Page, SerializedAXNode } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { openHouse, type House } from './house';
import { SCREENS, settled } from './screens';

/** Each screen as somebody hears it: kept in `outlines/`, to be read when it changes (`vitest -u` writes it anew). */
let house: House;
beforeAll(async () => {
  house = await openHouse();
});
afterAll(async () => {
  await house.close();
});

/** What is heard of a node: what it is, what it is called, and how it stands. Figures and moments go on with the clock. */
function heard({ role, name = '', checked, pressed, expanded }: SerializedAXNode): string {
  const still = (words: string): string => words.replace(/[\d¼½¾⅓⅔⅛⅜⅝⅞][\d.,:¼½¾⅓⅔⅛⅜⅝⅞]*/g, '#').trim();
  const states = [
    pressed === undefined ? '' : pressed ? 'pressed' : 'not pressed',
    checked === undefined ? '' : checked ? 'checked' : 'not checked',
    expanded === undefined ? '' : expanded ? 'open' : 'folded',
  ].filter(Boolean);
  return `${role} “${still(name)}”${states.length > 0 ? ` (${states.join(', ')})` : ''}`;
}
/** What has no name is only a box around something, but for the parts of a page. */
const BOXES = new Set([
  'generic',
  'none',
  'group',
  'combobox',
  'alert',
  'status',
  'list',
  'listitem',
  'paragraph',
  'form',
]);
const TEXT = new Set([
  'StaticText',
  'InlineTextBox',
  'LineBreak',
  'LabelText',
  'Legend',
  'DescriptionList',
  'term',
  'definition',
]);
const isTold = ({ role, name = '' }: SerializedAXNode): boolean =>
  !TEXT.has(role) && !(BOXES.has(role) && name.trim() === '') && role !== 'generic';
/** All that is called something or can be acted on, in the order of reading. */
function outlineOf(node: SerializedAXNode, depth = 0): string[] {
  const isSaid = isTold(node);
  const inside = (node.children ?? []).flatMap((child) => outlineOf(child, depth + (isSaid ? 1 : 0)));
  return isSaid ? [`${'  '.repeat(depth)}${heard(node)}`, ...inside] : inside;
}

/** Holds what is heard of a page against what was kept of it. */
async function listenTo(page: Page, name: string): Promise<void> {
  await settled(page);
  const kept = await readFile(new URL(`./outlines/${name}.txt`, import.meta.url), 'utf8').catch(() => '');
  let lines: string[] = [];
  // What is reckoned in the background may come a moment after everything else.
  for (let looks = 0; looks < 20; looks++) {
    const tree = await page.accessibility.snapshot({ interestingOnly: false });
    if (!tree) throw new Error(`Nothing is heard of ${name}.`);
    // A run of the same is told once.
    lines = outlineOf(tree).filter((line, i, all) => line !== all[i - 1]);
    if (`${lines.join('\n')}\n` === kept) break;
    await new Promise((resolve) => setTimeout(resolve, 250));
  }
  await expect(`${lines.join('\n')}\n`).toMatchFileSnapshot(`./outlines/${name}.txt`);
  // Whatever can be acted on is called something.
  expect(lines.filter((line) => /^\s*(?:button|link|textbox|combobox|slider|switch|checkbox) “”/.test(line))).toEqual(
    [],
  );
}
it.each(Object.entries(SCREENS))('%s', async (name, path) => {
  await house.open(path);
  await listenTo(house.page, name);
});

it('weeks, as they were planned before', async () => {
  // Which bowls are found depends on the time there is to search: here nobody searches, and what was kept stands.
  const heads = (await (await fetch(`${house.address}/api/heads`)).json()) as { id: string; name: string }[];
  const idOf = (name: string): string => heads.find((head) => head.name === name)?.id ?? '';
  const bowl = (day: string, maskId: string, ...names: string[]) => ({
    day,
    at: `${day}T17:00:00.000Z`,
    maskId,
    headIds: names.map(idOf),
    isPinned: false,
    lines: [{ ingredientId: 'aloe-gel', grams: 144 }],
  });
  const answer = await fetch(`${house.address}/api/weeks/plan`, {
    method: 'PUT',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({
      day: '2026-03-14',
      days: 14,
      bowls: [bowl('2026-03-15', 'still-water', 'Pip', 'Teo'), bowl('2026-03-18', 'towpath-avocado', 'Isaura')],
      chills: [],
      freezes: [],
      otherwise: [],
      lostGrams: 900,
      byDayLostGrams: 1_400,
      isProven: true,
    }),
  });
  expect(answer.status).toBe(200);
  const page = await house.newPage();
  await page.evaluateOnNewDocument(() => {
    const silent = (): object => Object.assign(new EventTarget(), { postMessage: () => 0, terminate: () => 0 });
    window.Worker = new Proxy(Worker, {
      construct: (known, [url, options]: [string | URL, WorkerOptions]) =>
        /weeks/.test(String(url)) ? silent() : new known(url, options),
    });
  });
  await page.goto(`${house.address}/weeks`);
  await page.waitForFunction(() => document.querySelectorAll('.card').length >= 2);
  await listenTo(page, 'weeks');
  await page.close();
});

/** Names of things that come with the app; they are spelt as they are, like whatever is written by hand. */
const NAMES = /glycerine|gelatine/gi;

it('is spelt the American way where one reads so, on every screen', async () => {
  const { page } = house;
  const seen = (await (await fetch(`${house.address}/api/settings`)).json()) as { locale: string };
  const answer = await fetch(`${house.address}/api/settings`, {
    method: 'PATCH',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ change: { locale: 'en-US' }, seen: { locale: seen.locale } }),
  });
  expect(answer.status).toBe(200);
  const british: string[] = [];
  for (const path of [...Object.values(SCREENS), '/weeks']) {
    await house.open(path);
    await settled(page);
    const words = await page.evaluate(() => [
      ...document.body.innerText.split('\n'),
      ...[...document.querySelectorAll('[aria-label], [title], [placeholder]')].flatMap((one) =>
        ['aria-label', 'title', 'placeholder'].map((name) => one.getAttribute(name) ?? ''),
      ),
    ]);
    british.push(...words.filter((one) => isBritish(one.replace(NAMES, ''))).map((one) => `${path}: ${one}`));
  }
  expect(british).toEqual([]);
});
