<script setup lang="ts" generic="T">
/**
 * What can be chosen of a few things by touch, one press each; those that are chosen are pressed. They stand in a row of
 * their parent, which names the group. A press on a pressed one is told as well.
 */
const {
  of,
  says = String,
  isChosen,
  titleOf,
  look,
} = defineProps<{
  of: readonly T[];
  /** What is written on one; left out, the thing itself. */
  says?: (one: T) => string | number;
  isChosen: (one: T) => boolean;
  /** What is said of one that a mouse rests on. */
  titleOf?: (one: T) => string;
  /** Big for wet hands; a name, as heads are called. */
  look?: 'big' | 'name';
}>();
defineEmits<{ choose: [one: T] }>();
</script>

<template>
  <button
    v-for="(one, i) in of"
    :key="i"
    type="button"
    :class="['pill', look]"
    :aria-pressed="isChosen(one)"
    :title="titleOf?.(one)"
    @click="$emit('choose', one)"
  >
    <slot :one="one">{{ says(one) }}</slot>
  </button>
</template>
