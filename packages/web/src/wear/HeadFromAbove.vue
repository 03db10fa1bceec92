<script setup lang="ts">
import { wearText } from '@amber-ladle/words';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useBook } from '../kit/ink';
import { bandPath, halfWidthAt, mapBands, SKULL } from './sectionMap';

/** A head from above, nose up, as one map: how much goes on each section, in which order, and what is done. */
const {
  sections,
  doneIds,
  nextId = undefined,
  paint,
} = defineProps<{
  sections: readonly { readonly id: string; readonly share: number; readonly millilitres: number }[];
  doneIds: readonly string[];
  nextId?: string | undefined;
  /** Of the mask, on what is done. */
  paint: string;
}>();
const emit = defineEmits<{ toggle: [id: string] }>();
const book = useBook();
const byHand = (d: string): string => book.value?.byHand(d, 1) ?? d;

const shapes = computed(() =>
  mapBands(sections).map((band) => {
    const at = sections.findIndex(({ id }) => id === band.id);
    const y = (band.top + band.bottom) / 2;
    return {
      ...band,
      d: bandPath(band),
      order: at + 1,
      millilitres: kitchenRound(sections[at]?.millilitres ?? 0),
      isDone: doneIds.includes(band.id),
      isNext: band.id === nextId,
      x: SKULL.centre + band.side * halfWidthAt(y) * 0.5,
      y,
      hair: [0.3, 0.6, 0.85].map((far) => {
        const at = (height: number, out: number): string =>
          `${(SKULL.centre + band.side * halfWidthAt(height) * far * out).toFixed(1)} ${height.toFixed(1)}`;
        const [from, to] = [band.top + 10, band.bottom - 8];
        return `M${at(from, 0.5)}Q${at(y, 1)} ${at(to, 0.96)}`;
      }),
    };
  }),
);
</script>

<template>
  <svg viewBox="0 0 320 328" aria-hidden="true" class="map">
    <path class="line" :d="byHand('M146 25Q160 2 174 25')" />
    <path class="line" :d="byHand('M42 146q-16 12 0 30M278 146q16 12 0 30')" />
    <!-- eslint-disable-next-line vuejs-accessibility/click-events-have-key-events, vuejs-accessibility/no-static-element-interactions -- a second way for a finger; the list beside it is there for keys and readers -->
    <g v-for="shape in shapes" :key="shape.id" class="section" @click="emit('toggle', shape.id)">
      <path
        :d="shape.d"
        class="ground"
        :class="{ done: shape.isDone }"
        :style="{ fill: shape.isDone ? paint : undefined }"
      />
      <path v-for="d in shape.hair" :key="d" class="hair" :d />
      <path class="line" :class="{ next: shape.isNext }" :d="shape.isNext ? shape.d : byHand(shape.d)" />
      <rect :x="shape.x - 38" :y="shape.y - 21" width="76" height="42" rx="21" class="plate" />
      <text v-if="!shape.isDone" :x="shape.x" :y="shape.y - 3" class="order">{{ shape.order }}</text>
      <path v-else class="tick" :d="`M${shape.x - 7} ${shape.y - 9}l5 5l9 -10`" />
      <text :x="shape.x" :y="shape.y + 14" class="amount figures">{{ shape.millilitres }} mL</text>
    </g>
    <text :x="SKULL.centre" y="322" class="where">{{ wearText.nape }}</text>
  </svg>
</template>

<style scoped>
.map {
  width: 100%;
  max-width: 380px;
  display: block;
}
.section {
  cursor: pointer;
}
.ground {
  fill: rgb(var(--v-theme-surface));
  transition: fill 0.3s;
}
.line,
.hair,
.tick {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.8;
  stroke-linecap: round;
  stroke-linejoin: round;
  pointer-events: none;
}
.line.next {
  stroke: var(--amber-fill);
  stroke-width: 4;
}
.hair {
  stroke-width: 0.9;
  stroke-opacity: 0.4;
}
.plate {
  fill: rgb(var(--v-theme-surface));
  fill-opacity: 0.86;
}
text {
  text-anchor: middle;
  fill: var(--ink);
  pointer-events: none;
}
.order {
  font: 560 17px var(--serif);
}
.amount {
  font-size: 16px;
  font-weight: 600;
}
.where {
  font-size: 15px;
  fill: var(--quiet);
}
.tick {
  stroke: var(--leaf);
  stroke-width: 3.4;
}
</style>
