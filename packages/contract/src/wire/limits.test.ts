import { expect, it } from 'vitest';
import { array, number, object, string } from 'yup';
import { limitsOf } from './limits';

const limits = limitsOf(
  object({
    share: number().min(0).max(1),
    name: string().trim().max(60),
    open: number().min(1),
    wear: object({ minutes: number().integer().min(0).max(2880) }),
    steps: array().of(object({ title: string().max(80) })),
  }),
);

it('are those of the field, however deep it lies', () => {
  expect(limits.number('wear.minutes')).toEqual({ min: 0, max: 2880 });
  expect(limits.text('name')).toEqual({ maxlength: 60 });
  expect(limits.text('steps[].title')).toEqual({ maxlength: 80 });
});

it('are in the units that the field is written in', () => {
  expect(limits.number('share', 100)).toEqual({ min: 0, max: 100 });
});

it('are asked for where there are some', () => {
  expect(() => limits.number('open')).toThrow('No max is said of open.');
  expect(() => limits.text('nothing')).toThrow();
});
