<script setup lang="ts">
import { ingredientById } from '@amber-ladle/core/ingredient';
import type { PlanStep } from '@amber-ladle/core/washday';
import { useMediaQuery } from '@vueuse/core';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { IngredientPicture, ScenePicture } from '../kit/ink';

/** What the hands do in this step, and what they do it with. */
const { step } = defineProps<{ step: PlanStep }>();
const household = useHousehold();
const isNarrow = useMediaQuery('(max-width: 50em)');
/** More than these would be a list; the words have them all. */
const MOST = 6;
/** Steps whose knife takes the skin off. */
const PEELING: ReadonlySet<string> = new Set(['step.cut.title', 'step.cook-soft.title', 'step.peel-baked.title']);
const state = computed(() => (PEELING.has(step.title.id) ? 'peeled' : 'whole'));
const things = computed(() =>
  step.ingredientIds
    .slice(0, MOST)
    .flatMap((id) => (household.catalogue.has(id) ? ingredientById(household.catalogue, id) : [])),
);
</script>

<template>
  <div class="step-picture" aria-hidden="true">
    <ScenePicture :title-id="step.title.id" :kind="step.kind" :size="isNarrow ? 104 : 236" />
    <div v-if="!isNarrow" class="things">
      <IngredientPicture v-for="one in things" :id="one.id" :key="one.id" :family="one.family" :state :size="44" />
    </div>
  </div>
</template>

<style scoped>
.things {
  display: flex;
  flex-wrap: wrap;
  justify-content: center;
  gap: 8px;
  max-width: 236px;
  margin-top: 10px;
}
</style>
