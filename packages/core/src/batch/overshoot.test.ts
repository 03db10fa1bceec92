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

  it('names of two the one whose step the whole bowl follows further', () => {
    const line = (ingredientId: string, pieceGrams: number, grams: number, formulaShare: number) => ({
      ...size(30).lines[0]!,
      ...{ ingredientId, pieceGrams, grams, formulaShare, bowlMillilitres: grams, isLocked: false },
    });
    // An egg of 50 g is a tenth of its bowl, 500 g a step; an eighth of an avocado of 200 g is half of it, 50 g a step.
    const lines = [line('avocado', 200, 600, 0.5), line('egg-whole', 50, 50, 0.1)];
    const coarsest = (order: typeof lines) => overshootOf({ lines: order, madeMillilitres: 150 }, 100, CATALOGUE);
    expect(coarsest(lines)).toEqual({ millilitres: 50, reason: 'piece', ingredientId: 'egg-whole' });
    expect(coarsest(lines.toReversed())).toEqual({ millilitres: 50, reason: 'piece', ingredientId: 'egg-whole' });
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
