<script setup lang="ts">
import { api, type KeptMovement, type Page } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { shelfText, MOVEMENT_WORDS, STAGE_WORDS, binWords, writeDay, writeTime } from '@amber-ladle/words';
import { computed, ref } from 'vue';
import { reading, useAnswer } from '../data/answer';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { useWords } from '../data/useWords';
import { IngredientPicture } from '../kit/ink';

/** Every movement of the stock, the newest first, a page at a time. */
type Line = KeptMovement & { ingredientId: string };
const household = useHousehold();
const shelf = useShelf();
const { spell } = useWords();
const MOST = 50;
const offset = ref(0);
const { value } = useAnswer<Page<Line>>(() => {
  const query = { limit: MOST, offset: offset.value };
  return { ...reading(api.stock.book, { query }), key: ['the book', query] };
});
const total = computed(() => value.value?.total ?? 0);
function turn(by: number): void {
  offset.value = Math.max(0, offset.value + by * MOST);
}

const wordsOf = ({ kind, placeId, stage, reason }: Line): string =>
  [
    MOVEMENT_WORDS[kind],
    placeId ? (shelf.placeById(placeId)?.name ?? placeId) : '',
    stage ? STAGE_WORDS[stage] : '',
    spell(binWords(reason ?? '')),
  ]
    .filter(Boolean)
    .join(' · ');
const rows = computed(() =>
  (value.value?.items ?? []).map((line) => ({
    line,
    when: `${writeDay(line.at, household.now(), household.where)} ${writeTime(line.at, household.where)}`,
    name: household.catalogue.get(line.ingredientId)?.name ?? line.ingredientId,
    family: household.catalogue.get(line.ingredientId)?.family ?? '',
    words: wordsOf(line),
    grams: line.grams === 0 ? '' : `${line.grams > 0 ? '+' : '−'}${kitchenRound(Math.abs(line.grams))} g`,
  })),
);
</script>

<template>
  <section aria-labelledby="lines">
    <h2 id="lines">{{ shelfText.everyMovement }}</h2>
    <table class="figures lined">
      <tbody>
        <tr v-for="row in rows" :key="row.line.id">
          <td class="quiet beside">{{ row.when }}</td>
          <th scope="row">
            <span class="thing">
              <IngredientPicture :id="row.line.ingredientId" :family="row.family" :size="30" />
              {{ row.name }}
            </span>
          </th>
          <td>
            {{ row.words }} <span class="quiet below">{{ row.when }}</span>
          </td>
          <td class="number">{{ row.grams }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="value && rows.length === 0" class="quiet">{{ shelfText.nothingHasMovedYet }}</p>
    <p v-if="total > MOST" class="turn">
      <v-btn variant="text" :disabled="offset === 0" @click="turn(-1)">{{ shelfText.newer }}</v-btn>
      <span class="figures">{{ shelfText.toOf(offset + 1, Math.min(total, offset + MOST), total) }}</span>
      <v-btn variant="text" :disabled="offset + MOST >= total" @click="turn(1)">{{ shelfText.older }}</v-btn>
    </p>
  </section>
</template>

<style scoped>
.thing {
  display: flex;
  align-items: center;
  gap: 10px;
}
h2 {
  margin: 18px 0 10px;
}
tbody th {
  font-weight: 600;
}
.turn {
  display: flex;
  gap: 12px;
  align-items: center;
}
/* When it was stands in a column of its own where there is room for one. */
.below {
  display: none;
}
@media (max-width: 43.75em) {
  .beside {
    display: none;
  }
  .below {
    display: block;
    font-size: 0.95rem;
  }
}
</style>
