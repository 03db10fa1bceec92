<script setup lang="ts">
import { type KeptPlace, limitsOf, placeSchema } from '@amber-ladle/contract';
import { PLACE_KINDS, USUAL_CELSIUS, type PlaceKind } from '@amber-ladle/core/shelf';
import { computed, ref } from 'vue';
import { ScenePicture } from '../kit/ink';
import NumberField from '../kit/NumberField.vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { shelfText, PLACE_WORDS, writeWarmth } from '@amber-ladle/words';

/** The owner's list of places. */
const limits = limitsOf(placeSchema);
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const name = ref('');
const kind = ref<PlaceKind>('counter');
const celsius = ref<number>(USUAL_CELSIUS.counter);
const kinds = PLACE_KINDS.map((value) => ({ value, title: PLACE_WORDS[value] }));
const idFor = (words: string): string => {
  const base =
    words
      .toLowerCase()
      .replace(/[^a-z0-9]+/g, '-')
      .replace(/^[^a-z]+|-+$/g, '') || 'place';
  for (let i = 1; ; i++) {
    const id = i === 1 ? base : `${base}-${i}`;
    if (!shelf.places.some((place) => place.id === id)) return id;
  }
};
const canAdd = computed(() => name.value.trim() !== '');
async function tell(change: Promise<void>, words: string): Promise<void> {
  try {
    await change;
    notice.show(words);
  } catch (error) {
    notice.fail(error);
  }
}
async function add(): Promise<void> {
  if (!canAdd.value) return;
  const place = {
    id: idFor(name.value),
    name: name.value.trim(),
    kind: kind.value,
    celsius: celsius.value,
    version: 0,
  };
  await tell(shelf.savePlace(place), shelfText.isAPlaceNow(place.name));
  name.value = '';
}
const remove = (place: KeptPlace): Promise<void> =>
  tell(shelf.removePlace(place.id), shelfText.isOffTheList(place.name));
const warm = (place: KeptPlace, degrees: number): Promise<void> =>
  tell(shelf.savePlace({ ...place, celsius: degrees }), `${place.name}: ${writeWarmth(degrees, household.where)}.`);
</script>

<template>
  <details class="places">
    <summary>{{ shelfText.places(shelf.places.length) }}</summary>
    <ul class="plain-list">
      <li v-for="place in shelf.places" :key="place.id">
        <b class="name"><ScenePicture :scene="`place-${place.kind}`" :size="34" />{{ place.name }}</b>
        <NumberField
          :model-value="place.celsius"
          :label="shelfText.usually(PLACE_WORDS[place.kind])"
          unit="°C"
          v-bind="limits.number('celsius')"
          class="degrees"
          :shown-in="household.where.warmthIn"
          @done="warm(place, $event)"
        />
        <button type="button" class="tool" :aria-label="shelfText.takeOffTheList(place.name)" @click="remove(place)">
          {{ shelfText.offTheList }}
        </button>
      </li>
    </ul>
    <div class="add">
      <v-text-field v-model="name" :label="shelfText.aNewPlace" v-bind="limits.text('name')" />
      <v-select
        v-model="kind"
        :items="kinds"
        :label="shelfText.likeA"
        @update:model-value="celsius = USUAL_CELSIUS[$event]"
      />
      <v-btn variant="tonal" color="primary" :disabled="!canAdd" @click="add">{{ shelfText.add }}</v-btn>
    </div>
  </details>
</template>

<style scoped>
.name {
  display: flex;
  gap: 10px;
  align-items: center;
}
.name svg {
  flex: none;
}
li {
  display: grid;
  grid-template-columns: 150px 1fr auto;
  gap: 10px;
  align-items: center;
  padding: 8px 0 4px;
}
.add {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
  align-items: center;
  margin-top: 10px;
}
@media (max-width: 37.5em) {
  .add,
  li {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
