<script setup lang="ts">
import type { SizedBowl } from '@amber-ladle/core/batch';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';

/** From little left over to never short, with what the choice comes to. */
const { bowl } = defineProps<{ bowl: SizedBowl | undefined }>();
const enoughChance = defineModel<number>({ required: true });

const short = computed(() => {
  const chance = bowl?.chanceShort ?? 0;
  return chance < 0.005 ? 'hardly ever short' : `comes up short about once in ${Math.round(1 / chance)} bowls`;
});
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
    <p v-if="bowl" class="figures chance">
      {{ short }}; {{ kitchenRound(bowl.expectedLeftoverMillilitres) }} mL left on average
    </p>
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
  margin: 4px 0 0;
}
</style>
