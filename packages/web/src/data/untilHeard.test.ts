import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { untilHeard } from './untilHeard';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});
const press = (pressId: string, about = 'bowl') => ({ pressId, about });
const aboutOf = ({ about }: { about: string }): string => about;

it('shows what another tab told until this one has heard of it, before what is still on its way', () => {
  const shared = ref([press('one'), press('two')]);
  const shown = untilHeard(shared, () => false, aboutOf);
  const ids = () => shown.value.map(({ pressId }) => pressId);
  shared.value = [press('two')];
  expect(ids()).toEqual(['one', 'two']);
  shared.value = [press('three')];
  expect(ids()).toEqual(['one', 'two', 'three']);
  vi.advanceTimersByTime(3000);
  expect(ids()).toEqual(['three']);
});

it('lets go at once of what was told from here: its answer is known', () => {
  const shared = ref([press('one'), press('two')]);
  const shown = untilHeard(shared, (pressId) => pressId === 'one', aboutOf);
  shared.value = [];
  expect(shown.value).toEqual([press('two')]);
});

it('lets go of what came before an answer that is known here: the answer holds it', () => {
  // A page was left with one press untold; the next page tells it, and one more of its own.
  const shared = ref([press('left'), press('elsewhere', 'day'), press('own')]);
  const shown = untilHeard(shared, (pressId) => pressId === 'own', aboutOf);
  shared.value = [press('own')];
  expect(shown.value.map(({ pressId }) => pressId)).toEqual(['left', 'elsewhere', 'own']);
  shared.value = [];
  // Put on top of the answer, it would undo what came after it.
  expect(shown.value.map(({ pressId }) => pressId)).toEqual(['elsewhere']);
});
