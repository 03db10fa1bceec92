<script setup lang="ts">
import { useNotice } from '../stores/notice';

const notice = useNotice();

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
