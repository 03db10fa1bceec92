<script setup lang="ts">
import { limitsOf, maskInputSchema } from '@amber-ladle/contract';
import { HAIR_STATES, NEEDS, SLOTS, SCALE_TEXTURES } from '@amber-ladle/core/mask';
import ChoicePills from '../kit/ChoicePills.vue';
import NumberField from '../kit/NumberField.vue';
import {
  maskText,
  APPLICATOR_WORDS,
  COVERAGE_WORDS,
  HAIR_STATE_WORDS,
  NEED_WORDS,
  SLOT_WORDS,
  USE_WORDS,
  TEXTURE_WORDS,
} from '@amber-ladle/words';
import EditSection from './EditSection.vue';
import { choicesOf, toggled } from './choices';
import type { MaskEditor } from './useMaskEditor';

/** What a mask is for, when, where and how often. */
const limits = limitsOf(maskInputSchema);
const props = defineProps<{ editor: MaskEditor }>();
const { fields, set, errors, readUses } = props.editor;

const needs = choicesOf(NEED_WORDS, NEEDS);
const slots = choicesOf(SLOT_WORDS, SLOTS);
const coverages = choicesOf(COVERAGE_WORDS, ['scalp', 'lengths', 'roots-to-tips']);
const textures = choicesOf(TEXTURE_WORDS, ['oil', ...SCALE_TEXTURES]);
const applicators = choicesOf(APPLICATOR_WORDS, ['brush', 'hand', 'bottle']);
const states = choicesOf(HAIR_STATE_WORDS, HAIR_STATES);
</script>

<template>
  <EditSection id="use" :title="maskText.use">
    <template #before>
      <ul
        v-if="readUses.length > 0"
        class="plain-list read-use"
        data-test="read-use"
        :aria-label="maskText.readFromYourText"
      >
        <li v-for="one in readUses" :key="one.what + one.words">
          <b>{{ USE_WORDS[one.what] }}</b> {{ maskText.from(one.words) }}
        </li>
      </ul>
      <div class="needs" role="group" :aria-label="maskText.usedFor">
        <ChoicePills
          :of="needs"
          :says="(need) => need.title"
          :is-chosen="(need) => fields.needs.includes(need.value)"
          @choose="(need) => set({ needs: toggled(fields.needs, need.value) })"
        />
      </div>
    </template>
    <v-select
      :model-value="fields.slot"
      :items="slots"
      :label="maskText.when"
      @update:model-value="set({ slot: $event })"
    />
    <v-select
      :model-value="fields.coverage"
      :items="coverages"
      :label="maskText.where"
      @update:model-value="set({ coverage: $event })"
    />
    <v-select
      :model-value="fields.texture"
      :items="textures"
      :label="maskText.meantToBe"
      @update:model-value="set({ texture: $event })"
    />
    <v-select
      :model-value="fields.hairState ?? null"
      :items="states"
      :label="maskText.onHairThatIs"
      :placeholder="maskText.asUsual"
      persistent-placeholder
      clearable
      @update:model-value="set({ hairState: $event ?? undefined })"
    />
    <v-select
      :model-value="fields.applicator"
      :items="applicators"
      :label="maskText.putOnBy"
      @update:model-value="set({ applicator: $event })"
    />
    <NumberField
      :model-value="Math.round(fields.endsExtraShare * 100)"
      :label="maskText.extraOnTheEnds"
      unit="%"
      v-bind="limits.number('endsExtraShare', 100)"
      @update:model-value="set({ endsExtraShare: $event / 100 })"
    />
    <NumberField
      :model-value="fields.repeatDays"
      :label="maskText.daysBetweenTwoUses"
      unit="d"
      v-bind="limits.number('repeatDays')"
      :when-empty="maskText.asOftenAsWished"
      @update:model-value="set({ repeatDays: Math.round($event) })"
      @clear="set({ repeatDays: undefined })"
    />
    <v-text-field
      :model-value="fields.school ?? ''"
      class="school"
      :label="maskText.school"
      :placeholder="maskText.wholeEggWeekly"
      persistent-placeholder
      v-bind="limits.text('school')"
      :error-messages="errors['school'] ?? null"
      @update:model-value="set({ school: $event || undefined })"
    />
  </EditSection>
</template>

<style scoped>
.read-use {
  margin: 0 0 12px;
  padding-left: 12px;
  border-left: 3px solid var(--amber-fill);
}
.needs {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
}
.school {
  grid-column: span 2;
}
@media (max-width: 56.25em) {
  .school {
    grid-column: auto;
  }
}
</style>
