import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import { ref } from 'vue';
import { untilHeard } from './untilHeard';

beforeEach(() => {
  vi.useFakeTimers();
});
afterEach(() => {
  vi.useRealTimers();
});
const press = (pressId: string) => ({ pressId });

it('shows what another tab told until this one has heard of it, before what is still on its way', () => {
  const shared = ref([press('one'), press('two')]);
  const shown = untilHeard(shared, () => false);
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
  const shown = untilHeard(shared, (pressId) => pressId === 'one');
  shared.value = [];
  expect(shown.value).toEqual([press('two')]);
});
