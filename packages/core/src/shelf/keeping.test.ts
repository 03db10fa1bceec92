import { describe, expect, it } from 'vitest';
import { CATALOGUE, ingredientById, keepingOf } from '../ingredient';
import { COLD_CELSIUS, FROZEN_CELSIUS, HOT_CELSIUS, spoilingRate } from './keeping';

/** Opened, and not perishable in a room within hours: it only lasts longer in the cold. */
const oil = {
  ...keepingOf(ingredientById(CATALOGUE, 'olive-oil'), 'opened'),
  roomHours: 240,
  warmHours: 120,
  coldHours: 2400,
};
const yogurt = keepingOf(ingredientById(CATALOGUE, 'yogurt'), 'opened');

describe('how fast a keeping time is used up, at the edges of each temperature', () => {
  it('goes by the cold up to 5 °C, frozen from −10 °C down, and twice as fast above 32 °C', () => {
    // USDA FSIS, two-hour rule and safe refrigeration (from memory).
    expect([FROZEN_CELSIUS, COLD_CELSIUS, HOT_CELSIUS]).toEqual([-10, 5, 32]);
    expect(spoilingRate(yogurt, 5)).toBe(1 / yogurt.coldHours);
    expect(spoilingRate(yogurt, 5.1)).toBe(1 / yogurt.roomHours);
    expect(spoilingRate(yogurt, 32)).toBe(1 / yogurt.roomHours);
    expect(spoilingRate(yogurt, 32.1)).toBe(1 / yogurt.warmHours);
    expect(spoilingRate(yogurt, -10)).toBe(1 / (yogurt.frozenHours ?? yogurt.coldHours));
    expect(spoilingRate(yogurt, -9.9)).toBe(1 / yogurt.coldHours);
  });
  it('counts a weak fridge, from 5 to 8 °C, a third for what is not perishable, and as a room for what is', () => {
    // Assumption of this project.
    expect(spoilingRate(oil, 5)).toBe(1 / 2400);
    expect(spoilingRate(oil, 5.1)).toBe(3 / 2400);
    expect(spoilingRate(oil, 8)).toBe(3 / 2400);
    expect(spoilingRate(oil, 8.1)).toBe(1 / 240);
    expect(spoilingRate(yogurt, 6)).toBe(1 / yogurt.roomHours);
    // Never faster than in a room.
    expect(spoilingRate({ ...oil, coldHours: 300 }, 7)).toBe(1 / 240);
  });
});
