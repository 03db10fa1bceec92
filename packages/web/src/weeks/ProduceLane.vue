<script setup lang="ts">
import type { WeekLane } from '@amber-ladle/core/plan';
import { LEAST_CHANCE } from '@amber-ladle/core/plan';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { paintInBowl } from '../kit/ink';

/**
 * Something on the shelf along the days: as high as there is of it at the end of each, pale where it is hard or doubtful, gone
 * where it is past, and as ice where it was frozen in time. Where a bowl draws from it, it steps down.
 */
const { lane } = defineProps<{ lane: WeekLane; label: string }>();
const household = useHousehold();
const HEIGHT = 30;
/** Nothing of it is left that could be seen. */
const CRUMB_GRAMS = 2;

const fill = computed(() => paintInBowl(ingredientById(household.catalogue, lane.ingredientId)));
const ice = paintInBowl(ingredientById(household.catalogue, 'water'));
const days = computed(() => {
  const { grams: whole, leftGrams, iceGrams, freezeOn, chance: chances } = lane;
  const lastFit = chances.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
  const y = (some: number): number => HEIGHT - (some / whole) * (HEIGHT - 3);
  return chances.map((chance, on) => {
    const isIce = freezeOn !== undefined && on > freezeOn;
    // Past its time, what is left is what lies in the freezer.
    const left = isIce && on > lastFit ? iceGrams : leftGrams;
    const grams = on === 0 ? whole : (left[on - 1] ?? 0);
    const later = left[on] ?? 0;
    const isPast = on > lastFit && chance < LEAST_CHANCE / 2;
    return {
      on,
      isIce,
      isGone: grams < CRUMB_GRAMS || (isPast && !isIce),
      opacity: isIce ? 0.16 : 0.22 + 0.78 * chance,
      // A bowl of the evening draws in the last third of its day.
      points: `${on},${HEIGHT} ${on},${y(grams)} ${on + 0.62},${y(grams)} ${on + 0.74},${y(later)} ${on + 1},${y(later)} ${on + 1},${HEIGHT}`,
    };
  });
});
</script>

<template>
  <svg :viewBox="`0 0 ${days.length} ${HEIGHT}`" preserveAspectRatio="none" role="img" :aria-label="label">
    <template v-for="day in days" :key="day.on">
      <polygon v-if="day.isIce && !day.isGone" class="ice" :points="day.points" :fill="ice" />
      <polygon
        v-if="!day.isGone"
        :class="{ ice: day.isIce }"
        :points="day.points"
        :fill="fill"
        :fill-opacity="day.opacity"
      />
    </template>
    <line x1="0" :x2="days.length" :y1="HEIGHT" :y2="HEIGHT" class="ground" vector-effect="non-scaling-stroke" />
  </svg>
</template>

<style scoped>
polygon {
  stroke: var(--ink-line);
  stroke-width: 0.8px;
  stroke-opacity: 0.45;
  vector-effect: non-scaling-stroke;
}
.ice {
  stroke-opacity: 0.12;
}
svg {
  width: 100%;
  height: 34px;
  display: block;
}
.ground {
  stroke: var(--rule);
  stroke-width: 1px;
}
</style>
