<script setup lang="ts">
import type { JudgedBowl } from '@amber-ladle/core/learn';
import { notesText } from '@amber-ladle/words';
import { toRef } from 'vue';
import { useComparison } from './useComparison';

/** Two masks that were worn near each other, held against each other. */
const props = defineProps<{ judged: readonly JudgedBowl[]; nameOf: (maskId: string) => string }>();
const { first, second, offered, firsts, others, answer } = useComparison(toRef(props, 'judged'), props.nameOf);
</script>

<template>
  <h3>{{ notesText.thisAgainstThat }}</h3>
  <p v-if="offered.length === 0" class="quiet" data-test="no-pairs">{{ notesText.twoMasks }}</p>
  <template v-else>
    <div class="line">
      <v-select v-model="first" :items="firsts" :label="notesText.thisWord" class="mask" hide-details />
      <v-select v-model="second" :items="others" :label="notesText.againstThat" class="mask" hide-details />
    </div>
    <p class="big" data-test="compared">{{ answer }}</p>
  </template>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 8px 0;
}
.mask {
  max-width: 260px;
  min-width: 200px;
}
</style>
