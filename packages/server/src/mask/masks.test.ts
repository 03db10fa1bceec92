import { randomUUID } from 'node:crypto';
import type { MaskInput } from '@amber-ladle/contract';
import { INGREDIENTS, type Ingredient } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS, type Mask } from '@amber-ladle/core/mask';
import request from 'supertest';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { aBowl, aHead, testHouse, type TestHouse } from '../testing';

let house: TestHouse;
beforeEach(async () => {
  house = await testHouse();
});
afterEach(() => house.close());
const api = () => request(house.app);

/** A built-in mask as a maker would copy it. */
function copied(id: string, change: Partial<MaskInput> = {}): MaskInput {
  const { id: _id, version: _version, ...input } = BUILT_IN_MASKS.find((mask) => mask.id === id)!;
  return { ...input, name: 'Lock-keeper’s own', ...change };
}
const newMask = async (input = copied('rice-silk')): Promise<Mask> =>
  (await api().post('/api/masks').send(input).expect(201)).body;

describe('own masks', () => {
  it('are made, changed with every version kept, removed and brought back', async () => {
    const mask = await newMask();
    expect(mask).toMatchObject({ name: 'Lock-keeper’s own', version: 1 });
    const changed = { ...copied('rice-silk'), name: 'Second thoughts', version: 1 };
    expect((await api().put(`/api/masks/${mask.id}`).send(changed).expect(200)).body.version).toBe(2);
    const versions = (await api().get(`/api/masks/${mask.id}/versions`).expect(200)).body;
    expect(versions.map((one: { mask: Mask }) => one.mask.name)).toEqual(['Second thoughts', 'Lock-keeper’s own']);
    const book = BUILT_IN_MASKS.length;
    expect((await api().get('/api/masks')).body).toHaveLength(book + 1);
    await api().delete(`/api/masks/${mask.id}`).expect(204);
    expect((await api().get('/api/masks')).body).toHaveLength(book);
    await api().get(`/api/masks/${mask.id}`).expect(404);
    await api().post(`/api/masks/${mask.id}/restore`).expect(200);
    expect((await api().get(`/api/masks/${mask.id}`)).body.name).toBe('Second thoughts');
  });

  it('answer a stale change with 409 and the mask as it is', async () => {
    const mask = await newMask();
    const put = (name: string) =>
      api()
        .put(`/api/masks/${mask.id}`)
        .send({ ...copied('rice-silk'), name, version: 1 });
    await put('First').expect(200);
    expect((await put('Second').expect(409)).body.current).toMatchObject({ name: 'First', version: 2 });
  });

  it.each<[string, Partial<MaskInput>, string]>([
    ['no ingredient', { parts: [] }, 'parts'],
    ['no name', { name: ' ' }, 'name'],
    [
      'a share of nothing',
      { parts: copied('rice-silk').parts.map((part) => ({ ...part, share: 0 })) },
      'parts[0].share',
    ],
    [
      'no tolerance',
      { parts: copied('rice-silk').parts.map((part) => ({ ...part, tolerance: 0 })) },
      'parts[0].tolerance',
    ],
    ['an ingredient twice', { parts: [...copied('rice-silk').parts, copied('rice-silk').parts[0]!] }, 'parts'],
    [
      'an unknown ingredient',
      { parts: [{ ...copied('rice-silk').parts[0]!, ingredientId: 'moonlight' }] },
      'parts[0].ingredientId',
    ],
    ['wear times upside down', { wear: { minimumMinutes: 60, aimMinutes: 30, limitMinutes: 20 } }, 'wear.aimMinutes'],
    [
      'a forty-first ingredient',
      {
        parts: INGREDIENTS.slice(0, 41).map(({ id }) => ({
          ingredientId: id,
          share: 0.02,
          role: 'body',
          tolerance: 0.2,
          measuredBy: 'weight',
        })),
      },
      'parts',
    ],
  ])('refuse %s by name and keep nothing', async (_, change, field) => {
    const { body } = await api().post('/api/masks').send(copied('rice-silk', change)).expect(422);
    expect(Object.keys(body.fields)).toContain(field);
    expect((await api().get('/api/masks')).body).toHaveLength(BUILT_IN_MASKS.length);
  });

  it('refuse to warm raw egg', async () => {
    const { body } = await api()
      .post('/api/masks')
      .send(copied('galley-egg', { heat: 'dryer-may-help' }))
      .expect(422);
    expect(body.fields['egg-warm']).toContain('Raw egg cooks');
  });

  it('never let a built-in one be changed or removed', async () => {
    await api()
      .put('/api/masks/rice-silk')
      .send({ ...copied('rice-silk'), version: 1 })
      .expect(404);
    await api().delete('/api/masks/rice-silk').expect(404);
    expect((await api().get('/api/masks/rice-silk/versions')).body).toHaveLength(1);
  });
});

