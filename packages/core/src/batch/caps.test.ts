import { describe, expect, it } from 'vitest';
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '../ingredient';
import { BUILT_IN_MASKS, type Mask } from '../mask';
import { anAdult } from '../testing';
import { capsFor, capsOver, scentLimit, type NamedCap } from '.';

const maskCalled = (id: string): Mask => BUILT_IN_MASKS.find((mask) => mask.id === id)!;
const densityOf = (id: string): number => gramsPerMillilitre(ingredientById(CATALOGUE, id));

const part = (ingredientId: string, share: number): Mask['parts'][number] => ({
  ingredientId,
  share,
  role: 'oil',
  tolerance: 0.5,
  measuredBy: 'weight',
});

/** True when amounts, in the mask's order, keep to a cap. */
const holds = ({ coefficients, bound }: NamedCap, grams: readonly number[]): boolean =>
  coefficients.reduce((sum, c, i) => sum + c * (grams[i] ?? 0), 0) <= bound + 1e-9;

describe('each cap holds on one side of its figure and breaks on the other', () => {
  // Own limits, stricter than Tisserand and Young, Essential Oil Safety, 2nd ed. (from memory): 1 % v/v adult.
  it.each([
    [30, 0.01],
    [10, 0.005],
    [4, 0.0025],
  ])('scent at %d years', (ageYears, limit) => {
    const mask = maskCalled('night-watch-oil');
    const [cap] = capsFor(mask, CATALOGUE, { ageYears, sensitiveSkin: false }, 200);
    const bowl = (share: number) => [
      100 * densityOf('jojoba-oil'),
      0,
      (100 * share * densityOf('rosemary-oil')) / (1 - share),
    ];
    expect(holds(cap!, bowl(limit * 0.98))).toBe(true);
    expect(holds(cap!, bowl(limit * 1.02))).toBe(false);
    expect(scentLimit(ageYears)).toBe(limit);
  });

  it('no scent at all under three', () => {
    const [cap] = capsFor(maskCalled('flax-slip'), CATALOGUE, { ageYears: 2, sensitiveSkin: false }, 200);
    expect(holds(cap!, [100, 10, 5, 0])).toBe(true);
    expect(holds(cap!, [100, 10, 5, 0.045])).toBe(false);
    expect(cap!.what.id).toBe('cap.scent-none');
  });

  // [P12] common practice, no published source.
  it.each([
    [false, 2],
    [true, 1],
  ])('pepper with sensitive skin %s: %d', (sensitiveSkin, pinches) => {
    const mask = maskCalled('peppered-yolk');
    const cap = capsFor(mask, CATALOGUE, { ageYears: 30, sensitiveSkin }, 200).find(({ what }) =>
      what.id.startsWith('cap.pinches'),
    )!;
    const pinch = 2.3 / 16;
    const bowl = (count: number) =>
      mask.parts.map(({ ingredientId }) => (ingredientId === 'black-pepper' ? count * pinch : 20));
    expect(holds(cap, bowl(pinches))).toBe(true);
    expect(holds(cap, bowl(pinches + 0.5))).toBe(false);
  });

  // [P10] common practice, no published source: ¼ tsp of coconut oil to 100 mL of a light starch mask.
  it('coconut oil in starch', () => {
    const mask = maskCalled('starch-gloss');
    const cap = capsFor(mask, CATALOGUE, anAdult, 200).find(({ id }) => id === 'per-bowl:coconut-oil:0')!;
    const bowl = (teaspoons: number) =>
      mask.parts.map(({ ingredientId }) => {
        if (ingredientId === 'coconut-oil') return teaspoons * 4.929 * densityOf('coconut-oil');
        return ingredientId === 'starch-slurry' ? 100 * densityOf('starch-slurry') : 0;
      });
    expect(holds(cap, bowl(0.25))).toBe(true);
    expect(holds(cap, bowl(0.5))).toBe(false);
  });

  it('coconut oil in starch that was stirred over heat alone: a cream that was blended carries more', () => {
    const capBeside = (body: string) => {
      const mask = { ...maskCalled('starch-gloss'), parts: [part(body, 0.9), part('coconut-oil', 0.1)] };
      return capsFor(mask, CATALOGUE, anAdult, 200).some(({ id }) => id.startsWith('per-bowl:coconut-oil'));
    };
    const bodies = [...CATALOGUE.values()].filter(({ id }) => id !== 'coconut-oil').map(({ id }) => id);
    expect(bodies.filter(capBeside).sort()).toEqual(['coconut-starch', 'milk-starch', 'rice-starch', 'starch-slurry']);
  });

  // [P11] common practice, no published source: about 1 tsp of leaf powder a bowl.
  it('petal powder', () => {
    const mask = maskCalled('petal-and-seed');
    const cap = capsFor(mask, CATALOGUE, anAdult, 200).find(({ id }) => id === 'per-bowl:hibiscus-powder:0')!;
    const bowl = (teaspoons: number) =>
      mask.parts.map(({ ingredientId }) => {
        if (ingredientId === 'hibiscus-powder') return teaspoons * 2.3;
        return ingredientId === 'yogurt' ? 200 * densityOf('yogurt') : 0;
      });
    expect(holds(cap, bowl(1))).toBe(true);
    expect(holds(cap, bowl(2))).toBe(false);
  });

  // [P8] common practice, no published source: juice to oil 2 : 3, on both sides.
  it('a held ratio', () => {
    const mask = maskCalled('onion-two-three');
    const caps = capsFor(mask, CATALOGUE, anAdult, 200);
    const bowl = (juice: number, oil: number) => [juice * densityOf('onion-juice'), oil * densityOf('olive-oil')];
    expect(caps.every((cap) => holds(cap, bowl(20, 30)))).toBe(true);
    expect(caps.every((cap) => holds(cap, bowl(24, 30)))).toBe(false);
    expect(caps.every((cap) => holds(cap, bowl(16, 30)))).toBe(false);
  });

  // Tisserand and Young, Essential Oil Safety, 2nd ed. (from memory): clove bud at most 0.5 %, cinnamon bark 0.07 %.
  it.each([
    ['clove-oil', 0.005],
    ['cinnamon-bark-oil', 0.0007],
    ['ylang-ylang-oil', 0.008],
  ])('%s has a limit of its own', (id, limit) => {
    const mask = { ...maskCalled('night-watch-oil'), parts: [part('jojoba-oil', 0.99), part(id, 0.01)] };
    const cap = capsFor(mask, CATALOGUE, anAdult, 200).find(({ what }) => what.id === 'cap.share')!;
    const bowl = (share: number) => [100 * (1 - share) * densityOf('jojoba-oil'), 100 * share * densityOf(id)];
    expect(holds(cap, bowl(limit * 0.98))).toBe(true);
    expect(holds(cap, bowl(limit * 1.02))).toBe(false);
  });

  it('what is not for children is capped at nothing until they are old enough', () => {
    const mask = { ...maskCalled('night-watch-oil'), parts: [part('jojoba-oil', 0.99), part('rosemary-oil', 0.01)] };
    const capAt = (ageYears: number) =>
      capsFor(mask, CATALOGUE, { ageYears, sensitiveSkin: false }, 200).find(({ what }) => what.id === 'cap.from-age');
    expect(holds(capAt(5.9)!, [100, 0])).toBe(true);
    expect(holds(capAt(5.9)!, [100, 0.02])).toBe(false);
    expect(capAt(6)).toBeUndefined();
    expect(capAt(5)).toMatchObject({
      what: { params: { years: 6, name: ingredientById(CATALOGUE, 'rosemary-oil').name } },
      bound: 0,
      norm: 1,
    });
  });
});

