import { CATALOGUE, FAMILY_ROWS } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { SOURCES } from '@amber-ladle/core/source';
import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { temporaryFolder } from '../support/app.mjs';
import { markedBuild, MARKS } from '../support/marked.mjs';
import { openHouse, type House } from './house';
import { SCREENS, settled } from './screens';

/**
 * Every screen in a language that is none, in which all that comes from the words stands in marks: what is read outside of them was
 * written into a page, and would stay English in every language.
 */
let house: House;
let program: Awaited<ReturnType<typeof temporaryFolder>>;
/** What the household calls its things, as the server told the page. */
const called = new Set<string>();
beforeAll(async () => {
  program = await temporaryFolder();
  house = await openHouse({ program: await markedBuild(program.folder) });
  keep([[...CATALOGUE.values()], FAMILY_ROWS, BUILT_IN_MASKS, SPOON_SETS, SOURCES, 'Amber Ladle']);
  keep(new Intl.DisplayNames('en-GB', { type: 'region' }).of('GB') ?? '');
  // A noun, a size and a state are called something, small as they are written.
  for (const { state, pieces } of CATALOGUE.values())
    for (const name of [
      state,
      ...(pieces ? [pieces.noun, `${pieces.noun}s`, ...pieces.sizes.map((size) => size.name)] : []),
    ])
      called.add(plainly(name));
  house.page.on('response', (response) => {
    if (response.url().includes('/api/') && /json/.test(response.headers()['content-type'] ?? ''))
      void response.json().then(keep, () => undefined);
  });
}, 240_000);
afterAll(async () => {
  await house.close();
  await program.remove();
});

/** Words alone, small. */
const plainly = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{N}’'-]+/gu, ' ')
    .trim();
/** Names and notes; a lone small word is what the code tells things apart by. */
function keep(value: unknown): void {
  if (typeof value === 'string') {
    if (!/^[a-z][a-z0-9-]*$/.test(value)) called.add(plainly(value));
  } else if (typeof value === 'object' && value !== null) Object.values(value).forEach(keep);
}

const CALENDAR = new Set(
  ['en-GB', 'en-US'].flatMap((locale) =>
    Array.from({ length: 366 }, (_, i) => Date.UTC(2026, 0, 1 + i)).flatMap((at) =>
      [{ weekday: 'long' }, { weekday: 'short' }, { month: 'long' }, { month: 'short' }].map((how) =>
        new Intl.DateTimeFormat(locale, { ...how, timeZone: 'UTC' } as Intl.DateTimeFormatOptions)
          .format(at)
          .toLowerCase(),
      ),
    ),
  ),
);
/** Units and the household's spoons, which a card writes as cooks abbreviate them. */
const UNITS = new Set(
  'ml g kg cm cm² mm min h µm mpa·s ph kb mb x am pm tsp tbsp cup cups centimetres centimeters inches'.split(' '),
);

/** What of a text stands outside of the marks, or was put into it from elsewhere: its pieces between signs and figures. */
function outside(text: string): string[] {
  const inside: boolean[] = [false];
  let plain = '';
  for (const sign of text.replace(/https?:\S+/g, '')) {
    if (sign === MARKS.text[0]) inside.push(true);
    else if (sign === MARKS.put[0]) inside.push(false);
    else if (sign === MARKS.text[1] || sign === MARKS.put[1]) inside.pop();
    else {
      plain += inside.at(-1) ? '|' : sign;
      continue;
    }
    plain += '|';
  }
  return plain
    .split('|')
    .flatMap((segment) => (isCalled(segment) ? [] : segment.split(': ')))
    .filter((segment) => !isCalled(segment))
    .flatMap((segment) => segment.split(/[,.;:·()/–—…“”"&+×%°→⅛¼½¾⅓⅔\d]+/u))
    .map((piece) => piece.trim().toLowerCase())
    .filter((piece) => /\p{L}{2}/u.test(piece));
}
/** A word or two must be of a name; more of them may be of a note. */
function isCalled(text: string): boolean {
  const piece = plainly(text);
  const isLong = piece.split(' ').length > 2;
  return [...called].some((name) => (isLong || name.split(' ').length <= 5) && ` ${name} `.includes(` ${piece} `));
}
const isData = (piece: string): boolean => {
  if (isCalled(piece)) return true;
  const words = piece.split(/\s+/).filter((word) => !UNITS.has(word) && !CALENDAR.has(word));
  if (words.length === 0) return true;
  return isCalled(words.join(' '));
};

/** All that is read on a page, seen or heard. */
const readOn = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const texts = new Set<string>();
    const walk = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
    for (let node = walk.nextNode(); node; node = walk.nextNode())
      if (!node.parentElement?.closest('script, style, noscript')) texts.add(node.textContent ?? '');
    for (const element of document.querySelectorAll('body *'))
      for (const name of ['aria-label', 'title', 'placeholder', 'alt', 'aria-description', 'aria-valuetext'])
        texts.add(element.getAttribute(name) ?? '');
    texts.add(document.title);
    return [...texts];
  });

it.each([...Object.values(SCREENS), '/weeks', '/nowhere'])('has no word of its own: %s', async (path) => {
  await house.open(path);
  await settled(house.page);
  // What is folded is read too.
  await house.page.$$eval('details', (all) => {
    for (const one of all) one.open = true;
  });
  await settled(house.page);
  const texts = await readOn(house.page);
  expect(texts.some((text) => text.includes(MARKS.text[0]))).toBe(true);
  expect(texts.filter((text) => outside(text).some((piece) => !isData(piece)))).toEqual([]);
});
