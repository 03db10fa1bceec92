import { TargetType, type Page } from 'puppeteer-core';
import { startApp, temporaryFolder } from '../../e2e/support/app.mjs';
import { launchChromium } from '../../e2e/support/chromium.mjs';
import { shownKey } from '../../e2e/support/door.mjs';
import { print } from './print';

/** A slow phone in a far corner of the house: 1.6 Mbit/s down, 0.75 up, 150 ms there and back, a quarter of this machine's pace. */
const SLOW = { offline: false, latency: 150, downloadThroughput: 1_600_000 / 8, uploadThroughput: 750_000 / 8 };
/**
 * Looks at each frame whether it says what to take, and notes when it first does, milliseconds since the address was asked for. A
 * page that is busy tells nobody so before it is done: whoever holds the phone has read it by then.
 */
const LOOK = String.raw`
  const look = () => {
    const lines = [...document.querySelectorAll('#first li, [aria-label="Measures"] li')];
    if (lines.some((line) => line.checkVisibility() && /\d m?[gL]/.test(line.textContent))) window.seenAt = performance.now();
    else requestAnimationFrame(look);
  };
  requestAnimationFrame(look);`;

/** Milliseconds to the first card, and the bytes that came through the air for it. */
async function firstCard(page: Page, address: string): Promise<{ milliseconds: number; bytes: number }> {
  const client = await page.createCDPSession();
  await client.send('Network.enable');
  await client.send('Network.emulateNetworkConditions', SLOW);
  await client.send('Emulation.setCPUThrottlingRate', { rate: 4 });
  let bytes = 0;
  client.on('Network.loadingFinished', ({ encodedDataLength }) => (bytes += encodedDataLength));
  await page.evaluateOnNewDocument(LOOK);
  // Not waited for: everything that comes after the card is not the card.
  const going = page.goto(address);
  await page.waitForFunction('window.seenAt', { polling: 20, timeout: 60_000 });
  const counted = bytes;
  const milliseconds = (await page.evaluate('window.seenAt')) as number;
  await going;
  await client.send('Emulation.setCPUThrottlingRate', { rate: 1 });
  await client.send('Network.emulateNetworkConditions', {
    offline: false,
    latency: 0,
    downloadThroughput: -1,
    uploadThroughput: -1,
  });
  await client.detach();
  return { milliseconds, bytes: counted };
}

/** The first card on a slow phone that came in by the door: never there before, and with the pages kept on it. */
export async function benchPhone(): Promise<void> {
  const { folder, remove } = await temporaryFolder();
  const app = await startApp({ dataFolder: folder, env: { AMBER_LADLE_NAMES: '127.0.0.2' } });
  const ask = async <T>(method: string, path: string, body: object = {}): Promise<T> => {
    const sent = { method, headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) };
    return (await (await fetch(app.address + path, sent)).json()) as T;
  };
  const { addresses } = await ask<{ addresses: string[] }>('PUT', '/api/door', { isOpen: true });
  const { text } = await ask<{ text: string }>('POST', '/api/door/code');
  const origin = addresses[0] ?? '';
  const { browser, close } = await launchChromium({ isWhole: true, moves: true, trusts: await shownKey(origin) });
  const page = await browser.newPage();
  await page.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await page.goto(`${origin}/join?code=${text}`);
  await page.evaluate(`document.querySelector('[name=to]').value = '/ladle.svg'`);
  await Promise.all([page.waitForNavigation(), page.click('button')]);
  const cold = await firstCard(page, `${origin}/bowl`);
  await page.evaluate('navigator.serviceWorker.ready.then(() => undefined)');
  await new Promise((resolve) => setTimeout(resolve, 3000));
  // Opened again, as a phone opens what is on its first screen: not a page that was there a moment ago.
  const again = await browser.newPage();
  // What keeps the pages asks the house itself, through the same air.
  const keeper = await (
    await browser.waitForTarget((target) => target.type() === TargetType.SERVICE_WORKER)
  ).createCDPSession();
  await keeper.send('Network.enable');
  await keeper.send('Network.emulateNetworkConditions', SLOW);
  await again.setViewport({ width: 390, height: 844, isMobile: true, hasTouch: true });
  await page.close();
  const kept = await firstCard(again, `${origin}/bowl`);
  const words = ({ milliseconds, bytes }: typeof cold): string =>
    `${(milliseconds / 1000).toFixed(1)} s (${(bytes / 1024).toFixed(0)} kB)`;
  print('first card on a slow phone, never there before', words(cold), 'aim ≤ 3 s');
  print('the same, pages kept on the phone', words(kept), 'aim ≤ 1 s');
  await close();
  await app.stop();
  await remove();
}
