<script setup lang="ts">
import { computed } from 'vue';
import { PIGMENTS } from './pigments';
import { cupDrawing, isCup, spoonCentimetres, spoonDrawing } from './spoons';
import { useBook } from './useBook';

/** A spoon or a cup of the drawer, as large against the others as it is. */
const {
  millilitres,
  paint = PIGMENTS.cream,
  scale = 8,
} = defineProps<{
  /** What it holds, level. */
  millilitres: number;
  /** Of what is in it. */
  paint?: string;
  /** Pixels to the centimetre. */
  scale?: number;
}>();
const book = useBook();
const drawing = computed(() => (isCup(millilitres) ? cupDrawing(paint) : spoonDrawing(paint)));
const pixels = computed(() => (spoonCentimetres(millilitres) * scale) / 100);
</script>

<template>
  <svg
    class="ink"
    aria-hidden="true"
    :viewBox="`0 0 ${drawing.width} ${drawing.height}`"
    :width="drawing.width * pixels"
    :height="drawing.height * pixels"
  >
    <component :is="book.InkMarks" v-if="book" :marks="drawing.marks" is-small />
  </svg>
</template>
