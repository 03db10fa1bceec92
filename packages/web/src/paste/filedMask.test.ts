import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import type { FiledMask } from '@amber-ladle/core/exchange';
import { expect, it } from 'vitest';
import { checkedMask, isFiled } from './filedMask';

it('knows a file or a page from a mask in words', () => {
  const filed = [
    '{ "name": "Oat" }',
    '[ { "name": 1 } ]',
    '<!DOCTYPE html>',
    ' \n<html lang="en">',
    '<?xml version="1.0"?>',
  ];
  expect(filed.filter((text) => !isFiled(text))).toEqual([]);
  const words = ['2 eggs [large]', '{half} an avocado', '< 5 minutes', '1 banana', '[sieved] oats', ''];
  expect(words.filter(isFiled)).toEqual([]);
});

const { id: _id, version: _version, ...written } = BUILT_IN_MASKS[0] as (typeof BUILT_IN_MASKS)[number];
const filed = (change: Partial<FiledMask> = {}): FiledMask => ({ ...written, ...change });

it('takes a mask of somebody else’s as it is', () => {
  expect(checkedMask(filed(), CATALOGUE)).toMatchObject({ name: written.name, parts: written.parts });
});

it('names what nobody here knows, and says what cannot be a mask', () => {
  const [first, ...rest] = written.parts as [(typeof written.parts)[number], ...typeof written.parts];
  const strange = filed({ parts: [{ ...first, ingredientId: 'moon-dust' }, ...rest] });
  expect(() => checkedMask(strange, CATALOGUE)).toThrow(/not among the ingredients here: moon-dust\. Add it first/);
  expect(() => checkedMask(filed({ name: '' }), CATALOGUE)).toThrow(/^It cannot be a mask here: \w/);
  expect(() => checkedMask(filed({ parts: [] }), CATALOGUE)).toThrow(/^It cannot be a mask here: \w/);
});
