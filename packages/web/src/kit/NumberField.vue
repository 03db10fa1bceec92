<script setup lang="ts">
import { inARow } from '../data/inARow';
import { kitText } from '@amber-ladle/words';
import { computed, ref, watch } from 'vue';
import { inUnit, readQuantity, unitsFor } from '@amber-ladle/core/measure';

/**
 * A number that is edited where it stands. While what is written is not a number within the limits, it says so
 * and the value from before the edit is back in force: 9 and 90 on the way to 900 leave no trace. "18 in" is taken where
 * centimetres are asked, and stands there in centimetres once it is left; or the other way round, where the household
 * measures in inches.
 */
const { modelValue, label, unit, min, max, shownIn, whenEmpty } = defineProps<{
  modelValue: number | undefined;
  label: string;
  unit: string;
  min: number;
  max: number;
  hint?: string;
  /** The unit that it is shown and written in, where that is another than the value's own. */
  shownIn?: string;
  /** What it means that nothing is written; left out, something has to be. */
  whenEmpty?: string;
}>();
const emit = defineEmits<{
  'update:modelValue': [value: number];
  /** Nothing is written, where that may be. */
  clear: [];
  /** It is written to its end, and will do. */
  done: [value: number];
}>();
const into = computed(() => shownIn ?? unit);

/** As finely as it is measured: tenths of what is turned into another unit, hundredths where millimetres are. */
const parts = computed(() => (unit === 'mm' ? 100 : 10));
function shown(value: number | undefined): string {
  if (value === undefined) return '';
  return String(into.value === unit ? value : Math.round(inUnit(value, unit, into.value) * parts.value) / parts.value);
}
const isBlank = (written: string): boolean => whenEmpty !== undefined && written.trim() === '';
/** What is written, in the value's own unit. */
const read = (written: string): number => readQuantity(written, unit, into.value);
const text = ref(shown(modelValue));
const message = ref('');
let beforeEdit = modelValue;

watch(
  () => modelValue,
  (value) => {
    // Going back to the value from before a slip leaves what was written to be mended.
    if (message.value && value === beforeEdit) return;
    if (read(text.value) !== value) text.value = shown(value);
    message.value = '';
  },
);
watch(into, () => (text.value = shown(modelValue)));

/** Units that it may be written in instead. */
const others = computed(() => inARow(unitsFor(into.value).slice(1)));

/** What is wrong with a written number; nothing when it will do. */
function fault(written: string): string {
  if (isBlank(written)) return '';
  const value = read(written);
  if (Number.isNaN(value))
    return others.value ? kitText.aNumber(into.value, others.value) : kitText.aNumberIn(into.value);
  if (value < min) return kitText.atLeast(shown(min), into.value);
  return value > max ? kitText.atMostCheck(shown(max), into.value) : '';
}

function onInput(written: string): void {
  text.value = written;
  message.value = fault(written);
  const value = message.value ? beforeEdit : isBlank(written) ? undefined : read(written);
  if (value === modelValue) return;
  if (value === undefined) emit('clear');
  else emit('update:modelValue', value);
}
function onDone(): void {
  if (!message.value && !isBlank(text.value)) emit('done', read(text.value));
}
/** What was written in another unit is shown in this one. */
function onLeave(): void {
  if (!message.value) text.value = shown(modelValue);
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :suffix="isBlank(text) ? undefined : into"
    :hint="hint"
    :placeholder="whenEmpty"
    :persistent-placeholder="whenEmpty !== undefined"
    :persistent-hint="Boolean(hint)"
    :error-messages="message"
    :data-not-in-force="message === '' ? undefined : ''"
    inputmode="decimal"
    class="figures"
    @focus="beforeEdit = modelValue"
    @blur="onLeave"
    @change="onDone"
    @update:model-value="onInput"
  />
</template>
