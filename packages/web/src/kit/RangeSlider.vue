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

/** A finger that has gone this far along the track means the slider, px. */
const MEANT = 8;
/** Where a finger went down, until it is known whether it means the slider or the page. */
let from: number | undefined;
const onDown = ({ pointerType, clientX }: PointerEvent): void =>
  void (from = pointerType === 'touch' ? clientX : undefined);
const read = ({ target }: Event): number => Number((target as HTMLInputElement).value);
function onInput(event: Event): void {
  if (from === undefined) value.value = read(event);
}
function onMove(event: PointerEvent): void {
  if (from === undefined || Math.abs(event.clientX - from) < MEANT) return;
  from = undefined;
  value.value = read(event);
}
/** A touch that stays where it is sets it there. */
function onUp(event: PointerEvent): void {
  from = undefined;
  value.value = read(event);
}
/** The page scrolls: the slider is where it was. */
function onCancel({ target }: Event): void {
  from = undefined;
  (target as HTMLInputElement).value = String(value.value);
}
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
    @pointerdown="onDown"
    @pointermove="onMove"
    @pointerup="onUp"
    @pointercancel="onCancel"
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
