import { describe, expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS, standInsFor, swapCandidates } from '.';

const maskCalled = (id: string) => BUILT_IN_MASKS.filter((mask) => mask.id === id);
const withAloe = BUILT_IN_MASKS.filter(({ parts }) => parts.some(({ ingredientId }) => ingredientId === 'aloe-gel'));

describe('standInsFor', () => {
  it('is what each of the masks could take, in the order of the first', () => {
    expect(withAloe.length).toBeGreaterThan(1);
    const all = standInsFor(withAloe, 'aloe-gel', CATALOGUE);
    for (const mask of withAloe)
      expect(swapCandidates(mask, 'aloe-gel', CATALOGUE)).toEqual(expect.arrayContaining([...all]));
    const alone = standInsFor(withAloe.slice(0, 1), 'aloe-gel', CATALOGUE);
    expect(alone.filter((row) => all.includes(row))).toEqual(all);
    expect(alone).not.toEqual(all);
  });

  it('leaves out what somebody may not have', () => {
    const avoid = ({ allergens }: { allergens: readonly string[] }) => allergens.includes('milk');
    const [yolk] = BUILT_IN_MASKS.filter(({ parts }) => parts.some(({ ingredientId }) => ingredientId === 'egg-yolk'));
    const found = (options = {}) => standInsFor(yolk ? [yolk] : [], 'egg-yolk', CATALOGUE, options);
    expect(found().some(avoid)).toBe(true);
    expect(found({ avoid }).some(avoid)).toBe(false);
  });

  it('is nothing where no mask wants it', () => {
    expect(standInsFor(maskCalled('rice-silk'), 'aloe-gel', CATALOGUE)).toEqual([]);
    expect(standInsFor([], 'aloe-gel', CATALOGUE)).toEqual([]);
  });
});
