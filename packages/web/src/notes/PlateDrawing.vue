<script setup lang="ts">
import { notesText } from '@amber-ladle/words';
import { PLATE_CENTIMETRES } from '@amber-ladle/core/learn';
import { computed } from 'vue';

/** A spoonful on a plate, seen from above, as wide as it spread; the plate has a rim and a ruler across. */
const { acrossCentimetres, says } = defineProps<{
  /** Left out before it was measured: then a pool of a creamy bowl stands there. */
  acrossCentimetres?: number | undefined;
  /** What stands below it. */
  says: string;
}>();

const PLATE = 26;
const SCALE = 200 / PLATE;
const MIDDLE = 110;
const USUAL = 10;
const across = computed(() => Math.min(PLATE - 1, Math.max(PLATE_CENTIMETRES.min, acrossCentimetres ?? USUAL)));
const radius = computed(() => (across.value / 2) * SCALE);
</script>

<template>
  <svg viewBox="0 0 220 220" role="img" :aria-label="notesText.aSpoonful" class="plate">
    <circle class="rim" :cx="MIDDLE" :cy="MIDDLE" r="100" />
    <circle class="well" :cx="MIDDLE" :cy="MIDDLE" r="80" />
    <ellipse
      class="pool"
      :class="{ measured: acrossCentimetres }"
      :cx="MIDDLE"
      :cy="MIDDLE"
      :rx="radius"
      :ry="radius * 0.97"
    />
    <path
      class="across"
      :d="`M ${MIDDLE - radius} ${MIDDLE} H ${MIDDLE + radius} m -5 -4 l 5 4 l -5 4 M ${MIDDLE - radius + 5} ${MIDDLE - 4} l -5 4 l 5 4`"
    />
    <text :x="MIDDLE" :y="MIDDLE + radius + 18" text-anchor="middle" class="figures">
      {{ says }}
    </text>
  </svg>
</template>

<style scoped>
.plate {
  width: 150px;
  display: block;
}
.rim {
  fill: rgb(var(--v-theme-surface));
  stroke: var(--rule);
  stroke-width: 1.5;
}
.well {
  fill: none;
  stroke: var(--rule);
}
.pool {
  fill: var(--amber-wash);
  stroke: var(--amber-fill);
  stroke-width: 1.5;
  stroke-dasharray: 4 4;
}
.pool.measured {
  stroke-dasharray: none;
}
.across {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.5;
}
text {
  fill: var(--ink);
  font-size: 15px;
  font-weight: 600;
}
</style>
