<script setup lang="ts">
import { inARow } from '../data/inARow';
import { pasteText } from '@amber-ladle/words';
import type { MaskInput } from '@amber-ladle/contract';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { FormulaBar } from '../mask';

/** A mask that came whole, looked at before it goes into the book. */
const { mask } = defineProps<{ mask: MaskInput; isKeeping: boolean }>();
const emit = defineEmits<{ keep: [] }>();
const household = useHousehold();
/** What goes into it, the most first. */
const names = computed(() =>
  inARow(
    [...mask.parts]
      .sort((a, b) => b.share - a.share)
      .map(({ ingredientId }) => household.catalogue.get(ingredientId)?.name ?? ingredientId),
  ),
);
</script>

<template>
  <section :aria-label="pasteText.aWholeMask">
    <h2>{{ mask.name }}</h2>
    <p>
      {{ pasteText.allOf(mask.parts.length, mask.steps.length) }}
    </p>
    <FormulaBar :parts="mask.parts" />
    <p>{{ names }}</p>
    <ol class="steps">
      <li v-for="(step, at) in mask.steps" :key="at">{{ step }}</li>
    </ol>
    <v-btn color="primary" size="large" :loading="isKeeping" data-test="keep-pasted" @click="emit('keep')">{{
      pasteText.putItInTheBook
    }}</v-btn>
  </section>
</template>

<style scoped>
.steps {
  padding-left: 1.4em;
}
</style>
