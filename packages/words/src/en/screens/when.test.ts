import { describe, expect, it } from 'vitest';
import { aboutWords, tillWords, untilWords, type Where } from './when';

const where: Where = { timeZone: 'Europe/Lisbon', locale: 'en-GB' };
const NOW = Date.parse('2026-03-14T09:30:00Z');
const at = (moment: string): number => Date.parse(moment);

describe('a moment that is only known about', () => {
  it.each([
    ['2026-03-14T18:40:00Z', 'today 18:00'],
    // What ends soon is told as exactly as it is reckoned.
    ['2026-03-14T10:40:00Z', 'today 10:40'],
    ['2026-03-15T02:00:00Z', 'tonight'],
    ['2026-03-15T08:15:00Z', 'tomorrow morning'],
    ['2026-03-15T12:00:00Z', 'tomorrow afternoon'],
    ['2026-03-15T17:59:00Z', 'tomorrow evening'],
    ['2026-03-17T17:59:00Z', 'Tuesday'],
    ['2026-03-13T17:59:00Z', 'yesterday'],
  ])('%s is %s', (moment, words) => {
    expect(aboutWords(at(moment), NOW, where)).toBe(words);
  });
  it('never tells an end later than it is', () => {
    expect(tillWords(at('2026-03-14T18:59:00Z'), NOW, where)).toBe('till today 18:00');
    expect(tillWords(Infinity, NOW, where)).toBe('for months');
  });
  it('is another thing than a moment that was chosen', () => {
    expect(untilWords(at('2026-03-15T11:04:00Z'), NOW, where)).toBe('tomorrow 11:04');
  });
});