describe('a mask as its maker writes it', () => {
  it('teaches how much her head takes when she says whether it was enough, until she takes that back', async () => {
    const head = (await api().post('/api/heads').send(aHead).expect(201)).body as { id: string };
    const mask = await newMask(copied('rice-silk', { writtenGrams: 200 }));
    const tell = (outcome: string, headId = head.id) =>
      api().put(`/api/masks/${mask.id}/told/${headId}`).send({ outcome });
    const need = async (): Promise<number> =>
      (
        await api()
          .post('/api/bowls')
          .send({ ...aBowl(head.id, randomUUID()), maskId: 'rice-silk' })
      ).body.snapshot.sized.needMillilitres;
    const before = await need();
    expect((await tell('half-left').expect(200)).body).toMatchObject([{ headId: head.id, outcome: 'half-left' }]);
    const half = await need();
    expect(half).toBeLessThan(before);
    // The last word counts, and there is one of it.
    expect((await tell('ran-short').expect(200)).body).toHaveLength(1);
    expect(await need()).toBeGreaterThan(before);
    const { evidence } = (await api().get('/api/learning')).body.heads[head.id];
    expect(evidence).toMatchObject([{ kind: 'at-least', maskId: mask.id, maskName: mask.name }]);
    await api().delete(`/api/masks/${mask.id}/told/${head.id}`).expect(200);
    await api().delete(`/api/masks/${mask.id}/told/${head.id}`).expect(404);
    expect(await need()).toBeCloseTo(before, 6);
  });

  it('is refused kindly for shares alone, for crumbs, for nobody, and for another word', async () => {
    const head = (await api().post('/api/heads').send(aHead).expect(201)).body as { id: string };
    const tell = async (change: Partial<MaskInput>, outcome = 'just-enough', headId = head.id) => {
      const mask = await newMask(copied('rice-silk', change));
      return api().put(`/api/masks/${mask.id}/told/${headId}`).send({ outcome });
    };
    const words = async (change: Partial<MaskInput>, outcome?: string): Promise<string> => {
      const { status, body } = await tell(change, outcome);
      expect(status).toBe(422);
      return body.fields.outcome as string;
    };
    expect(await words({})).toMatch(/only its shares are known/);
    expect(await words({ writtenGrams: 5 })).toMatch(/makes 5 mL, and such a head takes about \d+\./);
    expect(await words({ writtenGrams: 4000 })).toMatch(/another look at the amounts/);
    expect(await words({ writtenGrams: 200 }, 'plenty')).toMatch(/one of just-enough, some-left/);
    expect((await tell({ writtenGrams: 200 }, 'just-enough', 'nobody')).status).toBe(404);
    expect(
      (
        await api()
          .post('/api/masks')
          .send(copied('rice-silk', { writtenGrams: 0 }))
          .expect(422)
      ).body.fields,
    ).toHaveProperty('writtenGrams');
  });
});

