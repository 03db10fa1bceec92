// @vitest-environment happy-dom
import { flushPromises } from '@vue/test-utils';
import { beforeEach, expect, it } from 'vitest';
import { layText, noAnswers, usePastedText } from './usePastedText';

/** The page, and who lays a text on it, hold what stays in the browser each for themselves: one hears of the other a moment later. */
const { text, answers } = usePastedText();
async function lay(next: string) {
  const back = layText(next);
  await flushPromises();
  return back;
}
beforeEach(async () => {
  text.value = '';
  answers.value = noAnswers();
  await flushPromises();
});

it('is on the page, without the answers to another text', async () => {
  answers.value = { ...noAnswers(), name: 'Sunday', heads: 2 };
  await flushPromises();
  expect(await lay('2 tbsp honey')).toBeUndefined();
  expect(text.value).toBe('2 tbsp honey');
  expect(answers.value).toEqual(noAnswers());
});

it('gives back what was there, with its answers', async () => {
  await lay('2 tbsp honey');
  answers.value = { ...noAnswers(), name: 'Sunday', keptSteps: ['Sing.'] };
  await flushPromises();
  const back = await lay('1 avocado');
  expect([text.value, answers.value.name]).toEqual(['1 avocado', undefined]);
  await back?.();
  await flushPromises();
  expect(text.value).toBe('2 tbsp honey');
  expect(answers.value).toEqual({ ...noAnswers(), name: 'Sunday', keptSteps: ['Sing.'] });
});

it('has nothing to give back where nothing was there, or the same', async () => {
  expect(await lay('1 avocado')).toBeUndefined();
  expect(await lay('1 avocado')).toBeUndefined();
  expect(await lay('  ')).toBeInstanceOf(Function);
  expect(await lay('1 egg')).toBeUndefined();
});
