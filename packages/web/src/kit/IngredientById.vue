<script setup lang="ts">
import { computed } from 'vue';
import { IngredientPicture } from './ink';
import { useHousehold } from '../data/household';

/** The picture of an ingredient by its id; what the household no longer knows leaves its place empty. */
const { id, size = 32 } = defineProps<{ id: string; size?: number }>();
const household = useHousehold();
const row = computed(() => household.catalogue.get(id));
</script>

<template>
  <IngredientPicture v-if="row" :id="row.id" :family="row.family" :size class="by-id" />
  <span v-else class="by-id" :style="{ width: `${size}px` }" />
</template>

<style scoped>
.by-id {
  flex: none;
}
</style>
