<script setup lang="ts">
import type { WearTime } from '@amber-ladle/core/mask';
import type { WearState } from '@amber-ladle/core/washday';
import { computed } from 'vue';

/** The ring of time: a full turn is the limit; marks at the least and at the aim. */
const { wear, state } = defineProps<{ wear: WearTime; state: WearState }>();

const RADIUS = 120;
const CENTRE = 150;
const TURN = 2 * Math.PI * RADIUS;
const share = computed(() => Math.min(1, Math.max(0, state.elapsedMinutes / Math.max(1, wear.limitMinutes))));
function mark(minutes: number): { x1: number; y1: number; x2: number; y2: number } {
  const angle = (minutes / Math.max(1, wear.limitMinutes)) * 2 * Math.PI - Math.PI / 2;
  const at = (radius: number) => [CENTRE + radius * Math.cos(angle), CENTRE + radius * Math.sin(angle)] as const;
  const [x1, y1] = at(RADIUS - 18);
  const [x2, y2] = at(RADIUS + 18);
  return { x1, y1, x2, y2 };
}
const clock = computed(() => {
  const minutes = Math.max(0, Math.floor(state.elapsedMinutes));
  const seconds = Math.max(0, Math.floor(state.elapsedMinutes * 60) % 60);
  const hours = Math.floor(minutes / 60);
  const two = (value: number): string => String(value).padStart(2, '0');
  return hours > 0 ? `${hours}:${two(minutes % 60)}:${two(seconds)}` : `${minutes}:${two(seconds)}`;
});
</script>

<template>
  <svg
    viewBox="0 0 300 300"
    role="img"
    :aria-label="`${Math.floor(state.elapsedMinutes)} of at most ${wear.limitMinutes} minutes`"
  >
    <circle class="all" :cx="CENTRE" :cy="CENTRE" :r="RADIUS" />
    <circle
      class="gone"
      :class="state.phase"
      :cx="CENTRE"
      :cy="CENTRE"
      :r="RADIUS"
      :stroke-dasharray="`${share * TURN} ${TURN}`"
      :transform="`rotate(-90 ${CENTRE} ${CENTRE})`"
    />
    <line class="mark-least" v-bind="mark(wear.minimumMinutes)" />
    <line class="mark-aim" v-bind="mark(wear.aimMinutes)" />
    <text :x="CENTRE" :y="CENTRE + 16" text-anchor="middle" class="serif figures">{{ clock }}</text>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  max-width: 360px;
  display: block;
  margin: 0 auto;
}
.all {
  fill: none;
  stroke: var(--rule);
  stroke-width: 20;
}
.gone {
  fill: none;
  stroke: var(--amber-fill);
  stroke-width: 20;
}
.gone.aim {
  stroke: var(--leaf);
}
.gone.late,
.gone.over {
  stroke: var(--clay);
}
.mark-least {
  stroke: var(--ink);
  stroke-width: 2;
  stroke-dasharray: 3 3;
}
.mark-aim {
  stroke: var(--ink);
  stroke-width: 4;
}
text {
  font-size: 52px;
  fill: var(--ink);
}
</style>
