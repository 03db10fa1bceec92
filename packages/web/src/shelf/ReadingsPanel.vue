<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { readReading, type ReadingQuestion } from '@amber-ladle/core/exchange';
import { READING_HOLDS_MILLISECONDS } from '@amber-ladle/core/shelf';
import { computed, ref } from 'vue';
import { call } from '../data/client';
import { ScenePicture } from '../kit/ink';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { shelfText, writeTime, writeWarmth } from '@amber-ladle/words';

/** How warm each place is: what a thermometer said of late, else what it usually has; and a line to say what one shows. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const text = ref('');
const warmth = (celsius: number): string => writeWarmth(celsius, household.where);
const zone = computed(() => household.settings.timeZone);

const ASKS: Readonly<Record<ReadingQuestion, string>> = {
  'which-place': shelfText.whichPlace,
  'how-warm': shelfText.howManyDegrees,
  'not-possible': shelfText.noKitchen,
};
const read = computed(() =>
  text.value.trim() === ''
    ? undefined
    : readReading(text.value, {
        places: shelf.places,
        timeZone: zone.value,
        now: household.now().toISOString(),
        usual: household.where.warmthIn,
      }),
);
const hint = computed(() => {
  const found = read.value;
  if (!found)
    return shelfText.suchAsFridgeAt(
      warmth(6),
      writeTime('2000-01-01T18:30:00Z', { ...household.where, timeZone: 'UTC' }),
    );
  if (found.celsius === undefined || found.questions.length > 0)
    return found.questions.map((question) => ASKS[question]).join(' ');
  return shelfText.atPlaceIdWarmth(
    shelf.placeById(found.placeId ?? '')?.name ?? '',
    warmth(found.celsius),
    writeTime(found.at, household.where),
  );
});
const rows = computed(() =>
  shelf.places.map((place) => {
    const last = shelf.readings.filter(({ placeId }) => placeId === place.id).at(-1);
    const holds = last !== undefined && household.moment - Date.parse(last.at) < READING_HOLDS_MILLISECONDS;
    return {
      id: place.id,
      name: place.name,
      scene: `place-${place.kind}` as const,
      words: holds
        ? shelfText.readWarmthTime(warmth(last.celsius), writeTime(last.at, household.where))
        : shelfText.takenAsItsUsual(warmth(place.celsius)),
    };
  }),
);
async function tell(): Promise<void> {
  const { placeId, celsius, at, questions } = read.value ?? { questions: ['how-warm'] as const };
  if (questions.length > 0 || placeId === undefined || celsius === undefined || at === undefined) return;
  try {
    await call(api.stock.tellReading, { body: { placeId, celsius, at } });
    notice.show(shelfText.isNotedItHolds(shelf.placeById(placeId)?.name ?? '', warmth(celsius)));
    text.value = '';
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section aria-labelledby="readings" class="readings" data-test="readings">
    <h2 id="readings">{{ shelfText.howWarmItIs }}</h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.id">
        <ScenePicture :scene="row.scene" :size="30" />
        <span
          ><b>{{ row.name }}</b> <span class="quiet figures">{{ row.words }}</span></span
        >
      </li>
    </ul>
    <form novalidate @submit.prevent="tell">
      <v-text-field
        v-model="text"
        :label="shelfText.aThermometerShows"
        :hint="hint"
        persistent-hint
        maxlength="80"
        autocomplete="off"
        data-test="thermometer-reading"
      />
      <v-btn type="submit" variant="tonal" color="primary" :disabled="!read || read.questions.length > 0">{{
        shelfText.noteIt
      }}</v-btn>
    </form>
  </section>
</template>

<style scoped>
.readings {
  margin-top: 26px;
}
h2 {
  margin: 0 0 6px;
}
li {
  display: flex;
  gap: 10px;
  align-items: center;
  padding: 3px 0;
}
li svg {
  flex: none;
}
form {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 10px;
  align-items: start;
  margin-top: 8px;
}
</style>
