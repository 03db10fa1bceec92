import { describe, expect, it } from 'vitest';
import { EMPTY_SCALE, loaded, scaleAfter, scaleReading, tared } from '.';

describe('the kitchen scale', () => {
  it('settles on what lies on it', () => {
    const poured = loaded(EMPTY_SCALE, 136);
    expect(scaleReading(scaleAfter(poured, 0.2)).isSteady).toBe(false);
    expect(scaleReading(scaleAfter(poured, 5))).toEqual({ grams: 136, isSteady: true, isOverloaded: false });
  });
  it('weighs from a tare on, and below it too', () => {
    const bowl = tared(scaleAfter(loaded(EMPTY_SCALE, 240), 10));
    expect(scaleReading(scaleAfter(loaded(bowl, 50), 10)).grams).toBe(50);
    expect(scaleReading(scaleAfter(loaded(bowl, -240), 10)).grams).toBe(-240);
  });
  it('creeps while it waits, until it is tared', () => {
    const waited = scaleAfter(EMPTY_SCALE, 3600);
    expect(scaleReading(waited).grams).toBe(3);
    expect(scaleReading(tared(waited)).grams).toBe(0);
  });
  it('says when it is too much', () => {
    expect(scaleReading(scaleAfter(loaded(EMPTY_SCALE, 5200), 9)).isOverloaded).toBe(true);
    expect(loaded(EMPTY_SCALE, -10).loadGrams).toBe(0);
  });
});