describe('own ingredients', () => {
  const honey = INGREDIENTS.find(({ id }) => id === 'honey')!;
  const heather: Ingredient = {
    ...honey,
    id: 'heather-honey',
    name: 'Heather honey',
    density: { gramsPerMillilitre: 1.5, source: 'household' },
  };
  const put = (row: Ingredient, version = 0) => api().put(`/api/ingredients/${row.id}`).send({ row, version });

  it('are added, corrected, refused when stale, and taken out', async () => {
    await put(heather).expect(200);
    await put(heather).expect(409);
    expect((await put({ ...heather, advice: 'stiff' }, 1).expect(200)).body.version).toBe(2);
    expect((await api().get('/api/ingredients')).body).toHaveLength(1);
    await api().delete('/api/ingredients/heather-honey').expect(204);
    expect((await api().get('/api/ingredients')).body).toEqual([]);
    await api().post('/api/ingredients/heather-honey/restore').expect(200);
    expect((await api().get('/api/ingredients')).body[0].row.advice).toBe('stiff');
  });

  it('correct a built-in figure for bowls from now on, and never one that is kept', async () => {
    const head = (await api().post('/api/heads').send(aHead)).body;
    const before = (await api().post('/api/bowls').send(aBowl(head.id)).expect(201)).body;
    await put({ ...honey, density: { gramsPerMillilitre: 1.2, source: 'household' } }).expect(200);
    const after = (await api().post('/api/bowls').send(aBowl(head.id, '8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a12'))).body;
    const density = (bowl: typeof before) => {
      const line = bowl.snapshot.sized.lines.find((one: { ingredientId: string }) => one.ingredientId === 'honey');
      return line.grams / line.millilitres;
    };
    expect(density(after)).toBeCloseTo(1.2, 6);
    expect(density(before)).toBeGreaterThan(1.4);
    expect((await api().get(`/api/bowls/${before.id}`)).body).toEqual(before);
    await api().delete('/api/ingredients/honey').expect(204);
  });

  it('cannot be taken out while a mask uses them, and lose nothing', async () => {
    await put(heather).expect(200);
    const parts = copied('rice-silk').parts.map((part) =>
      part.ingredientId === 'honey' ? { ...part, ingredientId: 'heather-honey' } : part,
    );
    await newMask(copied('rice-silk', { parts }));
    const { body } = await api().delete('/api/ingredients/heather-honey').expect(409);
    expect(body).toMatchObject({
      type: 'urn:amber-ladle:in-use',
      detail: 'Take it out of “Lock-keeper’s own” first. Nothing was changed.',
    });
    expect((await api().get('/api/ingredients')).body).toHaveLength(1);
  });

  it('cannot be taken out while some of it stands on the shelf, and who refuses says where it still is', async () => {
    await put(heather).expect(200);
    const lotId = randomUUID();
    const lot = {
      id: lotId,
      ingredientId: 'heather-honey',
      state: 'opened',
      since: '2026-03-14T09:00:00.000Z',
      label: '',
    };
    const stock = (movement: object) =>
      api()
        .post('/api/stock')
        .send({ id: randomUUID(), note: '', ...movement });
    await stock({ lots: [lot], movements: [{ lotId, kind: 'add', grams: 200, placeId: 'counter' }] }).expect(201);
    const refused = async (): Promise<string> =>
      (await api().delete('/api/ingredients/heather-honey').expect(409)).body.detail;
    expect(await refused()).toBe('Take it off the shelf first. Nothing was changed.');
    const parts = copied('rice-silk').parts.map((part) =>
      part.ingredientId === 'honey' ? { ...part, ingredientId: 'heather-honey' } : part,
    );
    await newMask(copied('rice-silk', { parts }));
    expect(await refused()).toBe('Take it out of “Lock-keeper’s own” and off the shelf first. Nothing was changed.');
  });

  it('follow their parts when they are made, and are never made of themselves', async () => {
    const { density: _density, composition: _composition, ...rest } = honey;
    const of = (id: string, name: string, ...ids: string[]): Ingredient => ({
      ...rest,
      id,
      name,
      density: { gramsPerMillilitre: 1, source: 'household' },
      recipe: {
        method: 'stir-together',
        yield: {
          kind: 'blend',
          parts: ids.map((ingredientId) => ({ ingredientId, share: 1 / ids.length })),
          keptBackShare: 0.1,
        },
        standMinutes: 20,
        how: 'Stir.',
        source: 'household',
      },
    });
    const made = (await put(of('boat-balm', 'Boat balm', 'olive-oil', 'carrot')).expect(200)).body.row as Ingredient;
    expect(made.stains).toBe(true);
    expect(made.density!.gramsPerMillilitre).toBeGreaterThan(0.9);
    await put(of('second-balm', 'Second balm', 'boat-balm', 'olive-oil')).expect(200);
    const circle = await put(of('boat-balm', 'Boat balm', 'second-balm'), 1).expect(422);
    expect(circle.body.fields['row.recipe']).toContain('made of itself');
  });
});

describe('bowls with swaps and for two', () => {
  it('keep what stands in for what, whom they serve, and the rows they were reckoned with', async () => {
    const wren = (await api().post('/api/heads').send(aHead)).body;
    const bram = (
      await api()
        .post('/api/heads')
        .send({ ...aHead, name: 'Bram', ageYears: 8 })
    ).body;
    const one = aBowl(wren.id);
    const wish = {
      ...one,
      otherHeadIds: [bram.id],
      choices: { ...one.choices, swaps: { honey: 'glycerine' } },
    };
    const kept = (await api().post('/api/bowls').send(wish).expect(201)).body;
    const ids = kept.snapshot.sized.lines.map((line: { ingredientId: string }) => line.ingredientId);
    expect(ids).toContain('glycerine');
    expect(ids).not.toContain('honey');
    expect(kept.headName).toBe('Wren and Bram');
    expect(kept.snapshot.others).toHaveLength(1);
    expect(kept.snapshot.ingredients.map((row: Ingredient) => row.id).sort()).toEqual([...ids].sort());
    const alone = (
      await api()
        .post('/api/bowls')
        .send({ ...one, id: '8b0e6a52-6e2f-4a6e-9d7c-0a4c7f5c2a13' })
    ).body;
    expect(kept.madeMillilitres).toBeGreaterThan(1.5 * alone.madeMillilitres);
  });

  it('say kindly that a stand-in or a second head is unknown', async () => {
    const wren = (await api().post('/api/heads').send(aHead)).body;
    const one = aBowl(wren.id);
    await api()
      .post('/api/bowls')
      .send({ ...one, otherHeadIds: ['nobody'] })
      .expect(404);
    const { body } = await api()
      .post('/api/bowls')
      .send({ ...one, choices: { ...one.choices, swaps: { honey: 'moonlight' } } })
      .expect(422);
    expect(body.detail).toContain('moonlight');
  });
});
