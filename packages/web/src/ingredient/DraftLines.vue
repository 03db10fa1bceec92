<script setup lang="ts">
import { MEASURED_BY, ROLES, type MeasuredBy, type Role } from '@amber-ladle/core/ingredient';
import { mdiClose } from '@mdi/js';
import { computed } from 'vue';
import IngredientById from '../kit/IngredientById.vue';
import type { Draft, DraftRow } from './useDraft';
import { useHousehold } from '../data/household';
import { ingredientText, questionWords, remarkWords } from '@amber-ladle/words';
import { useWords } from '../data/useWords';
import { readQuantity } from '@amber-ladle/core/measure';
import { useNotice } from '../data/notice';

const { say } = useWords();

/** The lines of a formula: written as a cook writes, read at once, asked about where they are not clear. */
const { draft, simple = false } = defineProps<{
  draft: Draft;
  /** Without roles and tolerances, for made things. */
  simple?: boolean;
}>();
const household = useHousehold();

const items = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
const rows = computed(() =>
  draft.rows.value.map((row) => {
    const reading = draft.read(row.text);
    const isSettled = draft.isSettled(row);
    return {
      row,
      isSettled,
      assumed:
        row.grams !== null && row.ingredientId === reading.ingredientId ? reading.assumed.map(say).join('; ') : '',
      question: isSettled || row.text.trim() === '' ? '' : questionWords(reading),
      remarks: reading.remarks.map(remarkWords),
      ingredient: row.ingredientId ? household.catalogue.get(row.ingredientId) : undefined,
      part: draft.parts.value.find(({ ingredientId }) => ingredientId === row.ingredientId),
      share: draft.shareOf(row),
    };
  }),
);
const percent = (share: number): string => `${(share * 100).toFixed(share < 0.02 ? 1 : 0)} %`;
const notice = useNotice();
/** What is written in a field, where it fits; else it is said, and put back as it was. */
function takenFrom(event: Event, unit: string, most: number, before: number | null | undefined): number | undefined {
  const input = event.target as HTMLInputElement;
  const value = readQuantity(input.value, unit);
  if (value > 0 && value <= most) return value;
  if (input.value.trim() !== '') notice.show(ingredientText.willNotDoAbove(input.value, most, unit));
  input.value = String(before ?? '');
  return undefined;
}
function setGrams(row: DraftRow, event: Event): void {
  const grams = takenFrom(event, 'g', 5000, row.grams);
  if (grams !== undefined) draft.replace(row.key, { grams });
}
function setTolerance(row: DraftRow, event: Event): void {
  const tolerancePercent = takenFrom(event, '%', 200, row.tolerancePercent);
  if (tolerancePercent !== undefined) draft.replace(row.key, { tolerancePercent });
}
const setRole = (row: DraftRow, event: Event): void => {
  draft.replace(row.key, { role: (event.target as HTMLSelectElement).value as Role });
};
const setMeasure = (row: DraftRow, event: Event): void => {
  draft.replace(row.key, { measuredBy: (event.target as HTMLSelectElement).value as MeasuredBy });
};
const MEASURE_WORDS: Readonly<Record<MeasuredBy, string>> = {
  piece: ingredientText.byThePiece,
  spoon: ingredientText.bySpoon,
  weight: ingredientText.byWeight,
  pinch: ingredientText.inPinches,
  drop: ingredientText.inDrops,
};
</script>

