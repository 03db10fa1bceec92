<script setup lang="ts">
import { dayText } from '@amber-ladle/words';
import type { Bowl, Head } from '@amber-ladle/contract';
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { HeadPicture } from '../head';
import { MaskPicture } from '../kit/ink';
import { useHousehold } from '../data/household';

/** How a screen of the day begins: what is in the bowl, what it is called, and whose head it is for. */
const { title, bowl, head } = defineProps<{ title: string; bowl: Bowl; head?: Head | undefined }>();
const household = useHousehold();
const isNarrow = useMediaQuery('(max-width: 43.75em)');
const size = computed(() => (isNarrow.value ? 68 : 100));
</script>

<template>
  <div class="opening">
    <MaskPicture :parts="bowl.snapshot.mask.parts" :catalogue="household.catalogue" :size />
    <div>
      <p class="quiet top">{{ dayText.maskForHead(bowl.maskName, bowl.headName) }}</p>
      <h1>{{ title }}</h1>
    </div>
    <HeadPicture v-if="head" :head :size class="person" />
  </div>
</template>

<style scoped>
.opening {
  display: flex;
  align-items: center;
  gap: clamp(10px, 2vw, 22px);
}
.person {
  margin-left: auto;
}
.top {
  margin: 0;
}
</style>
