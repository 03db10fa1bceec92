import { message } from '@amber-ladle/core/message';
import { describe, expect, it } from 'vitest';
import { ENGLISH } from './en';
import { american, americanised, isBritish, spelt } from './enUS';
import { sentenceOf, USUAL_READER } from '.';

/** Spellings that differ, from a dictionary of both (from memory). */
const BRITISH =
  /\b(?:\w*colour\w*|fibre\w*|flavour\w*|yoghurt|gelatine|glycerine|centre\w*|grey|mould\w*|\w*litres?)\b/i;

describe('American spelling', () => {
  it('leaves no British word, and no parameter’s name changed', () => {
    for (const [id, sentence] of Object.entries(americanised(ENGLISH))) {
      const names = (text: string): string[] => [...text.matchAll(/\{(\w+)[,}]/g)].map(([, name]) => name ?? '');
      expect(sentence.replace(/\{\w+/g, ''), id).not.toMatch(BRITISH);
      expect(names(sentence), id).toEqual(names(ENGLISH[id as keyof typeof ENGLISH]));
    }
  });
  it('keeps capitals, and reaches into plurals', () => {
    expect(american('Coloured hair: {count, plural, one {one colour} other {# colours}} of {colour} grey.')).toBe(
      'Colored hair: {count, plural, one {one color} other {# colors}} of {colour} gray.',
    );
  });
  it('is what an American household reads, and no other', () => {
    const fades = message('caution.acid-fades', { names: ['Lemon juice'] });
    expect(sentenceOf(fades, { ...USUAL_READER, locale: 'en-US' })).toMatch(/^Colored or bleached/);
    expect(sentenceOf(fades, { ...USUAL_READER, locale: 'en-CA' })).toMatch(/^Coloured or bleached/);
  });
  it('is that of a screen’s own words, too', () => {
    expect(spelt('It fades colour', 'en-US')).toBe('It fades color');
    expect(spelt('It fades colour', 'en-GB')).toBe('It fades colour');
    expect(['grey hair', 'gray hair'].map(isBritish)).toEqual([true, false]);
  });
});
