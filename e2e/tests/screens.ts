import axe from 'axe-core';
import type { CDPSession, Page } from 'puppeteer-core';
import type { House } from './house';

/** Where each screen of the demo is, by what it is called in `outlines/`; the weeks are planned anew, and stand for themselves. */
export const SCREENS = {
  today: '/',
  shelf: '/shelf',
  book: '/shelf/book',
  bowl: '/bowl',
  make: '/make',
  wear: '/wear',
  notes: '/notes',
  masks: '/masks',
  mask: '/masks/towpath-avocado',
  'mask-new': '/masks/new',
  'mask-paste': '/masks/paste',
  heads: '/heads',
  'head-new': '/heads/new',
  settings: '/settings',
  benches: '/benches',
  ingredients: '/ingredients',
  ingredient: '/ingredients/avocado',
  'kept-bowl': '/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004',
};

/** What can be wrong with a screen: by axe, and by measure. */

/** Accessibility faults that axe finds on the page as it stands. @param rules those to look at; all of them where it is left out */
export async function axeFaults(page: Page, rules?: readonly string[]): Promise<string[]> {
  // What is fading in has the contrast of neither before nor after.
  await settled(page);
  if (!(await page.evaluate(() => 'axe' in window))) await page.evaluate(axe.source);
  const options = { resultTypes: ['violations'], ...(rules ? { runOnly: { type: 'rule', values: rules } } : {}) };
  const { violations } = (await page.evaluate(`axe.run(document, ${JSON.stringify(options)})`)) as {
    violations: { id: string; nodes: { html: string; failureSummary?: string }[] }[];
  };
  return violations.map(
    ({ id, nodes }) =>
      `${id}: ${nodes.map((node) => `${node.html.slice(0, 160)} ${node.failureSummary ?? ''}`).join(' | ')}`,
  );
}

/** A size of the window, whether it is held in the hand, and the size that the browser is set to write in. */
interface Held {
  readonly width: number;
  readonly height: number;
  readonly inHand: boolean;
  readonly letters?: number;
}
export const WIDE: Held = { width: 1280, height: 800, inHand: false };
export const PHONE: Held = { width: 390, height: 844, inHand: true };
/** The narrowest there is (WCAG 2.2, 1.4.10), and letters twice as large (1.4.4), on a phone and on a laptop. */
const STRAINS: readonly Held[] = [
  { ...PHONE, width: 320 },
  { ...PHONE, letters: 32 },
  { ...WIDE, letters: 32 },
];
/** Where hands are wet, and what they touch is larger. */
const WET: ReadonlySet<string> = new Set(['/make', '/wear']);
/** What the browser writes in unless told otherwise, px. */
const USUAL_LETTERS = 16;

/** Holds the page otherwise, without a reload. */
export async function hold(client: CDPSession, page: Page, { width, height, inHand, letters }: Held): Promise<void> {
  const standard = letters ?? USUAL_LETTERS;
  await client.send('Emulation.setTouchEmulationEnabled', { enabled: inHand });
  await client.send('Emulation.setDeviceMetricsOverride', { width, height, deviceScaleFactor: 1, mobile: inHand });
  await client.send('Page.setFontSizes', { fontSizes: { standard, fixed: Math.round(standard * 0.8) } });
  await settled(page);
}

/** Opens whatever is folded, so that it is looked at too. */
async function unfold(page: Page): Promise<void> {
  await settled(page);
  await page.$$eval('main details:not([open])', (folds) => {
    for (const fold of folds) fold.open = true;
  });
}

/** What does not count its padding and border into its size, as everything else does: a field like that is half as tall again. */
const measuredOtherwise = (page: Page): Promise<string[]> =>
  // Looked for and looked at in one breath: what a page has taken away meanwhile has no measure at all.
  page.evaluate(() =>
    [...document.querySelectorAll('main *')]
      .filter((element) => element instanceof HTMLElement && getComputedStyle(element).boxSizing !== 'border-box')
      .slice(0, 3)
      .map((element) => `${element.tagName}.${element.className}`),
  );

