<script setup lang="ts">
import { todayText } from '@amber-ladle/words';
import TurningLine from './TurningLine.vue';
import { useFreezing } from './useFreezing';

/** What the weeks want in the freezer, on the last day that it is sure to be fit for it. */
const { freezer, lots, freeze } = useFreezing();
</script>

<template>
  <template v-if="freezer && lots.length > 0">
    <h2 id="freezing">{{ todayText.intoTheFreezer }}</h2>
    <ul class="plain-list ruled-list" aria-labelledby="freezing" data-test="freezing">
      <TurningLine v-for="one in lots" :key="one.id" :line="one">
        <v-btn
          variant="tonal"
          color="primary"
          min-height="44"
          :aria-label="todayText.freezeNamed(one.name)"
          @click="freeze(one.id)"
          >{{ todayText.freezeIt }}</v-btn
        >
      </TurningLine>
    </ul>
    <p class="quiet">{{ todayText.inPortions }}</p>
  </template>
</template>

<style scoped>
h2 {
  margin: 18px 0 8px;
}
p {
  margin: 4px 0 0;
}
</style>
