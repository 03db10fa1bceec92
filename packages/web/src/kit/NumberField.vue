<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import { inUnit, readQuantity, unitsFor } from '@amber-ladle/core/measure';

/**
 * A number that is edited where it stands. While what is written is not a number within the limits, it says so
 * and the value from before the edit is back in force: 9 and 90 on the way to 900 leave no trace. "18 in" is taken where
 * centimetres are asked, and stands there in centimetres once it is left; or the other way round, where the household
 * measures in inches.
 */
const { modelValue, label, unit, min, max, shownIn } = defineProps<{
  modelValue: number;
  label: string;
  unit: string;
  min: number;
  max: number;
  hint?: string;
  /** The unit that it is shown and written in, where that is another than the value's own. */
  shownIn?: string;
}>();
const emit = defineEmits<{
  'update:modelValue': [value: number];
  /** It is written to its end, and will do. */
  done: [value: number];
}>();
const into = computed(() => shownIn ?? unit);

/** As finely as it is measured: tenths of what is turned into another unit, hundredths where millimetres are. */
const parts = computed(() => (unit === 'mm' ? 100 : 10));
const shown = (value: number): string =>
  String(into.value === unit ? value : Math.round(inUnit(value, unit, into.value) * parts.value) / parts.value);
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
const others = computed(() => unitsFor(into.value).slice(1).join(', '));

/** What is wrong with a written number; nothing when it will do. */
function fault(written: string): string {
  const value = read(written);
  if (Number.isNaN(value))
    return others.value ? `A number in ${into.value}, or with ${others.value}.` : `A number, in ${into.value}.`;
  if (value < min) return `At least ${shown(min)} ${into.value}.`;
  return value > max ? `At most ${shown(max)} ${into.value}; check the unit.` : '';
}

function onInput(written: string): void {
  text.value = written;
  message.value = fault(written);
  const value = message.value ? beforeEdit : read(written);
  if (value !== modelValue) emit('update:modelValue', value);
}
function onDone(): void {
  if (!message.value) emit('done', read(text.value));
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
    :suffix="into"
    :hint="hint"
    :persistent-hint="Boolean(hint)"
    :error-messages="message"
    inputmode="decimal"
    class="figures"
    @focus="beforeEdit = modelValue"
    @blur="onLeave"
    @change="onDone"
    @update:model-value="onInput"
  />
</template>
