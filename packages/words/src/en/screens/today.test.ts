import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { expect, it } from 'vitest';
import { besideWords, pastWords, worthWords } from './today';

const NOW = Date.parse('2026-03-14T09:30:00Z');
const WHERE = { locale: 'en-GB', timeZone: 'Europe/London' };

it('says what turns with a bowl, one or many', () => {
  expect(worthWords(['the cut avocado'], 143.2, 'Wren', 'en-GB')).toBe(
    'The cut avocado turns by tomorrow: 143 mL, enough for Wren.',
  );
  expect(worthWords(['the strawberries'], 90, 'Wren', 'en-GB')).toMatch(/^The strawberries turn by/);
  expect(worthWords(['the watercress'], 90, 'Wren', 'en-GB')).toMatch(/^The watercress turns by/);
  expect(worthWords(['the banana', 'the opened yogurt', 'the egg'], 90, 'Wren', 'en-GB')).toMatch(
    /^The banana, the opened yogurt and the egg turn by/,
  );
});

it('says no more than the size where nothing turns, and whose it is where that is known', () => {
  expect(worthWords([], 143, undefined, 'en-GB')).toBe('143 mL, enough for one head.');
});

it('keeps what is to be bought apart from what is in the house and hard', () => {
  const said = besideWords(
    [
      { ingredientId: 'honey', grams: 12.3 },
      { ingredientId: 'avocado', grams: 90, readyAt: NOW + 2 * 86_400_000 },
      { ingredientId: 'banana', grams: 40, readyAt: Infinity },
    ],
    CATALOGUE,
    NOW,
    WHERE,
  );
  expect(said).toMatch(/^Still missing: 12 g honey\. Not ripe yet: 90 g avocado \(about .*Monday.*\), 40 g banana\.$/);
  expect(besideWords([], CATALOGUE, NOW, WHERE)).toBe('Everything else is in the house.');
});

it('counts what is past', () => {
  expect([1, 3].map(pastWords)).toEqual(['1 thing is past and can go', '3 things are past and can go']);
});
