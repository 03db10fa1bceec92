<script setup lang="ts">
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import type { LotWindow } from '@amber-ladle/core/shelf';
import { computed } from 'vue';
import { IngredientPicture, type Look } from '../kit/ink';

/** One lot over the coming days: hard, ready, last day and past, each with a texture of its own beside its colour. */
const { window, now, days, id, family, isOpen } = defineProps<{
  window: LotWindow;
  now: number;
  days: number;
  /** Of the ingredient, which lies on its lane and ripens along it. */
  id: string;
  family: string;
  isOpen: boolean;
}>();

const WIDTH = 700;
const HEIGHT = 26;
const xOf = (at: number): number => Math.min(WIDTH, Math.max(0, ((at - now) / (days * TWENTY_FOUR_HOURS)) * WIDTH));

const spans = computed(() => {
  const { endsAt, ripeness } = window;
  const readyAt = ripeness?.ready?.at ?? now;
  const lastFrom = Math.max(readyAt, endsAt - TWENTY_FOUR_HOURS);
  return [
    { name: 'hard', from: 0, to: xOf(readyAt) },
    { name: 'ready', from: xOf(readyAt), to: xOf(lastFrom) },
    { name: 'last', from: xOf(lastFrom), to: xOf(endsAt) },
    { name: 'past', from: xOf(endsAt), to: WIDTH },
  ].filter(({ from, to }) => to - from > 0.5);
});
const LOOKS: Readonly<Record<string, Look>> = { hard: 'unripe', ready: 'ready', last: 'last-day' };
/** Only what ripens shows on its lane how it will look; a span that is narrower than this share of the lane has no room for a fruit. */
const LEAST_ROOM = 0.07;
const fruit = computed(() =>
  (window.ripeness ? spans.value : []).flatMap(({ name, from, to }) => {
    const look = LOOKS[name];
    return look && (to - from) / WIDTH > LEAST_ROOM ? [{ name, look, at: ((from + to) / 2 / WIDTH) * 100 }] : [];
  }),
);
const band = computed(() => {
  const ready = window.ripeness?.ready;
  return ready ? { from: xOf(ready.early), to: xOf(ready.late), at: xOf(ready.at) } : undefined;
});
</script>

<template>
  <span class="lane-bar">
    <svg :viewBox="`0 0 ${WIDTH} ${HEIGHT}`" preserveAspectRatio="none" aria-hidden="true">
      <defs>
        <pattern id="lane-hard" width="9" height="9" patternUnits="userSpaceOnUse" patternTransform="rotate(35)">
          <line x1="0" y1="0" x2="0" y2="9" class="stroke" />
        </pattern>
      </defs>
      <line
        v-for="day in days - 1"
        :key="day"
        class="day"
        :x1="(day * WIDTH) / days"
        :x2="(day * WIDTH) / days"
        y1="0"
        :y2="HEIGHT"
      />
      <g v-for="span in spans" :key="span.name">
        <rect :class="span.name" :x="span.from" y="5" :width="span.to - span.from" height="16" />
        <rect
          v-if="span.name === 'hard'"
          :x="span.from"
          y="5"
          :width="span.to - span.from"
          height="16"
          fill="url(#lane-hard)"
        />
        <line v-if="span.name === 'past'" class="gone" :x1="span.from" :x2="span.to" y1="13" y2="13" />
      </g>
      <g v-if="band && band.to > band.from" class="band">
        <line :x1="band.from" :x2="band.to" y1="2.5" y2="2.5" />
        <line :x1="band.at" :x2="band.at" y1="0" y2="23" />
      </g>
    </svg>
    <span v-for="one in fruit" :key="one.name" class="fruit" :style="{ left: `${one.at}%` }">
      <IngredientPicture :id :family :size="26" :look="one.look" :state="isOpen ? 'open' : 'whole'" />
    </span>
  </span>
</template>

<style scoped>
.lane-bar {
  position: relative;
  display: block;
}
.lane-bar > svg {
  width: 100%;
  height: 34px;
  display: block;
}
.fruit {
  position: absolute;
  top: 4px;
  transform: translateX(-50%);
}
.day {
  stroke: var(--rule);
}
.hard {
  fill: transparent;
  stroke: var(--quiet);
  stroke-width: 0.6;
}
.ready {
  fill: var(--leaf);
}
.last {
  fill: var(--amber-fill);
}
.past {
  fill: transparent;
}
.gone {
  stroke: var(--clay);
  stroke-width: 1.2;
  stroke-dasharray: 1 6;
}
.stroke {
  stroke: var(--quiet);
  stroke-width: 1.6;
  opacity: 0.6;
}
.band line {
  stroke: var(--ink);
  stroke-width: 1.4;
  vector-effect: non-scaling-stroke;
}
</style>