/** By how much the page is wider than the window, and what pushes it. */
const over = (page: Page): Promise<string[]> =>
  page.evaluate(() => {
    const { scrollWidth, clientWidth } = document.documentElement;
    if (scrollWidth <= clientWidth) return [];
    const pushing = [...document.querySelectorAll('main *')].filter(
      (element) => element.checkVisibility() && element.getBoundingClientRect().right > clientWidth + 1,
    );
    const inmost = pushing.filter((element) => !pushing.some((other) => other !== element && element.contains(other)));
    return [
      `${scrollWidth - clientWidth} px`,
      ...inmost
        .slice(0, 3)
        .map((element) => `${element.tagName}.${element.className} ${element.textContent.slice(0, 30)}`),
    ];
  });

/**
 * Targets smaller than a finger (44 px; WCAG 2.2, 2.5.8 asks for 24), and letters below 14 px. A link within a sentence is as tall as it;
 * the landmarks beside the drawn head stand as close as they are on a head, and the field below does the same.
 */
export const smallThings = (page: Page, least: number, within = 'body'): Promise<string[]> =>
  page.evaluate(
    (size, where) => {
      const place = document.querySelector(where) ?? document.body;
      const found: string[] = [];
      const isSeen = (element: Element): boolean =>
        element.checkVisibility({ opacityProperty: true, visibilityProperty: true });
      const named = (element: Element): string =>
        `${element.tagName.toLowerCase()}.${element.getAttribute('class') ?? ''} “${(element.getAttribute('aria-label') ?? element.textContent).trim().slice(0, 40)}”`;
      const CONTROLS =
        'a[href], button, input, select, textarea, summary, [role="button"], [role="slider"], [role="tab"]';
      for (const element of place.querySelectorAll(CONTROLS)) {
        if (
          !isSeen(element) ||
          element.matches('.skip, .mark, .sr-only, .v-field *:not(input, textarea), [aria-hidden="true"]')
        )
          continue;
        const isInSentence =
          element.tagName === 'A' &&
          getComputedStyle(element).display === 'inline' &&
          element.parentElement?.textContent.trim() !== element.textContent.trim();
        const box = (element.closest('.v-field, .v-selection-control, label') ?? element).getBoundingClientRect();
        // A name is a target of its own width where nothing stands beside it.
        const isNarrow = box.width < size - 1 && element.tagName !== 'A';
        if (!isInSentence && box.width > 0 && (box.height < size - 1 || isNarrow))
          found.push(`${Math.round(box.width)}×${Math.round(box.height)} ${named(element)}`);
      }
      const walker = document.createTreeWalker(place, NodeFilter.SHOW_TEXT);
      while (walker.nextNode()) {
        const element = walker.currentNode.parentElement;
        if (
          !element ||
          walker.currentNode.textContent?.trim() === '' ||
          !isSeen(element) ||
          element.closest('.sr-only, .skip')
        )
          continue;
        const svg = element.closest('svg');
        const scale = svg?.viewBox.baseVal.width ? svg.getBoundingClientRect().width / svg.viewBox.baseVal.width : 1;
        const letters = Number.parseFloat(getComputedStyle(element).fontSize) * scale;
        if (letters < 13.95) found.push(`${letters.toFixed(1)} px ${named(element)}`);
      }
      return [...new Set(found)];
    },
    least,
    within,
  );

/**
 * What is wrong with screens: by axe; by what is painted, in either light; and by measure as they are on a laptop and in the hand, where they are narrowest and
 * where letters are twice as large. Each is opened once.
 */
