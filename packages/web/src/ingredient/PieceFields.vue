<script setup lang="ts">
import { limitsOf, ingredientSchema } from '@amber-ladle/contract';
import { ingredientText } from '@amber-ladle/words';
import NumberField from '../kit/NumberField.vue';
import type { IngredientForm } from './ingredientForm';

/** What one of a counted thing is called, weighs and leaves. */
const limits = limitsOf(ingredientSchema);
const form = defineModel<IngredientForm>({ required: true });
</script>

<template>
  <div class="grid">
    <v-text-field
      v-model="form.noun"
      :label="ingredientText.oneOf"
      :placeholder="ingredientText.notCounted"
      persistent-placeholder
    />
    <v-text-field v-if="form.noun" v-model="form.nouns" :label="ingredientText.severalAreCalled" />
    <NumberField
      v-if="form.noun"
      :model-value="form.pieceGrams ?? undefined"
      :label="ingredientText.usableInAUsual"
      unit="g"
      :min="1"
      :max="5000"
      @update:model-value="form.pieceGrams = $event"
    />
    <NumberField
      v-if="form.noun"
      v-model="form.refusePercent"
      :label="ingredientText.peelStoneShellLabel"
      unit="%"
      :min="0"
      :max="95"
    />
    <NumberField
      v-if="form.noun"
      v-model="form.cutInto"
      :label="ingredientText.cutIntoAtMost"
      :unit="ingredientText.parts"
      v-bind="limits.number('pieces.cutInto')"
    />
    <NumberField v-model="form.strainedPercent" :label="ingredientText.staysInACloth" unit="%" :min="0" :max="95" />
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
