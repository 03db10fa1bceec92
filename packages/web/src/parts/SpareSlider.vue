<script setup lang="ts">
import type { Shortfall, SizedBowl } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import SpareCurve from '../drawings/SpareCurve.vue';

/** From little left over to never short, with what the choice comes to. */
const { bowl, shortfall, isPending } = defineProps<{
  bowl: SizedBowl | undefined;
  /** By simulation, a moment later. */
  shortfall: Shortfall | undefined;
  isPending: boolean;
}>();
const enoughChance = defineModel<number>({ required: true });

const short = computed(() => {
  const chance = (isPending ? undefined : shortfall?.chanceShort) ?? bowl?.chanceShort ?? 0;
  return chance < 0.005 ? 'hardly ever short' : `comes up short about once in ${Math.round(1 / chance)} bowls`;
});
const left = computed(
  () => (isPending ? undefined : shortfall?.expectedLeftoverMillilitres) ?? bowl?.expectedLeftoverMillilitres ?? 0,
);
</script>

<template>
  <div class="spare">
    <v-slider
      v-model="enoughChance"
      :min="0.5"
      :max="0.97"
      :step="0.01"
      aria-label="Spare: from little left over to never short"
    />
    <div class="ends quiet"><span>little left over</span><span>never short</span></div>
    <p v-if="bowl" class="figures chance">{{ short }}; {{ kitchenRound(left) }} mL left on average</p>
    <div class="curve" :class="{ pending: isPending }">
      <SpareCurve v-if="shortfall && bowl" :shortfall="shortfall" :made-millilitres="bowl.madeMillilitres" />
      <p class="quiet note" aria-live="polite">
        <template v-if="isPending || !shortfall">simulating bowls…</template>
        <template v-else>
          {{ shortfall.samples.toLocaleString('en-GB') }} simulated bowls: heads differ, fruit weighs more or less,
          spoons are heaped
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
.chance::first-letter {
  text-transform: uppercase;
}
.curve {
  min-height: 150px;
}
.pending svg {
  opacity: 0.45;
}
.note {
  font-size: 0.86rem;
  margin: 0;
}
</style>
