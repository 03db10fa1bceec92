<script setup lang="ts">
import { pasteText } from '@amber-ladle/words';
/** What of a text nobody could read: shown, never counted, kept among the steps if somebody wants. */
defineProps<{ words: readonly string[] }>();
const emit = defineEmits<{ keep: [words: string] }>();
</script>

<template>
  <div class="lost" data-test="not-understood">
    <h2>{{ pasteText.notUnderstoodAndNever }}</h2>
    <p v-for="one in words" :key="one">
      “{{ one }}”
      <button type="button" class="tool" @click="emit('keep', one)">{{ pasteText.keepItAmong }}</button>
    </p>
  </div>
</template>

<style scoped>
.lost {
  border-left: 3px dashed var(--clay);
  padding-left: 12px;
  margin-top: 14px;
}
h2 {
  font-size: 1.1rem;
  margin: 0 0 4px;
}
p {
  margin: 4px 0;
}
</style>
