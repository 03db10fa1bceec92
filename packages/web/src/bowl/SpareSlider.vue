<script setup lang="ts">
import type { Shortfall, SizedBowl } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import RangeSlider from '../kit/RangeSlider.vue';
import SpareCurve from './SpareCurve.vue';
import { useHousehold } from '../data/household';
import { bowlText, enoughWords, writeNumber } from '@amber-ladle/words';

const household = useHousehold();

/** From little left over to never short, with what the choice comes to. */
const { bowl, shortfall, isPending } = defineProps<{
  bowl: SizedBowl | undefined;
  /** By simulation, a moment later. */
  shortfall: Shortfall | undefined;
  isPending: boolean;
}>();
const enoughChance = defineModel<number>({ required: true });
</script>

<template>
  <div class="spare">
    <RangeSlider
      v-model="enoughChance"
      :min="0.5"
      :max="0.97"
      :step="0.01"
      :label="bowlText.spareFromLittleLeft"
      :spoken="bowl ? bowlText.enoughTimes(enoughWords(bowl.chanceShort)) : ''"
    />
    <div class="ends quiet">
      <span>{{ bowlText.littleLeftOver }}</span><span>{{ bowlText.neverShort }}</span>
    </div>
    <p v-if="bowl" class="figures chance" data-test="chance">
      {{
        bowlText.theseMlAreEnough(
          kitchenRound(bowl.madeMillilitres),
          enoughWords(bowl.chanceShort),
          kitchenRound(bowl.expectedLeftoverMillilitres),
        )
      }}
    </p>
    <div class="curve" :class="{ pending: isPending }">
      <details v-if="shortfall && bowl">
        <summary>{{ bowlText.theOddsOfEvery }}</summary>
        <SpareCurve
          :shortfall="shortfall"
          :made-millilitres="bowl.madeMillilitres"
          :locale="household.settings.locale"
        />
      </details>
      <p class="quiet note" aria-live="polite">
        <template v-if="isPending || !shortfall">{{ bowlText.simulatingBowls }}</template>
        <template v-else>
          {{ bowlText.simulatedBowlsHeadsDiffer(writeNumber(shortfall.samples, household.where)) }}
        </template>
      </p>
    </div>
  </div>
</template>

<style scoped>
.ends {
  display: flex;
  justify-content: space-between;
  font-size: 0.9rem;
  margin-top: -6px;
}
.chance {
  margin: 4px 0 6px;
}
.curve {
  min-height: 66px;
}
.pending svg {
  opacity: 0.45;
}
.note {
  font-size: 0.9rem;
  margin: 0;
}
</style>
