// @vitest-environment happy-dom
import { afterEach, expect, it } from 'vitest';
import { inARow } from './inARow';

afterEach(() => {
  document.documentElement.lang = '';
});

it('sets things apart as the language of the page does', () => {
  const things = ['avocado', 'honey', 'oats'];
  for (const lang of ['', 'en-GB', 'en-US']) {
    document.documentElement.lang = lang;
    expect(inARow(things)).toBe('avocado, honey, oats');
  }
  // Unicode CLDR, list patterns of units: German joins the last by a word, Arabic has a comma of its own.
  document.documentElement.lang = 'de';
  expect(inARow(things)).toBe('avocado, honey und oats');
  document.documentElement.lang = 'ar';
  expect(inARow(things)).not.toContain(', ');
  expect([inARow([]), inARow(['rice'])]).toEqual(['', 'rice']);
});
