import { expect, it } from 'vitest';
import type { FormulaPart } from '@amber-ladle/core/mask';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { ripeShare, ripeWords } from './bookOrder';

const DAY = 24 * 3_600_000;
const part = (ingredientId: string, share: number): FormulaPart => ({
  ingredientId,
  share,
  tolerance: 0.2,
  role: 'body',
  measuredBy: 'spoon',
});
const parts = [part('honey', 0.1), part('avocado', 0.6), part('yogurt', 0.3)];

it('counts what turns within days, and nothing that keeps', () => {
  const atHand = [
    { ingredientId: 'avocado', endsAt: DAY },
    { ingredientId: 'honey', endsAt: 300 * DAY },
    { ingredientId: 'papaya', endsAt: DAY },
  ];
  expect(ripeShare({ parts }, atHand, 0)).toEqual({ share: 0.6, ingredientIds: ['avocado'] });
  expect(ripeShare({ parts }, [...atHand, { ingredientId: 'yogurt', endsAt: 2 * DAY }], 0)).toEqual({
    share: expect.closeTo(0.9) as number,
    ingredientIds: ['avocado', 'yogurt'],
  });
  expect(ripeShare({ parts }, [], 0).share).toBe(0);
});

it('says what it is, and nothing where nothing is', () => {
  expect(ripeWords({ share: 0.6, ingredientIds: ['avocado', 'yogurt'] }, CATALOGUE)).toBe(
    'to use up: avocado, plain yogurt',
  );
  expect(ripeWords({ share: 0, ingredientIds: [] }, CATALOGUE)).toBe('');
});
