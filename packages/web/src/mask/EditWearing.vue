<script setup lang="ts">
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { computed } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { maskText, HEAT_WORDS, KEEPING_WORDS, TEMPERATURE_WORDS } from '@amber-ladle/words';
import EditSection from './EditSection.vue';
import { choicesOf, linesOf } from './choices';
import type { MaskEditor } from './useMaskEditor';

/** How long a mask is worn, how it is rinsed and kept, and what is to be minded. */
const limits = limitsOf(maskInputSchema);
const props = defineProps<{ editor: MaskEditor }>();
const { fields, set, errors } = props.editor;

const MINUTES = [
  { key: 'minimumMinutes', label: maskText.atTheLeast },
  { key: 'aimMinutes', label: maskText.aim },
  { key: 'limitMinutes', label: maskText.neverPast },
] as const;
const heats = choicesOf(HEAT_WORDS, ['never', 'cap', 'dryer-may-help']);
const temperatures = choicesOf(TEMPERATURE_WORDS, ['cool-to-lukewarm', 'lukewarm', 'lukewarm-then-cool', 'warm']);
const keepings = choicesOf(KEEPING_WORDS, ['same-day', 'fridge-till-tomorrow', 'freezes']);
const shampoos = [
  { value: 0, title: maskText.noShampooAfter },
  { value: 1, title: maskText.shampooOnceAfter },
  { value: 2, title: maskText.shampooTwiceAfter },
];
const cautions = computed({
  get: () => (fields.value.cautions ?? []).join('\n'),
  set: (text) => {
    set({ cautions: linesOf(text) });
  },
});
</script>

<template>
  <EditSection id="wearing" :title="maskText.wearingAndRinsing">
    <NumberField
      v-for="{ key, label } in MINUTES"
      :key="key"
      :model-value="fields.wear[key]"
      :label="label"
      unit="min"
      v-bind="limits.number(`wear.${key}`)"
      @update:model-value="set({ wear: { ...fields.wear, [key]: Math.round($event) } })"
    />
    <v-select
      :model-value="fields.heat"
      :items="heats"
      :label="maskText.warmth"
      @update:model-value="set({ heat: $event })"
    />
    <v-select
      :model-value="fields.rinse.temperature"
      :items="temperatures"
      :label="maskText.rinseWith"
      @update:model-value="set({ rinse: { ...fields.rinse, temperature: $event } })"
    />
    <v-select
      :model-value="fields.rinse.shampoos"
      :items="shampoos"
      :label="maskText.then"
      @update:model-value="set({ rinse: { ...fields.rinse, shampoos: $event } })"
    />
    <v-switch
      :model-value="fields.rinse.conditioner"
      :label="maskText.conditionerOnTheLengths"
      @update:model-value="set({ rinse: { ...fields.rinse, conditioner: Boolean($event) } })"
    />
    <v-switch
      :model-value="fields.rinse.acidRinse"
      :label="maskText.weakAcidRinse"
      @update:model-value="set({ rinse: { ...fields.rinse, acidRinse: Boolean($event) } })"
    />
    <v-select
      :model-value="fields.keeping"
      :items="keepings"
      :label="maskText.keeps"
      @update:model-value="set({ keeping: $event })"
    />
    <template #after>
      <p v-if="errors['wear.aimMinutes'] || errors['wear.limitMinutes']" class="alert">
        {{ errors['wear.aimMinutes'] ?? errors['wear.limitMinutes'] }}
      </p>
      <v-textarea
        v-model="cautions"
        :label="maskText.yourOwnCautionsOne"
        rows="2"
        auto-grow
        :error-messages="errors['cautions'] ?? null"
      />
    </template>
  </EditSection>
</template>

<style scoped>
.alert {
  color: var(--clay);
}
</style>
