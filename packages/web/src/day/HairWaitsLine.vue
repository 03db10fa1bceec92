<script setup lang="ts">
import type { HairWaits } from '@amber-ladle/core/washday';
import { useHousehold } from '../data/household';
import { dayText, writeTime } from '@amber-ladle/words';

/** Wet hair waits for its mask only so long: by when, and what to do afterwards. */
defineProps<{ waits: HairWaits; second: number }>();
const household = useHousehold();
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);
</script>

<template>
  <p class="figures hair" :class="{ dry: second > waits.until }" data-test="hair-waits">
    <template v-if="second > waits.until">{{ dayText.theHairIsWet(time(waits.since)) }}</template>
    <template v-else>{{ dayText.onByWhile(time(waits.until)) }}</template>
  </p>
</template>

<style scoped>
.hair {
  margin: 0 0 8px;
  font-size: 1.15rem;
}
.dry {
  padding-left: 12px;
  border-left: 4px solid var(--clay);
  font-weight: 600;
}
</style>
