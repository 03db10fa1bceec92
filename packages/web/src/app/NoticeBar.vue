<script setup lang="ts">
import { appText } from '@amber-ladle/words';
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useNotice } from '../data/notice';

const notice = useNotice();
const route = useRoute();
/** In the hand the path and what is to be pressed are at the foot, and on Make and Wear everywhere: what is said stands above. */
const isInHand = useMediaQuery('(max-width: 32.5em)');
const location = computed(() => (isInHand.value || route.name === 'make' || route.name === 'wear' ? 'top' : 'bottom'));

async function undo(): Promise<void> {
  const back = notice.current?.undo;
  notice.open = false;
  try {
    await back?.();
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <v-snackbar
    v-model="notice.open"
    :location="location"
    :class="{ hand: isInHand }"
    :timeout="notice.current?.undo ? 12000 : 6000"
    :color="notice.current?.tone === 'error' ? 'error' : 'on-background'"
  >
    <span role="status">{{ notice.current?.text }}</span>
    <template #actions>
      <v-btn v-if="notice.current?.undo" variant="text" @click="undo">{{ appText.undo }}</v-btn>
      <v-btn variant="text" @click="notice.open = false">{{ appText.close }}</v-btn>
    </template>
  </v-snackbar>
</template>

<style scoped>
/* Below the ways around, which stay in reach. */
.hand {
  margin-top: 48px;
}
</style>
