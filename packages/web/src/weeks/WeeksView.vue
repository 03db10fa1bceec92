<script setup lang="ts">
import { mdiBasketOutline, mdiTuneVariant } from '@mdi/js';
import { ingredientById } from '@amber-ladle/core/ingredient';
import type { WeekBowl, WeekLane } from '@amber-ladle/core/plan';
import { computed, onMounted, onScopeDispose, ref } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { useWeeks } from '../data/useWeeks';
import { HeadPicture } from '../head';
import { IngredientPicture } from '../kit/ink';
import SheetDialog from '../kit/SheetDialog.vue';
import { BuyPanel } from '../shelf';
import { amountWords, lotName } from '../words/shelf';
import { weekdayWord } from '../words/when';
import { changeWords, dayWord, differenceWords, listWords, proofWords, spendingWords, sumWords } from '../words/weeks';
import BackPanel from './BackPanel.vue';
import BowlCard from './BowlCard.vue';
import BowlSheet from './BowlSheet.vue';
import DaySheet from './DaySheet.vue';
import HowWeeksRun from './HowWeeksRun.vue';
import ProduceLane from './ProduceLane.vue';
import { useMoving } from './useMoving';
import { useShownDays } from './useShownDays';
import { useWishes } from './useWishes';

/** The coming weeks: days side by side, a line for each head with its bowls, and the produce below, dwindling where bowls draw from it. */
const household = useHousehold();
const shelf = useShelf();
const weeks = useWeeks();
const wishes = useWishes();
const notice = useNotice();
const { moving, over, tried, take, letGo } = useMoving();
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

const { days, bowls } = useShownDays();
const isCut = (lotId: string): boolean => shelf.lots.some(({ id, state }) => id === lotId && state === 'cut');
const familyOf = (id: string): string => ingredientById(household.catalogue, id).family;
const nameOf = (id: string): string => household.headById(id)?.name ?? '';
const cellOf = (headId: string, on: number): WeekBowl | undefined =>
  bowls.value.find((bowl) => bowl.on === on && bowl.headIds.includes(headId));
const beside = (bowl: WeekBowl, headId: string): string => {
  const others = bowl.headIds.filter((id) => id !== headId);
  return others.length > 0 ? `with ${listWords(others.map(nameOf), household.where)}` : '';
};
/** Where a card stands, for who does not see it. */
const placeOf = (bowl: WeekBowl, headId: string): string =>
  [
    `for ${nameOf(headId)}`,
    dayWord(bowl.day, weeks.today, household.where),
    ...(bowl.isPinned ? ['stays on this day'] : []),
  ].join(', ');
const label = (bowl: WeekBowl, headId: string): string =>
  [household.maskById(bowl.maskId)?.name, beside(bowl, headId), placeOf(bowl, headId)].filter(Boolean).join(' ');
