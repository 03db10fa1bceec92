<script setup lang="ts">
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { computed } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { maskText, MIXING_WORDS } from '@amber-ladle/words';
import EditSection from './EditSection.vue';
import StepsPanel from './StepsPanel.vue';
import { choicesOf, linesOf } from './choices';
import type { MaskEditor } from './useMaskEditor';

/** How a mask is made, step by step. */
const limits = limitsOf(maskInputSchema);
const props = defineProps<{ editor: MaskEditor }>();
const { fields, set, mask, trial, errors } = props.editor;

const mixings = choicesOf(MIXING_WORDS, ['blender', 'fork', 'pot']);
/** What is so or not so; what is not so is left out of the mask, but for the cloth. */
const switches = computed(() => [
  {
    label: maskText.throughACloth,
    is: fields.value.strained,
    turn: (strained: boolean) => {
      set({ strained });
    },
  },
  {
    label: maskText.eggWhisked,
    is: fields.value.whisked ?? false,
    turn: (is: boolean) => {
      set({ whisked: is || undefined });
    },
  },
  {
    label: maskText.itStains,
    is: fields.value.stains ?? false,
    turn: (is: boolean) => {
      set({ stains: is || undefined });
    },
  },
  {
    label: maskText.asWrittenWhatever,
    is: fields.value.isItsOwnWay ?? false,
    turn: (is: boolean) => {
      set({ isItsOwnWay: is || undefined });
    },
  },
]);
const stepsError = computed(
  () => Object.entries(errors.value).find(([path]) => /^(ownSteps|stepEdits)/.test(path))?.[1] ?? '',
);
/** A line each, blank ones kept while they are being typed. */
const steps = computed({
  get: () => fields.value.steps.join('\n'),
  set: (text) => {
    set({ steps: linesOf(text) });
  },
});
</script>

<template>
  <EditSection id="making" :title="maskText.making">
    <v-select
      :model-value="fields.mixing"
      :items="mixings"
      :label="maskText.mixedBy"
      @update:model-value="set({ mixing: $event })"
    />
    <NumberField
      :model-value="fields.handsOnMinutes"
      :label="maskText.handsOnTime"
      unit="min"
      v-bind="limits.number('handsOnMinutes')"
      @update:model-value="set({ handsOnMinutes: Math.round($event) })"
    />
    <v-switch
      v-for="one in switches"
      :key="one.label"
      :model-value="one.is"
      :label="one.label"
      @update:model-value="one.turn(Boolean($event))"
    />
    <template #after>
      <v-textarea
        v-model="steps"
        :label="maskText.stepsOneALine"
        rows="5"
        auto-grow
        :error-messages="errors['steps'] ?? null"
      />
      <details v-if="mask && trial">
        <summary>{{ maskText.theSteps }}</summary>
        <StepsPanel :mask="mask" :bowl="trial.bowl" @change="set" />
      </details>
      <p v-if="stepsError" class="alert">{{ stepsError }}</p>
    </template>
  </EditSection>
</template>

<style scoped>
.alert {
  color: var(--clay);
}
</style>
