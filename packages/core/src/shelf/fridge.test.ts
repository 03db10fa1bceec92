import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { fridgeAfter, type FridgeState } from '.';

const model = { targetCelsius: 4, roomCelsius: 20 };
const shut: FridgeState = { celsius: 4, isDoorOpen: false, hasPower: true };

describe('the small fridge', () => {
  it('holds what its thermostat says while it is shut and has power', () => {
    expect(fridgeAfter(shut, model, 600).celsius).toBeCloseTo(4, 9);
    expect(fridgeAfter({ ...shut, celsius: 12 }, model, 180).celsius).toBeLessThan(4.2);
  });
  it('warms by an open door, faster than by a power cut, and never past the room', () => {
    const door = fridgeAfter({ ...shut, isDoorOpen: true }, model, 15).celsius;
    const cut = fridgeAfter({ ...shut, hasPower: false }, model, 15).celsius;
    expect(door).toBeGreaterThan(cut);
    expect(cut).toBeGreaterThan(4);
    expect(fridgeAfter({ ...shut, hasPower: false, isDoorOpen: true }, model, 1e5).celsius).toBeCloseTo(20, 6);
  });
  it('may be split anywhere', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -5, max: 30, noNaN: true }),
        fc.boolean(),
        fc.boolean(),
        fc.double({ min: 0, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (celsius, isDoorOpen, hasPower, a, b) => {
          const state = { celsius, isDoorOpen, hasPower };
          const once = fridgeAfter(state, model, a + b).celsius;
          expect(fridgeAfter(fridgeAfter(state, model, a), model, b).celsius).toBeCloseTo(once, 9);
        },
      ),
    );
  });
});
