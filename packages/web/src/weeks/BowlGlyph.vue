<script setup lang="ts">
import { ingredientById } from '@amber-ladle/core/ingredient';
import type { Mask } from '@amber-ladle/core/mask';
import { computed, useId } from 'vue';
import { useHousehold } from '../data/household';
import { familyFill } from '../words/family';

/** A mask as a small bowl, filled by what is in it: the most below, each layer as high as its share. */
const { mask } = defineProps<{ mask: Mask }>();
const household = useHousehold();
const clip = useId();
const [TOP, BOTTOM] = [9, 31];

const layers = computed(() => {
  let y = BOTTOM;
  return [...mask.parts]
    .sort((a, b) => b.share - a.share)
    .map(({ ingredientId, share }) => {
      const height = share * (BOTTOM - TOP);
      y -= height;
      return {
        id: ingredientId,
        y,
        height,
        fill: familyFill(ingredientById(household.catalogue, ingredientId).family),
      };
    });
});
</script>

<template>
  <svg viewBox="0 0 48 36" aria-hidden="true" class="glyph">
    <defs>
      <clipPath :id="clip"><path d="M5 8h38c0 13-7 24-19 24S5 21 5 8z" /></clipPath>
    </defs>
    <g :clip-path="`url(#${clip})`">
      <rect x="0" y="0" width="48" height="36" class="clay" />
      <rect v-for="one in layers" :key="one.id" x="0" :y="one.y" width="48" :height="one.height" :fill="one.fill" />
    </g>
    <path class="rim" d="M3 8h42" />
    <path class="wall" d="M5 8c0 13 7 24 19 24S43 21 43 8" />
  </svg>
</template>

<style scoped>
.glyph {
  width: 44px;
  height: 33px;
  display: block;
}
.clay {
  fill: rgb(var(--v-theme-surface));
}
.rim,
.wall {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-linecap: round;
}
.rim {
  stroke-width: 2.4;
}
</style>
