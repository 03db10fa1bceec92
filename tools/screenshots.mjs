import { join, dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { mkdirSync } from 'node:fs';
import { startApp, temporaryFolder } from '../e2e/support/app.mjs';
import { launchChromium } from '../e2e/support/chromium.mjs';

/** The main views from the demo household, as the README shows them. */
const VIEWS = [
  // The plan first, since Today goes by it.
  { name: 'weeks', path: '/weeks', height: 1000, planned: true },
  { name: 'today', path: '/' },
  { name: 'bowl', path: '/bowl?mask=towpath-avocado' },
  { name: 'bowl-phone-evening', path: '/bowl?mask=two-yolk-evening', width: 390, height: 844, scheme: 'dark' },
  { name: 'shelf', path: '/shelf' },
  { name: 'book', path: '/shelf/book' },
  { name: 'make', path: '/make' },
  { name: 'wear-evening', path: '/wear', scheme: 'dark' },
  { name: 'notes', path: '/notes', height: 1240 },
  { name: 'kept-bowl', path: '/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004' },
  { name: 'masks', path: '/masks' },
  { name: 'mask', path: '/masks/rice-silk' },
  { name: 'heads', path: '/heads' },
  { name: 'label', path: '/bowls/5d0c1f0e-57e1-4c0e-9f60-3a5b1a3d0004/label' },
  { name: 'paste', path: '/masks/paste', pasted: true },
  { name: 'mask-editor', path: '/masks/new?from=galley-egg' },
  { name: 'ingredients', path: '/ingredients', height: 1500 },
  { name: 'settings', path: '/settings' },
  // Last, since a day under way shows on every screen.
  { name: 'make-step', path: '/make', begin: true },
];

const PASTED = `Banana for a Sunday
2-3 ripe bananas
4 tbsp yogurt (5 if your hair is longer)
1 tbsp hunny or maple syrup
2 tbsp olive oil
Blend it until there is not one lump, and strain it.
On damp hair under a cap, 40 minutes, an hour if you can.
Shampoo once, conditioner on the lengths. Every two weeks.
Careful, it drips.`;

const folder = join(dirname(fileURLToPath(import.meta.url)), '..', 'docs', 'screenshots');
mkdirSync(folder, { recursive: true });
const data = await temporaryFolder();
const app = await startApp({ dataFolder: data.folder });
const chromium = await launchChromium({ isWhole: true });
for (const {
  name,
  path,
  width = 1280,
  height = 800,
  scheme = 'light',
  begin = false,
  full = false,
  pasted = false,
  planned = false,
} of VIEWS) {
  const page = await chromium.browser.newPage();
  await page.setViewport({ width, height });
  await page.emulateMediaFeatures([{ name: 'prefers-color-scheme', value: scheme }]);
  await page.goto(app.address + path);
  await page.waitForSelector('h1');
  if (path.startsWith('/bowl?'))
    await page.waitForFunction(() => /\d mL/.test(document.querySelector('[data-test="made"]')?.textContent ?? ''));
  if (planned)
    await page.waitForFunction(() =>
      /best|better one exists/.test(document.querySelector('[data-test="proof"]')?.textContent ?? ''),
    );
  if (begin) await walkToMeasuring(page);
  if (pasted) await paste(page);
  await page.evaluate(() => document.fonts.ready);
  await new Promise((resolve) => setTimeout(resolve, 500));
  await page.screenshot({ path: join(folder, `${name}.png`), fullPage: full });
  await page.close();
  process.stdout.write(`docs/screenshots/${name}.png\n`);
}
await chromium.close();
await app.stop();
await data.remove();

/** A mask as a friend would write it. */
async function paste(page) {
  await page.focus('[data-test="pasted"]');
  await page.keyboard.sendCharacter(PASTED);
  await page.waitForSelector('[data-test="makes"]');
  await page.evaluate(() => document.activeElement?.blur());
}

/** Begins the day and goes on to the step that measures, a pot on the stove. */
async function walkToMeasuring(page) {
  await page.waitForSelector('[data-test="day-sum"]');
  for (let press = 0; press < 5; press++) {
    await page.keyboard.press('Space');
    await new Promise((resolve) => setTimeout(resolve, 900));
    if (await page.$('[data-test="scale-reading"]')) return;
  }
}
