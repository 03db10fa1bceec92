import { expect, it } from 'vitest';
import { CATALOGUE } from '../ingredient';
import { BUILT_IN_MASKS } from '../mask';
import { schooled } from '.';

it('keeps every bowl for its own day only where the household holds with that, and else as its mask says', () => {
  const keepings = new Set(BUILT_IN_MASKS.map(({ keeping }) => keeping));
  // Where all masks were alike, nothing could be told from them.
  expect(keepings.size).toBeGreaterThan(1);
  for (const mask of BUILT_IN_MASKS) {
    expect(schooled(mask, { keep: 'same-day' }, CATALOGUE).keeping, mask.id).toBe('same-day');
    expect(schooled(mask, { keep: 'as-mask' }, CATALOGUE).keeping, mask.id).toBe(mask.keeping);
    expect(schooled(mask, {}, CATALOGUE).keeping, mask.id).toBe(mask.keeping);
  }
});
