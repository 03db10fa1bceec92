<script setup lang="ts">
import { flowOfSpread, PLATE_CENTIMETRES } from '@amber-ladle/core/learn';
import { textureClass } from '@amber-ladle/core/mask';
import { computed, ref, watch } from 'vue';
import PlateDrawing from './PlateDrawing.vue';
import { TextureScale } from '../bowl';
import { inUnit, readQuantity } from '@amber-ladle/core/measure';
import { useHousehold } from '../data/household';
import { notesText, writeSmallLength, TEXTURE_WORDS } from '@amber-ladle/words';

/** The plate test: how far a spoonful spreads in half a minute, and how thick that is. */
const {
  centimetres,
  gramsPerMillilitre,
  asks = notesText.moreExactly,
} = defineProps<{
  centimetres: number | undefined;
  gramsPerMillilitre: number;
  asks?: string;
}>();
const emit = defineEmits<{ change: [centimetres: number | undefined] }>();

const household = useHousehold();
const unit = computed(() => household.where.lengthIn);
const read = (words: string): number => readQuantity(words, 'cm', unit.value);
/** A ruler is read to a tenth. */
const shown = (value: number): string => String(Math.round(inUnit(value, 'cm', unit.value) * 10) / 10);
const written = ref('');
watch(
  () => centimetres,
  (now) => {
    if (read(written.value) !== now) written.value = now === undefined ? '' : shown(now);
  },
  { immediate: true },
);
const value = computed(() => read(written.value));
const isNone = computed(() => written.value.trim() === '');
const { min, max } = PLATE_CENTIMETRES;
const fault = computed(() => {
  if (isNone.value) return '';
  if (Number.isNaN(value.value)) return unit.value === 'cm' ? notesText.aNumberInCm : notesText.aNumberInInches;
  if (value.value < min) return notesText.aSpoonfulIsAcross(writeSmallLength(min, household.where));
  return value.value > max ? notesText.moreThanRunsOff(writeSmallLength(max, household.where)) : '';
});
const flow = computed(() => (isNone.value || fault.value ? undefined : flowOfSpread(value.value, gramsPerMillilitre)));
function take(): void {
  if (fault.value) return;
  const next = isNone.value ? undefined : value.value;
  if (next !== centimetres) emit('change', next);
}
</script>

<template>
  <details class="plate-test" data-test="plate" :open="centimetres !== undefined">
    <summary>{{ asks }}</summary>
    <div class="row">
      <PlateDrawing
        :across-centimetres="flow === undefined ? undefined : value"
        :says="flow === undefined ? notesText.howFar : writeSmallLength(value, household.where)"
      />
      <div>
        <p>
          {{ notesText.aLevelTablespoonOnto }}
        </p>
        <v-text-field
          v-model="written"
          :label="notesText.acrossAfter30S"
          :suffix="unit"
          inputmode="decimal"
          autocomplete="off"
          class="figures"
          density="compact"
          hide-details="auto"
          :error-messages="fault"
          @change="take"
        />
        <template v-if="flow !== undefined">
          <p aria-live="polite" data-test="plate-says">
            {{ notesText.thatIs }} <b>{{ TEXTURE_WORDS[textureClass(flow)] }}</b>{{ notesText.theNextBowl }}
          </p>
          <TextureScale :flow-log10="flow" />
        </template>
      </div>
    </div>
  </details>
</template>

<style scoped>
.row {
  display: flex;
  flex-wrap: wrap;
  gap: 16px;
  align-items: flex-start;
  margin: 8px 0;
}
.row > div {
  flex: 1 1 240px;
  max-width: 380px;
}
p {
  margin: 0 0 8px;
}
.figures {
  max-width: 220px;
  margin-bottom: 10px;
}
</style>
