import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { expect, it } from 'vitest';
import { overWords } from './over';

it.each([
  [{ millilitres: 34, reason: 'piece', ingredientId: 'egg-whole' }, /^34 mL more .*: a whole egg is the least/],
  [{ millilitres: 22, reason: 'piece', ingredientId: 'papaya' }, /⅛ papaya is the least/],
  [{ millilitres: 50, reason: 'locked', ingredientId: 'yogurt' }, /that much plain yogurt is fixed/],
  [{ millilitres: 6, reason: 'measures' }, /smaller spoons/],
] as const)('says why a bowl is over its need: %o', (over, words) => {
  expect(overWords(over, CATALOGUE)).toMatch(words);
});
