<script setup lang="ts">
import { limitsOf, ingredientSchema } from '@amber-ladle/contract';
import { ingredientText } from '@amber-ladle/words';
import { spoonName } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import ChoicePills from '../kit/ChoicePills.vue';
import NumberField from '../kit/NumberField.vue';
import DraftLines from './DraftLines.vue';
import type { IngredientForm } from './ingredientForm';
import type { Draft } from './useDraft';

/** How the weight of a thing is known: by a spoon of it, by its composition, or by what it is made of. */
const limits = limitsOf(ingredientSchema);
const form = defineModel<IngredientForm>({ required: true });
defineProps<{ draft: Draft }>();
const household = useHousehold();
const { spell } = useWords();
const WEIGHTS = [
  { value: 'spoon', title: ingredientText.aLevelSpoonWeighed },
  { value: 'composition', title: ingredientText.itsComposition },
  { value: 'made', title: ingredientText.whatItIsMade },
] as const;
const COMPONENTS = [
  ['waterGrams', ingredientText.water],
  ['proteinGrams', ingredientText.protein],
  ['fatGrams', ingredientText.fat],
  ['carbohydrateGrams', ingredientText.carbohydrate],
  ['fibreGrams', spell(ingredientText.fibre)],
  ['ashGrams', ingredientText.ash],
] as const;
const spoons = computed(() => household.spoons.map((spoon) => ({ value: spoon.id, title: spoonName(spoon) })));
</script>

<template>
  <div class="line" role="group" :aria-label="ingredientText.howItsWeight">
    <span class="quiet">{{ ingredientText.knownBy }}</span>
    <ChoicePills
      :of="WEIGHTS"
      :says="(way) => way.title"
      :is-chosen="(way) => form.weight === way.value"
      @choose="(way) => (form.weight = way.value)"
    />
  </div>
  <div v-if="form.weight === 'spoon'" class="grid">
    <v-select v-model="form.spoonId" :items="spoons" :label="ingredientText.spoon" />
    <NumberField
      :model-value="form.spoonGrams ?? undefined"
      :label="ingredientText.itWeighs"
      unit="g"
      :min="0.1"
      :max="1000"
      @update:model-value="form.spoonGrams = $event"
    />
  </div>
  <div v-else-if="form.weight === 'composition'" class="grid">
    <NumberField
      v-for="[key, title] in COMPONENTS"
      :key="key"
      v-model="form.composition[key]"
      :label="ingredientText.titleIn100G(title)"
      unit="g"
      v-bind="limits.number(`composition.${key}`)"
    />
  </div>
  <div v-else>
    <DraftLines :draft="draft" simple />
    <div class="grid after">
      <NumberField v-model="form.keptBackPercent" :label="ingredientText.staysInTheCloth" unit="%" :min="0" :max="95" />
      <NumberField v-model="form.minutes" :label="ingredientText.takes" unit="min" :min="0" :max="100000" />
      <v-text-field v-model="form.how" :label="ingredientText.how" maxlength="500" />
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
  margin-bottom: 12px;
}
.after {
  margin-top: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0;
}
</style>
