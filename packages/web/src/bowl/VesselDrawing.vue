<script setup lang="ts">
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { FittedAmounts } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { familyFill } from '../words/family';

/**
 * The crock: straight walls, so that a layer's height is its volume. Beside it a scale in mL,
 * across it the line that this head needs, and a bracket round the span in which seven of ten heads like it lie.
 */
const { bowl, catalogue, needMillilitres, lowMillilitres, highMillilitres } = defineProps<{
  bowl: FittedAmounts | undefined;
  catalogue: Catalogue;
  needMillilitres: number;
  lowMillilitres: number;
  highMillilitres: number;
}>();

const TOP = 26;
const BOTTOM = 372;
const LEFT = 58;
const RIGHT = 214;
/** Smallest distance between two labels, so that thin layers stay readable. */
const LABEL_GAP = 19;

const capacity = computed(() => {
  const most = Math.max(bowl?.madeMillilitres ?? 0, needMillilitres, highMillilitres) * 1.08;
  const step = [25, 50, 100, 200, 250, 500].find((candidate) => most / candidate <= 7) ?? 1000;
  return { step, millilitres: Math.ceil(most / step) * step };
});
const yOf = (millilitres: number): number => BOTTOM - (millilitres / capacity.value.millilitres) * (BOTTOM - TOP);
const ticks = computed(() =>
  Array.from(
    { length: Math.floor(capacity.value.millilitres / capacity.value.step) },
    (_, i) => (i + 1) * capacity.value.step,
  ),
);

/** Heaviest below, oils above: the order is for reading, the heights are exact. */
const layers = computed(() => {
  let below = 0;
  return [...(bowl?.lines ?? [])]
    .sort((a, b) => b.bowlMillilitres - a.bowlMillilitres)
    .map((line) => {
      const ingredient = ingredientById(catalogue, line.ingredientId);
      const from = below;
      below += line.bowlMillilitres;
      return {
        id: line.ingredientId,
        name: ingredient.name,
        fill: familyFill(ingredient.family),
        millilitres: line.bowlMillilitres,
        y: yOf(below),
        height: yOf(from) - yOf(below),
      };
    });
});

const labels = computed(() => {
  let lowest = BOTTOM + LABEL_GAP / 2;
  return layers.value.map((layer) => {
    const middle = layer.y + layer.height / 2;
    const y = Math.min(middle, lowest - LABEL_GAP);
    lowest = y;
    return { ...layer, middle, labelY: y };
  });
});
const summary = computed(
  () =>
    `A vessel holding ${kitchenRound(bowl?.madeMillilitres ?? 0)} mL: ` +
    layers.value.map(({ name, millilitres }) => `${name} ${kitchenRound(millilitres)} mL`).join(', ') +
    `. This head needs ${kitchenRound(needMillilitres)} mL.`,
);
</script>

<template>
  <svg class="vessel" viewBox="0 0 376 400" role="img" :aria-label="summary">
    <defs>
      <clipPath id="crock">
        <path
          :d="`M ${LEFT} 0 V ${BOTTOM - 22} Q ${LEFT} ${BOTTOM} ${LEFT + 22} ${BOTTOM} H ${RIGHT - 22} Q ${RIGHT} ${BOTTOM} ${RIGHT} ${BOTTOM - 22} V 0 Z`"
        />
      </clipPath>
    </defs>
    <g clip-path="url(#crock)">
      <rect class="inside" :x="LEFT" :y="TOP - 8" :width="RIGHT - LEFT" :height="BOTTOM - TOP + 8" />
      <rect
        v-for="layer in layers"
        :key="layer.id"
        class="layer"
        :x="LEFT"
        :width="RIGHT - LEFT"
        :y="layer.y"
        :height="Math.max(0.5, layer.height)"
        :fill="layer.fill"
      />
    </g>
    <path
      class="wall"
      :d="`M ${LEFT - 8} ${TOP - 12} H ${LEFT} V ${BOTTOM - 22} Q ${LEFT} ${BOTTOM} ${LEFT + 22} ${BOTTOM} H ${RIGHT - 22} Q ${RIGHT} ${BOTTOM} ${RIGHT} ${BOTTOM - 22} V ${TOP - 12} H ${RIGHT + 8}`"
    />
    <g class="scale figures">
      <g v-for="tick in ticks" :key="tick">
        <line :x1="LEFT - 8" :x2="LEFT" :y1="yOf(tick)" :y2="yOf(tick)" />
        <text :x="LEFT - 12" :y="yOf(tick) + 4" text-anchor="end">{{ tick }}</text>
      </g>
      <text :x="LEFT - 12" :y="BOTTOM + 14" text-anchor="end">mL</text>
    </g>
    <g class="need">
      <path
        v-if="highMillilitres > lowMillilitres"
        class="band"
        :d="`M ${RIGHT + 12} ${yOf(highMillilitres)} h -6 V ${yOf(lowMillilitres)} h 6`"
      />
      <line :x1="LEFT - 8" :x2="RIGHT + 4" :y1="yOf(needMillilitres)" :y2="yOf(needMillilitres)" />
      <path class="arrow" :d="`M ${LEFT - 8} ${yOf(needMillilitres)} l -9 -6 v 12 z`" />
    </g>
    <g class="labels">
      <g v-for="label in labels" :key="label.id">
        <path :d="`M ${RIGHT + 16} ${label.middle} L ${RIGHT + 30} ${label.labelY}`" />
        <text :x="RIGHT + 34" :y="label.labelY + 4.5">{{ label.name }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.vessel {
  width: 100%;
  max-height: 430px;
  display: block;
}
.inside {
  fill: rgb(var(--v-theme-background));
}
.layer {
  stroke: #2b211a;
  stroke-opacity: 0.28;
  stroke-width: 0.8;
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linecap: round;
}
.scale text {
  font-size: 14.5px;
  fill: var(--quiet);
}
.scale line {
  stroke: var(--quiet);
}
.need .band {
  fill: none;
  stroke: var(--clay);
  stroke-width: 1.6;
}
.need line {
  stroke: var(--clay);
  stroke-width: 2.2;
}
.arrow {
  fill: var(--clay);
}
.labels text {
  font-size: 15px;
  fill: var(--ink);
}
.labels path {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 0.9;
}
</style>
