<script setup lang="ts">
import type { KeyAction } from '../kit/useKeys';

/** The keys of this screen, opened with `?`. */
const open = defineModel<boolean>({ required: true });
defineProps<{ actions: readonly KeyAction[] }>();

const written = (key: string): string => ({ ' ': 'space', Backspace: 'backspace' })[key] ?? key;
</script>

<template>
  <v-dialog v-model="open" aria-label="Keys">
    <div class="paper sheet">
      <h2>Keys</h2>
      <dl>
        <template v-for="action in actions" :key="action.does">
          <dt>
            <kbd v-for="key in action.keys" :key="key">{{ written(key) }}</kbd>
          </dt>
          <dd>{{ action.does }}</dd>
        </template>
      </dl>
      <v-btn color="primary" @click="open = false">Close</v-btn>
    </div>
  </v-dialog>
</template>

<style scoped>
dl {
  display: grid;
  grid-template-columns: auto 1fr;
  gap: 8px 16px;
  margin: 16px 0;
}
dd {
  margin: 0;
}
kbd {
  border: 1px solid var(--rule);
  border-radius: 4px;
  padding: 1px 8px;
  margin-right: 4px;
  font-family: var(--sans);
}
</style>
