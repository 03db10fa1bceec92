<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import {
  PROFILE_LIMITS,
  STRAND_CLASSES,
  STRAND_DIAMETER_MICROMETRES,
  strandCount,
  type HairProfile,
} from '@amber-ladle/core/hair';
import { computed } from 'vue';
import { amountSaid, keyOfAmount } from './amountSaid';
import NumberField from '../kit/NumberField.vue';
import { headText, writeLength, STRAND_WORDS } from '@amber-ladle/words';
import { useHousehold } from '../data/household';

/** Measurements of a head in words and numbers; the drawing beside them shows the same. */
const { modelValue, showScalp = false } = defineProps<{ modelValue: HairProfile; showScalp?: boolean }>();
const emit = defineEmits<{ 'update:modelValue': [profile: HairProfile] }>();

const set = (change: Partial<HairProfile>): void => {
  emit('update:modelValue', { ...modelValue, ...change });
};

const amounts = [
  { value: 'ponytail', title: headText.byPonytail },
  { value: 'density:low', title: headText.littleTheScalpShows },
  { value: 'density:medium', title: headText.middling },
  { value: 'density:high', title: headText.aLotTheScalp },
  { value: 'eye:sparse', title: headText.byEyeLittle },
  { value: 'eye:middling', title: headText.byEyeMiddling },
  { value: 'eye:plenty', title: headText.byEyeALot },
];
const household = useHousehold();
const strandClasses = STRAND_CLASSES.map((name) => [name, STRAND_DIAMETER_MICROMETRES[name]] as const);
const strands = computed(() => headText.thousandStrands(Math.round(strandCount(modelValue) / 1000)));
/** The same in the other of the two units. */
const alsoLength = computed(() => {
  const { locale, lengthIn } = household.where;
  const other = lengthIn === 'cm' ? 'in' : 'cm';
  return headText.stretchedLength(writeLength(modelValue.stretchedLengthCentimetres, { locale, lengthIn: other }));
});
const cuts = [
  { value: 'blunt', title: headText.oneLength },
  { value: 'long-layers', title: headText.longLayers },
  { value: 'short-layers', title: headText.shortLayers },
];
const styles = [
  { value: 'loose', title: headText.loose },
  { value: 'twists', title: headText.inTwists },
  { value: 'braids', title: headText.inBraids },
  { value: 'cornrows', title: headText.inCornrows },
];
</script>

<template>
  <div class="fields">
    <NumberField
      :model-value="modelValue.stretchedLengthCentimetres"
      :label="headText.length"
      unit="cm"
      :shown-in="household.where.lengthIn"
      :hint="alsoLength"
      v-bind="PROFILE_LIMITS.stretchedLengthCentimetres"
      @update:model-value="set({ stretchedLengthCentimetres: $event })"
    />
    <v-select
      :model-value="keyOfAmount(modelValue.amount)"
      :items="amounts"
      :label="headText.howMuchHair"
      :hint="strands"
      persistent-hint
      @update:model-value="set({ amount: amountSaid($event, modelValue) })"
    />
    <NumberField
      v-if="modelValue.amount.kind === 'ponytail'"
      :model-value="modelValue.amount.circumferenceMillimetres"
      :label="headText.roundThePonytail"
      unit="mm"
      :shown-in="household.where.lengthIn === 'in' ? 'in' : 'mm'"
      v-bind="PROFILE_LIMITS.circumferenceMillimetres"
      @update:model-value="set({ amount: { kind: 'ponytail', circumferenceMillimetres: $event } })"
    />
    <div>
      <NumberField
        :model-value="modelValue.strandDiameterMicrometres"
        :label="headText.strandThickness"
        unit="µm"
        v-bind="PROFILE_LIMITS.strandDiameterMicrometres"
        @update:model-value="set({ strandDiameterMicrometres: $event })"
      />
      <div class="classes" role="group" :aria-label="headText.strandThicknessByClass">
        <ChoicePills
          :of="strandClasses"
          :says="([name]) => STRAND_WORDS[name]"
          :is-chosen="([, diameter]) => modelValue.strandDiameterMicrometres === diameter"
          @choose="([, diameter]) => set({ strandDiameterMicrometres: diameter })"
        />
      </div>
    </div>
    <v-select
      :model-value="modelValue.evenness"
      :items="cuts"
      :label="headText.cut"
      @update:model-value="set({ evenness: $event })"
    />
    <v-select
      :model-value="modelValue.style"
      :items="styles"
      :label="headText.worn"
      @update:model-value="set({ style: $event })"
    />
    <NumberField
      v-if="showScalp"
      :model-value="modelValue.scalpAreaSquareCentimetres"
      :label="headText.scalp"
      unit="cm²"
      :hint="headText.adultAbout600Child"
      v-bind="PROFILE_LIMITS.scalpAreaSquareCentimetres"
      @update:model-value="set({ scalpAreaSquareCentimetres: $event })"
    />
  </div>
</template>

<style scoped>
.fields :deep(.v-field) {
  --v-field-padding-start: 12px;
  --v-field-padding-end: 8px;
}
.fields {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px 12px;
  align-items: start;
}
.classes {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  margin-top: 4px;
}
.classes :deep(.pill) {
  flex: 1 0 auto;
  padding: 0 4px;
}
</style>
