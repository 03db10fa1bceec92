<script setup lang="ts">
import { dayText } from '@amber-ladle/words';
import ChoicePills from '../kit/ChoicePills.vue';
import { waterPartsOf } from '@amber-ladle/core/judge';
import { kitchenRound } from '@amber-ladle/core/measure';
import { acidRinse, RINSE_PERCENT } from '@amber-ladle/core/washday';
import { computed, ref } from 'vue';
import NumberField from '../kit/NumberField.vue';
import { useHousehold } from '../data/household';

/** A weak acid rinse mixed to the wanted volume. */
const wanted = ref(400);
const label = ref(5);
/** As strong as the household holds with, until somebody taps. */
const parts = ref<number>(waterPartsOf(useHousehold().settings.schools));
const PARTS = [1, 3, 7, 15] as const;
const mixed = computed(() => acidRinse(wanted.value, label.value, parts.value));
const caution = computed(() =>
  mixed.value.percent > RINSE_PERCENT.most
    ? dayText.strongerThanAScalp
    : mixed.value.percent < RINSE_PERCENT.least
      ? dayText.soWeak
      : '',
);
</script>

<template>
  <section aria-labelledby="acid">
    <h2 id="acid">{{ dayText.theAcidRinse }}</h2>
    <div class="grid">
      <NumberField v-model="wanted" :label="dayText.wanted" unit="mL" :min="50" :max="3000" />
      <NumberField v-model="label" :label="dayText.acidOnTheLabel" unit="%" :min="1" :max="25" />
    </div>
    <div class="line" role="group" :aria-label="dayText.partsOfWater">
      <span class="quiet">{{ dayText.onePartTo }}</span>
      <ChoicePills :of="PARTS" :is-chosen="(one) => parts === one" @choose="(one) => (parts = one)" />
      <span class="quiet">{{ dayText.ofWater }}</span>
    </div>
    <p class="big figures" data-test="acid">
      {{ dayText.mlVinegarMlWater(kitchenRound(mixed.vinegarMillilitres), kitchenRound(mixed.waterMillilitres)) }}
    </p>
    <p class="quiet figures">
      {{ dayText.acidAboutPh(mixed.percent.toFixed(2), mixed.estimatedPh.toFixed(1), caution) }}
    </p>
  </section>
</template>

<style scoped>
.grid {
  display: grid;
  grid-template-columns: 160px 180px;
  gap: 12px;
  margin-top: 10px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0;
}
.big {
  font: 560 1.4rem var(--serif);
  margin: 4px 0;
}
@media (max-width: 26.25em) {
  .grid {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
