import { randomUUID } from 'node:crypto';
import { DEFAULT_SETTINGS, USUAL_LOOK, type Bowl, type Head, type Histories } from '@amber-ladle/contract';
import { NO_STORY, type HeadStory } from '@amber-ladle/core/judge';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);

const addHead = async (story?: Partial<HeadStory>, name = 'Wren'): Promise<Head> =>
  (
    await api()
      .post('/api/heads')
      .send({ ...aHead, name, ...(story ? { story: { ...NO_STORY, ...story } } : {}) })
      .expect(201)
  ).body as Head;
const keep = (head: Head, maskId: string, rest: object = {}) =>
  api()
    .post('/api/bowls')
    .send({ ...aBowl(head.id, randomUUID()), maskId, ...rest });

describe('a head’s story', () => {
  it('is kept, changed, and left alone by a change that does not name it', async () => {
    const head = await addHead({ needs: ['dry'], allergies: ['egg'] });
    expect(head.story).toMatchObject({ needs: ['dry'], allergies: ['egg'], colour: 'natural' });
    const put = (body: object) => api().put(`/api/heads/${head.id}`).send(body);
    const renamed = (await put({ ...aHead, name: 'Wren the second', version: 1 }).expect(200)).body as Head;
    expect(renamed.story).toEqual(head.story);
    const patchTests = [{ ingredientId: 'papaya', at: '2026-03-12T09:00:00Z', outcome: 'fine' }];
    const told = (await put({ ...aHead, story: { ...head.story, patchTests }, version: 2 }).expect(200)).body as Head;
    expect(told.story.patchTests).toEqual(patchTests);
  });

  it('is nothing in particular where nobody told any, and refuses what is none', async () => {
    expect((await addHead()).story).toEqual(NO_STORY);
    const bad = (story: object) =>
      api()
        .post('/api/heads')
        .send({ ...aHead, story: { ...NO_STORY, ...story } });
    await bad({ needs: ['growth'] }).expect(422);
    await bad({ allergies: ['egg', 'egg'] }).expect(422);
    await bad({ patchTests: [{ ingredientId: 'papaya', at: 'lately' }] }).expect(422);
    await bad({ curse: true }).expect(422);
  });
});

describe('how a head looks', () => {
  it('is kept, left alone by a change that does not name it, and is the usual until somebody says', async () => {
    const look = { pattern: 'coils', skin: 'umber', hair: 'black' };
    const head = (
      await api()
        .post('/api/heads')
        .send({ ...aHead, look })
        .expect(201)
    ).body as Head;
    expect(head.look).toEqual(look);
    const put = (body: object) => api().put(`/api/heads/${head.id}`).send(body);
    expect(((await put({ ...aHead, name: 'Wren', version: 1 }).expect(200)).body as Head).look).toEqual(look);
    const changed = { ...look, hair: 'grey' };
    expect(((await put({ ...aHead, look: changed, version: 2 }).expect(200)).body as Head).look).toEqual(changed);
    expect((await addHead()).look).toEqual(USUAL_LOOK);
  });
  it('refuses a tone that there is not', async () => {
    for (const bad of [{ pattern: 'wiry' }, { skin: 'green' }, { hair: '#fff' }, { extra: 1 }])
      await api()
        .post('/api/heads')
        .send({ ...aHead, look: { ...USUAL_LOOK, ...bad } })
        .expect(422);
  });
});

describe('a stop', () => {
  it('lets nothing be kept without a decision, which stays in the record', async () => {
    const head = await addHead({ allergies: ['egg'] });
    const { body } = await keep(head, 'two-yolk-evening').expect(422);
    const fields = (body as { fields: Record<string, string> }).fields;
    expect(fields['decisions.allergen']).toContain('Wren: Allergic to what is in egg yolk');
    await keep(head, 'two-yolk-evening', { decisions: [{ ruleId: 'allergen', words: 'no' }] }).expect(422);
    await keep(head, 'two-yolk-evening', { decisions: [{ ruleId: 'overnight', words: 'she insists' }] }).expect(422);
    const decided = [{ ruleId: 'allergen', words: 'allergist says it has passed' }];
    const kept = (await keep(head, 'two-yolk-evening', { decisions: decided }).expect(201)).body as Bowl;
    expect(kept.life?.decisions).toMatchObject([
      {
        what: {
          id: 'decision.against-stop',
          params: { stops: [{ id: 'caution.allergen' }], words: 'allergist says it has passed' },
        },
      },
    ]);
    await keep(head, 'rice-silk').expect(201);
  });

  it('holds for every head that shares the bowl', async () => {
    const plain = await addHead();
    const other = await addHead({ hasLatexAllergy: true }, 'Linnet');
    await keep(plain, 'papaya-polish').expect(201);
    const { body } = await keep(plain, 'papaya-polish', { otherHeadIds: [other.id] }).expect(422);
    expect((body as { detail: string }).detail).toContain('Linnet: Latex allergy');
  });
});

it('makes masks the household’s way', async () => {
  const head = await addHead();
  const usual = (await keep(head, 'rice-silk').expect(201)).body as Bowl;
  const change = { schools: { wear: 'short', shampoo: 'twice' } };
  await api().patch('/api/settings').send({ change, seen: DEFAULT_SETTINGS }).expect(200);
  const short = (await keep(head, 'rice-silk').expect(201)).body as Bowl;
  const { wear } = usual.snapshot.mask;
  expect(short.snapshot.mask).toMatchObject({ wear: { aimMinutes: wear.minimumMinutes }, rinse: { shampoos: 2 } });
  expect(
    ((await api().get('/api/masks')).body as { id: string; wear: object }[]).find(({ id }) => id === 'rice-silk')?.wear,
  ).toEqual(wear);
});

it('remembers what each head wore, and what only stood there', async () => {
  const head = await addHead();
  const worn = (await keep(head, 'two-yolk-evening').expect(201)).body as Bowl;
  await keep(head, 'rice-silk').expect(201);
  const empty = (await api().get('/api/heads/histories').expect(200)).body as Histories;
  expect(empty).toEqual({});
  await api().post(`/api/bowls/${worn.id}/wear`).send({ isCapOn: true }).expect(200);
  const { [head.id]: wore } = (await api().get('/api/heads/histories').expect(200)).body as Histories;
  expect(wore).toMatchObject([
    { maskId: 'two-yolk-evening', rhythms: expect.arrayContaining(['protein']) as string[] },
  ]);
  expect(wore?.[0]?.ingredientIds).toContain('egg-yolk');
});

it('lets what burned not onto that skin again without a decision, until it is taken back', async () => {
  const head = await addHead();
  const other = await addHead({}, 'Linnet');
  const bowl = (await keep(head, 'two-yolk-evening').expect(201)).body as Bowl;
  const wear = (body: object) => api().post(`/api/bowls/${bowl.id}/wear`).send(body).expect(200);
  await wear({ isRinsed: true, rinsedWhy: 'burning' });
  const { [head.id]: wore } = (await api().get('/api/heads/histories').expect(200)).body as Histories;
  expect(wore).toMatchObject([{ maskId: 'two-yolk-evening', isBurned: true }]);
  const refused = (await keep(head, 'two-yolk-evening').expect(422)).body as { fields: Record<string, string> };
  expect(refused.fields['decisions.burned']).toMatch(/Wren: This mask burned or itched/);
  await keep(other, 'two-yolk-evening').expect(201);
  await wear({ isRinsed: false });
  await keep(head, 'two-yolk-evening').expect(201);
});
