<script setup lang="ts">
import type { WeekLane } from '@amber-ladle/core/plan';
import { LEAST_CHANCE } from '@amber-ladle/core/plan';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { paintInBowl } from '../kit/ink';

/**
 * Something on the shelf along the days: as high as there is of it at the end of each, pale where it is hard or doubtful, gone
 * where it is past. Where a bowl draws from it, it steps down.
 */
const { lane } = defineProps<{ lane: WeekLane; label: string }>();
const household = useHousehold();
const HEIGHT = 30;
/** Nothing of it is left that could be seen. */
const CRUMB_GRAMS = 2;

const fill = computed(() => paintInBowl(ingredientById(household.catalogue, lane.ingredientId)));
const days = computed(() => {
  const [before, after] = [lane.grams, lane.leftGrams];
  const lastFit = lane.chance.reduce((last, one, on) => (one >= LEAST_CHANCE ? on : last), -1);
  return lane.chance.map((chance, on) => {
    const grams = on === 0 ? before : (after[on - 1] ?? 0);
    const later = after[on] ?? 0;
    const isGone = grams < CRUMB_GRAMS || (on > lastFit && chance < LEAST_CHANCE / 2);
    const y = (some: number): number => HEIGHT - (some / lane.grams) * (HEIGHT - 3);
    return {
      on,
      isGone,
      isFit: chance >= LEAST_CHANCE,
      opacity: 0.22 + 0.78 * chance,
      // A bowl of the evening draws in the last third of its day.
      points: `${on},${HEIGHT} ${on},${y(grams)} ${on + 0.62},${y(grams)} ${on + 0.74},${y(later)} ${on + 1},${y(later)} ${on + 1},${HEIGHT}`,
    };
  });
});
</script>

<template>
  <svg :viewBox="`0 0 ${days.length} ${HEIGHT}`" preserveAspectRatio="none" role="img" :aria-label="label">
    <template v-for="day in days" :key="day.on">
      <polygon v-if="!day.isGone" :points="day.points" :fill="fill" :fill-opacity="day.opacity" />
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
