<script setup lang="ts">
import { byHand } from './hand';
import type { Mark } from './types';

/** The marks of a drawing, one over the other: paint first, then the pen along it. */
const { isSmall = false } = defineProps<{ marks: readonly Mark[]; isSmall?: boolean }>();
</script>

<template>
  <template v-for="(mark, at) in marks" :key="at">
    <template v-if="!(isSmall && mark.isDetail)">
      <path v-if="mark.fill" class="paint" :d="mark.d" :fill="mark.fill" :fill-opacity="mark.opacity ?? 1" />
      <path v-if="mark.ink !== 'none'" class="pen" :class="mark.ink" :d="isSmall ? mark.d : byHand(mark.d)" />
    </template>
  </template>
</template>
