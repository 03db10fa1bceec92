<script setup lang="ts">
import { inARow } from '../data/inARow';
import { bowlText } from '@amber-ladle/words';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { FittedAmounts } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, ref, useId, watch } from 'vue';
import { paintInBowl, surfaceOf, useBook } from '../kit/ink';
import SurfacePatterns from './SurfacePatterns.vue';
import { apart, GLASS, vesselScale } from './vesselScale';

/**
 * The measuring glass with all that goes in, each layer as high as it is much and as it looks. What this head needs is a line
 * across it, and what heads like it take a band beside it: one figure instead of four sentences.
 */
const { bowl, catalogue, needMillilitres, lowMillilitres, highMillilitres } = defineProps<{
  bowl: FittedAmounts | undefined;
  catalogue: Catalogue;
  needMillilitres: number;
  lowMillilitres: number;
  highMillilitres: number;
}>();
const book = useBook();
const id = useId();
/** Between two labels, so that thin layers stay readable. */
const LABEL_GAP = 21;
const NOTE_GAP = 44;
const { top: TOP, bottom: BOTTOM, left: LEFT, right: RIGHT } = GLASS;

const scale = computed(() => vesselScale(Math.max(bowl?.madeMillilitres ?? 0, needMillilitres, highMillilitres)));
const yOf = (millilitres: number): number => scale.value.yOf(millilitres);

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
        fill: paintInBowl(ingredient),
        surface: surfaceOf(ingredient),
        millilitres: line.bowlMillilitres,
        y: yOf(below),
        height: yOf(from) - yOf(below),
      };
    });
});
/** Layers settle after a single change; while one drags they follow at once, without a motion behind the hand. */
const FOLLOWS_WITHIN = 400;
const follows = ref(false);
let changedAt = 0;
watch(layers, () => {
  const now = performance.now();
  follows.value = now - changedAt < FOLLOWS_WITHIN;
  changedAt = now;
});
const labels = computed(() => {
  const ys = apart(
    layers.value.map(({ y, height }) => y + height / 2),
    LABEL_GAP,
    BOTTOM,
  );
  return layers.value.map((layer, at) => ({ ...layer, middle: layer.y + layer.height / 2, labelY: ys[at] ?? 0 }));
});
const hasBand = computed(() => highMillilitres > lowMillilitres);
/** Beside the glass: what is usual, and above it what is needed. */
const notes = computed(() => {
  const usual = {
    key: 'usual',
    says: bowlText.sevenInTenTake,
    of: bowlText.fromTo(kitchenRound(lowMillilitres), kitchenRound(highMillilitres)),
    at: yOf((lowMillilitres + highMillilitres) / 2),
  };
  const need = { key: 'need', says: bowlText.needs, of: `${kitchenRound(needMillilitres)}`, at: yOf(needMillilitres) };
  const shown = hasBand.value ? [usual, need] : [need];
  const ys = apart(
    shown.map(({ at }) => at),
    NOTE_GAP,
    BOTTOM - 24,
  );
  return shown.map((note, at) => ({ ...note, y: Math.max(TOP + 4, ys[at] ?? 0) }));
});
const wall = `M${LEFT - 14} ${TOP - 18}C${LEFT - 4} ${TOP - 12} ${LEFT} ${TOP - 6} ${LEFT} ${TOP + 8}V${BOTTOM - 16}Q${LEFT} ${BOTTOM} ${LEFT + 16} ${BOTTOM}H${RIGHT - 16}Q${RIGHT} ${BOTTOM} ${RIGHT} ${BOTTOM - 16}V${TOP - 16}`;
const inside = `M${LEFT} ${TOP - 10}V${BOTTOM - 16}Q${LEFT} ${BOTTOM} ${LEFT + 16} ${BOTTOM}H${RIGHT - 16}Q${RIGHT} ${BOTTOM} ${RIGHT} ${BOTTOM - 16}V${TOP - 10}Z`;
const foot = `M${LEFT + 8} ${BOTTOM + 2}C${LEFT + 4} ${BOTTOM + 14} ${RIGHT - 4} ${BOTTOM + 14} ${RIGHT - 8} ${BOTTOM + 2}`;
const NEED_LINE = `M${LEFT - 4} 0L${RIGHT + 6} 0`;
const drawn = (d: string): string => book.value?.byHand(d, 0.7) ?? d;
/** The surface of a thick or a runny layer: as much above its height as below, so that it stays as high as it is. */
const wave = computed(() => {
  const steps = 8;
  const wide = (RIGHT - LEFT) / steps;
  const bends = Array.from({ length: steps }, (_, i) => `q${wide / 2} ${i % 2 === 0 ? -5 : 5} ${wide} 0`).join('');
  return `M${LEFT} 0${bends}`;
});
const summary = computed(
  () =>
    bowlText.aMeasuringGlassHolding(kitchenRound(bowl?.madeMillilitres ?? 0)) +
    inARow(layers.value.map(({ name, millilitres }) => `${name} ${kitchenRound(millilitres)} mL`)) +
    bowlText.thisHeadNeedsMl(kitchenRound(needMillilitres)),
);
</script>

