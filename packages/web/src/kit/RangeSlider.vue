<script setup lang="ts">
/**
 * Something between two ends. It is the browser's own slider in our look: a swipe that goes up or down scrolls the page and leaves it as
 * it is, and all keys of a slider work.
 */
defineProps<{
  min: number;
  max: number;
  step: number;
  /** What is set. */
  label: string;
  /** What the present place comes to, as it is said aloud. */
  spoken: string;
}>();
const value = defineModel<number>({ required: true });
const onInput = (event: Event): void => void (value.value = Number((event.target as HTMLInputElement).value));
</script>

<template>
  <input
    type="range"
    :min="min"
    :max="max"
    :step="step"
    :value="value"
    :aria-label="label"
    :aria-valuetext="spoken"
    :style="{ '--far': `${((value - min) / (max - min)) * 100}%` }"
    @input="onInput"
  />
</template>

<style scoped>
input {
  appearance: none;
  width: 100%;
  height: 44px;
  margin: 0;
  background: transparent;
  cursor: pointer;
  touch-action: pan-y;
}
input::-webkit-slider-runnable-track {
  height: 6px;
  border-radius: 3px;
  background: linear-gradient(to right, var(--amber-fill) var(--far), var(--rule) var(--far));
}
input::-moz-range-track {
  height: 6px;
  border-radius: 3px;
  background: linear-gradient(to right, var(--amber-fill) var(--far), var(--rule) var(--far));
}
input::-webkit-slider-thumb {
  appearance: none;
  width: 26px;
  height: 26px;
  margin-top: -10px;
  border: 1.5px solid var(--ink);
  border-radius: 50%;
  background: var(--amber-fill);
}
input::-moz-range-thumb {
  width: 24px;
  height: 24px;
  border: 1.5px solid var(--ink);
  border-radius: 50%;
  background: var(--amber-fill);
}
</style>
