<script setup lang="ts">
import { mdiTuneVariant } from '@mdi/js';
import type { WeekBowl } from '@amber-ladle/core/plan';
import { computed, onMounted, onScopeDispose, ref } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useWeeks } from '../data/useWeeks';
import SheetDialog from '../kit/SheetDialog.vue';
import { BuyPanel } from '../shelf';
import { weeksText, changeWords, dayWord, listed, proofWords, spendingWords, sumWords } from '@amber-ladle/words';
import BackPanel from './BackPanel.vue';
import BowlSheet from './BowlSheet.vue';
import DaySheet from './DaySheet.vue';
import HowWeeksRun from './HowWeeksRun.vue';
import WeekBoard from './WeekBoard.vue';
import { beginMoving } from './useMoving';

/** The coming weeks: what the plan comes to, the board with its days, what is to be bought, and the weeks that were. */
const household = useHousehold();
const weeks = useWeeks();
const notice = useNotice();
const { trial } = beginMoving();
let stop: (() => void) | undefined;
onMounted(() => {
  weeks
    .load()
    .then(() => (stop ??= weeks.follow()))
    .catch((error: unknown) => {
      notice.fail(error);
    });
});
onScopeDispose(() => stop?.());

const nameOf = (id: string): string => household.headById(id)?.name ?? '';
const sum = computed(() => (weeks.weeks ? sumWords(weeks.weeks, nameOf, household.catalogue, household.where) : ''));
/** Masks that a dab on the arm would open, where they are many. */
const MANY = 5;
const untested = computed(() =>
  household.heads
    .map(({ id, name }) => ({
      id,
      name,
      count: (weeks.weeks?.leftOut ?? []).filter((one) => one.headId === id && one.excluded.id === 'patch-first')
        .length,
    }))
    .filter(({ count }) => count >= MANY),
);
const changed = computed(() =>
  weeks.change && !weeks.isSearching
    ? changeWords(weeks.change, (id) => household.maskById(id)?.name ?? '', weeks.today, household.where)
    : '',
);
const refused = computed(() =>
  (weeks.weeks?.refused ?? []).map(({ pin }) =>
    weeksText.cannotStandSomethingForbids(
      household.maskById(pin.maskId)?.name ?? weeksText.thatMask,
      dayWord(pin.day, weeks.today, household.where),
      listed(pin.headIds.map(nameOf), household.where.locale),
    ),
  ),
);

const open = ref<WeekBowl>();
const isBowlOpen = ref(false);
function show(bowl: WeekBowl): void {
  open.value = bowl;
  isBowlOpen.value = true;
}
const openDay = ref('');
const isDayOpen = ref(false);
function showDay(day: string): void {
  openDay.value = day;
  isDayOpen.value = true;
}
const isRunOpen = ref(false);
</script>

<template>
  <div class="page weeks">
    <header class="top">
      <h1>{{ weeksText.weeks }}</h1>
      <v-btn variant="tonal" color="primary" :prepend-icon="mdiTuneVariant" @click="isRunOpen = true">
        {{ weeksText.howYourWeeksRun }}
      </v-btn>
    </header>
    <p v-if="household.heads.length === 0" class="empty">
      {{ weeksText.aPlanNeeds }}
      <RouterLink class="quiet-link" :to="{ name: 'bowl' }">{{ weeksText.sizeAFirstBowl }}</RouterLink>{{
        weeksText.itAsks
      }}
    </p>
    <template v-else>
      <p class="sum" data-test="sum">{{ sum || weeksText.theWeeksAreBeing }}</p>
      <p v-if="changed" data-test="changed">{{ changed }}</p>
      <p v-for="words in refused" :key="words" class="refused">{{ words }}</p>
      <p class="trial" :class="{ quiet: !trial }" role="status" data-test="proof">
        {{ trial || (weeks.weeks ? proofWords(weeks.weeks, weeks.isSearching) : '') || weeks.failure }}
      </p>

      <WeekBoard @bowl="show" @day="showDay" />

      <p v-for="{ id, name, count } in untested" :key="id" class="quiet">
        {{ weeksText.masksWait(count) }}
        <RouterLink class="quiet-link" :to="{ name: 'head', params: { id } }">{{ name }}</RouterLink>{{
          weeksText.theyAre
        }}
      </p>

      <div class="two">
        <div>
          <BuyPanel />
          <p v-if="weeks.weeks && weeks.wishes.budget !== undefined" class="quiet">
            {{ spendingWords(weeks.weeks, household.where) }}
          </p>
        </div>
        <BackPanel />
      </div>
    </template>
    <SheetDialog v-model="isRunOpen" :title="weeksText.howYourWeeksRun" :width="760"><HowWeeksRun /></SheetDialog>
    <BowlSheet v-if="open" :key="`${open.maskId} ${open.day}`" v-model="isBowlOpen" :bowl="open" />
    <DaySheet v-if="openDay" v-model="isDayOpen" :day="openDay" />
  </div>
</template>

<style scoped>
.page.weeks {
  padding-top: 14px;
}
.top {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  justify-content: space-between;
  gap: 8px;
}
.sum {
  margin: 6px 0 0;
  font-size: 1.2rem;
}
.trial {
  min-height: 1.5em;
  margin: 2px 0 8px;
}
.trial:not(.quiet) {
  font-weight: 600;
}
.refused {
  color: var(--clay);
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 44px;
  margin-top: 26px;
}
@media (max-width: 50em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
