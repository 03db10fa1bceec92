<script setup lang="ts">
import { useAlarms } from './useAlarms';

/** Whether an alarm would be heard here, tried by a tap. */
const { isHeard, canNotify, mayNotify, isRefused, askToNotify, tryIt } = useAlarms();
</script>

<template>
  <div class="check quiet" data-test="alarm-check">
    <span v-if="isHeard">It rings until you answer.</span>
    <span v-else>It rings once this page has been tapped.</span>
    <button type="button" class="pill" @click="tryIt">Try the sound</button>
    <span v-if="isRefused">A locked screen is not told: this browser’s settings do not allow it.</span>
    <button v-else-if="canNotify && !mayNotify" type="button" class="pill" data-test="notify" @click="askToNotify">
      Tell me on a locked screen, too
    </button>
    <span v-else-if="canNotify">A locked screen is told, too.</span>
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
