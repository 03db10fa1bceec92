<script setup lang="ts">
import { todayText, pastWords } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { soonOf, turningOf } from './turning';
import TurningLine from './TurningLine.vue';
import { useFreezing } from './useFreezing';

/** What has to be used, what will be ready, and what is past. */
const household = useHousehold();
const shelf = useShelf();
const freezing = useFreezing();
/** What goes into the freezer today is told below, with what is to be done. */
const frozen = computed(() => new Set(freezing.freezer.value ? freezing.lots.value.map(({ id }) => id) : []));
const turning = computed(() =>
  turningOf(
    shelf.shelved.filter(({ lot }) => !frozen.value.has(lot.id)),
    household.catalogue,
    household.moment,
    household.where,
  ),
);
const soon = computed(() => soonOf(shelf.shelved, household.catalogue, household.moment, household.where));
const past = computed(() => shelf.shelved.filter(({ window }) => window.isPast));
</script>

<template>
  <h2 id="turning">{{ todayText.turnsToday }}</h2>
  <ul class="plain-list ruled-list" data-test="turning">
    <TurningLine v-for="one in turning" :key="one.id" :line="one">
      <span :class="{ urgent: one.isUrgent }"
        >{{ one.until }} <span class="quiet">{{ one.left }}</span></span
      >
    </TurningLine>
  </ul>
  <p v-if="turning.length === 0 && frozen.size > 0" class="quiet">{{ todayText.nothingElse }}</p>
  <p v-else-if="turning.length === 0" class="quiet">
    {{ shelf.lots.length > 0 ? todayText.nothingBeforeTomorrowEvening : todayText.theShelfIsEmpty }}
    <RouterLink class="quiet-link" :to="{ name: 'shelf' }">{{ todayText.toTheShelf }}</RouterLink>
  </p>
  <p v-if="soon.length > 0" class="figures">
    <span class="quiet">{{ todayText.readySoon }}</span> {{ soon.join(' · ') }}
  </p>
  <p v-if="past.length > 0">
    <RouterLink class="quiet-link" :to="{ name: 'shelf' }">{{ pastWords(past.length) }}</RouterLink>
  </p>
</template>

<style scoped>
h2 {
  margin: 8px 0;
}
.urgent {
  color: var(--clay);
  font-weight: 600;
}
.urgent .quiet {
  font-weight: 400;
}
</style>
