<script setup lang="ts">
import type { Ingredient } from '@amber-ladle/core/ingredient';
import type { Spoon } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import IngredientPicture from './IngredientPicture.vue';
import { amountDrawn, type ToDraw } from './amount';
import SpoonPicture from './SpoonPicture.vue';
import { paintInBowl } from './texture';
import PieceMarks from './PieceMarks.vue';

/**
 * An amount as it lies on the board: fruit as many and as large as they are, the last one cut; spoons and cups of the
 * owner's drawer, filled. All of it at one scale, so that a teaspoon beside an egg is as large as it is.
 */
const {
  ingredient,
  line,
  spoons,
  scale = 5.4,
} = defineProps<{
  ingredient: Ingredient;
  line: ToDraw;
  spoons: readonly Spoon[];
  /** Pixels to the centimetre. */
  scale?: number;
}>();
const paint = computed(() => paintInBowl(ingredient));
const drawn = computed(() => amountDrawn(ingredient, line, spoons));
</script>

<template>
  <span class="amount-picture" aria-hidden="true">
    <template v-if="drawn.kind === 'pieces'">
      <PieceMarks v-for="(share, at) in drawn.shares" :key="at" :ingredient :share :size="drawn.centimetres * scale" />
    </template>
    <template v-else-if="drawn.kind === 'spoons'">
      <SpoonPicture v-for="(one, at) in drawn.each" :key="at" :millilitres="one.millilitres" :paint :scale />
    </template>
    <IngredientPicture v-else :id="ingredient.id" :family="ingredient.family" :size="40" />
  </span>
</template>

<style scoped>
.amount-picture {
  display: inline-flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 3px;
}
</style>
