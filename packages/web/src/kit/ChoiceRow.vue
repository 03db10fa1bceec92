<script setup lang="ts" generic="T extends string | number">
import { useId } from 'vue';
import ChoicePills from './ChoicePills.vue';

/** A question with a few answers beside it, of which one is pressed at the most. A press on the pressed one is told as well. */
const { label, options, modelValue } = defineProps<{
  label: string;
  options: readonly { readonly value: T; readonly title: string }[];
  modelValue: T | undefined;
}>();
const emit = defineEmits<{ 'update:modelValue': [value: T] }>();
const id = useId();
</script>

<template>
  <div class="row">
    <span :id="id">{{ label }}</span>
    <span role="group" :aria-labelledby="id" class="pills">
      <ChoicePills
        :of="options"
        :says="({ title }) => title"
        :is-chosen="({ value }) => value === modelValue"
        @choose="({ value }) => emit('update:modelValue', value)"
      />
    </span>
  </div>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin: 6px 0;
}
.pills {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