<template>
  <div class="lines">
    <ul class="plain-list">
      <li
        v-for="one in rows"
        :key="one.row.key"
        :class="{ open: !one.isSettled, blank: one.row.text.trim() === '' && !one.ingredient }"
        class="line"
      >
        <div class="first">
          <IngredientById :id="one.ingredient?.id ?? ''" :size="34" />
          <input
            class="written"
            :value="one.row.text"
            :placeholder="ingredientText.n2Yolks3Tbsp"
            :aria-label="ingredientText.lineAsYouWould(one.row.key)"
            maxlength="200"
            autocomplete="off"
            @input="draft.rewrite(one.row.key, ($event.target as HTMLInputElement).value)"
            @keydown.enter.prevent="draft.add()"
          />
          <span class="figures share">{{ one.share > 0 ? percent(one.share) : '' }}</span>
          <button
            type="button"
            class="out"
            :aria-label="ingredientText.takeOutLine(one.row.key)"
            :title="ingredientText.takeOut"
            @click="draft.remove(one.row.key)"
          >
            <svg viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiClose" /></svg>
          </button>
        </div>
        <p v-for="remark in one.remarks" :key="remark" class="quiet remark">{{ remark }}</p>
        <div v-if="one.row.text.trim() || one.ingredient" class="reading">
          <p v-if="one.question" class="question" role="status">{{ one.question }}</p>
          <v-autocomplete
            v-if="one.question || !one.ingredient"
            :model-value="one.row.ingredientId"
            :items="items"
            :label="ingredientText.ingredient"
            density="compact"
            class="which"
            :no-data-text="ingredientText.nothingOfThatNameAdd"
            @update:model-value="draft.choose(one.row.key, $event)"
          />
          <span v-else class="read"
            ><b>{{ one.ingredient.name }}</b> <span class="quiet">{{ one.ingredient.state }}</span></span
          >
          <label class="grams figures">
            <input
              inputmode="decimal"
              :value="one.row.grams"
              :aria-label="ingredientText.usableGramsOf(one.ingredient?.name ?? ingredientText.line + one.row.key)"
              @change="setGrams(one.row, $event)"
            />
            g
          </label>
          <template v-if="one.part && one.ingredient && !simple">
            <select
              :value="one.part.role"
              :aria-label="ingredientText.whatDoes(one.ingredient.name)"
              @change="setRole(one.row, $event)"
            >
              <option v-for="role in ROLES" :key="role" :value="role">{{ role }}</option>
            </select>
            <select
              :value="one.part.measuredBy"
              :aria-label="ingredientText.howIsMeasured(one.ingredient.name)"
              @change="setMeasure(one.row, $event)"
            >
              <option
                v-for="measure in MEASURED_BY.filter((m) => one.ingredient?.measuredBy.includes(m))"
                :key="measure"
                :value="measure"
              >
                {{ MEASURE_WORDS[measure] }}
              </option>
            </select>
            <label class="grams figures"
              >±
              <input
                inputmode="decimal"
                :value="Math.round(one.part.tolerance * 1000) / 10"
                :aria-label="ingredientText.howFarMayDrift(one.ingredient.name)"
                @change="setTolerance(one.row, $event)"
              />
              %</label
            >
          </template>
          <button
            v-if="!one.row.isConfirmed && one.row.grams"
            type="button"
            class="pill"
            @click="draft.replace(one.row.key, { isConfirmed: true })"
          >
            {{ ingredientText.readRightly }}
          </button>
          <span v-if="one.assumed" class="quiet assumed figures">{{ one.assumed }}</span>
        </div>
      </li>
    </ul>
    <p class="more">
      <v-btn variant="tonal" color="primary" @click="draft.add()">{{ ingredientText.addALine }}</v-btn>
    </p>
  </div>
</template>

<style scoped>
.remark {
  margin: 2px 0 0;
}
.more {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 10px 0 0;
}
.line {
  padding: 8px 0 8px 12px;
  border-bottom: 1px solid var(--rule);
  border-left: 3px solid var(--leaf);
}
.line.open {
  border-left-color: var(--clay);
}
.line.blank {
  border-left-color: var(--rule);
}
.first {
  display: grid;
  grid-template-columns: 34px minmax(0, 1fr) minmax(3.4em, auto) 44px;
  gap: 8px;
  align-items: center;
}
.written {
  min-width: 0;
  min-height: 44px;
  padding: 0 10px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: rgb(var(--v-theme-surface));
  color: var(--ink);
  font: 500 1.08rem var(--sans);
}
.written::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.share {
  text-align: right;
  font-weight: 600;
}
.out {
  width: 44px;
  height: 44px;
  display: grid;
  place-items: center;
  border: 0;
  border-radius: 50%;
  background: none;
  cursor: pointer;
}
.out svg {
  width: 20px;
  fill: var(--quiet);
}
.reading {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 4px 2px 0;
}
.question {
  flex-basis: 100%;
  margin: 0;
  color: var(--clay);
  font-weight: 600;
}
.which {
  max-width: 260px;
}
.grams {
  display: inline-flex;
  align-items: center;
  gap: 4px;
}
.grams input,
select {
  min-height: 40px;
  border: 1px solid var(--rule);
  border-radius: 6px;
  background-color: transparent;
  color: var(--ink);
  font: inherit;
}
select option {
  background: rgb(var(--v-theme-surface));
}
.grams input {
  width: 70px;
  padding: 0 8px;
  text-align: right;
}
select {
  padding: 0 26px 0 8px;
}
.assumed {
  font-size: 0.9rem;
}
.v-btn {
  margin-top: 10px;
}
</style>
