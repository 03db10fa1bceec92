import { DEFAULT_SETTINGS, type Bowl } from '@amber-ladle/contract';
import { NO_CHOICES } from '@amber-ladle/core/house';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { writeLine } from '@amber-ladle/words';
import { afterAll, beforeAll, expect, it } from 'vitest';
import request from 'supertest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

/** The card that comes with the page of the bench. */
let house: TestHouse;
beforeAll(async () => {
  house = await testHouse({ withPages: true });
});
afterAll(() => house.close());

const page = async (address = '/bowl'): Promise<string> => (await request(house.app).get(address).expect(200)).text;
const addHead = async (name: string): Promise<string> =>
  (
    await request(house.app)
      .post('/api/heads')
      .send({ ...aHead, name })
      .expect(201)
  ).body.id as string;

it('is none where nobody is known yet', async () => {
  expect(await page()).not.toContain('id="first"');
});

const HOSTILE = '<img src=x onerror=alert(1)>"&';

it('is what a kept bowl of the same head and mask comes to, line by line', async () => {
  const headId = await addHead('Bea');
  const html = await page(`/bowl?head=${headId}&mask=rice-silk`);
  const wish = { ...aBowl(headId), maskId: 'rice-silk', choices: NO_CHOICES };
  const kept = (await request(house.app).post('/api/bowls').send(wish).expect(201)).body as Bowl;
  const { sized, spoons } = kept.snapshot;
  expect(html).toContain(
    `<h2>Rice silk</h2><p class="quiet figures">${kitchenRound(sized.madeMillilitres)} mL for Bea</p>`,
  );
  const shown = [...html.matchAll(/<li><b[^>]*>([^<]*)<\/b> ([^<]*) <span[^>]*>([^<]*)<\/span>/g)].map((found) =>
    found.slice(1),
  );
  const written = sized.lines.map((line) => writeLine(line, CATALOGUE, spoons));
  expect(shown).toEqual(written.map(({ amount, name, beside }) => [amount, name, beside]));
  // It stands before the app, and only a fresh bench shows it.
  expect(html).toMatch(
    /<section id="first" class="first-card as-device" hidden>.*<script src="\/first.js"><\/script><div id="app">/,
  );
});

it('is of the first head and mask where the address names none, or none that there are', async () => {
  const usual = await page();
  expect(usual).toContain('for Bea');
  expect(await page('/bowl?head=nobody&mask=a&mask=b')).toContain('for Bea');
});

it.each(['with=somebody', 'useUp=avocado&grams=180'])(
  'is none where the bench is asked for more than a head and a mask: %s',
  async (more) => {
    expect(await page(`/bowl?mask=rice-silk&${more}`)).not.toContain('id="first"');
    expect(await page('/bowl?mask=rice-silk&day=2026-03-18')).toContain('id="first"');
  },
);

it('goes by weight and by the light of the household', async () => {
  const { theme, schools } = DEFAULT_SETTINGS;
  const change = { theme: 'evening', schools: { ...schools, measure: 'weight' } };
  await request(house.app).patch('/api/settings').send({ change, seen: { theme, schools } }).expect(200);
  const html = await page('/bowl?mask=towpath-avocado');
  expect(html).toContain('first-card evening');
  expect(html).toMatch(/<li><b[^>]*>\d+ g<\/b> Avocado /);
});

it('takes no name for a part of the page', async () => {
  const headId = await addHead(HOSTILE);
  const html = await page(`/bowl?head=${headId}`);
  expect(html).not.toContain('<img');
  expect(html).toContain('for &lt;img src=x onerror=alert(1)&gt;&quot;&amp;</p>');
});

it('belongs to the bench alone', async () => {
  for (const address of ['/', '/shelf', '/bowls/7', '/index.html'])
    expect(await page(address)).not.toContain('first-card');
});
