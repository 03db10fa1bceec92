<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import type { Lid } from '@amber-ladle/core/ingredient';
import type { PotForm } from './potForm';
import NumberField from '../kit/NumberField.vue';

/** How a thing of one's own comes out of its pot: what goes in, in what, for how long, and what comes of it. */
const pot = defineModel<PotForm>({ required: true });
defineProps<{ known: readonly { readonly value: string; readonly title: string }[] }>();

const WAYS: readonly { readonly value: PotForm['method']; readonly title: string }[] = [
  { value: 'boil-and-strain', title: 'boiled and strained' },
  { value: 'boil-and-blend', title: 'boiled soft and blended' },
  { value: 'stir-over-heat', title: 'stirred over heat' },
  { value: 'steep', title: 'steeped' },
];
const LIDS: readonly { readonly value: Lid; readonly title: string }[] = [
  { value: 'open', title: 'no lid' },
  { value: 'ajar', title: 'lid ajar' },
  { value: 'on', title: 'lid on' },
];
const isStrained = (): boolean => pot.value.method === 'boil-and-strain' || pot.value.method === 'steep';
</script>

<template>
  <div class="pot" data-test="pot-fields">
    <div class="line" role="group" aria-label="How it is made">
      <ChoicePills
        :of="WAYS"
        :says="(way) => way.title"
        :is-chosen="(way) => pot.method === way.value"
        @choose="(way) => (pot.method = way.value)"
      />
    </div>
    <div class="grid">
      <v-text-field v-model="pot.rawName" label="What goes in" maxlength="60" />
      <NumberField v-model="pot.rawSpoonGrams" label="A spoon of it weighs" unit="g" :min="0.1" :max="1000" />
      <v-autocomplete v-model="pot.liquidId" :items="known" label="In" no-data-text="Nothing of that name." />
      <template v-if="pot.method !== 'steep'">
        <NumberField v-model="pot.minutes" label="At a boil or simmer" unit="min" :min="1" :max="600" />
        <v-select v-model="pot.lid" :items="LIDS" label="Lid" />
      </template>
      <NumberField v-else v-model="pot.standMinutes" label="Stands" unit="min" :min="1" :max="100000" />
      <NumberField
        v-if="isStrained()"
        v-model="pot.madePerRaw"
        label="A gram of it makes"
        unit="g"
        :min="0.1"
        :max="200"
      />
      <NumberField v-else v-model="pot.solidsPercent" label="Of the finished thing it is" unit="%" :min="1" :max="60" />
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
