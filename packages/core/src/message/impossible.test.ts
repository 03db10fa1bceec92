import { expect, it } from 'vitest';
import { cannot, saidBy } from '.';

it('says the same from another thread, where an error keeps its text alone', () => {
  const error = cannot('none-of-it', { mask: 'Rice silk' });
  expect(error).toBeInstanceOf(RangeError);
  expect(saidBy(error)).toEqual({ id: 'cannot.none-of-it', params: { mask: 'Rice silk' } });
  expect(saidBy(new Error(error.message))).toEqual(error.what);
});

it('says nothing of what only a programmer understands', () => {
  for (const other of [new RangeError('No step is called mix-3.'), new Error('{"id":"else"}'), 'cannot', undefined])
    expect(saidBy(other)).toBeUndefined();
});
