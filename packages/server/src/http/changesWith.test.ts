import { randomUUID } from 'node:crypto';
import { addressOf, api, type AnyEndpoint, type Topic, type WashDay } from '@amber-ladle/contract';
import { INGREDIENTS } from '@amber-ladle/core/ingredient';
import { TOLD_OUTCOMES } from '@amber-ladle/core/learn';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import { USUAL_WISHES } from '@amber-ladle/core/plan';
import { forward } from '@amber-ladle/core/washday';
import request from 'supertest';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';
import { seedDemo } from '../demo/seed';

/** The demo's household: something of everything is in it. */
let house: TestHouse;
let told: Set<Topic>;
beforeAll(async () => {
  house = await testHouse({ requestsPerMinute: 1_000_000, demo: true });
  await seedDemo(house.home);
  told = new Set();
});
const listen = (): unknown =>
  house.home.events.listeners.add({ tell: (topic) => told.add(topic), end: () => undefined });
afterAll(() => house.close());

const read = async (address: string): Promise<unknown> => (await request(house.app).get(address).expect(200)).body;
const first = async (address: string): Promise<{ id: string; version: number }> =>
  ((await read(address)) as { id: string; version: number }[])[0] ?? { id: '', version: 0 };

/** The mask of one's own, once there is one. */
const own = async (): Promise<string> =>
  ((await read('/api/masks')) as Mask[]).find(({ writtenGrams }) => writtenGrams !== undefined)?.id ?? 'rice-silk';
/** Everything that a page reads and follows, of whom and of what there is. */
async function asked(): Promise<[AnyEndpoint, string][]> {
  const { id: headId } = await first('/api/heads');
  const bowl = ((await read('/api/bowls?limit=1')) as { items: { id: string }[] }).items[0];
  const ids: Readonly<Record<string, string>> = {
    heads: headId,
    bowls: bowl?.id ?? '',
    'of-bowl': bowl?.id ?? '',
    masks: await own(),
    lots: ((await read('/api/shelf')) as { lots: { id: string }[] }).lots[0]?.id ?? '',
  };
  return (
    Object.values(api)
      .flatMap((feature) => Object.values<AnyEndpoint>(feature))
      // The stand-in of a thermometer goes on by itself.
      .filter(({ changesWith, path }) => changesWith.length > 0 && path !== api.devices.thermometers.path)
      .flatMap((endpoint): [AnyEndpoint, string][] => {
        const [, of = ''] = /([\w-]+)\/:/.exec(endpoint.path) ?? [];
        const id = ids[of];
        if (of && id === undefined) return [];
        return [[endpoint, addressOf(endpoint, { id: id ?? '', bowlId: id ?? '' }, {})]];
      })
  );
}
const now = async (addresses: readonly string[]): Promise<string[]> =>
  Promise.all(
    // What is of this moment is no change: the clock goes on.
    addresses.map(async (address) =>
      JSON.stringify(await read(address)).replace(/2026-03-14T09:\d\d:\d\d\.\d{3}Z/g, 'now'),
    ),
  );
/** Does something, and says why where that is refused. */
async function does(method: 'delete' | 'patch' | 'post' | 'put', address: string, body: object = {}): Promise<void> {
  const { status, text } = await request(house.app)[method](`/api${address}`).send(body);
  expect(status, text).toBeLessThan(300);
}

const AT = '2026-03-14T08:30:00.000Z';
const aLot = (id: string) => ({
  id,
  ingredientId: 'avocado',
  state: 'whole',
  since: AT,
  label: '',
  pricePerGram: 0.01,
});
const aPlace = async (): Promise<string> => (await first('/api/places')).id;
const pages = async <T>(address: string): Promise<T[]> => ((await read(address)) as { items: T[] }).items;

