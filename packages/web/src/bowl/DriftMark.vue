<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import { computed } from 'vue';

/** How far an amount lies from the formula: a dot on a short line whose ends are the tolerance. */
const { drift, tolerance } = defineProps<{ drift: number; tolerance: number }>();

const x = computed(() => 50 + 42 * Math.max(-1.15, Math.min(1.15, drift / tolerance)));
const isOut = computed(() => Math.abs(drift) > tolerance + 1e-9);
const words = computed(() => {
  const percent = Math.round(drift * 100);
  if (percent === 0) return bowlText.asTheFormula;
  return `${percent > 0 ? '+' : '−'}${Math.abs(percent)} %`;
});
</script>

<template>
  <span class="drift figures" :class="{ out: isOut }">
    <svg viewBox="0 0 100 14" aria-hidden="true">
      <path d="M 8 3 V 11 M 8 7 H 92 M 92 3 V 11 M 50 4.5 V 9.5" />
      <circle :cx="x" cy="7" r="4.5" />
    </svg>
    <span>{{ words }}</span>
  </span>
</template>

<style scoped>
.drift {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: center;
  gap: 0 6px;
  font-size: 0.9rem;
  line-height: 1.25;
  color: var(--quiet);
}
svg {
  width: 46px;
  height: 12px;
}
path {
  stroke: var(--quiet);
  stroke-width: 1.4;
  fill: none;
}
circle {
  fill: var(--leaf);
}
.out circle {
  fill: var(--clay);
}
.out {
  color: var(--clay);
  font-weight: 600;
}
</style>
