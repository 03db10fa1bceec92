<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { usualGrams, type LineAnswer } from '@amber-ladle/core/exchange';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import type { ReadLine } from './usePastedMask';
import { useHousehold } from '../data/household';
import { pasteText, questionWords } from '@amber-ladle/words';
import { readQuantity } from '@amber-ladle/core/measure';
import { useNotice } from '../data/notice';
import NewIngredient from './NewIngredient.vue';

/** What must be asked, most costly first, all in one place: what a thing is, how much of it, or that it is left out. */
const { lines } = defineProps<{ lines: readonly ReadLine[] }>();
const emit = defineEmits<{ answer: [key: string, part: LineAnswer] }>();
const household = useHousehold();
const items = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
/** The thing that is being added to the book. */
const adding = ref<string>();

const rows = computed(() =>
  lines.map((one) => ({
    ...one,
    question: questionWords(one.line),
    // Where several came up, they are what is likeliest meant.
    likely: one.line.candidates.map((id) => ({ id, name: household.catalogue.get(id)?.name ?? id })),
    isUnknown: one.line.candidates.length === 0,
    // Taken by a tap, never by itself.
    usual: usualGrams(one.line, household.catalogue),
    needsGrams: one.ingredientId !== undefined && one.grams === undefined,
  })),
);
const notice = useNotice();
function setGrams(key: string, event: Event): void {
  const { value } = event.target as HTMLInputElement;
  const grams = readQuantity(value, 'g');
  if (grams > 0 && grams <= 5000) emit('answer', key, { grams });
  else if (value.trim() !== '') notice.show(pasteText.isNoWeightAbove(value));
}
</script>

<template>
  <section aria-labelledby="asked" class="paper asked" data-test="asked">
    <h2 id="asked">{{ pasteText.thingsToAsk(lines.length) }}</h2>
    <ul class="plain-list">
      <li v-for="row in rows" :key="row.key">
        <p class="words">
          <b>“{{ row.line.text }}”</b> {{ row.question }}
        </p>
        <NewIngredient
          v-if="adding === row.key"
          :words="row.line.unknownWords"
          @added="adding = undefined"
          @cancel="adding = undefined"
        />
        <div v-else class="ways">
          <ChoicePills
            :of="row.likely"
            :says="(one) => one.name"
            :is-chosen="(one) => row.ingredientId === one.id"
            @choose="(one) => emit('answer', row.key, { ingredientId: one.id })"
          />
          <v-autocomplete
            v-if="row.isUnknown"
            :model-value="row.ingredientId ?? null"
            :items="items"
            :label="pasteText.itIs"
            density="compact"
            class="which"
            :no-data-text="pasteText.nothingOfThatName"
            @update:model-value="$event && emit('answer', row.key, { ingredientId: $event })"
          />
          <button
            v-if="row.needsGrams && row.usual !== undefined"
            type="button"
            class="pill"
            @click="emit('answer', row.key, { grams: row.usual })"
          >
            {{ pasteText.aboutGAsUsual(kitchenRound(row.usual)) }}
          </button>
          <label v-if="row.needsGrams" class="grams figures">
            <input
              inputmode="decimal"
              :aria-label="pasteText.usableGramsOf(row.line.text)"
              @change="setGrams(row.key, $event)"
            />
            g
          </label>
          <button v-if="row.isUnknown" type="button" class="pill" @click="adding = row.key">
            {{ pasteText.notInTheBook }}
          </button>
          <button type="button" class="pill" @click="emit('answer', row.key, { isLeftOut: true })">
            {{ pasteText.leaveItOut }}
          </button>
        </div>
      </li>
    </ul>
  </section>
</template>

<style scoped>
.asked {
  padding: 14px 18px;
  margin: 0 0 18px;
  border-left: 4px solid var(--clay);
}
h2 {
  margin: 0 0 6px;
}
li + li {
  margin-top: 12px;
}
.words {
  margin: 0 0 6px;
}
.ways {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.which {
  min-width: 200px;
  max-width: 260px;
}
.grams {
  display: inline-flex;
  align-items: center;
  gap: 4px;
}
.grams input {
  width: 88px;
  min-height: 44px;
  padding: 0 8px;
  text-align: right;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
}
</style>
