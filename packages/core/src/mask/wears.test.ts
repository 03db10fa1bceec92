import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById } from '../ingredient';
import { BUILT_IN_MASKS, composed, stoppedWears, swapCandidates, tightened, wearsOf, wornFor, type Mask } from '.';

const [book] = BUILT_IN_MASKS as readonly [Mask, ...Mask[]];
const { otherWears: _others, ...plainBook } = book;
const oil: Mask = {
  ...plainBook,
  parts: composed([{ ingredientId: 'olive-oil', grams: 40, instead: ['argan-oil', 'coconut-oil'] }], CATALOGUE),
  wear: { minimumMinutes: 40, aimMinutes: 60, limitMinutes: 120 },
};
const night = { minimumMinutes: 360, aimMinutes: 480, limitMinutes: 540 };

describe('several lengths of wear', () => {
  const several = { ...oil, otherWears: [night] };
  it('are its usual one and the others', () => {
    expect(wearsOf(oil)).toEqual([oil.wear]);
    expect(wearsOf(several)).toEqual([oil.wear, night]);
  });
  it('are chosen among by their aim; what is not offered leaves the usual one', () => {
    expect(wornFor(several, 480).wear).toEqual(night);
    expect(wornFor(several, 60)).toBe(several);
    expect(wornFor(several, undefined)).toBe(several);
    expect(wornFor(several, 90)).toBe(several);
    expect(wornFor(oil, 480)).toBe(oil);
  });
  it('are all still offered once one is chosen, the chosen one first', () => {
    const worn = wornFor(several, 480);
    expect(wearsOf(worn)).toEqual([night, oil.wear]);
    expect(wornFor(worn, 60).wear).toEqual(oil.wear);
  });
  it('are stopped by what does not last so long on a head, each by its name', () => {
    const rows = ['avocado', 'egg-yolk', 'olive-oil'].map((id) => ingredientById(CATALOGUE, id));
    const hours = { minimumMinutes: 60, aimMinutes: 90, limitMinutes: 120 };
    expect(stoppedWears([oil.wear, hours, night], rows)).toEqual([
      { wear: oil.wear, names: ['Egg yolk'] },
      { wear: hours, names: ['Egg yolk'] },
      { wear: night, names: ['Avocado', 'Egg yolk'] },
    ]);
    expect(stoppedWears([night], [ingredientById(CATALOGUE, 'olive-oil')])).toEqual([]);
  });
  it('lose those that the ingredients forbid, and are never made shorter ones', () => {
    expect(tightened(several, CATALOGUE).otherWears).toEqual([night]);
    const withEgg = {
      ...several,
      parts: composed(
        [
          { ingredientId: 'olive-oil', grams: 40 },
          { ingredientId: 'egg-yolk', grams: 17 },
        ],
        CATALOGUE,
      ),
    };
    expect(tightened(withEgg, CATALOGUE).otherWears).toEqual([]);
    expect(tightened(oil, CATALOGUE).otherWears).toBeUndefined();
  });
});

it('offers its maker’s own stand-ins first, in her order, and then what a cook would take', () => {
  const ids = swapCandidates(oil, 'olive-oil', CATALOGUE).map(({ id }) => id);
  expect(ids.slice(0, 2)).toEqual(['argan-oil', 'coconut-oil']);
  expect(ids.length).toBeGreaterThan(2);
  expect(new Set(ids).size).toBe(ids.length);
});
