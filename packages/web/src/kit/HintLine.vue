<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import { mdiClose } from '@mdi/js';
import { useHints } from './useHints';

/** A word to whoever is here for the first time; closed once, it does not come back in this browser. */
const { id } = defineProps<{ id: string }>();
const { closed, close } = useHints();
</script>

<template>
  <p v-if="!closed.includes(id)" class="hint" data-test="hint">
    <span><slot></slot></span>
    <button type="button" :aria-label="kitText.closeThisHint" @click="close(id)">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiClose" /></svg>
    </button>
  </p>
</template>

<style scoped>
.hint {
  display: flex;
  align-items: flex-start;
  gap: 8px;
  margin: 8px 0;
  padding: 8px 4px 8px 12px;
  border-left: 3px solid var(--amber-fill);
  background: var(--amber-wash);
}
span {
  flex: 1;
}
button {
  flex: none;
  display: grid;
  place-items: center;
  width: 44px;
  height: 44px;
  margin: -8px 0;
  border: 0;
  background: transparent;
  color: var(--ink);
  cursor: pointer;
}
svg {
  width: 20px;
  fill: currentColor;
}
</style>
