<script setup lang="ts">
import NumberField from '../kit/NumberField.vue';
import type { IngredientForm } from './ingredientForm';

/** What one of a counted thing is called, weighs and leaves. */
const form = defineModel<IngredientForm>({ required: true });
</script>

<template>
  <div class="grid">
    <v-text-field v-model="form.noun" label="One of it is called" placeholder="not counted" persistent-placeholder />
    <v-text-field v-if="form.noun" v-model="form.nouns" label="Several are called" />
    <NumberField
      v-if="form.noun"
      :model-value="form.pieceGrams ?? 0"
      label="Usable in a usual one"
      unit="g"
      :min="1"
      :max="5000"
      @update:model-value="form.pieceGrams = $event"
    />
    <NumberField v-if="form.noun" v-model="form.refusePercent" label="Peel, stone, shell" unit="%" :min="0" :max="95" />
    <NumberField v-if="form.noun" v-model="form.cutInto" label="Cut into at most" unit="parts" :min="1" :max="16" />
    <NumberField v-model="form.strainedPercent" label="Stays in a cloth" unit="%" :min="0" :max="95" />
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
  margin-bottom: 12px;
}
</style>
