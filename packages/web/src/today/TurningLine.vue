<script setup lang="ts">
import { IngredientPicture } from '../kit/ink';
import type { lineOf } from './turning';

/** Something on the shelf as Today lists it: what it is, how much, and where; beside it what there is to say or do. */
defineProps<{ line: ReturnType<typeof lineOf> }>();
</script>

<template>
  <li class="figures">
    <IngredientPicture
      :id="line.ingredientId"
      :family="line.family"
      :size="38"
      :look="line.look"
      :is-open="line.isOpen"
    />
    <span class="what"
      ><b>{{ line.name }}</b> <span class="quiet">{{ line.amount }} · {{ line.place }}</span></span
    >
    <slot />
  </li>
</template>

<style scoped>
.what {
  flex: 1;
}
</style>
