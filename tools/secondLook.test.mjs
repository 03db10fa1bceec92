import { expect, it } from 'vitest';
import { worthASecondLook } from './secondLook.mjs';

const ROOT = '/house';
const report = (failed, passed = ['/house/packages/core/src/fit/fit.test.ts']) => ({
  testResults: [
    ...passed.map((name) => ({ name, status: 'passed' })),
    ...failed.map((name) => ({ name, status: 'failed' })),
  ],
});

it('runs a browser test that failed once more', () => {
  expect(worthASecondLook(report(['/house/e2e/tests/bowl.test.ts']), ROOT)).toEqual(['e2e/tests/bowl.test.ts']);
});

it('never gives a sum, a server or a page without a browser a second look', () => {
  expect(worthASecondLook(report(['/house/packages/core/src/fit/fit.test.ts'], []), ROOT)).toEqual([]);
  expect(
    worthASecondLook(report(['/house/e2e/tests/bowl.test.ts', '/house/packages/web/src/wear/one.test.ts']), ROOT),
  ).toEqual([]);
});

it('takes many at once for what they are', () => {
  const many = ['a', 'b', 'c', 'd', 'e'].map((name) => `/house/e2e/tests/${name}.test.ts`);
  expect(worthASecondLook(report(many.slice(0, 4)), ROOT)).toHaveLength(4);
  expect(worthASecondLook(report(many), ROOT)).toEqual([]);
});

it('has nothing to look at where all passed, or nothing ran', () => {
  expect(worthASecondLook(report([]), ROOT)).toEqual([]);
  expect(worthASecondLook({ testResults: [] }, ROOT)).toEqual([]);
});
