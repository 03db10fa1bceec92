import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { aDay } from '@amber-ladle/core/testing';
import { bareMinutes, planDay, type PlanStep } from '@amber-ladle/core/washday';
import type { Page } from 'puppeteer-core';
import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { launchChromium } from '../../e2e/support/chromium.mjs';
import { percentile, print, timed } from './print';

/** Two bowls on one day, each for a head of its own: 20 to 28 steps. */
function twoBowls(maskId: string, other: string): readonly PlanStep[] {
  const second = aDay(other).map((step) => ({
    ...step,
    id: `2.${step.id}`,
    after: step.after.map((link) => ({ ...link, stepId: `2.${link.stepId}` })),
  }));
  return [...aDay(maskId), ...second];
}

/** Plans of days with two heads and 25 steps, and the clock over reloads and devices. */
export async function benchWashDay(): Promise<void> {
  const options = { kitchen: { rings: 1 }, wish: { kind: 'start-at', at: 0 } as const, now: 0 };
  const samples: number[] = [];
  const crowdedSamples: number[] = [];
  let proven = 0;
  let all = 0;
  let count = 0;
  for (let round = 0; round < 4; round++)
    BUILT_IN_MASKS.forEach(({ id }, i) => {
      const steps = aDay(id, 2, {}, round % 2 === 1);
      samples.push(timed(() => planDay(steps, options)));
      const crowd = twoBowls(id, BUILT_IN_MASKS[(i * 7 + round) % BUILT_IN_MASKS.length]?.id ?? id);
      all++;
      count += crowd.length;
      crowdedSamples.push(timed(() => void (proven += planDay(crowd, options).isProven ? 1 : 0)));
    });
  const steps = aDay('rice-silk', 2);
  print(
    'plan of a day, two heads (p99)',
    `${percentile(samples, 0.99).toFixed(0)} ms`,
    `median ${percentile(samples, 0.5).toFixed(0)} ms; its bare length takes ${percentile(
      Array.from({ length: 20 }, () => timed(() => bareMinutes(steps, options.kitchen))),
      0.5,
    ).toFixed(1)} ms`,
  );
  print(
    `plan of two bowls, ${(count / all).toFixed(0)} steps on average (p99)`,
    `${percentile(crowdedSamples, 0.99).toFixed(0)} ms`,
    `aim < 200 ms; median ${percentile(crowdedSamples, 0.5).toFixed(0)} ms, ${proven} of ${all} proven best`,
  );

  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder });
  const { browser, close } = await launchChromium({ isWhole: true, moves: true });
  const open = async (): Promise<Page> => {
    const page = await browser.newPage();
    await page.goto(`${app.address}/make`);
    return page;
  };
  const page = await open();
  await page.waitForSelector('[data-test="day-sum"]');
  await page.keyboard.press('Space');
  await page.waitForSelector('[data-test="title"]');
  const second = await open();
  await second.waitForSelector('[data-test="title"]');

  const latencies: number[] = [];
  for (let i = 0; i < 12; i++) {
    const told = await second.$eval('.walk', (one) => one.getAttribute('data-told'));
    const began = performance.now();
    await page.keyboard.press(i % 2 === 0 ? 'Space' : 'Backspace');
    await second.waitForFunction(
      `document.querySelector('.walk')?.getAttribute('data-told') !== ${JSON.stringify(told)}`,
      { polling: 10 },
    );
    latencies.push(performance.now() - began);
    await new Promise((resolve) => setTimeout(resolve, 300));
  }
  print('from a press on one device to the other (median)', `${percentile(latencies, 0.5).toFixed(0)} ms`);
  await second.close();

  const drift = await driftOfAnHour(app.address, page);
  print('drift of a 60-minute timer over six reloads', `${drift.toFixed(0)} s`, 'aim 0');
  await close();
  await app.stop();
  await remove();
}

/** Puts a cap on, lets an hour pass with reloads between, and compares what the ring says with what the clock says. */
async function driftOfAnHour(address: string, page: Page): Promise<number> {
  const ask = async (path: string, body?: object): Promise<Record<string, unknown>> => {
    const init = body && {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify(body),
    };
    return (await (await fetch(`${address}/api${path}`, init)).json()) as Record<string, unknown>;
  };
  const { items } = (await ask('/bowls')) as { items?: { id: string; headId: string }[] };
  const [bowl] = items ?? [];
  const life = await ask(`/bowls/${bowl?.id}/wear`, { isCapOn: true });
  const wornFrom = Date.parse(
    (life['wearing'] as Record<string, { wornFrom: string }>)[bowl?.headId ?? '']?.wornFrom ?? '',
  );
  let worst = 0;
  for (let i = 0; i < 6; i++) {
    await ask('/devices/clock', { minutes: 9 });
    await page.reload();
    await page.waitForSelector('[data-test="pot"] .clock');
    const shown = await page.$eval('[data-test="pot"] .clock', (one) => one.textContent);
    const left = shown.split(':').reduce((sum: number, part: string) => sum * 60 + parseInt(part, 10), 0);
    const { now } = (await ask('/health')) as { now: string };
    const expected = (wornFrom + 60 * 60_000 - Date.parse(now)) / 1000;
    worst = Math.max(worst, Math.abs(left - expected) - 1);
  }
  return Math.max(0, worst);
}