it('lists what amounts break, each once, and lets a rounding error pass', () => {
  const mask = maskCalled('onion-two-three');
  const caps = capsFor(mask, CATALOGUE, anAdult, 200);
  const grams = (juice: number, oil: number) => [juice * densityOf('onion-juice'), oil * densityOf('olive-oil')];
  expect(capsOver(caps, grams(20, 30))).toEqual([]);
  expect(capsOver(caps, grams(30, 30)).map(({ id }) => id)).toEqual(['ratio:onion-juice:olive-oil:most']);
  expect(capsOver([...caps, ...caps], grams(30, 30))).toHaveLength(1);
  const [least] = caps.filter(({ id }) => id.endsWith('least'));
  const atLimit = { ...least!, coefficients: [1, 0], bound: 10, norm: 1 };
  expect(capsOver([atLimit], [10 + 5e-10, 0])).toEqual([]);
  expect(capsOver([atLimit], [10 + 5e-9, 0])).toHaveLength(1);
});

describe('each cap says what it holds to', () => {
  const said = (mask: Mask, wearer: Parameters<typeof capsFor>[2], id: string) =>
    capsFor(mask, CATALOGUE, wearer, 200).find(({ what }) => what.id === id)?.what.params;
  const nameOf = (id: string) => ingredientById(CATALOGUE, id).name;

  it('scent, in hundredths of the bowl', () => {
    expect(said(maskCalled('night-watch-oil'), anAdult, 'cap.scent')).toEqual({ percent: 1 });
    expect(said(maskCalled('night-watch-oil'), { ageYears: 4, sensitiveSkin: false }, 'cap.scent')).toEqual({
      percent: 0.25,
    });
  });

  it('pinches, for this skin', () => {
    const mask = maskCalled('peppered-yolk');
    const sensitive = { ...anAdult, sensitiveSkin: true };
    expect(said(mask, { ...anAdult, sensitiveSkin: false }, 'cap.pinches')).toEqual({
      name: nameOf('black-pepper'),
      count: 2,
    });
    expect(said(mask, sensitive, 'cap.pinches-sensitive')).toEqual({ name: nameOf('black-pepper'), count: 1 });
  });

  it('the share of an oil of its own, in hundredths', () => {
    const mask = { ...maskCalled('night-watch-oil'), parts: [part('jojoba-oil', 0.99), part('clove-oil', 0.01)] };
    expect(said(mask, anAdult, 'cap.share')).toEqual({ name: nameOf('clove-oil'), percent: 0.5 });
  });

  it('so many grams to this bowl', () => {
    const params = said(maskCalled('petal-and-seed'), anAdult, 'cap.per-bowl');
    expect(params).toMatchObject({ name: nameOf('hibiscus-powder'), millilitres: 200 });
    // A teaspoon of it, as the limit is.
    expect(Number(params?.['grams'])).toBeGreaterThan(2);
    expect(Number(params?.['grams'])).toBeLessThan(4);
  });
});
