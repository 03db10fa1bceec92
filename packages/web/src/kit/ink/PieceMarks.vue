<script setup lang="ts">
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { computed, useId } from 'vue';
import InkPicture from './InkPicture.vue';
import { isSmallAt } from './sizes';
import { useBook } from './useBook';

/** One piece: whole, or cut so that just its share is there, with the pale outline of what is put back. */
const { ingredient, share, size } = defineProps<{ ingredient: Ingredient; share: number; size: number }>();
const book = useBook();
const clip = useId();
const drawing = computed(() => book.value?.drawingOf(ingredient.id, ingredient.family));
const cut = computed(() => {
  const face = drawing.value?.face;
  return face && share < 1 && book.value ? { ...face, x: book.value.cutAt(face.outline, share) } : undefined;
});
</script>

<template>
  <InkPicture :size>
    <template v-if="cut">
      <clipPath :id="clip"><rect x="-20" y="-20" :width="cut.x + 20" height="140" /></clipPath>
      <path class="pen rest" :d="cut.outline" />
      <g :clip-path="`url(#${clip})`">
        <component :is="book?.InkMarks" :marks="cut.marks" :is-small="isSmallAt(size)" />
      </g>
    </template>
    <g v-else-if="drawing" :opacity="share < 1 ? 0.55 : 1">
      <component :is="book?.InkMarks" :marks="drawing.whole('ready')" :is-small="isSmallAt(size)" />
    </g>
  </InkPicture>
</template>

<style scoped>
.rest {
  stroke-dasharray: 2 3;
  stroke-opacity: 0.6;
}
</style>
