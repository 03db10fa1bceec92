<script setup lang="ts">
import { inARow } from '../data/inARow';
import { ingredientById } from '@amber-ladle/core/ingredient';
import type { FormulaPart } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { paintInBowl } from '../kit/ink';

/** A formula's shares by mass as one exact bar; names and shares are read out, and stand in the list beside it. */
const household = useHousehold();
const { parts } = defineProps<{ parts: readonly FormulaPart[] }>();

const spans = computed(() => {
  let from = 0;
  return parts.map(({ ingredientId, share }) => {
    const ingredient = ingredientById(household.catalogue, ingredientId);
    const span = {
      id: ingredientId,
      x: from * 100,
      width: share * 100,
      fill: paintInBowl(ingredient),
      name: ingredient.name,
    };
    from += share;
    return span;
  });
});
const summary = computed(() => inARow(spans.value.map(({ name, width }) => `${name} ${Math.round(width)} %`)));
</script>

<template>
  <svg viewBox="0 0 100 4" preserveAspectRatio="none" role="img" :aria-label="summary">
    <rect v-for="span in spans" :key="span.id" :x="span.x" y="0" :width="span.width" height="4" :fill="span.fill" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  height: 9px;
  display: block;
  border: 1px solid var(--rule);
}
rect {
  stroke: #2b211a;
  stroke-width: 0.6;
  vector-effect: non-scaling-stroke;
  stroke-opacity: 0.4;
}
</style>
