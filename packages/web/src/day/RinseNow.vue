<script setup lang="ts">
import { RINSE_REASONS, type RinseReason } from '@amber-ladle/contract';
import { dayText, RINSE_WORDS } from '@amber-ladle/words';

/** Rinse at once, whatever the clock says: one tap, by its reason. */
defineEmits<{ now: [why: RinseReason] }>();
</script>

<template>
  <div class="now" role="group" :aria-label="dayText.rinseNow">
    <span class="quiet">{{ dayText.rinseNowBeside }}</span>
    <button
      v-for="why in RINSE_REASONS"
      :key="why"
      type="button"
      class="pill big"
      :class="{ stop: why === 'burning' }"
      :data-test="`rinse-${why}`"
      @click="$emit('now', why)"
    >
      {{ RINSE_WORDS[why] }}
    </button>
  </div>
</template>

<style scoped>
.now {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 16px 0;
}
.pill {
  min-height: 64px;
  padding: 0 20px;
}
.stop {
  border-color: var(--clay);
  color: var(--clay);
  font-weight: 600;
}
</style>
