<script setup lang="ts">
/** One thing that is so or not, pressed when it is. */
defineProps<{
  isOn: boolean;
  /** Big for wet hands; a name, as heads are called. */
  look?: 'big' | 'name';
}>();
defineEmits<{ toggle: [] }>();
</script>

<template>
  <button type="button" :class="['pill', look]" :aria-pressed="isOn" @click="$emit('toggle')">
    <slot></slot>
  </button>
</template>
