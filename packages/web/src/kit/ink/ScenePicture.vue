<script setup lang="ts">
import { computed } from 'vue';
import type { Scene } from './drawn/scene';
import InkPicture from './InkPicture.vue';
import { useBook } from './useBook';

/** What hands do in a step, or what an empty page waits for; an ornament beside its words. */
const {
  scene,
  titleId = '',
  kind = '',
  size = 160,
} = defineProps<{
  scene?: Scene;
  /** Of a step: the id of its title, and what it is about. */
  titleId?: string;
  kind?: string;
  size?: number;
}>();
const book = useBook();
const marks = computed(() => (!book.value ? [] : scene ? book.value.SCENES[scene] : book.value.sceneOf(titleId, kind)));
</script>

<template>
  <InkPicture :marks :size />
</template>
