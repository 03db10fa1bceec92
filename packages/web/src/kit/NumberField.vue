<script setup lang="ts">
import { ref, watch } from 'vue';
import { readNumber } from '../words/number';

/**
 * A number that is edited where it stands. While what is written is not a number within the limits, it says so
 * and the value from before the edit is back in force: 9 and 90 on the way to 900 leave no trace.
 */
const { modelValue, label, unit, min, max } = defineProps<{
  modelValue: number;
  label: string;
  unit: string;
  min: number;
  max: number;
  hint?: string;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: number] }>();

const text = ref(String(modelValue));
const message = ref('');
let beforeEdit = modelValue;

watch(
  () => modelValue,
  (value) => {
    // Going back to the value from before a slip leaves what was written to be mended.
    if (message.value && value === beforeEdit) return;
    if (readNumber(text.value) !== value) text.value = String(value);
    message.value = '';
  },
);

/** What is wrong with a written number; nothing when it will do. */
function fault(written: string): string {
  const value = readNumber(written);
  if (written.trim() === '' || Number.isNaN(value)) return `A number, in ${unit}.`;
  if (value < min) return `At least ${min} ${unit}.`;
  return value > max ? `At most ${max} ${unit}; check the unit.` : '';
}

function onInput(written: string): void {
  text.value = written;
  message.value = fault(written);
  const value = message.value ? beforeEdit : readNumber(written);
  if (value !== modelValue) emit('update:modelValue', value);
}
</script>

<template>
  <v-text-field
    :model-value="text"
    :label="label"
    :suffix="unit"
    :hint="hint"
    :persistent-hint="Boolean(hint)"
    :error-messages="message"
    inputmode="decimal"
    class="figures"
    @focus="beforeEdit = modelValue"
    @update:model-value="onInput"
  />
</template>
