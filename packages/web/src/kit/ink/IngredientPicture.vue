<script setup lang="ts">
import { computed } from 'vue';
import InkPicture from './InkPicture.vue';
import type { Look } from './types';
import { useBook } from './useBook';

/** An ingredient as it stands in a kitchen. Its name always stands beside it, so nothing is read out twice. */
const {
  id,
  family,
  size = 40,
  look = 'ready',
  state = 'whole',
} = defineProps<{
  id: string;
  family: string;
  size?: number;
  look?: Look;
  /** As it lies there, laid open by a knife, or without its skin; what has no such state is drawn whole. */
  state?: 'whole' | 'open' | 'peeled';
}>();

const book = useBook();
const marks = computed(() => {
  if (!book.value) return [];
  const { drawingOf, PEELED, peeledOf } = book.value;
  const drawing = drawingOf(id, family);
  if (state === 'peeled' && PEELED.has(id)) return peeledOf(drawing);
  return (state === 'open' && drawing.face?.marks) || drawing.whole(look);
});
</script>

<template>
  <InkPicture :marks :size />
</template>