const lanes = computed(() =>
  (weeks.weeks?.lanes ?? []).flatMap((lane) => {
    const lot = shelf.lots.find(({ id }) => id === lane.lotId);
    if (!lot) return [];
    const row = ingredientById(household.catalogue, lane.ingredientId);
    return [{ lane, name: lotName(lot, row), amount: amountWords(lot, row), words: laneWords(lane) }];
  }),
);
function laneWords({ lostGrams, frozenGrams, needsCold, grams }: WeekLane): string {
  const [lost, frozen] = [Math.round((lostGrams / grams) * 100), Math.round((frozenGrams / grams) * 100)];
  return [
    needsCold ? 'into the fridge once ready' : '',
    frozen >= 5 ? (frozen > 90 ? 'freeze it in time' : 'freeze the rest in time') : '',
    lost > 90 ? 'turns unused' : lost >= 8 ? `${lost} % of it turns` : '',
  ]
    .filter(Boolean)
    .join(', ');
}
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
  (weeks.weeks?.refused ?? []).map(
    ({ pin }) =>
      `${household.maskById(pin.maskId)?.name ?? 'That mask'} cannot stand ${dayWord(pin.day, weeks.today, household.where)}: something forbids it for ${listWords(pin.headIds.map(nameOf), household.where)} then.`,
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
function move(bowl: WeekBowl, by: number): void {
  const on = bowl.on + by;
  if (on >= 0 && on < days.value.length) wishes.move(bowl, on);
}
function drop(on: number): void {
  const bowl = moving.value;
  letGo();
  if (bowl && bowl.on !== on) wishes.move(bowl, on);
}
function hover(on: number, event: DragEvent): void {
  over.value = on;
  if (event.dataTransfer) event.dataTransfer.dropEffect = 'move';
}
/** What it would come to on the day over which it is held. */
const trial = computed(() => {
  const bowl = moving.value;
  if (!bowl || over.value === undefined || over.value === bowl.on) return '';
  if (tried.value?.on !== over.value) return 'Looking what that would come to';
  const day = dayWord(days.value[over.value]?.day ?? '', weeks.today, household.where);
  const { found } = tried.value;
  if (!found) return `Not ${day}: something forbids it then.`;
  const gone = found.gone.length > 0 ? ['another bowl would give way'] : [];
  return `${day[0]?.toUpperCase()}${day.slice(1)}: ${[...differenceWords(found.difference, household.catalogue, household.where), ...gone].join('; ')}.`;
});
</script>

<template>
  <div class="page weeks">
    <header class="top">
      <h1>Weeks</h1>
      <v-btn variant="tonal" color="primary" :prepend-icon="mdiTuneVariant" @click="isRunOpen = true">
        How your weeks run
      </v-btn>
    </header>
    <p v-if="household.heads.length === 0" class="empty">
      A plan needs a head, and something on the shelf.
      <RouterLink class="quiet-link" :to="{ name: 'bowl' }">Size a first bowl</RouterLink>; it asks for a name when it
      is kept.
    </p>
    <template v-else>
      <p class="sum" data-test="sum">{{ sum || 'The weeks are being planned.' }}</p>
      <p v-if="changed" data-test="changed">{{ changed }}</p>
      <p v-for="words in refused" :key="words" class="refused">{{ words }}</p>
      <p class="trial" :class="{ quiet: !trial }" role="status" data-test="proof">
        {{ trial || (weeks.weeks ? proofWords(weeks.weeks, weeks.isSearching) : '') || weeks.failure }}
      </p>

      <div class="board" :style="{ '--days': days.length }" :class="{ long: days.length > 14 }">
        <div class="names" aria-hidden="true" />
        <button
          v-for="(day, on) in days"
          :key="day.day"
          type="button"
          class="day"
          :class="{ today: on === 0, full: day.minutes === 0 }"
          @click="showDay(day.day)"
        >
          <span>{{ on === 0 ? 'Today' : weekdayWord(day.day, 'short', household.where) }}</span>
          <b class="figures">{{ Number(day.day.slice(8)) }}</b>
          <svg v-if="day.isShopDay" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiBasketOutline" /></svg>
          <span class="sr-only">, {{ day.minutes }} minutes{{ day.isShopDay ? ', with a shop' : '' }}</span>
        </button>

        <template v-for="head in household.heads" :key="head.id">
          <RouterLink class="names who serif" :to="{ name: 'head', params: { id: head.id } }">
            <HeadPicture :head :size="64" />
            {{ head.name }}
          </RouterLink>
          <div
            v-for="(day, on) in days"
            :key="day.day"
            class="cell"
            :class="{ full: day.minutes === 0, over: over === on && moving?.headIds.includes(head.id) }"
            :data-day="day.day"
            :data-head="head.id"
            role="presentation"
            @dragover.prevent="hover(on, $event)"
            @drop.prevent="drop(on)"
          >
            <template v-for="bowl in [cellOf(head.id, on)]" :key="bowl?.maskId">
              <BowlCard
                v-if="bowl && household.maskById(bowl.maskId)"
                :mask="household.maskById(bowl.maskId)!"
                :label="label(bowl, head.id)"
                :place="placeOf(bowl, head.id)"
                :beside="beside(bowl, head.id)"
                :is-pinned="bowl.isPinned"
                :is-missing="bowl.missing.length > 0"
                :is-old="!weeks.weeks"
                @open="show(bowl)"
                @move="(by) => move(bowl, by)"
                @drag="(event) => take(bowl, event)"
                @drop="letGo"
              />
            </template>
          </div>
        </template>

        <template v-for="{ lane, name, amount, words } in lanes" :key="lane.lotId">
          <RouterLink class="names produce" :to="{ name: 'shelf' }">
            <IngredientPicture
              :id="lane.ingredientId"
              :family="familyOf(lane.ingredientId)"
              :size="34"
              :is-open="isCut(lane.lotId)"
            />
            <span
              ><b>{{ name }}</b> <span class="quiet figures">{{ amount }}</span></span
            >
          </RouterLink>
          <div class="lane">
            <ProduceLane :lane="lane" :label="`${name}, ${amount}${words ? `: ${words}` : ''}`" />
            <span v-if="words" class="quiet">{{ words }}</span>
          </div>
        </template>
      </div>

      <p v-for="{ id, name, count } in untested" :key="id" class="quiet">
        {{ count }} masks wait for a patch test of
        <RouterLink class="quiet-link" :to="{ name: 'head', params: { id } }">{{ name }}</RouterLink>; they are in no
        plan before it was fine.
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
    <SheetDialog v-model="isRunOpen" title="How your weeks run" :width="760"><HowWeeksRun /></SheetDialog>
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
.board {
  position: relative;
  display: grid;
  grid-template-columns: 132px repeat(var(--days), minmax(72px, 1fr));
  overflow-x: auto;
  border-bottom: 1px solid var(--rule);
}
.names {
  position: sticky;
  left: 0;
  z-index: 1;
  display: flex;
  flex-direction: column;
  justify-content: center;
  padding-right: 8px;
  background: rgb(var(--v-theme-background));
  color: var(--ink);
  text-decoration: none;
  font-size: 1.25rem;
  line-height: 1.2;
}
.who {
  flex-direction: row;
  align-items: center;
  justify-content: flex-start;
  gap: 6px;
}
.produce {
  flex-direction: row;
  align-items: center;
  justify-content: flex-start;
  gap: 6px;
  font-size: 0.95rem;
  min-height: 44px;
}
.day {
  display: grid;
  grid-template-columns: auto auto;
  justify-content: center;
  align-items: baseline;
  gap: 0 5px;
  min-height: 52px;
  padding: 4px 0;
  border: 0;
  border-bottom: 2px solid var(--ink);
  background: none;
  color: var(--ink);
  font: inherit;
  cursor: pointer;
}
.day:hover {
  background: var(--amber-wash);
}
.day svg {
  grid-column: 1 / -1;
  justify-self: center;
  width: 20px;
  fill: rgb(var(--v-theme-primary));
}
.today {
  color: rgb(var(--v-theme-primary));
  font-weight: 700;
}
.day.full {
  color: var(--quiet);
}
.cell {
  display: flex;
  align-items: center;
  min-height: 92px;
  padding: 3px;
  border-bottom: 1px solid var(--rule);
  border-left: 1px solid var(--rule);
}
.cell.full {
  background: repeating-linear-gradient(135deg, transparent 0 7px, var(--rule) 7px 8px);
}
.cell.over {
  background: var(--amber-wash);
}
.lane {
  position: relative;
  grid-column: 2 / -1;
  padding-top: 8px;
}
.lane .quiet {
  position: absolute;
  right: 6px;
  bottom: 4px;
  padding: 0 6px;
  border-radius: 6px;
  background: rgb(var(--v-theme-background));
  font-size: 0.9rem;
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
  .board {
    grid-template-columns: 104px repeat(var(--days), minmax(88px, 1fr));
    scroll-snap-type: x proximity;
    scroll-padding-left: 104px;
  }
  .lane .quiet {
    position: sticky;
    left: 104px;
    display: inline-block;
    padding: 0 4px;
  }
  .day {
    scroll-snap-align: start;
  }
  .names {
    font-size: 1.05rem;
    hyphens: auto;
  }
  .produce {
    font-size: 0.9rem;
  }
}
</style>
