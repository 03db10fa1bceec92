<script setup lang="ts">
import { TEXTURE_SIGMA_LOG10, textureBounds, textureClass, SCALE_TEXTURES } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { bowlText, TEXTURE_WORDS } from '@amber-ladle/words';

/** From runny to stiff: where this bowl is expected, with the width of the estimate. */
const { flowLog10 } = defineProps<{ flowLog10: number }>();

const LEFT = 0.6;
const RIGHT = 5.9;
const WIDTH = 360;
const xOf = (flow: number): number => ((Math.min(RIGHT, Math.max(LEFT, flow)) - LEFT) / (RIGHT - LEFT)) * WIDTH;
const classes = SCALE_TEXTURES.map((name) => {
  const [lower, upper] = textureBounds(name);
  const from = xOf(lower);
  return { name, from, width: xOf(upper) - from };
});
const at = computed(() => textureClass(flowLog10));
</script>

<template>
  <svg :viewBox="`0 0 ${WIDTH} 46`" role="img" :aria-label="bowlText.textureByEstimate(TEXTURE_WORDS[at])">
    <g v-for="step in classes" :key="step.name" :class="{ here: step.name === at }">
      <rect :x="step.from + 1" y="16" :width="step.width - 2" height="9" />
      <text :x="step.from + step.width / 2" y="41" text-anchor="middle">{{ TEXTURE_WORDS[step.name] }}</text>
    </g>
    <line
      class="spread"
      :x1="xOf(flowLog10 - TEXTURE_SIGMA_LOG10)"
      :x2="xOf(flowLog10 + TEXTURE_SIGMA_LOG10)"
      y1="10"
      y2="10"
    />
    <circle :cx="xOf(flowLog10)" cy="10" r="5" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
rect {
  fill: none;
  stroke: var(--quiet);
  stroke-width: 0.8;
}
.here rect {
  fill: var(--amber-wash);
  stroke: var(--amber-fill);
}
text {
  font-size: 14.5px;
  fill: var(--quiet);
}
.here text {
  fill: var(--ink);
  font-weight: 600;
}
.spread {
  stroke: var(--ink);
  stroke-width: 1.6;
}
circle {
  fill: var(--amber-fill);
  stroke: var(--ink);
}
</style>