/** Something that is done, by what is said of it. */
const DEEDS: Readonly<Record<string, () => Promise<void>>> = {
  'a head comes': () => does('post', '/heads', aHead),
  'a head is corrected': async () => {
    const { id, version } = await first('/api/heads');
    await does('put', `/heads/${id}`, { ...aHead, name: 'Isaura', version });
  },
  'a head goes': async () => {
    const heads = (await read('/api/heads')) as { id: string }[];
    await does('delete', `/heads/${heads.at(-1)?.id ?? ''}`);
  },
  'hair is measured': async () => {
    const { id } = await first('/api/heads');
    await does('post', `/heads/${id}/measures`, { id: randomUUID(), at: AT, kind: 'trim', centimetres: 3, where: '' });
  },
  'what was learnt is forgotten': async () => {
    await does('post', `/heads/${(await first('/api/heads')).id}/forgetting`);
  },
  'a bowl is kept, made, worn and ended': async () => {
    const { id: headId } = await first('/api/heads');
    const wish = aBowl(headId, randomUUID());
    await does('post', '/bowls', wish);
    const at = `/bowls/${wish.id}`;
    await does('post', `${at}/made`, { placeId: await aPlace() });
    await does('post', `${at}/wear`, { headId, isCapOn: true });
    await does('post', `${at}/wear`, { headId, isRinsed: true });
    await does('post', `${at}/end`, { how: 'worn' });
  },
  'a bowl is put away': async () => {
    const bowls = await pages<{ id: string }>('/api/bowls');
    await does('delete', `/bowls/${bowls.at(-1)?.id ?? ''}`);
  },
  'a line is written of a bowl': async () => {
    const [page] = await pages<{ bowlId: string; headId: string; version: number; log: object }>('/api/logs?limit=1');
    const log = { ...page?.log, words: 'Softer than before.' };
    await does('put', `/bowls/${page?.bowlId ?? ''}/logs/${page?.headId ?? ''}`, { version: page?.version, log });
  },
  'a mask of one’s own is written': async () => {
    const { id: _id, version: _version, ...mask } = BUILT_IN_MASKS[0] ?? {};
    await does('post', '/masks', { ...mask, name: 'Own', writtenGrams: 200 });
  },
  'a mask is told of': async () => {
    const mask = await own();
    await does('put', `/masks/${mask}/told/${(await first('/api/heads')).id}`, { outcome: TOLD_OUTCOMES[0] });
  },
  'fruit comes home, and is taken back': async () => {
    const [id, lotId] = [randomUUID(), randomUUID()];
    const movement = { lotId, kind: 'add', grams: 300, placeId: await aPlace(), at: AT, stage: 'unripe' };
    await does('post', '/stock', { id, note: 'Home', lots: [aLot(lotId)], movements: [movement] });
  },
  'something is thrown away': async () => {
    const { lots } = (await read('/api/shelf')) as { lots: { id: string; grams: number }[] };
    const movement = {
      lotId: lots[0]?.id,
      kind: 'discard',
      grams: -1,
      at: '2026-03-14T08:59:00.000Z',
      reason: 'mould',
    };
    await does('post', '/stock', { id: randomUUID(), note: 'Gone', lots: [], movements: [movement] });
  },
  'a place is warmer than it was': async () => {
    const { id, ...place } = (await read('/api/places').then((all) => (all as object[])[0])) as { id: string };
    await does('put', `/places/${id}`, { ...place, celsius: 23 });
  },
  'a thermometer is read': () => does('post', '/readings', { placeId: 'fridge', celsius: 9, at: AT }),
  'something is always to be in the house': async () => {
    const levels = (await read('/api/restock')) as { ingredientId: string; grams: number }[];
    const seenGrams = levels.find(({ ingredientId }) => ingredientId === 'honey')?.grams ?? 0;
    await does('put', '/restock/honey', { grams: 750, seenGrams });
  },
  'settings change': async () => {
    const { currency } = (await read('/api/settings')) as { currency: string };
    await does('patch', '/settings', { change: { currency: currency === 'EUR' ? 'GBP' : 'EUR' }, seen: { currency } });
  },
  'the household lives by another clock': async () => {
    const { timeZone } = (await read('/api/settings')) as { timeZone: string };
    await does('patch', '/settings', { change: { timeZone: 'Pacific/Auckland' }, seen: { timeZone } });
  },
  'an ingredient is corrected': async () => {
    const row = INGREDIENTS.find(({ id }) => id === 'avocado');
    await does('put', '/ingredients/avocado', { row: { ...row, name: 'Pear of the hills' }, version: 0 });
  },
  'the weeks are wished otherwise': async () => {
    const { wishes } = (await read('/api/weeks')) as { wishes: object };
    await does('put', '/weeks/wishes', {
      wishes: { ...USUAL_WISHES, shopWeekdays: [1], horizonDays: 7 },
      seen: wishes,
    });
  },
  'a wash day begins': async () => {
    const { day } = (await read('/api/washdays/running')) as { day: { id: string } | null };
    if (day) await does('post', `/washdays/${day.id}/end`);
    const bowls = await pages<{ id: string; life?: { endedAt?: string } }>('/api/bowls');
    const bowlIds = bowls
      .filter(({ life }) => !life?.endedAt)
      .slice(0, 1)
      .map(({ id }) => id);
    await does('post', '/washdays', { id: randomUUID(), bowlIds, wish: { kind: 'start-at', at: AT }, rings: 1 });
  },
};

