import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, rawRecipeOf } from '../ingredient';
import {
  BOILED_OFF_PER_MINUTE,
  COVERS_BLADES_GRAMS,
  LEAST_POT_GRAMS,
  makingFor,
  potFaults,
  potsOf,
  type MakingOptions,
} from '.';

const making = (id: string, grams: number, options?: MakingOptions) =>
  makingFor(rawRecipeOf(ingredientById(CATALOGUE, id))!, grams, options);
const pots = (wanted: Readonly<Record<string, number>>, options?: Readonly<Record<string, MakingOptions>>) =>
  potsOf(
    Object.entries(wanted).map(([ingredientId, grams]) => ({ ingredientId, grams })),
    CATALOGUE,
    options,
  );

describe('a pot of one thing', () => {
  it('is its making, as it is', () => {
    const alone = making('rice-cream', 300);
    const [pot, ...more] = pots({ 'rice-cream': 300 });
    expect(more).toEqual([]);
    expect(pot).toMatchObject({
      method: 'boil-and-blend',
      liquidId: 'water',
      blenderGrams: alone.blenderGrams,
      boiledOffGrams: alone.boiledOffGrams,
      clothGrams: alone.clothGrams,
      madeGrams: 300,
      minutes: alone.minutes,
      lid: 'ajar',
      isSoaked: false,
      isByHand: false,
      faults: [],
    });
    expect(pot!.liquidGrams).toBeCloseTo(alone.liquidGrams, 9);
    expect([pot!.topUpGrams, pot!.pouredOffGrams].every((grams) => grams < 1e-9)).toBe(true);
    expect(pot!.holds.map(({ recipe: _, ...one }) => one)).toEqual([
      { ingredientId: 'rice-cream', making: alone, joinsAfterMinutes: 0 },
    ]);
  });

  it('is none for what comes as it is, or is not wanted', () => {
    expect(pots({ honey: 20, 'rice-cream': 0 })).toEqual([]);
    expect(() => pots({ moonlight: 20 })).toThrow(RangeError);
  });

  it('starts with as much as its school says, and is topped up or poured off', () => {
    const withVolumes = (volumes: number) => pots({ 'rice-cream': 300 }, { 'rice-cream': { volumes } })[0]!;
    const usual = pots({ 'rice-cream': 300 })[0]!.liquidGrams;
    for (const volumes of [2, 12]) {
      const pot = withVolumes(volumes);
      expect(pot.liquidGrams).toBeCloseTo(making('rice-cream', 300, { volumes }).liquidGrams, 9);
      expect(pot.topUpGrams).toBeCloseTo(Math.max(0, usual - pot.liquidGrams), 9);
      expect(pot.pouredOffGrams).toBeCloseTo(Math.max(0, pot.liquidGrams - usual), 9);
    }
    expect(withVolumes(2).topUpGrams).toBeGreaterThan(0);
    expect(withVolumes(12).pouredOffGrams).toBeGreaterThan(0);
  });

  it('says whether it was soaked, and whether it is mashed by hand', () => {
    const pot = (options: MakingOptions) => pots({ 'rice-cream': 300 }, { 'rice-cream': options })[0]!;
    expect([pot({ soaked: true }).isSoaked, pot({ byHand: true }).isSoaked]).toEqual([true, false]);
    expect([pot({ soaked: true }).isByHand, pot({ byHand: true }).isByHand]).toEqual([false, true]);
    expect(pot({ lid: 'on' }).lid).toBe('on');
  });
});

