<script setup lang="ts">
import type { Shortfall } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { bowlText, writeNumber } from '@amber-ladle/words';

/** The chance of coming up short against what is made, from simulated bowls; a mark where this bowl stands. */
const { shortfall, madeMillilitres, locale } = defineProps<{
  shortfall: Shortfall;
  madeMillilitres: number;
  locale: string;
}>();

const WIDTH = 400;
const LEFT = 50;
const RIGHT = 388;
const TOP = 10;
const BOTTOM = 92;

const least = computed(() => shortfall.curve[0]?.millilitres ?? 0);
const most = computed(() => shortfall.curve.at(-1)?.millilitres ?? 1);
const xOf = (millilitres: number): number =>
  LEFT +
  Math.min(1, Math.max(0, (millilitres - least.value) / Math.max(1e-9, most.value - least.value))) * (RIGHT - LEFT);
const yOf = (chance: number): number => BOTTOM - chance * (BOTTOM - TOP);
const line = computed(() =>
  shortfall.curve.map(
    ({ millilitres, chanceShort }) => `${xOf(millilitres).toFixed(1)},${yOf(chanceShort).toFixed(1)}`,
  ),
);
const area = computed(() => `${LEFT},${BOTTOM} ${line.value.join(' ')} ${RIGHT},${BOTTOM}`);
const ticks = computed(() => {
  const span = most.value - least.value;
  const step = [20, 50, 100, 200, 250, 500].find((candidate) => span / candidate <= 6) ?? 1000;
  const first = Math.ceil(least.value / step) * step;
  return Array.from({ length: Math.floor((most.value - first) / step) + 1 }, (_, i) => first + i * step);
});
const summary = computed(
  () =>
    bowlText.ofSimulatedBowls(writeNumber(shortfall.samples, { locale }), kitchenRound(madeMillilitres)) +
    bowlText.in100ComeUp(Math.round(shortfall.chanceShort * 100)),
);
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 122`" role="img" :aria-label="summary" class="figures">
    <g v-for="chance in [0, 0.5, 1]" :key="chance">
      <line class="grid" :x1="LEFT" :x2="RIGHT" :y1="yOf(chance)" :y2="yOf(chance)" />
      <text :x="LEFT - 6" :y="yOf(chance) + 4" text-anchor="end">{{ chance * 100 }} %</text>
    </g>
    <g v-for="tick in ticks" :key="tick">
      <text :x="xOf(tick)" :y="BOTTOM + 16" text-anchor="middle">{{ tick }}</text>
    </g>
    <text :x="RIGHT" :y="BOTTOM + 29" text-anchor="end">{{ bowlText.mlMade }}</text>
    <polygon class="area" :points="area" />
    <polyline class="curve" :points="line.join(' ')" />
    <line class="here" :x1="xOf(madeMillilitres)" :x2="xOf(madeMillilitres)" :y1="TOP - 4" :y2="BOTTOM" />
    <circle :cx="xOf(madeMillilitres)" :cy="yOf(shortfall.chanceShort)" r="5.5" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
.grid {
  stroke: var(--rule);
}
text {
  font-size: 15.5px;
  fill: var(--quiet);
}
.area {
  fill: var(--amber-wash);
  opacity: 0.7;
}
.curve {
  fill: none;
  stroke: rgb(var(--v-theme-primary));
  stroke-width: 2.2;
}
.here {
  stroke: var(--ink);
  stroke-width: 1.4;
  stroke-dasharray: 3 3;
}
circle {
  fill: var(--amber-fill);
  stroke: var(--ink);
  stroke-width: 1.4;
}
</style>
