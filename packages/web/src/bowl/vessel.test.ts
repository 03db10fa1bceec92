// @vitest-environment happy-dom
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { fitAmounts } from '@amber-ladle/core/batch';
import { BUILT_IN_MASKS } from '@amber-ladle/core/mask';
import { SPOON_SETS } from '@amber-ladle/core/measure';
import { mount } from '@vue/test-utils';
import fc from 'fast-check';
import { afterAll, expect, it, vi } from 'vitest';
import VesselDrawing from './VesselDrawing.vue';
import { apart, GLASS, vesselScale } from './vesselScale';

// The book of drawings is fetched by itself, and may still be on its way.
afterAll(() => vi.dynamicImportSettled());

it('marks a glass in round steps that is just large enough', () => {
  fc.assert(
    fc.property(fc.double({ min: 1, max: 3000, noNaN: true }), (most) => {
      const scale = vesselScale(most);
      expect(scale.millilitres).toBeGreaterThanOrEqual(most);
      expect(scale.millilitres).toBeLessThan(most * 1.08 + scale.stepMillilitres);
      expect(scale.ticks.length).toBeLessThanOrEqual(8);
      expect(scale.yOf(0)).toBe(GLASS.bottom);
      expect(scale.yOf(scale.millilitres)).toBeCloseTo(GLASS.top);
      // Straight walls: twice as much stands twice as high.
      expect(GLASS.bottom - scale.yOf(most)).toBeCloseTo(2 * (GLASS.bottom - scale.yOf(most / 2)));
    }),
  );
});

it('moves words apart, and leaves those where they are that have room', () => {
  expect(apart([300, 200, 100], 20, 372)).toEqual([300, 200, 100]);
  expect(apart([360, 358, 357], 20, 372)).toEqual([360, 340, 320]);
});

it('draws every layer as high as it is much, for every built-in mask', () => {
  for (const mask of BUILT_IN_MASKS.slice(0, 8)) {
    const bowl = fitAmounts(mask, CATALOGUE, { ageYears: 30, sensitiveSkin: false }, { spoons: SPOON_SETS.us }, 160);
    const glass = mount(VesselDrawing, {
      props: { bowl, catalogue: CATALOGUE, needMillilitres: 150, lowMillilitres: 120, highMillilitres: 165 },
    });
    const { yOf } = vesselScale(Math.max(bowl.madeMillilitres, 165));
    for (const { ingredientId, bowlMillilitres } of bowl.lines) {
      const rect = glass.get(`[data-layer="${ingredientId}"]`);
      expect(Number(rect.attributes('height')), `${mask.id} ${ingredientId}`).toBeCloseTo(
        Math.max(0.5, GLASS.bottom - yOf(bowlMillilitres)),
        4,
      );
    }
    // And all that is in it is read out, the need too.
    expect(glass.attributes('aria-label')).toMatch(/A measuring glass holding \d+ mL: .+ needs 150 mL\./);
    glass.unmount();
  }
});
