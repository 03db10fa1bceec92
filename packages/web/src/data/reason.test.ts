// @vitest-environment happy-dom
import { fault, faultAt } from '@amber-ladle/contract';
import { cannot } from '@amber-ladle/core/message';
import { afterEach, expect, it } from 'vitest';
import { faultWords, isUnfit, reasonOf } from './reason';

afterEach(() => {
  document.documentElement.lang = '';
});

it('says what a model cannot do, from whichever thread', () => {
  const error = cannot('none-of-it', { mask: 'Rice silk' });
  expect(reasonOf(error)).toBe('Rice silk has none of it.');
  expect(reasonOf(new Error(error.message))).toBe('Rice silk has none of it.');
});

it('says what a form has wrong, field by field, and one of it where there is one line', () => {
  const error = faultAt('name', fault('head-name'), '');
  expect(isUnfit(error)).toBe(true);
  expect(faultWords(error)).toEqual({ name: 'Give the head a name.' });
  expect(reasonOf(error)).toBe('Give the head a name.');
  const usual = faultAt('summary', fault('letters-most', { most: 200 }), 'long');
  expect(faultWords(usual)).toEqual({ summary: 'At most 200 letters.' });
  expect(reasonOf(usual)).toBe('summary: At most 200 letters.');
});

it('says it as the household reads', () => {
  document.documentElement.lang = 'en-US';
  expect(reasonOf(faultAt('left', fault('5-litres-left'), 9000))).toBe('At most 5 liters are left.');
});

it('hands on what is in words already', () => {
  expect(reasonOf(new Error('The server sleeps.'))).toBe('The server sleeps.');
  expect(reasonOf('gone')).toBe('gone');
  expect(isUnfit(new Error('The server sleeps.'))).toBe(false);
});
