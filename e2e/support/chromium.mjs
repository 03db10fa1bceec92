import { existsSync } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import puppeteer from 'puppeteer-core';

/** Where Chromium may be: named by CHROMIUM_PATH, or where Debian and others put it. */
const PLACES = [process.env.CHROMIUM_PATH, '/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
/** Where Debian puts the one that draws pages and has no window around them. */
const SHELL = '/usr/bin/chromium-headless-shell';

/** The path of a Chromium, or undefined when there is none. */
export function findChromium() {
  return PLACES.find((path) => path && existsSync(path));
}
/** The path of a Chromium without a window: it draws the same pages with little more than half the work. Undefined when there is none. */
export function findShell() {
  return process.env.CHROMIUM_PATH || !existsSync(SHELL) ? undefined : SHELL;
}

/**
 * A headless Chromium with a profile of its own, which goes with it.
 * @param {{ isTrusting?: boolean, isWhole?: boolean, moves?: boolean, trusts?: string }} [how] `isTrusting`: somebody went on past the question about a certificate;
 * `isWhole`: with all that lies around a page, as people have it: what it tells a locked screen, and what is measured and pictured;
 * `moves`: with the motion that people have who ask for no less; the benchmarks measure that;
 * `trusts`: it has this one in its store, named by the SHA-256 of its public key
 * @returns {Promise<{ browser: import('puppeteer-core').Browser, close: () => Promise<void> }>}
 */
export async function launchChromium({ isTrusting = false, isWhole = false, moves = false, trusts } = {}) {
  const executablePath = (isWhole ? undefined : findShell()) ?? findChromium();
  if (!executablePath) throw new Error('No Chromium found; name one in CHROMIUM_PATH.');
  const userDataDir = await mkdtemp(join(tmpdir(), 'amber-ladle-chromium-'));
  const browser = await puppeteer.launch({
    executablePath,
    userDataDir,
    acceptInsecureCerts: isTrusting,
    args: [
      '--headless',
      '--no-sandbox',
      '--disable-gpu',
      '--disable-quic',
      '--no-first-run',
      '--disable-background-networking',
      '--disable-component-update',
      '--disable-sync',
      '--force-color-profile=srgb',
      ...(moves ? [] : ['--force-prefers-reduced-motion']),
      ...(trusts === undefined ? [] : [`--ignore-certificate-errors-spki-list=${trusts}`]),
    ],
  });
  return {
    browser,
    async close() {
      await browser.close();
      await rm(userDataDir, { recursive: true, force: true, maxRetries: 5 });
    },
  };
}
