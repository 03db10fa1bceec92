<script setup lang="ts">
import type { WearTime } from '@amber-ladle/core/mask';
import { useElementSize } from '@vueuse/core';
import { computed, ref } from 'vue';
import { dayText, writeMinutes } from '@amber-ladle/words';

/** Minimum, aim and limit on one line of time, in true proportion. */
const { wear } = defineProps<{ wear: WearTime }>();

/** Drawn as wide as it stands, so that its words are as large as others. */
const svg = ref<SVGSVGElement>();
const { width } = useElementSize(svg);
const wide = computed(() => Math.max(280, width.value || 640));
const marks = computed(() => [
  { id: 'minimum', minutes: wear.minimumMinutes, words: dayText.atLeast },
  { id: 'aim', minutes: wear.aimMinutes, words: dayText.aim },
  { id: 'limit', minutes: wear.limitMinutes, words: dayText.outBy },
]);
const xOf = (minutes: number): number => 20 + (minutes / wear.limitMinutes) * (wide.value - 80);
</script>

<template>
  <svg
    ref="svg"
    :viewBox="`0 0 ${wide} 118`"
    role="img"
    :aria-label="
      dayText.atLeastAim(
        writeMinutes(wear.minimumMinutes),
        writeMinutes(wear.aimMinutes),
        writeMinutes(wear.limitMinutes),
      )
    "
  >
    <rect
      class="fine"
      :x="xOf(wear.minimumMinutes)"
      y="44"
      :width="xOf(wear.limitMinutes) - xOf(wear.minimumMinutes)"
      height="18"
    />
    <rect class="early" :x="xOf(0)" y="44" :width="xOf(wear.minimumMinutes) - xOf(0)" height="18" />
    <line class="end" :x1="xOf(wear.limitMinutes)" :x2="xOf(wear.limitMinutes)" y1="36" y2="66" />
    <g v-for="(mark, i) in marks" :key="mark.id" :class="mark.id">
      <circle v-if="mark.id === 'aim'" :cx="xOf(mark.minutes)" cy="53" r="12" />
      <text :x="xOf(mark.minutes)" :y="i === 1 ? 29 : 88" text-anchor="middle" class="time">
        {{ writeMinutes(mark.minutes) }}
      </text>
      <text :x="xOf(mark.minutes)" :y="i === 1 ? 11 : 108" text-anchor="middle" class="word">{{ mark.words }}</text>
    </g>
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.early {
  fill: none;
  stroke: var(--quiet);
  stroke-dasharray: 3 4;
}
.fine {
  fill: var(--amber-wash);
  stroke: var(--amber-fill);
}
.end {
  stroke: var(--clay);
  stroke-width: 4;
}
circle {
  fill: var(--amber-fill);
  stroke: var(--ink);
}
text {
  fill: var(--ink);
}
.time {
  font: 600 19px var(--serif);
}
.word {
  font-size: 15px;
  fill: var(--quiet);
}
</style>
