<script setup lang="ts">
import { ingredientText } from '@amber-ladle/words';
import ChoicePills from '../kit/ChoicePills.vue';
import type { Lid } from '@amber-ladle/core/ingredient';
import type { PotForm } from './potForm';
import NumberField from '../kit/NumberField.vue';

/** How a thing of one's own comes out of its pot: what goes in, in what, for how long, and what comes of it. */
const pot = defineModel<PotForm>({ required: true });
defineProps<{ known: readonly { readonly value: string; readonly title: string }[] }>();

const WAYS: readonly { readonly value: PotForm['method']; readonly title: string }[] = [
  { value: 'boil-and-strain', title: ingredientText.boiledAndStrained },
  { value: 'boil-and-blend', title: ingredientText.boiledSoftAndBlended },
  { value: 'stir-over-heat', title: ingredientText.stirredOverHeat },
  { value: 'steep', title: ingredientText.steeped },
];
const LIDS: readonly { readonly value: Lid; readonly title: string }[] = [
  { value: 'open', title: ingredientText.noLid },
  { value: 'ajar', title: ingredientText.lidAjar },
  { value: 'on', title: ingredientText.lidOn },
];
const isStrained = (): boolean => pot.value.method === 'boil-and-strain' || pot.value.method === 'steep';
</script>

<template>
  <div class="pot" data-test="pot-fields">
    <div class="line" role="group" :aria-label="ingredientText.howItIsMade">
      <ChoicePills
        :of="WAYS"
        :says="(way) => way.title"
        :is-chosen="(way) => pot.method === way.value"
        @choose="(way) => (pot.method = way.value)"
      />
    </div>
    <div class="grid">
      <v-text-field v-model="pot.rawName" :label="ingredientText.whatGoesIn" maxlength="60" />
      <NumberField v-model="pot.rawSpoonGrams" :label="ingredientText.aSpoon" unit="g" :min="0.1" :max="1000" />
      <v-autocomplete
        v-model="pot.liquidId"
        :items="known"
        :label="ingredientText.inWord"
        :no-data-text="ingredientText.nothingOfThatName"
      />
      <template v-if="pot.method !== 'steep'">
        <NumberField v-model="pot.minutes" :label="ingredientText.atABoil" unit="min" :min="1" :max="600" />
        <v-select v-model="pot.lid" :items="LIDS" :label="ingredientText.lid" />
      </template>
      <NumberField v-else v-model="pot.standMinutes" :label="ingredientText.stands" unit="min" :min="1" :max="100000" />
      <NumberField
        v-if="isStrained()"
        v-model="pot.madePerRaw"
        :label="ingredientText.aGram"
        unit="g"
        :min="0.1"
        :max="200"
      />
      <NumberField
        v-else
        v-model="pot.solidsPercent"
        :label="ingredientText.ofTheFinishedThing"
        unit="%"
        :min="1"
        :max="60"
      />
    </div>
  </div>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
  margin: 10px 0 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
