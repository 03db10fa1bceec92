<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import {
  PROFILE_LIMITS,
  STRAND_DIAMETER_MICROMETRES,
  strandCount,
  type HairAmount,
  type HairProfile,
} from '@amber-ladle/core/hair';
import { computed } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { writeLength } from '@amber-ladle/words';
import { useHousehold } from '../data/household';

/** Measurements of a head in words and numbers; the drawing beside them shows the same. */
const { modelValue, showScalp = false } = defineProps<{ modelValue: HairProfile; showScalp?: boolean }>();
const emit = defineEmits<{ 'update:modelValue': [profile: HairProfile] }>();

const set = (change: Partial<HairProfile>): void => {
  emit('update:modelValue', { ...modelValue, ...change });
};

const amounts = [
  { value: 'ponytail', title: 'by ponytail' },
  { value: 'density:low', title: 'little: the scalp shows' },
  { value: 'density:medium', title: 'middling' },
  { value: 'density:high', title: 'a lot: the scalp hardly shows' },
  { value: 'eye:sparse', title: 'by eye, little' },
  { value: 'eye:middling', title: 'by eye, middling' },
  { value: 'eye:plenty', title: 'by eye, a lot' },
];
const amountKey = computed(() => {
  const { amount } = modelValue;
  if (amount.kind === 'density') return `density:${amount.density}`;
  return amount.kind === 'eye' ? `eye:${amount.look}` : 'ponytail';
});
function setAmount(key: string): void {
  const [kind, value] = key.split(':');
  const amount =
    kind === 'density'
      ? { kind, density: value }
      : kind === 'eye'
        ? { kind, look: value }
        : { kind: 'ponytail', circumferenceMillimetres: 80 };
  set({ amount: amount as HairAmount });
}

const household = useHousehold();
const strandClasses = Object.entries(STRAND_DIAMETER_MICROMETRES);
const strands = computed(() => `about ${Math.round(strandCount(modelValue) / 1000)},000 strands`);
/** The same in the other of the two units. */
const alsoLength = computed(() => {
  const { locale, lengthIn } = household.where;
  const other = lengthIn === 'cm' ? 'in' : 'cm';
  return `${writeLength(modelValue.stretchedLengthCentimetres, { locale, lengthIn: other })}, stretched`;
});
const cuts = [
  { value: 'blunt', title: 'one length' },
  { value: 'long-layers', title: 'long layers' },
  { value: 'short-layers', title: 'short layers' },
];
const styles = [
  { value: 'loose', title: 'loose' },
  { value: 'twists', title: 'in twists' },
  { value: 'braids', title: 'in braids' },
  { value: 'cornrows', title: 'in cornrows' },
];
</script>

<template>
  <div class="fields">
    <NumberField
      :model-value="modelValue.stretchedLengthCentimetres"
      label="Length"
      unit="cm"
      :shown-in="household.where.lengthIn"
      :hint="alsoLength"
      v-bind="PROFILE_LIMITS.stretchedLengthCentimetres"
      @update:model-value="set({ stretchedLengthCentimetres: $event })"
    />
    <v-select
      :model-value="amountKey"
      :items="amounts"
      label="How much hair"
      :hint="strands"
      persistent-hint
      @update:model-value="setAmount"
    />
    <NumberField
      v-if="modelValue.amount.kind === 'ponytail'"
      :model-value="modelValue.amount.circumferenceMillimetres"
      label="Round the ponytail"
      unit="mm"
      :shown-in="household.where.lengthIn === 'in' ? 'in' : 'mm'"
      v-bind="PROFILE_LIMITS.circumferenceMillimetres"
      @update:model-value="set({ amount: { kind: 'ponytail', circumferenceMillimetres: $event } })"
    />
    <div>
      <NumberField
        :model-value="modelValue.strandDiameterMicrometres"
        label="Strand thickness"
        unit="µm"
        v-bind="PROFILE_LIMITS.strandDiameterMicrometres"
        @update:model-value="set({ strandDiameterMicrometres: $event })"
      />
      <div class="classes" role="group" aria-label="Strand thickness by class">
        <ChoicePills
          :of="strandClasses"
          :says="([name]) => name"
          :is-chosen="([, diameter]) => modelValue.strandDiameterMicrometres === diameter"
          @choose="([, diameter]) => set({ strandDiameterMicrometres: diameter })"
        />
      </div>
    </div>
    <v-select
      :model-value="modelValue.evenness"
      :items="cuts"
      label="Cut"
      @update:model-value="set({ evenness: $event })"
    />
    <v-select
      :model-value="modelValue.style"
      :items="styles"
      label="Worn"
      @update:model-value="set({ style: $event })"
    />
    <NumberField
      v-if="showScalp"
      :model-value="modelValue.scalpAreaSquareCentimetres"
      label="Scalp"
      unit="cm²"
      hint="adult about 600, child of eight 450"
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