export async function screenFaults({ page, open }: House, screens: readonly string[]): Promise<[string, unknown][]> {
  const faults: [string, unknown][] = [];
  const found = (where: string, what: readonly string[]): unknown => what.length > 0 && faults.push([where, what]);
  const client = await page.createCDPSession();
  await client.send('Page.enable');
  const light = (value: string): Promise<void> => page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value }]);
  await light('light');
  for (const path of screens) {
    await open(path);
    await unfold(page);
    found(`${path} (measured otherwise)`, await measuredOtherwise(page));
    found(`${path} (light)`, await axeFaults(page));
    found(`${path} (pale)`, await paleWords(page, client));
    // With a mouse, half a finger will do.
    found(`${path} (small)`, await smallThings(page, 24));
    await light('dark');
    await page.waitForSelector('.v-theme--evening');
    // Of all that axe looks at, the light changes the colours.
    found(`${path} (pale, dark)`, await paleWords(page, client));
    await light('light');
    await hold(client, page, PHONE);
    found(`${path} (in the hand)`, await axeFaults(page));
    found(`${path} (small in the hand)`, await smallThings(page, 44));
    if (WET.has(path)) found(`${path} (small in a wet hand)`, await smallThings(page, 64, '#main .page'));
    found(`${path} (too wide for a phone)`, await over(page));
    for (const strain of STRAINS) {
      await hold(client, page, strain);
      found(`${path} (too wide for ${strain.width}, letters of ${strain.letters ?? USUAL_LETTERS})`, await over(page));
    }
    await hold(client, page, WIDE);
  }
  await client.detach();
  await page.setViewport({ width: 1280, height: 800 });
  return faults;
}
/** Waits until the page has come to rest: nothing is added any more, and nothing moves but what moves for ever. */
export async function settled(page: Page): Promise<void> {
  let before = '';
  for (let looks = 0; looks < 30; looks++) {
    const { size, moving } = await page.evaluate(() => ({
      size: document.body.innerHTML.length,
      moving: document
        .getAnimations()
        .filter((one) => one.playState === 'running' && one.effect?.getComputedTiming().iterations !== Infinity).length,
    }));
    const now = `${size} ${moving}`;
    if (now === before && moving === 0) return;
    before = now;
    await new Promise((resolve) => setTimeout(resolve, 120));
  }
}

/** Colours that text must differ from its ground by (WCAG 2.2, 1.4.3): letters from 24 px on, or 18.66 px in bold, are large. */
const LEAST_CONTRAST = { usual: 4.5, large: 3 } as const;
/** The page without its letters. */
const UNLETTERED = `
  * { -webkit-text-fill-color: transparent !important; transition: none !important; text-shadow: none !important }
  svg text, svg tspan { fill: transparent !important; stroke: none !important }`;
/** Of the ground below a word so much may be a thin line that crosses it. */
const CROSSED = 0.06;

/**
 * Words that do not stand out from what is painted below them, in drawings too, where axe sees no ground: the page is painted without its
 * letters, and each word's colour is held against every pixel that it covers. @param client the session that holds the page at its size: what one
 * session holds is let go where it is detached
 */
export async function paleWords(page: Page, client: CDPSession): Promise<string[]> {
  // A page on which something came in between, such as a better plan, is painted once more.
  for (let tries = 1; ; tries++) {
    const before = await wordsOf(page);
    const found = await paleOnce(page, client);
    if (found.length === 0 || tries >= 6 || (await wordsOf(page)) === before) return found;
  }
}
const wordsOf = (page: Page): Promise<string> => page.evaluate(() => document.body.innerText);

