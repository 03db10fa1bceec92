<script setup lang="ts">
import { ref, watch } from 'vue';
import { readQuantity, unitsFor } from '@amber-ladle/core/measure';

/**
 * A number that is edited where it stands. While what is written is not a number within the limits, it says so
 * and the value from before the edit is back in force: 9 and 90 on the way to 900 leave no trace. "18 in" is taken where
 * centimetres are asked, and stands there in centimetres once it is left.
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
    if (readQuantity(text.value, unit) !== value) text.value = String(value);
    message.value = '';
  },
);

/** Units that it may be written in instead. */
const others = unitsFor(unit).slice(1).join(', ');

/** What is wrong with a written number; nothing when it will do. */
function fault(written: string): string {
  const value = readQuantity(written, unit);
  if (Number.isNaN(value)) return others ? `A number in ${unit}, or with ${others}.` : `A number, in ${unit}.`;
  if (value < min) return `At least ${min} ${unit}.`;
  return value > max ? `At most ${max} ${unit}; check the unit.` : '';
}

function onInput(written: string): void {
  text.value = written;
  message.value = fault(written);
  const value = message.value ? beforeEdit : readQuantity(written, unit);
  if (value !== modelValue) emit('update:modelValue', value);
}
/** What was written in another unit is shown in this one. */
function onLeave(): void {
  if (!message.value) text.value = String(modelValue);
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
    @blur="onLeave"
    @update:model-value="onInput"
  />
</template>
