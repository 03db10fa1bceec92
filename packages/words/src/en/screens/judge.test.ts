import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { HOUR } from '@amber-ladle/core/time';
import { describe, expect, it } from 'vitest';
import { reasonSentence, termWords } from './judge';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const HERE = { timeZone: 'UTC', locale: 'en-GB', lengthIn: 'cm', warmthIn: '°C', currency: 'EUR' } as const;
const inHouse = (ingredientIds: string[], unripe: { ingredientId: string; readyAt: number }[]) => ({
  id: 'in-house' as const,
  points: -2,
  ingredientIds,
  unripe,
});

describe('why a mask stands where it stands', () => {
  it.each([
    [inHouse(['yogurt'], []), 'wants plain yogurt'],
    [
      inHouse([], [{ ingredientId: 'avocado', readyAt: NOW + 30 * HOUR }]),
      'the avocado is ripe only about tomorrow afternoon',
    ],
    [
      inHouse([], [{ ingredientId: 'avocado', readyAt: Infinity }]),
      'the avocado is hard and does not ripen where it lies',
    ],
    [
      inHouse(['honey'], [{ ingredientId: 'mango', readyAt: NOW + 72 * HOUR }]),
      'wants honey, the mango is ripe only about Tuesday',
    ],
    [inHouse([], []), 'wants a little more than there is'],
  ])('%j', (term, words) => {
    expect(termWords(term, CATALOGUE, HERE, NOW)).toBe(words);
  });

  it('is one sentence, what speaks for it first, money in its currency', () => {
    const terms = [
      inHouse([], [{ ingredientId: 'avocado', readyAt: NOW + 72 * HOUR }]),
      { id: 'saves' as const, points: 1.2, ingredientIds: ['papaya'] },
      { id: 'cost' as const, points: -0.4, money: 2.5 },
      { id: 'quick' as const, points: -0.5, minutes: 60 },
    ];
    expect(reasonSentence(terms, CATALOGUE, HERE, NOW)).toBe(
      'Saves papaya that turns; but the avocado is ripe only about Tuesday, about €2.50 to buy.',
    );
    expect(reasonSentence([], CATALOGUE, HERE, NOW)).toBe('Nothing speaks against it.');
  });
});
