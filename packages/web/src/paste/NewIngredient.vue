<script setup lang="ts">
import { pasteText } from '@amber-ladle/words';
import TogglePill from '../kit/TogglePill.vue';
import { ingredientSchema, checked } from '@amber-ladle/contract';
import { gramsPerMillilitre, newcomer } from '@amber-ladle/core/ingredient';
import { spoonMillilitres, spoonName } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { idFor } from '../ingredient';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import NumberField from '../kit/NumberField.vue';
import { whenInForce } from '../kit/whenInForce';

/** A thing that is not in the book, added where it is needed: what it is like, what a spoon of it weighs, drops or spoons, nut or not. */
const { words } = defineProps<{
  /** As it was written. */
  words: readonly string[];
}>();
const emit = defineEmits<{ added: [id: string]; cancel: [] }>();
const household = useHousehold();
const notice = useNotice();

const name = ref(words.join(' ').replace(/^./, (letter) => letter.toUpperCase()));
const all = computed(() => [...household.catalogue.values()]);
/** Something whose name ends alike is likeliest like it: an oil like an oil. */
const guess = all.value.find(
  ({ name: known }) => known.toLowerCase().split(/\W+/).at(-1) === words.at(-1)?.toLowerCase(),
);
const likeId = ref(guess?.id ?? 'water');
const like = computed(() => household.catalogue.get(likeId.value));
const spoon = computed(
  () => household.spoons.find((one) => Math.abs(spoonMillilitres(one) - 15) < 1) ?? household.spoons.at(-1),
);
const usualGrams = computed(() =>
  like.value && spoon.value ? Math.round(gramsPerMillilitre(like.value) * spoonMillilitres(spoon.value) * 10) / 10 : 0,
);
const weighed = ref<number>();
const drops = ref<boolean>();
const byDrop = computed(() => drops.value ?? like.value?.measuredBy[0] === 'drop');
const isNut = ref(false);

async function add(): Promise<void> {
  if (!like.value || !spoon.value) return;
  try {
    const id = idFor(name.value, (one) => household.catalogue.has(one));
    const said = newcomer(
      {
        id,
        name: name.value.trim(),
        byDrop: byDrop.value,
        isNut: isNut.value,
        ...(weighed.value === undefined ? {} : { gramsPerMillilitre: weighed.value / spoonMillilitres(spoon.value) }),
      },
      like.value,
    );
    await household.saveIngredient(checked(ingredientSchema, said), 0);
    emit('added', id);
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div class="new" role="group" :aria-label="pasteText.addToTheBook(name)">
    <v-text-field v-model="name" :label="pasteText.called" density="compact" maxlength="80" />
    <v-autocomplete
      v-model="likeId"
      :items="all.map(({ id, name: title }) => ({ value: id, title }))"
      :label="pasteText.itIsLike"
      density="compact"
    />
    <NumberField
      v-if="spoon"
      :model-value="weighed ?? usualGrams"
      :label="pasteText.aLevelWeighs(spoonName(spoon))"
      unit="g"
      :min="0.1"
      :max="60"
      @update:model-value="weighed = $event"
    />
    <div class="pills">
      <TogglePill :is-on="!byDrop" @toggle="drops = false">{{ pasteText.bySpoon }}</TogglePill>
      <TogglePill :is-on="byDrop" @toggle="drops = true">{{ pasteText.byDrops }}</TogglePill>
      <TogglePill :is-on="isNut" @toggle="isNut = !isNut">{{ pasteText.madeOfNuts }}</TogglePill>
    </div>
    <p class="quiet">
      {{ pasteText.asCareful(like?.name.toLowerCase() ?? pasteText.it) }}
    </p>
    <p class="pills">
      <v-btn color="primary" :disabled="name.trim() === '' || !like" @click="whenInForce($event, add)">{{
        pasteText.addIt
      }}</v-btn>
      <v-btn variant="text" @click="emit('cancel')">{{ pasteText.notNow }}</v-btn>
    </p>
  </div>
</template>

<style scoped>
.new {
  display: grid;
  grid-template-columns: repeat(auto-fit, minmax(170px, 1fr));
  gap: 10px;
}
.new > p,
.new > .pills {
  grid-column: 1 / -1;
  margin: 0;
}
.pills {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
