<script setup lang="ts">
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { bowlText, capital, enoughWords, whySteps } from '@amber-ladle/words';
import SpareSlider from './SpareSlider.vue';
import VesselDrawing from './VesselDrawing.vue';
import WhyDialog from './WhyDialog.vue';
import { useLaidBench } from './atBench';
import { useShortfall } from './useShortfall';

/** What the bowl comes to, what is needed, and how often that is enough. */
const household = useHousehold();
const { names, others, bench, cups } = useLaidBench();
const { bowl, mask, need, choices } = bench;
const { shortfall, isPending } = useShortfall(
  computed(() =>
    bowl.value && mask.value
      ? { bowl: bowl.value, mask: mask.value, weighed: Object.keys(choices.value.pieceGrams) }
      : undefined,
  ),
);
</script>

<template>
  <section v-if="need" :aria-label="bowlText.vessel">
    <p class="made">
      <span class="serif big figures" aria-live="polite" data-test="made"
        >{{ bowl ? kitchenRound(bowl.madeMillilitres) : '…' }} mL</span
      >
      <span class="quiet">{{ cups }}</span>
    </p>
    <VesselDrawing
      :bowl="bowl"
      :catalogue="household.catalogue"
      :need-millilitres="need.millilitres"
      :low-millilitres="need.lowMillilitres"
      :high-millilitres="need.highMillilitres"
    />
    <p class="needline">
      {{ bowlText.usuallyTake(capital(names), 1 + others.sharing.value.length) }}
      <b class="figures" data-test="usual">{{ kitchenRound(need.usualMillilitres) }} mL</b
      >{{ bowlText.toBeEnough(enoughWords(1 - choices.enoughChance)) }}
      <b class="figures" data-test="need">{{ kitchenRound(need.millilitres) }} mL</b>.
      <WhyDialog v-if="bowl" :steps="whySteps(bowl, household.where)" :millilitres="need.millilitres" />
    </p>
    <SpareSlider
      :model-value="choices.enoughChance"
      :bowl="bowl"
      :shortfall="shortfall"
      :is-pending="isPending"
      @update:model-value="bench.change({ enoughChance: $event })"
    />
  </section>
</template>

<style scoped>
.made {
  display: flex;
  align-items: baseline;
  justify-content: center;
  gap: 12px;
  margin: 0;
}
.big {
  font-size: 2.7rem;
  font-weight: 560;
  line-height: 1;
}
.needline {
  margin: 4px 0 12px;
}
</style>
