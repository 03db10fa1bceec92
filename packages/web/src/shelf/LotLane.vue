<script setup lang="ts">
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { computed } from 'vue';
import LaneBar from './LaneBar.vue';
import LotDetails from './LotDetails.vue';
import { IngredientPicture } from '../kit/ink';
import type { ShelvedLot } from '../data/shelf';
import { useHousehold } from '../data/household';
import { shelfText, aboutWords, amountWords, leftWords, lotName, STAGE_WORDS, tillWords } from '@amber-ladle/words';

/** One lot as a lane: what, how much and where on the left, its days in the middle, its end on the right. */
const { shelved, days, isOpen } = defineProps<{ shelved: ShelvedLot; days: number; isOpen: boolean }>();
const emit = defineEmits<{ toggle: [] }>();
const household = useHousehold();
const MONTH = 30 * TWENTY_FOUR_HOURS;

const row = computed(() => ingredientById(household.catalogue, shelved.lot.ingredientId));
const end = computed(() => {
  const { window } = shelved;
  const ready = window.ripeness?.ready;
  if (window.isPast)
    return { main: shelfText.past, beside: aboutWords(window.endsAt, household.moment, household.where) };
  if (ready) {
    const spread = Math.round((ready.late - ready.early) / 2 / TWENTY_FOUR_HOURS);
    return {
      main: shelfText.readyAbout(aboutWords(ready.at, household.moment, household.where)),
      beside: shelfText.giveOrTake(Math.max(1, spread)),
    };
  }
  return {
    main: tillWords(window.endsAt, household.moment, household.where),
    beside: window.endsAt - household.moment < MONTH ? leftWords(window.endsAt - household.moment) : '',
  };
});
const stage = computed(() => {
  const { ripeness } = shelved.window;
  return ripeness ? STAGE_WORDS[ripeness.stage] : '';
});
const look = computed(() => (shelved.window.isPast ? 'past' : (shelved.window.ripeness?.stage ?? 'ready')));
function onDrag(event: DragEvent): void {
  event.dataTransfer?.setData('text/plain', shelved.lot.id);
}
</script>

<template>
  <li class="lane" :class="{ past: shelved.window.isPast, open: isOpen }">
    <button
      type="button"
      class="head"
      draggable="true"
      :aria-expanded="isOpen"
      :data-lot="shelved.lot.id"
      @dragstart="onDrag"
      @click="emit('toggle')"
    >
      <IngredientPicture
        :id="row.id"
        class="picture"
        :family="row.family"
        :size="44"
        :look="look"
        :is-open="shelved.lot.state === 'cut'"
      />
      <span class="what">
        <b>{{ lotName(shelved.lot, row) }}</b>
        <span class="quiet figures">
          {{ [amountWords(shelved.lot, row), stage, shelved.place?.name].filter(Boolean).join(' · ') }}</span
        >
      </span>
      <LaneBar
        :id="row.id"
        :window="shelved.window"
        :now="household.moment"
        :days="days"
        :family="row.family"
        :is-open="shelved.lot.state === 'cut'"
      />
      <span class="end figures"
        ><b>{{ end.main }}</b> <span class="quiet">{{ end.beside }}</span></span
      >
    </button>
    <LotDetails v-if="isOpen" :shelved="shelved" />
  </li>
</template>

<style scoped>
.lane {
  border-bottom: 1px solid var(--rule);
}
.head {
  display: grid;
  grid-template-columns: 48px 200px 1fr 150px;
  gap: 14px;
  align-items: center;
  width: 100%;
  min-height: 56px;
  padding: 4px 6px;
  border: 0;
  background: none;
  color: var(--ink);
  font: inherit;
  text-align: left;
  cursor: pointer;
}
.head:hover,
.open .head {
  background: var(--amber-wash);
}
.what,
.end {
  display: flex;
  flex-direction: column;
  line-height: 1.25;
}
.what .quiet,
.end .quiet {
  font-size: 0.9rem;
}
.past .end b {
  color: var(--clay);
}
@media screen and (max-width: 50em) {
  .head {
    grid-template-columns: 48px minmax(0, 1fr) minmax(0, auto);
    gap: 2px 10px;
  }
  .head :deep(.lane-bar) {
    grid-column: 1 / -1;
    grid-row: 2;
  }
  .end {
    text-align: right;
  }
}
@media print {
  .head {
    min-height: 0;
    padding: 1px 0;
  }
  .picture {
    width: 26px;
    height: 26px;
  }
}
</style>
