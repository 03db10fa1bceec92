import type { Page } from 'puppeteer-core';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { clickOn, keepWithoutTaking, keptHere, made, openHouse, textWhen, type House } from './house';

/** Every screen there is to see; what is only a form for something new asks nothing. */
const SCREENS = [
  '/',
  '/weeks',
  '/shelf',
  '/shelf/book',
  '/bowl',
  '/make',
  '/wear',
  '/notes',
  '/masks',
  '/masks/rice-silk',
  '/masks/new',
  '/masks/paste',
  '/ingredients',
  '/ingredients/honey',
  '/heads',
  '/benches',
  '/settings',
];

let house: House;
beforeAll(async () => {
  house = await openHouse({ worksAway: true });
});
afterAll(() => house.close());

/** Waits until everything is in the browser. */
async function fetched(page: Page): Promise<void> {
  await keptHere(page);
  // Nothing of it is in hands before the page is opened anew.
  await page.reload();
  await page.waitForFunction(() => navigator.serviceWorker.controller !== null);
}

it('can be installed: a manifest with a name, icons that are there, and pages of its own', async () => {
  const { page, open } = house;
  await open('/shelf');
  const client = await page.createCDPSession();
  const { errors, data } = await client.send('Page.getAppManifest');
  expect(errors).toEqual([]);
  const manifest = JSON.parse(data ?? '{}') as {
    name: string;
    icons: { src: string; sizes: string }[];
    display: string;
  };
  expect(manifest).toMatchObject({ name: 'Amber Ladle', display: 'standalone', start_url: '/' });
  for (const { src, sizes } of manifest.icons) {
    const size = await page.evaluate(async (from) => {
      const picture = await createImageBitmap(await (await fetch(from)).blob());
      return `${picture.width}x${picture.height}`;
    }, src);
    expect(size).toBe(sizes);
  }
  await fetched(page);
  const { installabilityErrors } = await client.send('Page.getInstallabilityErrors');
  // A private window is what a test runs in; nothing else stands in the way.
  expect(installabilityErrors.map(({ errorId }) => errorId).filter((id) => id !== 'in-incognito')).toEqual([]);
}, 90_000);

it('opens every screen without its server, once each was seen, and says how old what it shows is', async () => {
  const { page } = house;
  for (const path of SCREENS) {
    await page.goto(house.address + path);
    await page.waitForSelector('h1');
    await new Promise((resolve) => setTimeout(resolve, 1500));
  }
  const titles = new Map<string, string>();
  await house.away(async () => {
    for (const path of SCREENS) {
      await page.goto(house.address + path);
      const title = await page.waitForSelector('h1', { timeout: 20_000 });
      titles.set(path, (await title?.evaluate((element) => element.textContent)) ?? '');
      await textWhen(page, '[data-test="away"]', /does not answer. What you see is from/);
    }
    // And a size is still a size.
    await page.goto(`${house.address}/bowl`);
    expect(await made(page)).toBeGreaterThan(20);
  });
  expect([...titles].filter(([, title]) => /not here|wrong|does not answer/i.test(title))).toEqual([]);
  await page.goto(`${house.address}/shelf`);
  await page.waitForFunction(() => !document.querySelector('[data-test="away"]'));
}, 240_000);

it('keeps what was tapped and written while the server is away, through a reload, and tells it once', async () => {
  const page = await house.newPage();
  await page.goto(`${house.address}/bowl?mask=rice-silk`);
  await keepWithoutTaking(page);
  const { items } = (await (await fetch(`${house.address}/api/bowls?limit=1`)).json()) as {
    items: { id: string; headId: string }[];
  };
  const { id, headId } = items[0]!;
  await page.goto(`${house.address}/wear?bowl=${id}`);
  await page.waitForSelector('button.section');
  // What was read is written down a moment later.
  await new Promise((resolve) => setTimeout(resolve, 1000));
  await house.away(async () => {
    await page.keyboard.press('Space');
    await page.waitForSelector('button.section[aria-pressed="true"]');
    await page.reload();
    await page.waitForSelector('button.section[aria-pressed="true"]');
    await textWhen(page, '[data-test="away"]', /What you tapped is kept here/);
  }, 'SIGKILL');
  const done = async (): Promise<number | undefined> => {
    const { life } = (await (await fetch(`${house.address}/api/bowls/${id}`)).json()) as {
      life: { wearing: Record<string, { sectionsDone: string[] }> };
    };
    return life.wearing[headId]?.sectionsDone.length;
  };
  await expect.poll(done, { timeout: 15_000 }).toBe(1);
  const events = (await (await fetch(`${house.address}/api/bowls/${id}`)).json()) as object;
  // Another tab that held the same press tells it a second time: nothing is counted twice.
  await page.reload();
  await new Promise((resolve) => setTimeout(resolve, 3000));
  expect((await (await fetch(`${house.address}/api/bowls/${id}`)).json()) as object).toEqual(events);
  await page.close();
}, 90_000);

