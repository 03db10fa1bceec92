<script setup lang="ts">
import TogglePill from '../kit/TogglePill.vue';
import type { UnderstoodMask } from '@amber-ladle/core/exchange';
import { computed } from 'vue';
import { pasteText, caredWords } from '@amber-ladle/words';

/** What the text says and its ingredients forbid: as it is written, with the safer reading beside it. */
const { understood } = defineProps<{ understood: UnderstoodMask }>();
const isSafe = defineModel<boolean>({ required: true });

const odds = computed(() =>
  understood.unsafe.map((what) => ({
    what,
    written: caredWords(what, understood.mask),
    safe: caredWords(what, understood.safe),
  })),
);
</script>

<template>
  <div class="odds" data-test="unsafe">
    <p v-for="one in odds" :key="one.what">
      <b>{{ pasteText.stop }}</b> {{ isSafe ? one.safe : one.written }}
      <span class="quiet">{{ isSafe ? pasteText.takenInstead : pasteText.safer(one.safe) }}</span>
    </p>
    <TogglePill :is-on="isSafe" @toggle="isSafe = !isSafe">{{ pasteText.takeTheSaferReading }}</TogglePill>
  </div>
</template>

<style scoped>
.odds {
  border-left: 4px solid var(--clay);
  padding: 2px 0 2px 12px;
  margin-bottom: 16px;
}
.odds p {
  margin: 0 0 6px;
}
</style>
