<script setup lang="ts">
import type { NewLot, NewMovement } from '@amber-ladle/contract';
import { lexiconOf, readLot } from '@amber-ladle/core/exchange';
import { computed, ref } from 'vue';
import { v4 as newId } from 'uuid';
import { PRICE_WORDS, shelfText } from '@amber-ladle/words';
import ChoicePills from '../kit/ChoicePills.vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useWords } from '../data/useWords';
import { asRead } from './asRead';

/** "3 hard avocados 180 g today 1.40 each": one line and one key. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const text = ref('');
const isAdding = ref(false);

const lexicon = computed(() => lexiconOf(household.catalogue));
const draft = computed(() =>
  text.value.trim() === ''
    ? undefined
    : readLot(
        text.value,
        household.catalogue,
        {
          system: household.settings.measureSystem,
          places: shelf.places,
          timeZone: household.settings.timeZone,
          now: household.now().toISOString(),
        },
        lexicon.value,
      ),
);
const isClear = computed(
  () => draft.value !== undefined && draft.value.questions.length === 0 && (draft.value.grams ?? 0) > 0,
);
const words = useWords();
const reading = computed(() => {
  const read = draft.value;
  if (!read) return '';
  const row = household.catalogue.get(read.ingredientId ?? '');
  return asRead(read, row, shelf.placeById(read.placeId)?.name, {
    where: household.where,
    say: words.say,
    now: household.moment,
  });
});

const isPriceAsked = computed(() => draft.value?.questions.includes('each-or-together') === true);
const field = ref<HTMLInputElement>();
/** The answer is written where it could have been, so that the line says all that is meant. */
function answer(of: 'each' | 'together'): void {
  text.value = `${text.value.trim()} ${of}`;
  field.value?.focus();
}

async function add(): Promise<void> {
  const read = draft.value;
  if (!read || !isClear.value || !read.ingredientId || !read.grams || isAdding.value) return;
  isAdding.value = true;
  const lot: NewLot = {
    id: newId(),
    ingredientId: read.ingredientId,
    state: read.state,
    since: read.since,
    label: '',
    ...(read.pieceGrams ? { pieceGrams: read.pieceGrams } : {}),
    ...(read.price === undefined ? {} : { pricePerGram: read.price / read.grams }),
  };
  const movement: NewMovement = {
    lotId: lot.id,
    kind: 'add',
    grams: read.grams,
    placeId: read.placeId,
    ...(read.stage ? { stage: read.stage } : {}),
  };
  try {
    await shelf.change(shelfText.onTheShelf(text.value.trim().slice(0, 120)), [movement], [lot]);
    text.value = '';
  } catch (error) {
    notice.fail(error);
  } finally {
    isAdding.value = false;
  }
}
</script>

<template>
  <form class="quick" @submit.prevent="add">
    <input
      ref="field"
      v-model="text"
      class="line"
      :placeholder="shelfText.quickAddExample"
      :aria-label="shelfText.whatCame"
      autocomplete="off"
      maxlength="200"
    />
    <v-btn type="submit" color="primary" min-height="52" :disabled="!isClear" :loading="isAdding">{{
      shelfText.putOnTheShelf
    }}</v-btn>
    <p class="reading figures" :class="{ asks: draft && !isClear }" aria-live="polite" data-test="reading">
      {{ reading || shelfText.howMany }}
    </p>
    <p v-if="isPriceAsked" class="answers" role="group" :aria-label="shelfText.whatThePrice">
      <ChoicePills
        :of="['each', 'together'] as const"
        :says="(price) => PRICE_WORDS[price]"
        :is-chosen="() => false"
        @choose="answer"
      />
    </p>
  </form>
</template>

<style scoped>
.quick {
  display: grid;
  grid-template-columns: minmax(0, 1fr) auto;
  gap: 6px 10px;
}
.line {
  min-width: 0;
  min-height: 52px;
  padding: 0 14px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: rgb(var(--v-theme-surface));
  color: var(--ink);
  font: 500 1.2rem var(--sans);
}
.line::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.reading {
  grid-column: 1 / -1;
  margin: 0 0 6px 2px;
  color: var(--quiet);
  font-size: 0.97rem;
  min-height: 1.5em;
}
.answers {
  grid-column: 1 / -1;
  display: flex;
  gap: 8px;
  margin: 0 0 8px;
}
.asks {
  color: var(--clay);
}
@media (max-width: 37.5em) {
  .quick {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
