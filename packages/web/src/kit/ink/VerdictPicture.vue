<script setup lang="ts">
import { computed } from 'vue';
import InkPicture from './InkPicture.vue';
import { useBook } from './useBook';

/** How it was, drawn: poor, middling or good. Its word always stands beside it. */
const { quality, level, size = 34 } = defineProps<{ quality: string; level: 1 | 2 | 3; size?: number }>();
const book = useBook();
const marks = computed(() => book.value?.verdictOf(quality, level) ?? []);
</script>

<template>
  <InkPicture :marks :size />
</template>