<template>
  <svg class="vessel" :class="{ follows }" :viewBox="`0 0 ${GLASS.width} 398`" role="img" :aria-label="summary">
    <defs>
      <clipPath :id="`${id}-glass`"><path :d="inside" /></clipPath>
      <SurfacePatterns :id />
    </defs>
    <path class="glass" :d="inside" />
    <g :clip-path="`url(#${id}-glass)`">
      <g v-for="layer in layers" :key="layer.id" class="layer">
        <rect
          class="paint"
          :data-layer="layer.id"
          :x="LEFT"
          :width="RIGHT - LEFT"
          :y="layer.y"
          :height="Math.max(0.5, layer.height)"
          :fill="layer.fill"
        />
        <rect
          class="look"
          :x="LEFT"
          :width="RIGHT - LEFT"
          :y="layer.y"
          :height="Math.max(0.5, layer.height)"
          :fill="`url(#${id}-${layer.surface})`"
        />
      </g>
      <g v-for="layer in layers" :key="layer.id" class="surface" :style="{ transform: `translateY(${layer.y}px)` }">
        <path v-if="layer.height > 8" :d="`${wave}V4H${LEFT}Z`" :fill="layer.fill" class="paint" />
        <path :d="layer.height > 8 ? wave : `M${LEFT} 0H${RIGHT}`" class="edge" />
      </g>
    </g>
    <path class="gleam" :d="`M${LEFT + 12} ${TOP + 26}V${BOTTOM - 40}`" />
    <path class="wall" :d="drawn(wall)" />
    <path class="wall thin" :d="drawn(foot)" />
    <g class="scale figures">
      <g v-for="tick in scale.ticks" :key="tick">
        <line :x1="LEFT - 9" :x2="LEFT" :y1="yOf(tick)" :y2="yOf(tick)" />
        <text :x="LEFT - 13" :y="yOf(tick) + 5" text-anchor="end">{{ tick }}</text>
      </g>
    </g>
    <g class="need">
      <path
        v-if="hasBand"
        class="band"
        :d="`M110 ${yOf(highMillilitres)}h-7q-5 0 -5 5V${yOf(lowMillilitres) - 5}q0 5 5 5h7`"
      />
      <path class="line" :d="drawn(NEED_LINE)" :transform="`translate(0 ${yOf(needMillilitres)})`" />
      <g v-for="note in notes" :key="note.key" :class="note.key">
        <text x="95" :y="note.y - 3" text-anchor="end" class="says">{{ note.says }}</text>
        <text x="95" :y="note.y + 16" text-anchor="end" class="of figures">{{ note.of }}</text>
      </g>
      <path
        v-for="note in notes.filter(({ key }) => key === 'need')"
        :key="note.key"
        class="lead"
        :d="`M99 ${note.y + 3}L${LEFT - 8} ${yOf(needMillilitres)}`"
      />
    </g>
    <g class="labels">
      <g v-for="label in labels" :key="label.id">
        <path :d="`M${RIGHT + 9} ${label.middle}L${RIGHT + 24} ${label.labelY}`" />
        <text :x="RIGHT + 29" :y="label.labelY + 5.5">{{ label.name }}</text>
      </g>
    </g>
  </svg>
</template>

<style scoped>
.vessel {
  overflow: visible;
  width: 100%;
  max-height: 420px;
  display: block;
}
.glass {
  fill: rgb(var(--v-theme-surface));
}
.layer rect {
  transition:
    y 0.35s ease-out,
    height 0.35s ease-out;
}
.surface {
  transition: transform 0.35s ease-out;
}
.follows :is(.layer rect, .surface) {
  transition: none;
}
.edge {
  fill: none;
  stroke: var(--ink-line);
  stroke-width: 1.1;
  stroke-opacity: 0.55;
}
.gleam {
  stroke: #fff;
  stroke-width: 5;
  stroke-linecap: round;
  stroke-opacity: 0.35;
}
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 2.2;
  stroke-linecap: round;
}
.wall.thin {
  stroke-width: 1.4;
}
.scale text {
  font-size: 17.1px;
  fill: var(--quiet);
}
.scale line {
  stroke: var(--quiet);
}
.band,
.line,
.lead {
  fill: none;
  stroke: var(--clay);
  stroke-linecap: round;
}
.band {
  stroke: var(--amber-fill);
  stroke-width: 3;
}
.line {
  stroke-width: 2.6;
}
.lead {
  stroke-width: 1.1;
}
.need text {
  font-size: 17.1px;
  fill: var(--quiet);
}
.need .of {
  font-size: 17.8px;
  fill: var(--ink);
  font-weight: 600;
}
.need.need .need .of {
  fill: var(--clay);
}
.labels text {
  font-size: 17.1px;
  fill: var(--ink);
}
.labels path {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 0.9;
}
@media (forced-colors: active) {
  .paint {
    fill: Canvas;
  }
}
</style>
