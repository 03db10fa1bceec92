<script setup lang="ts">
import { benchesText } from '@amber-ladle/words';
import { amountsOf, gramsOf, type Pour } from '@amber-ladle/core/learn';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound, spoonMillilitres, spoonName } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useRouter } from 'vue-router';
import NumberField from '../kit/NumberField.vue';
import { layText } from '../mask';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';

/** Poured by eye, and still written down: what the bottle lost, or how many of a known spoon it was. */
interface Row {
  readonly key: number;
  ingredientId: string | null;
  kind: 'weighed' | 'spoons';
  before: number;
  after: number;
  spoons: number;
  spoonId: string;
}
const household = useHousehold();
const router = useRouter();
const notice = useNotice();
const spoons = computed(() =>
  household.spoons.map((spoon) => ({ value: spoon.id, title: spoonName(spoon), millilitres: spoonMillilitres(spoon) })),
);
const ingredients = computed(() =>
  [...household.catalogue.values()]
    .map(({ id, name }) => ({ value: id, title: name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
let nextKey = 1;
const blank = (): Row => ({
  key: nextKey++,
  ingredientId: null,
  kind: 'weighed',
  before: 0,
  after: 0,
  spoons: 1,
  spoonId: spoons.value.at(-1)?.value ?? '',
});
const rows = ref<Row[]>([blank()]);
const KINDS = [
  { value: 'weighed', title: benchesText.weighedBeforeAndAfter },
  { value: 'spoons', title: benchesText.besideASpoon },
];
function pourOf(row: Row): Pour | undefined {
  const { ingredientId } = row;
  if (!ingredientId) return undefined;
  if (row.kind === 'weighed') return { ingredientId, kind: 'weighed', beforeGrams: row.before, afterGrams: row.after };
  const spoon = spoons.value.find(({ value }) => value === row.spoonId);
  return spoon && { ingredientId, kind: 'spoons', spoons: row.spoons, spoonMillilitres: spoon.millilitres };
}
function wordsOf(row: Row): string {
  const pour = pourOf(row);
  if (!pour) return '';
  try {
    return `${kitchenRound(gramsOf(pour, household.catalogue))} g`;
  } catch {
    return row.before === 0 && row.after === 0 ? '' : benchesText.beforeAndAfterWeigh;
  }
}
const amounts = computed(() => {
  try {
    return amountsOf(
      rows.value.flatMap((row) => pourOf(row) ?? []),
      household.catalogue,
    );
  } catch {
    return [];
  }
});
const total = computed(() => amounts.value.reduce((sum, { grams }) => sum + grams, 0));
function write(): void {
  const back = layText(
    amounts.value
      .map(
        ({ ingredientId, grams }) =>
          `${Number(grams.toPrecision(3))} g ${ingredientById(household.catalogue, ingredientId).name}`,
      )
      .join('\n'),
  );
  if (back) notice.show(benchesText.theText, back);
  void router.push({ name: 'mask-paste' });
}
</script>

<template>
  <section aria-labelledby="pours" data-test="pours">
    <h2 id="pours">{{ benchesText.pouredByEye }}</h2>
    <p class="quiet">
      {{ benchesText.weighTheBottle }}
    </p>
    <div v-for="row in rows" :key="row.key" class="line">
      <v-autocomplete
        v-model="row.ingredientId"
        :items="ingredients"
        :label="benchesText.what"
        class="what"
        hide-details
        :no-data-text="benchesText.nothingOfThatName"
      />
      <v-select v-model="row.kind" :items="KINDS" :label="benchesText.how" class="how" hide-details />
      <template v-if="row.kind === 'weighed'">
        <NumberField v-model="row.before" :label="benchesText.before" unit="g" :min="0" :max="5000" class="number" />
        <NumberField v-model="row.after" :label="benchesText.after" unit="g" :min="0" :max="5000" class="number" />
      </template>
      <template v-else>
        <NumberField v-model="row.spoons" :label="benchesText.about" unit="" :min="0.25" :max="40" class="number" />
        <v-select v-model="row.spoonId" :items="spoons" :label="benchesText.of" class="spoon" hide-details />
      </template>
      <span class="figures serif comes">{{ wordsOf(row) }}</span>
    </div>
    <p class="actions">
      <v-btn variant="text" color="primary" @click="rows.push(blank())">{{ benchesText.oneMore }}</v-btn>
      <v-btn color="primary" :disabled="amounts.length === 0" @click="write">
        {{ benchesText.makeItAMask }}<template v-if="total > 0">: {{ kitchenRound(total) }} g</template>
      </v-btn>
    </p>
  </section>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-start;
  margin: 10px 0;
}
.what {
  flex: 1 0 100%;
}
.how {
  max-width: 240px;
  min-width: 200px;
}
.number {
  max-width: 110px;
}
.spoon {
  max-width: 170px;
  min-width: 150px;
}
.comes {
  min-height: 48px;
  display: flex;
  align-items: center;
  font-size: 1.2rem;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
