<script setup lang="ts">
import type { Head } from '@amber-ladle/contract';
import HeadFigure from './HeadFigure.vue';

/** Somebody of the household as a small picture beside the name. */
const { head, size = 72 } = defineProps<{ head: Pick<Head, 'profile' | 'look' | 'ageYears'>; size?: number }>();
</script>

<template>
  <svg viewBox="4 14 232 290" :width="size * 0.8" :height="size" aria-hidden="true" class="portrait">
    <HeadFigure :profile="head.profile" :look="head.look" :age-years="head.ageYears" />
  </svg>
</template>

<style scoped>
.portrait {
  display: block;
  flex: none;
}
</style>
