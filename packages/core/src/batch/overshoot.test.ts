import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { SPOON_SETS } from '../measure';
import { BUILT_IN_MASKS } from '../mask';
import { anAdult, aProfile } from '../testing';
import { overshootOf, sizeBowl } from '.';

const egg = BUILT_IN_MASKS.find(({ id }) => id === 'galley-egg')!;
const size = (stretchedLengthCentimetres: number, lockedGrams: Record<string, number> = {}) =>
  sizeBowl({ profile: aProfile({ stretchedLengthCentimetres }), wearer: anAdult }, egg, CATALOGUE, {
    spoons: SPOON_SETS.us,
    lockedGrams,
  });
const why = (bowl: ReturnType<typeof size>) => overshootOf(bowl, bowl.needMillilitres, CATALOGUE);

describe('overshootOf', () => {
  it('names the piece that comes no smaller, on a crop', () => {
    expect(why(size(2))).toMatchObject({ reason: 'piece', ingredientId: 'egg-whole' });
  });

  it('names what was fixed', () => {
    expect(why(size(30, { 'egg-whole': 200 }))).toMatchObject({ reason: 'locked', ingredientId: 'egg-whole' });
  });

  it('is silent up to a tenth', () => {
    const bowl = size(60);
    expect(bowl.madeMillilitres).toBeLessThanOrEqual(1.1 * bowl.needMillilitres);
    expect(why(bowl)).toBeUndefined();
    expect(overshootOf(bowl, bowl.madeMillilitres / 1.11, CATALOGUE)).toBeDefined();
    expect(overshootOf({ lines: [], madeMillilitres: 120 }, 100, CATALOGUE)).toEqual({
      millilitres: 20,
      reason: 'measures',
    });
  });
});
