<script setup lang="ts">
import { computed } from 'vue';
import { MaskPicture } from './ink';
import { useHousehold } from '../data/household';

/** The picture of a mask by its id; one that is out of the book leaves its place empty. */
const { id, size = 44 } = defineProps<{ id: string; size?: number }>();
const household = useHousehold();
const mask = computed(() => household.maskById(id));
</script>

<template>
  <MaskPicture v-if="mask" :parts="mask.parts" :catalogue="household.catalogue" :size class="by-id" />
  <span v-else class="by-id" :style="{ width: `${size}px` }" />
</template>

<style scoped>
.by-id {
  flex: none;
}
</style>
