<script setup lang="ts">
import { inARow } from '../data/inARow';
import { ScenePicture } from '../kit/ink';
import { addDays, localDay } from '@amber-ladle/core/time';
import { computed, onMounted, ref } from 'vue';
import BuyPanel from './BuyPanel.vue';
import { groupsOf, turningNames } from './groups';
import LaneLegend from './LaneLegend.vue';
import LotGroup from './LotGroup.vue';
import QuickAdd from './QuickAdd.vue';
import ScalePanel from './ScalePanel.vue';
import ReadingsPanel from './ReadingsPanel.vue';
import ThermometerPanel from './ThermometerPanel.vue';
import { useKeys } from '../kit/useKeys';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { shelfText, weekdayWord } from '@amber-ladle/words';

/** Produce as lanes over the coming days: what is cut first, then place by place; what keeps for months at the end. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const DAYS = 7;
const openId = ref<string>();

onMounted(() =>
  shelf.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);

const groups = computed(() => groupsOf(shelf.shelved, shelf.places, household.moment));
const dayNames = computed(() =>
  Array.from({ length: DAYS }, (_, i) =>
    i === 0
      ? shelfText.today
      : weekdayWord(addDays(localDay(household.moment, household.settings.timeZone), i), 'short', household.where),
  ),
);
const summary = computed(() => {
  if (!shelf.isReady) return '';
  if (shelf.shelved.length === 0) return shelfText.nothingIs;
  const names = turningNames(shelf.shelved, household.moment);
  return names.length === 0 ? shelfText.nothingTurnsBeforeTomorrow : shelfText.turnsWithinADay(inARow(names));
});

/** Up and down walk the lanes; the lane in focus opens with enter. */
function walk(direction: 1 | -1): void {
  const lanes = [...document.querySelectorAll<HTMLElement>('[data-lot]')];
  const at = lanes.findIndex((lane) => lane === document.activeElement);
  lanes[Math.min(lanes.length - 1, Math.max(0, at + direction))]?.focus();
}
useKeys([
  {
    keys: ['ArrowDown'],
    repeats: true,
    does: shelfText.nextLane,
    run: () => {
      walk(1);
    },
  },
  {
    keys: ['ArrowUp'],
    repeats: true,
    does: shelfText.laneBefore,
    run: () => {
      walk(-1);
    },
  },
]);
</script>

<template>
  <div class="page shelf">
    <div class="title">
      <h1>{{ shelfText.shelf }}</h1>
      <nav class="links no-print" :aria-label="shelfText.moreOfTheShelf">
        <RouterLink class="quiet-link" :to="{ name: 'book' }">{{ shelfText.bookCostAndWaste }}</RouterLink>
        <RouterLink class="quiet-link" :to="{ name: 'ingredients' }">{{ shelfText.ingredients }}</RouterLink>
      </nav>
    </div>
    <QuickAdd class="no-print" />
    <div class="columns">
      <div>
        <ScenePicture v-if="shelf.isReady && shelf.lots.length === 0" scene="basket" :size="150" />
        <p class="summary" data-test="turns">{{ summary }}</p>
        <div class="axis quiet" aria-hidden="true">
          <span />
          <span class="days"
            ><span v-for="day in dayNames" :key="day">{{ day }}</span></span
          >
          <span />
        </div>
        <LotGroup v-for="group in groups" :key="group.id" v-model:open-id="openId" :group="group" :days="DAYS" />
        <p v-if="shelf.total > shelf.lots.length" class="quiet">
          {{ shelfText.ofWhatEndsFirst(shelf.lots.length, shelf.total) }}
        </p>
        <LaneLegend />
      </div>
      <aside>
        <BuyPanel />
        <div class="no-print">
          <ReadingsPanel />
          <ThermometerPanel />
          <ScalePanel />
        </div>
      </aside>
    </div>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  align-items: baseline;
  margin-bottom: 8px;
}
.links {
  display: flex;
  flex-wrap: wrap;
  gap: 20px;
}
.columns {
  display: grid;
  grid-template-columns: minmax(0, 1fr) 330px;
  gap: 32px;
}
.summary {
  font-size: 1.15rem;
  margin: 6px 0;
}
.axis {
  display: grid;
  grid-template-columns: 230px 1fr 150px;
  gap: 14px;
  padding: 0 6px;
  font-size: 0.88rem;
}
.days {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
}
/* On paper: what there is on one sheet, and what to buy on another, to take along. */
@media print {
  .columns {
    display: block;
  }
  .summary {
    margin: 2px 0;
  }
  aside {
    break-before: page;
  }
}
@media (max-width: 66.25em) {
  .columns {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* In the hand lanes are as wide as the page, and their days stay in sight above them. */
@media screen and (max-width: 50em) {
  .axis {
    position: sticky;
    top: 0;
    z-index: 2;
    grid-template-columns: minmax(0, 1fr);
    padding-block: 4px;
    background: rgb(var(--v-theme-background));
  }
  .axis > :not(.days) {
    display: none;
  }
}
</style>
