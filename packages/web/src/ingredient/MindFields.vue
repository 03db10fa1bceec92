<script setup lang="ts">
import { ingredientText, ALLERGEN_WORDS, SMELL_WORDS } from '@amber-ladle/words';
import { ALLERGENS, SMELLS } from '@amber-ladle/core/ingredient';
import ChoicePills from '../kit/ChoicePills.vue';
import type { IngredientForm } from './ingredientForm';

/** What of a thing is to be minded: its smell, what it contains, latex and stains. */
const form = defineModel<IngredientForm>({ required: true });
/** Without one that was among them, with one that was not. */
const toggled = <T,>(all: readonly T[], one: T): T[] =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];
</script>

<template>
  <div class="line" role="group" :aria-label="ingredientText.smellsOf">
    <span class="quiet">{{ ingredientText.smellsOf }}</span>
    <ChoicePills
      :of="SMELLS"
      :says="(smell) => SMELL_WORDS[smell]"
      :is-chosen="(smell) => form.smells.includes(smell)"
      @choose="(smell) => (form.smells = toggled(form.smells, smell))"
    />
  </div>
  <div class="line" role="group" :aria-label="ingredientText.containsAloud">
    <span class="quiet">{{ ingredientText.containsAloud }}</span>
    <ChoicePills
      :of="ALLERGENS"
      :says="(allergen) => ALLERGEN_WORDS[allergen]"
      :is-chosen="(allergen) => form.allergens.includes(allergen)"
      @choose="(allergen) => (form.allergens = toggled(form.allergens, allergen))"
    />
  </div>
  <div class="line">
    <v-switch v-model="form.crossesWithLatex" :label="ingredientText.latexAllergyCanCrossLabel" />
    <v-switch v-model="form.stains" :label="ingredientText.itStains" />
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0;
}
</style>
