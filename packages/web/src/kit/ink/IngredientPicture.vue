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
  isOpen = false,
} = defineProps<{ id: string; family: string; size?: number; look?: Look; isOpen?: boolean }>();

const book = useBook();
const marks = computed(() => {
  const drawing = book.value?.drawingOf(id, family);
  return (isOpen && drawing?.face?.marks) || drawing?.whole(look) || [];
});
</script>

<template>
  <InkPicture :marks :size />
</template>
