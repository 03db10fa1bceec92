<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import type { Mask } from '@amber-ladle/core/mask';
import { toRef } from 'vue';
import { useRouter } from 'vue-router';
import { layOnBench } from './useBench';
import { useInHand } from './useInHand';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import ChoiceRow from '../kit/ChoiceRow.vue';
import MeasuresCard from './MeasuresCard.vue';

/** "I have 1½ avocados: how much does that make, and for whom?" */
const props = defineProps<{ mask: Mask }>();
const household = useHousehold();
const router = useRouter();
const { fields, written, faults, bowl, failure, serves, within, keepTo } = useInHand(toRef(props, 'mask'));
const { say } = useWords();

const nameOf = (id: string): string => ingredientById(household.catalogue, id).name.toLowerCase();
/** To the bench, with exactly what is in hand; there it is kept, made and logged as any bowl. */
function toBench(): void {
  if (!bowl.value) return;
  layOnBench(Object.fromEntries(bowl.value.lines.map(({ ingredientId, grams }) => [ingredientId, grams])));
  void router.push({
    name: 'bowl',
    query: { mask: props.mask.id, ...(within.value ? { head: within.value.id } : {}) },
  });
}
function chanceWords(chance: number): string {
  if (chance > 0.97) return bowlText.plentyForHer;
  if (chance < 0.03) return bowlText.farTooLittle;
  return bowlText.enoughTimesIn100(Math.round(chance * 100));
}
</script>

<template>
  <div class="hand">
    <div class="fields">
      <v-text-field
        v-for="field in fields"
        :key="field.ingredient.id"
        v-model="written[field.ingredient.id]"
        :label="field.ingredient.name"
        :suffix="field.unit"
        :error-messages="faults[field.ingredient.id] ?? null"
        inputmode="text"
        :placeholder="bowlText.plenty"
        persistent-placeholder
        autocomplete="off"
        class="figures"
      />
    </div>
    <div aria-live="polite">
      <ChoiceRow
        v-if="household.heads.length > 1"
        :label="bowlText.withinTheLimitsOf"
        :options="household.heads.map(({ id, name }) => ({ value: id, title: name }))"
        :model-value="within?.id"
        @update:model-value="keepTo"
      />
      <p v-if="failure" class="alert">{{ failure }}</p>
      <p v-if="!bowl" class="quiet">{{ bowlText.fillInWhatYou }}</p>
      <template v-else>
        <p class="makes">
          {{ bowlText.makes }}
          <b class="serif figures" data-test="in-hand">{{ kitchenRound(bowl.madeMillilitres) }} mL</b
          >{{ bowlText.decides(nameOf(bowl.limitedBy)) }}
        </p>
        <ul class="plain-list">
          <li v-for="head in serves" :key="head.id">
            <b>{{ head.name }}</b> {{ chanceWords(head.chance) }}
            <ul v-if="head.over.length > 0" class="plain-list over">
              <li v-for="what in head.over" :key="what.id">{{ bowlText.notForHer(head.name, say(what)) }}</li>
            </ul>
          </li>
        </ul>
        <v-btn variant="tonal" color="primary" class="keep" @click="toBench">{{ bowlText.makeItJustSo }}</v-btn>
        <MeasuresCard :bowl="bowl" :catalogue="household.catalogue" :spoons="household.spoons" />
      </template>
    </div>
  </div>
</template>

<style scoped>
.hand {
  display: grid;
  grid-template-columns: minmax(200px, 260px) 1fr;
  gap: 12px 40px;
  margin-top: 8px;
}
.fields {
  display: flex;
  flex-direction: column;
  gap: 12px;
  align-self: start;
}
.fields > * {
  flex: none;
}
.keep {
  margin: 8px 0;
}
.makes {
  font-size: 1.2rem;
  margin: 0 0 8px;
}
.makes b {
  font-size: 1.6rem;
}
.over,
.alert {
  color: var(--clay);
}
@media (max-width: 43.75em) {
  .hand {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
