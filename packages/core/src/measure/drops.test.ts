import { expect, it } from 'vitest';
import { dropsToMillilitres, millilitresToDrops } from './drops';

// European Pharmacopoeia 2.1.1 (from memory): 20 drops of water from the standard dropper weigh 1 g, that is 1 mL.
it('counts drops as the standard dropper does', () => {
  expect(dropsToMillilitres(20)).toBe(1);
  expect(millilitresToDrops(0.2)).toBe(4);
  expect(millilitresToDrops(0.2, 30)).toBe(6);
  expect(millilitresToDrops(0)).toBe(0);
});
