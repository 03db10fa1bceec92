<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { useNotice } from '../data/notice';

const notice = useNotice();
const route = useRoute();
/** Where the big button is at the foot, what is said stands above. */
const location = computed(() => (route.name === 'make' || route.name === 'wear' ? 'top' : 'bottom'));

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
    :timeout="notice.current?.undo ? 12000 : 6000"
    :color="notice.current?.tone === 'error' ? 'error' : 'on-background'"
  >
    <span role="status">{{ notice.current?.text }}</span>
    <template #actions>
      <v-btn v-if="notice.current?.undo" variant="text" @click="undo">Undo</v-btn>
      <v-btn variant="text" @click="notice.open = false">Close</v-btn>
    </template>
  </v-snackbar>
</template>