describe('a pot of several', () => {
  // Common practice, no published source: grains boil together, the quicker one joins.
  it('takes grains together: the slowest first, the quicker in when its own time has come', () => {
    const wanted = { 'oat-cream': 150, 'rice-cream': 200 };
    const [pot, ...more] = pots(wanted);
    expect(more).toEqual([]);
    const [rice, oats] = [making('rice-cream', 200), making('oat-cream', 150)];
    expect(rice.minutes).toBeGreaterThan(oats.minutes);
    expect(pot!.holds.map(({ ingredientId, joinsAfterMinutes }) => [ingredientId, joinsAfterMinutes])).toEqual([
      ['rice-cream', 0],
      ['oat-cream', rice.minutes - oats.minutes],
    ]);
    expect(pot!.minutes).toBe(rice.minutes);
    expect(pot!.madeGrams).toBe(350);
    expect(pot!.clothGrams).toBeCloseTo(rice.clothGrams + oats.clothGrams, 9);
    expect(pot!.blenderGrams).toBeCloseTo(rice.blenderGrams + oats.blenderGrams, 9);
    // Water leaves the pot once, by its own lid; each brings what it takes up.
    expect(pot!.boiledOffGrams).toBe(BOILED_OFF_PER_MINUTE[pot!.lid] * pot!.minutes);
    const takenUp = [rice, oats].reduce((sum, one) => sum + one.liquidGrams - one.boiledOffGrams, 0);
    expect(pot!.liquidGrams).toBeCloseTo(takenUp + pot!.boiledOffGrams, 9);
  });

  it('conserves mass whatever each starts with', () => {
    for (const volumes of [undefined, 2, 12]) {
      const options = volumes === undefined ? {} : { 'oat-cream': { volumes } };
      const pot = pots({ 'oat-cream': 150, 'rice-cream': 200 }, options)[0]!;
      const raw = pot.holds.reduce((sum, one) => sum + one.making.rawGrams, 0);
      const goesIn = raw + pot.liquidGrams + pot.topUpGrams + pot.blenderGrams;
      const comesOut = pot.madeGrams + pot.boiledOffGrams + pot.pouredOffGrams + pot.clothGrams;
      expect(goesIn).toBeCloseTo(comesOut, 6);
      // As soon as one of them has a school of its own, what each starts with is what goes in.
      const asked = pot.holds.reduce((sum, one) => sum + one.making.liquidGrams, 0);
      if (volumes !== undefined) expect(pot.liquidGrams).toBeCloseTo(asked, 9);
    }
  });

  it('takes gels together, and grains apart from them; what is stirred or steeped is alone', () => {
    const groups = pots({
      'flax-gel': 150,
      'rice-cream': 200,
      'okra-gel': 150,
      'starch-slurry': 60,
      'rose-infused-oil': 80,
    }).map(({ holds }) => holds.map(({ ingredientId }) => ingredientId));
    expect(groups.map((group) => group.length).sort()).toEqual([1, 1, 1, 2]);
    expect(groups.find((group) => group.length === 2)?.sort()).toEqual(['flax-gel', 'okra-gel']);
  });

  it('counts as soaked or mashed where one of it is', () => {
    const wanted = { 'oat-cream': 150, 'rice-cream': 200 };
    const pot = pots(wanted, { 'oat-cream': { soaked: true, byHand: true } })[0]!;
    expect([pot.isSoaked, pot.isByHand]).toEqual([true, true]);
  });
});

describe('a pot that is too small', () => {
  const faultsOf = (wanted: Readonly<Record<string, number>>, options?: Readonly<Record<string, MakingOptions>>) =>
    pots(wanted, options)[0]!.faults;

  it('does not cover the blades below its least, unless it is mashed by hand', () => {
    expect(faultsOf({ 'rice-cream': COVERS_BLADES_GRAMS })).not.toContain('below-the-blades');
    expect(faultsOf({ 'rice-cream': COVERS_BLADES_GRAMS - 1 })).toContain('below-the-blades');
    expect(faultsOf({ 'rice-cream': 60 }, { 'rice-cream': { byHand: true } })).not.toContain('below-the-blades');
    // A strained gel needs no blender.
    expect(faultsOf({ 'flax-gel': 60 })).not.toContain('below-the-blades');
  });

  it('boils dry with less liquid than its least, and neither stirred nor steeped', () => {
    const least = (grams: number): boolean => faultsOf({ 'flax-gel': grams }).includes('boils-dry');
    const liquid = (grams: number): number => pots({ 'flax-gel': grams })[0]!.liquidGrams;
    const enough = Array.from({ length: 300 }, (_, i) => i + 1).find((grams) => liquid(grams) >= LEAST_POT_GRAMS)!;
    expect(least(enough)).toBe(false);
    expect(least(enough - 1)).toBe(true);
    expect(faultsOf({ 'starch-slurry': 30 })).toEqual([]);
    expect(faultsOf({ 'rose-infused-oil': 30 })).toEqual([]);
  });

  it('says what is wrong with the grams that it is about', () => {
    const told = potFaults({ faults: ['below-the-blades', 'boils-dry'], madeGrams: 60, liquidGrams: 90 });
    expect(told).toEqual([
      { id: 'pot.below-the-blades', params: { grams: 60 } },
      { id: 'pot.boils-dry', params: { grams: 90 } },
    ]);
  });
});
