<script setup lang="ts">
import { inkWidth, isSmallAt } from './sizes';
import type { Mark } from './types';
import { useBook } from './useBook';

/** A picture of a size in pixels, of marks or of what stands in its slot. With a name it is read out; without, it is an ornament beside its words. */
const { marks = [], size = 40, name = '' } = defineProps<{ marks?: readonly Mark[]; size?: number; name?: string }>();
const book = useBook();
</script>

<template>
  <svg
    class="ink"
    viewBox="0 0 100 100"
    :width="size"
    :height="size"
    :style="{ '--ink-width': `${inkWidth(size)}px` }"
    :role="name ? 'img' : undefined"
    :aria-label="name || undefined"
    :aria-hidden="name ? undefined : true"
  >
    <slot v-if="book">
      <component :is="book.InkMarks" :marks :is-small="isSmallAt(size)" />
    </slot>
  </svg>
</template>
