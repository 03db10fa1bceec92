import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { launchChromium } from '../../e2e/support/chromium.mjs';
import { print } from './print';

/** The longest task on the main thread while the length is dragged for three seconds, sizing and simulating beside it. */
export async function benchDrag(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder });
  const { browser, close } = await launchChromium({ isWhole: true, moves: true });
  const page = await browser.newPage();
  await page.setViewport({ width: 1280, height: 800 });
  await page.goto(`${app.address}/bowl?mask=towpath-avocado`);
  await page.waitForFunction(String.raw`/\d mL/.test(document.querySelector('[data-test="made"]')?.textContent ?? '')`);
  await new Promise((resolve) => setTimeout(resolve, 1500));
  await page.evaluate(`window.longTasks = [];
    new PerformanceObserver((list) => longTasks.push(...list.getEntries().map((entry) => entry.duration))).observe({
      type: 'longtask',
    });`);
  const handle = await (await page.waitForSelector('.handle circle'))?.boundingBox();
  const x = (handle?.x ?? 0) + (handle?.width ?? 0) / 2;
  const y = (handle?.y ?? 0) + (handle?.height ?? 0) / 2;
  await page.mouse.move(x, y);
  await page.mouse.down();
  const began = performance.now();
  while (performance.now() - began < 3000) {
    await page.mouse.move(x, y - 60 - 60 * Math.sin((performance.now() - began) / 300));
    await new Promise((resolve) => setTimeout(resolve, 16));
  }
  await page.mouse.up();
  const tasks = (await page.evaluate('window.longTasks')) as number[];
  print(
    'longest task in a three-second drag (tasks over 50 ms)',
    tasks.length === 0 ? 'under 50 ms (0)' : `${Math.max(...tasks).toFixed(0)} ms (${tasks.length})`,
    'aim < 50 ms',
  );
  await close();
  await app.stop();
  await remove();
}