async function paleOnce(page: Page, client: CDPSession): Promise<string[]> {
  const { width, height } = await page.evaluate(() => {
    const { clientWidth, scrollHeight } = document.documentElement;
    return { width: clientWidth, height: Math.min(scrollHeight, 6_000) };
  });
  // As high as it is long, so that nothing has to be scrolled to.
  await client.send('Emulation.setDeviceMetricsOverride', { width, height, deviceScaleFactor: 1, mobile: false });
  await page.evaluate((css) => {
    const unlettered = new CSSStyleSheet();
    unlettered.replaceSync(css);
    document.adoptedStyleSheets = [...document.adoptedStyleSheets, unlettered];
  }, UNLETTERED);
  await settled(page);
  const painted = await page.screenshot({ encoding: 'base64' });
  await page.evaluate(() => (document.adoptedStyleSheets = document.adoptedStyleSheets.slice(0, -1)));
  const found = await page.evaluate(
    async (picture, least, crossed) => {
      const bytes = Uint8Array.from(atob(picture), (one) => one.charCodeAt(0));
      const image = await createImageBitmap(new Blob([bytes], { type: 'image/png' }));
      const canvas = document.createElement('canvas');
      [canvas.width, canvas.height] = [image.width, image.height];
      const brush = canvas.getContext('2d', { willReadFrequently: true });
      if (!brush) return ['no canvas'];
      brush.drawImage(image, 0, 0);
      const dot = document.createElement('canvas').getContext('2d', { willReadFrequently: true });
      /** Any way of writing a colour, as its parts. */
      const partsOf = (colour: string): readonly number[] => {
        if (!dot) return [0, 0, 0, 255];
        dot.clearRect(0, 0, 1, 1);
        dot.fillStyle = colour;
        dot.fillRect(0, 0, 1, 1);
        return [...dot.getImageData(0, 0, 1, 1).data];
      };
      const luminance = (parts: readonly number[]): number => {
        const [r = 0, g = 0, b = 0] = parts.map((part) =>
          part / 255 <= 0.04045 ? part / 255 / 12.92 : ((part / 255 + 0.055) / 1.055) ** 2.4,
        );
        return 0.2126 * r + 0.7152 * g + 0.0722 * b;
      };
      const pale: string[] = [];
      const walker = document.createTreeWalker(document.body, NodeFilter.SHOW_TEXT);
      while (walker.nextNode()) {
        const node = walker.currentNode;
        const element = node.parentElement;
        const words = node.textContent?.trim() ?? '';
        if (!element || words === '' || element.closest('.sr-only, .skip, [disabled], [aria-disabled="true"], [inert]'))
          continue;
        if (!element.checkVisibility({ opacityProperty: true, visibilityProperty: true })) continue;
        const range = document.createRange();
        range.selectNodeContents(node);
        const box = range.getBoundingClientRect();
        const [x, y] = [Math.max(0, Math.floor(box.left)), Math.max(0, Math.floor(box.top))];
        const [w, h] = [
          Math.min(Math.ceil(box.width), canvas.width - x),
          Math.min(Math.ceil(box.height), canvas.height - y),
        ];
        if (w < 2 || h < 2) continue;
        const style = getComputedStyle(element);
        const isDrawn = element instanceof SVGElement;
        const [r = 0, g = 0, b = 0, a = 255] = partsOf(isDrawn ? style.fill : style.color);
        // Written to hold a place only.
        if (a === 0) continue;
        let seen = a / 255;
        for (let one: Element | null = element; one; one = one.parentElement)
          seen *= Number(getComputedStyle(one).opacity);
        const { data } = brush.getImageData(x, y, w, h);
        const ratios: number[] = [];
        for (let i = 0; i < data.length; i += 4) {
          const ground = [data[i] ?? 0, data[i + 1] ?? 0, data[i + 2] ?? 0];
          const letter = [r, g, b].map((part, k) => part * seen + (ground[k] ?? 0) * (1 - seen));
          const [light, dark] = [luminance(letter), luminance(ground)].sort((one, other) => other - one);
          ratios.push(((light ?? 0) + 0.05) / ((dark ?? 0) + 0.05));
        }
        ratios.sort((one, other) => one - other);
        const worst = ratios[Math.floor(ratios.length * crossed)] ?? 21;
        const size = Number.parseFloat(style.fontSize);
        const isLarge = size >= 24 || (size >= 18.66 && Number(style.fontWeight) >= 700);
        if (worst < (isLarge ? least.large : least.usual))
          pale.push(
            `${worst.toFixed(2)} “${words.slice(0, 40)}” ${element.tagName}.${element.getAttribute('class') ?? ''} in ${element.parentElement?.getAttribute('class') ?? ''}`,
          );
      }
      return [...new Set(pale)];
    },
    painted,
    LEAST_CONTRAST,
    CROSSED,
  );
  await hold(client, page, WIDE);
  return found;
}