/** Does something, and looks at what is other than before: what was told has to be what that rests on. */
async function doing(
  deed: () => Promise<void>,
  [endpoints, addresses]: [[AnyEndpoint, string][], string[]],
): Promise<number> {
  const before = await now(addresses);
  told.clear();
  await deed();
  const after = await now(addresses);
  const changed = endpoints.filter((_, i) => before[i] !== after[i]);
  const missed = changed.filter(([{ changesWith }]) => !changesWith.some((topic) => told.has(topic)));
  expect(missed.map(([, address]) => address)).toEqual([]);
  return changed.length;
}

it.each(Object.keys(DEEDS))('whoever shows what changed is told to ask anew: %s', async (deed) => {
  const endpoints = await asked();
  const addresses = endpoints.map(([, address]) => address);
  listen();
  expect(await doing(DEEDS[deed] ?? (() => Promise.resolve()), [endpoints, addresses])).toBeGreaterThan(0);
  const after = await now(addresses);
  // A server that remembers nothing answers the same.
  await house.restart();
  expect(await now(addresses)).toEqual(after);
});

it('tells of sections alone while they are tapped one after the other', async () => {
  const { id: headId } = await first('/api/heads');
  const wish = aBowl(headId, randomUUID());
  await does('post', '/bowls', wish);
  await does('post', `/bowls/${wish.id}/made`, { placeId: await aPlace() });
  const endpoints = await asked();
  const addresses = endpoints.map(([, address]) => address);
  expect(addresses).toContain(`/api/bowls/${wish.id}`);
  listen();
  const tap = (id: string, isDone: boolean) => () =>
    does('post', `/bowls/${wish.id}/wear`, { headId, section: { id, isDone } });
  await doing(tap('front-left', true), [endpoints, addresses]);
  expect(told).toContain('bowls');
  for (const [id, isDone] of [
    ['front-right', true],
    ['nape', true],
    ['front-left', false],
  ] as const) {
    expect(await doing(tap(id, isDone), [endpoints, addresses])).toBeGreaterThan(0);
    expect([...told].sort()).toEqual(['sections', 'washdays']);
  }
  await house.restart();
  await does('delete', `/bowls/${wish.id}`);
});

it('tells at every press of a wash day what that changed, and of a bowl only where it is about one', async () => {
  const running = async (): Promise<WashDay> => ((await read('/api/washdays/running')) as { day: WashDay }).day;
  const begin = Date.parse(house.home.clock.now());
  const endpoints = await asked();
  const addresses = endpoints.map(([, address]) => address);
  listen();
  let aboutBowls = 0;
  let presses = 0;
  for (let minutes = 0; minutes < 60 * 6; minutes += 3) {
    const day = await running();
    const at = begin + minutes * 60_000;
    house.home.clock.set(new Date(at).toISOString());
    const { moves, plan } = forward(day, {
      kitchen: { rings: 1 },
      wish: { kind: 'start-at', at: begin },
      now: at,
      order: day.order,
    });
    if (moves.length === 0) continue;
    const press = { pressId: randomUUID(), moves, order: plan.steps.map(({ stepId }) => stepId) };
    await doing(() => does('post', `/washdays/${day.id}/events`, press), [endpoints, addresses]);
    presses += 1;
    if (told.has('bowls')) aboutBowls += 1;
  }
  const remembered = await now(addresses);
  await house.restart();
  expect(await now(addresses)).toEqual(remembered);
  expect(presses).toBeGreaterThan(10);
  expect(aboutBowls).toBeGreaterThan(1);
  expect(aboutBowls).toBeLessThan(presses / 2);
});
