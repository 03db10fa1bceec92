import { message } from '@amber-ladle/core/message';
import { expect, it } from 'vitest';
import { array, mixed, number, object, string, ValidationError, type Schema } from 'yup';
import { byKind } from './byKind';
import { checked } from './checked';
import { fault, faultsOf, named } from './fault';
import { faultAt } from './faultAt';

/** What is said of a value that does not fit. */
function saidOf(schema: Schema<unknown>, value: unknown) {
  try {
    checked(schema, value);
  } catch (error) {
    if (error instanceof ValidationError) return faultsOf(error);
    throw error;
  }
  return {};
}

it.each<[what: string, schema: Schema<unknown>, value: unknown, said: ReturnType<typeof message>]>([
  ['what is missing', string().required(), '', message('fault.missing')],
  ['what is left out', object().required(), null, message('fault.missing')],
  ['a text for a number', number(), 'six', message('fault.number')],
  ['a number for a text', string(), 6, message('fault.wrong')],
  ['a broken number', number().integer(), 1.5, message('fault.whole')],
  ['too little', number().min(2), 1, message('fault.at-least', { least: 2 })],
  ['less than nothing', number().min(0), -1, message('fault.nothing-or-more')],
  ['too much', number().max(6), 7, message('fault.at-most', { most: 6 })],
  ['just as much', number().moreThan(3), 3, message('fault.more-than', { least: 3 })],
  ['no less', number().lessThan(1), 1, message('fault.less-than', { most: 1 })],
  ['a short text', string().min(3), 'ab', message('fault.letters-least', { least: 3 })],
  ['a long text', string().max(2), 'abc', message('fault.letters-most', { most: 2 })],
  ['too few', array().min(1), [], message('fault.few', { least: 1 })],
  ['too many', array().max(1), [1, 2], message('fault.too-many', { most: 1 })],
  ['another word', string().oneOf(['cup', 'jar']), 'pot', message('fault.one-of', { known: 'cup, jar' })],
  ['no id', string().uuid(), 'one', message('fault.uuid')],
  ['another pattern', string().matches(/^a/), 'b', message('fault.wrong')],
  ['another test', mixed().test('odd', () => false), 1, message('fault.wrong')],
  ['more than is asked for', object({}).noUnknown(), { a: 1 }, message('fault.more-than-asked')],
])('says a message of %s', (_, schema, value, said) => {
  expect(Object.values(saidOf(schema, value))).toEqual([said]);
  // Each of these says nothing by itself.
  expect(named('grams', said)).toEqual(message('fault.within', { path: 'grams', what: said }));
  expect(named('', said)).toEqual(said);
});

it('says what its schema says, where that says something', () => {
  expect(saidOf(object({ name: string().required(fault('head-name')) }), { name: '' })).toEqual({
    name: message('fault.head-name'),
  });
  const kinds = byKind<{ kind: 'jar' }>({ jar: object({ grams: number().required() }) }, fault('pot-or-jar'));
  expect(saidOf(object({ in: kinds }), { in: { kind: 'cup' } })).toEqual({ in: message('fault.pot-or-jar') });
  expect(saidOf(object({ in: kinds }), { in: { kind: 'jar' } })).toEqual({
    in: message('fault.within', { path: 'grams', what: message('fault.missing') }),
  });
});

it('says the first of several things of a field, and of each field one', () => {
  const schema = object({ name: string().min(3).matches(/^a/), age: number().required() });
  expect(saidOf(schema, { name: 'b' })).toEqual({
    name: message('fault.letters-least', { least: 3 }),
    age: message('fault.missing'),
  });
});

it('names no field where the sentence says what it is about', () => {
  expect(named('name', message('fault.head-name'))).toEqual(message('fault.head-name'));
});

it('takes what no schema finds', () => {
  expect(faultsOf(faultAt('id', fault('called-otherwise'), 'x'))).toEqual({ id: message('fault.called-otherwise') });
});