it('keeps nothing once that is switched off', async () => {
  const { page, open } = house;
  await open('/settings');
  await textWhen(page, '[data-test="kept-here"]', /Everything opens here/);
  await clickOn(page, '[data-test="works-away"] input');
  await textWhen(page, '[data-test="kept-here"]', /Nothing of the household stays/);
  await expect
    .poll(() =>
      page.evaluate(async () => ({
        workers: (await navigator.serviceWorker.getRegistrations()).length,
        caches: (await caches.keys()).length,
      })),
    )
    .toEqual({ workers: 0, caches: 0 });
});

it('says that there are newer pages, and changes nothing under anybody’s hands', async () => {
  const page = await house.newPage();
  await page.setBypassServiceWorker(true);
  await page.setRequestInterception(true);
  page.on('request', (request) => {
    if (new URL(request.url()).pathname !== '/api/health') return void request.continue();
    const body = {
      ok: true,
      demo: true,
      now: '2026-03-14T12:00:00.000Z',
      isNew: false,
      page: '/assets/index-newer.js',
    };
    return void request.respond({ contentType: 'application/json', body: JSON.stringify(body) });
  });
  await page.evaluateOnNewDocument(() => {
    if (!location.protocol.startsWith('http')) return;
    localStorage.setItem('amber-ladle-device', JSON.stringify({ worksAway: false }));
  });
  await page.goto(`${house.address}/masks/new`);
  await textWhen(page, '[data-test="newer"]', /There is a newer Amber Ladle/);
  await page.close();
});

/** A page whose scripts wait until they are let go. */
async function slowPage(): Promise<{ readonly page: Page; readonly letGo: () => void }> {
  const page = await house.newPage();
  await page.setBypassServiceWorker(true);
  await page.setRequestInterception(true);
  let isHeld = true;
  const waiting: (() => unknown)[] = [];
  page.on('request', (request) => {
    const goOn = (): unknown => request.continue().catch(() => undefined);
    if (isHeld && /assets\/.*\.js/.test(request.url())) waiting.push(goOn);
    else goOn();
  });
  const letGo = (): void => {
    isHeld = false;
    for (const goOn of waiting.splice(0)) goOn();
  };
  return { page, letGo };
}

it('reads what to take before any script is there', async () => {
  const { page, letGo } = await slowPage();
  const going = page.goto(`${house.address}/bowl?mask=rice-silk`);
  const card = await page.waitForSelector('#first', { visible: true });
  const first = (await card?.$$eval('li b', (amounts) => amounts.map(({ textContent }) => textContent))) ?? [];
  expect(first.length).toBeGreaterThan(2);
  letGo();
  await going;
  // The app has its own now, which says the same.
  await page.waitForFunction(() => !document.querySelector('#first'));
  expect(await page.$$eval('[aria-label="Measures"] .amount', (all) => all.map((one) => one.textContent))).toEqual(
    first,
  );
  await page.close();
});

it('is not shown what a fresh bench comes to where something was laid on this one', async () => {
  const { page, letGo } = await slowPage();
  await page.evaluateOnNewDocument(() => {
    if (location.protocol.startsWith('http')) sessionStorage.setItem('amber-ladle-choices', '{"enoughChance":0.9}');
  });
  const going = page.goto(`${house.address}/bowl?mask=rice-silk`);
  await page.waitForSelector('#first + script + #app:empty');
  expect(await page.$eval('#first', (element) => element.checkVisibility())).toBe(false);
  letGo();
  await going;
  await made(page);
  await page.close();
});
