<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import { mdiLock, mdiLockOpenVariantOutline, mdiMinus, mdiPlus } from '@mdi/js';

/** Less, more, and a lock that keeps the amount as it is while the rest follows. */
defineProps<{ name: string; isLocked: boolean; canLess: boolean }>();
defineEmits<{ step: [direction: 1 | -1]; lock: [] }>();
</script>

<template>
  <span class="stepper" role="group" :aria-label="kitText.amountOf(name)">
    <button type="button" :disabled="!canLess" :aria-label="kitText.less(name)" @click="$emit('step', -1)">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiMinus" /></svg>
    </button>
    <button type="button" :aria-label="kitText.more(name)" @click="$emit('step', 1)">
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiPlus" /></svg>
    </button>
    <button
      type="button"
      :aria-pressed="isLocked"
      :aria-label="kitText.exactlyThisMuch(name)"
      :title="isLocked ? kitText.fixedPressToLet : kitText.exactlyThisMuchTitle"
      @click="$emit('lock')"
    >
      <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="isLocked ? mdiLock : mdiLockOpenVariantOutline" /></svg>
    </button>
  </span>
</template>

<style scoped>
.stepper {
  display: inline-flex;
  gap: 2px;
}
button {
  width: 38px;
  height: 38px;
  display: grid;
  place-items: center;
  border: 1px solid transparent;
  border-radius: 50%;
  background: transparent;
  color: var(--quiet);
  cursor: pointer;
}
button:hover:not(:disabled) {
  border-color: var(--rule);
  color: var(--ink);
}
button:disabled {
  opacity: 0.3;
  cursor: default;
}
button[aria-pressed='true'] {
  background: var(--amber-wash);
  border-color: var(--amber-fill);
  color: var(--ink);
}
svg {
  width: 20px;
  height: 20px;
  fill: currentColor;
}
@media (pointer: coarse) {
  button {
    width: 44px;
    height: 44px;
  }
}
</style>
