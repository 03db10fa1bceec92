import { describe, expect, it } from 'vitest';
import {
  EMPTY_SCALE,
  loaded,
  NOTHING_WEIGHED,
  putOn,
  scaleAfter,
  scaleReading,
  tared,
  weighingAfter,
  type ScaleState,
  type Weighing,
} from '.';

/** The simulated scale read every fifth of a second for so long, with hands that act before. */
function watched(start: { state: ScaleState; weighing: Weighing; at: number }, seconds: number) {
  let { state, weighing, at } = start;
  for (let i = 0; i < seconds * 5; i++) {
    state = scaleAfter(state, 0.2);
    at += 200;
    weighing = weighingAfter(weighing, at, scaleReading(state).grams);
  }
  return { state, weighing, at };
}
const fresh = { state: EMPTY_SCALE, weighing: NOTHING_WEIGHED, at: 0 };
const now = ({ state, weighing }: { state: ScaleState; weighing: Weighing }) =>
  putOn(weighing, scaleReading(state).grams);

describe('weighing', () => {
  it('never takes the creep of a scale for an ingredient, however long it is left alone', () => {
    const later = watched(fresh, 90 * 60);
    expect(scaleReading(later.state).grams).toBeGreaterThanOrEqual(4);
    expect(later.weighing.isChanged).toBe(false);
    expect(now(later)).toBe(0);
  });

  it('counts what a hand put on, without what the zero had crept by', () => {
    const crept = watched(fresh, 40 * 60);
    const poured = watched({ ...crept, state: loaded(crept.state, 42) }, 10);
    expect(poured.weighing.isChanged).toBe(true);
    expect(now(poured)).toBe(42);
    const zero = watched({ ...poured, state: tared(poured.state), weighing: NOTHING_WEIGHED }, 30 * 60);
    expect(now(zero)).toBe(0);
  });

  it('counts a slow pour: honey in a thread', () => {
    let here = watched(fresh, 5);
    for (let i = 0; i < 40; i++) here = watched({ ...here, state: loaded(here.state, 0.5) }, 2);
    expect(now(watched(here, 5))).toBeGreaterThanOrEqual(19);
  });
});
