<script setup lang="ts" generic="T extends string | number">
import { useId } from 'vue';

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
      <button
        v-for="one in options"
        :key="one.value"
        type="button"
        class="pill"
        :aria-pressed="one.value === modelValue"
        @click="emit('update:modelValue', one.value)"
      >
        {{ one.title }}
      </button>
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
