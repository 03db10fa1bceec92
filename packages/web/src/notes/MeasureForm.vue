<script setup lang="ts">
import { headMeasureSchema, limitsOf, MEASURE_KINDS, type Head, type HeadMeasure } from '@amber-ladle/contract';
import { nearestLandmark } from '@amber-ladle/core/hair';
import { localDay, startOfDay, TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { LANDMARK_WORDS, MEASURE_WORDS, notesText } from '@amber-ladle/words';
import { v4 as newId } from 'uuid';
import { ref, watch } from 'vue';
import { useHousehold } from '../data/household';
import NumberField from '../kit/NumberField.vue';
import { useSchemaForm } from '../kit/useSchemaForm';
import { whenInForce } from '../kit/whenInForce';

/** A length, a trim or regrowth, of today or of a day before. */
const { head } = defineProps<{ head: Head }>();
const emit = defineEmits<{ measured: [HeadMeasure] }>();
const limits = limitsOf(headMeasureSchema);
const household = useHousehold();
const kinds = MEASURE_KINDS.map((value) => ({ value, title: MEASURE_WORDS[value] }));

const usual = (kind: HeadMeasure['kind']): number => (kind === 'length' ? head.profile.stretchedLengthCentimetres : 2);
const blank = (): HeadMeasure => ({
  id: newId(),
  at: household.now().toISOString(),
  kind: 'length',
  centimetres: usual('length'),
  where: '',
});
const { defineField, errors, handleSubmit } = useSchemaForm<HeadMeasure>(headMeasureSchema, blank());
const [kind] = defineField('kind');
const [centimetres] = defineField('centimetres');
watch(kind, (now) => (centimetres.value = usual(now)));

const today = (): string => localDay(household.now().getTime(), household.where.timeZone);
const day = ref(today());
/** Of a day before nobody knows the hour: its middle. */
const at = (): string =>
  (day.value === today()
    ? household.now()
    : new Date(startOfDay(day.value, household.where.timeZone) + TWENTY_FOUR_HOURS / 2)
  ).toISOString();
const save = handleSubmit((said) => {
  const where = said.kind === 'length' ? LANDMARK_WORDS[nearestLandmark(said.centimetres).id] : '';
  emit('measured', { ...said, id: newId(), at: at(), where });
});
</script>

<template>
  <form class="line" novalidate @submit.prevent="whenInForce($event, save)">
    <v-select v-model="kind" :items="kinds" :label="notesText.what" class="kind" hide-details="auto" />
    <NumberField
      v-model="centimetres"
      :label="notesText.howLong"
      unit="cm"
      v-bind="limits.number('centimetres')"
      :shown-in="household.where.lengthIn"
      class="number"
    />
    <v-text-field
      v-model="day"
      type="date"
      :max="today()"
      :label="notesText.when"
      :error-messages="errors.at ?? null"
      class="day"
      hide-details="auto"
    />
    <v-btn type="submit" color="primary" min-height="48" :disabled="day === ''">{{ notesText.writeItDown }}</v-btn>
  </form>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: flex-start;
  margin: 10px 0;
}
.kind {
  max-width: 230px;
  min-width: 180px;
}
.number {
  max-width: 150px;
}
.day {
  max-width: 190px;
}
</style>
