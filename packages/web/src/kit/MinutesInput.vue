<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import { useNotice } from '../data/notice';
import { readNumber } from '@amber-ladle/core/measure';

/** Whole minutes, told once they are written; what is no number of minutes is said and put back as it was. */
const { modelValue, label } = defineProps<{ modelValue: number; label: string; disabled?: boolean }>();
const emit = defineEmits<{ 'update:modelValue': [value: number] }>();
const notice = useNotice();
/** Ten hours. */
const MOST = 600;
function read(event: Event): void {
  const input = event.target as HTMLInputElement;
  const value = readNumber(input.value);
  if (Number.isInteger(value) && value >= 0 && value <= MOST) {
    if (value !== modelValue) emit('update:modelValue', value);
    return;
  }
  if (input.value.trim() !== '') notice.show(kitText.isNoNumber(input.value, MOST));
  input.value = String(modelValue);
}
</script>

<template>
  <input
    type="text"
    inputmode="numeric"
    class="minutes figures small-field"
    :value="modelValue"
    :aria-label="label"
    :disabled="disabled"
    @change="read"
  />
</template>

<style scoped>
.minutes {
  width: 70px;
  min-height: 44px;
}
</style>
