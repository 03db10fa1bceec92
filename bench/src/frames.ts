import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { launchChromium } from '../../e2e/support/chromium.mjs';
import { percentile, print } from './print';

/** A frame of a screen that shows sixty a second, milliseconds. */
const FRAME = 1000 / 60;
const SECONDS = 4;

/** Whether the page of the weeks goes on at frame rate while a plan is looked for. */
export async function benchFrames(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder });
  const { browser, close } = await launchChromium({ isWhole: true, moves: true });
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  const gapsFrom = async (words: string): Promise<number[]> => {
    await page.waitForFunction(
      (wanted) => document.querySelector('[data-test="proof"]')?.textContent.includes(wanted),
      { timeout: 60_000 },
      words,
    );
    return page.evaluate(
      (milliseconds) =>
        new Promise<number[]>((done) => {
          const gaps: number[] = [];
          const began = performance.now();
          let last = began;
          const look = (now: number): void => {
            gaps.push(now - last);
            last = now;
            if (now - began < milliseconds) requestAnimationFrame(look);
            else done(gaps.slice(1));
          };
          requestAnimationFrame(look);
        }),
      SECONDS * 1000,
    );
  };
  await page.goto(`${app.address}/weeks`);
  const searching = await gapsFrom('Looking for a better one');
  const resting = await gapsFrom('best');
  const inTime = (gaps: readonly number[]): string =>
    `${((gaps.filter((gap) => gap < 1.5 * FRAME).length / gaps.length) * 100).toFixed(1)} %`;
  print('weeks: frames in time while a plan is looked for', inTime(searching), `at rest ${inTime(resting)}`);
  print('weeks: longest frame while a plan is looked for', `${Math.max(...searching).toFixed(0)} ms`);
  print(
    'weeks: a frame while searching, over one at rest (95 of 100)',
    (percentile(searching, 0.95) / percentile(resting, 0.95)).toFixed(2),
    'aim 1',
  );
  await close();
  await app.stop();
  await remove();
}
