<script setup lang="ts">
import { alarmsText } from '@amber-ladle/words';
import { useAlarms } from './useAlarms';

/** Whether an alarm would be heard here, tried by a tap. */
const { isHeard, canNotify, mayNotify, isRefused, askToNotify, tryIt } = useAlarms();
</script>

<template>
  <div class="check quiet" data-test="alarm-check">
    <span v-if="isHeard">{{ alarmsText.itRingsUntilYou }}</span>
    <span v-else>{{ alarmsText.itRingsOnce }}</span>
    <button type="button" class="pill" @click="tryIt">{{ alarmsText.tryTheSound }}</button>
    <span v-if="isRefused">{{ alarmsText.aLockedScreen }}</span>
    <button v-else-if="canNotify && !mayNotify" type="button" class="pill" data-test="notify" @click="askToNotify">
      {{ alarmsText.tellMe }}
    </button>
    <span v-else-if="canNotify">{{ alarmsText.aLockedScreenIs }}</span>
  </div>
</template>

<style scoped>
.check {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 12px;
  margin: 10px 0;
}
.pill {
  min-height: 48px;
}
</style>
