<script setup lang="ts">
import { ScenePicture } from '../kit/ink';
import { TWENTY_FOUR_HOURS, addDays, localDay } from '@amber-ladle/core/time';
import type { Place } from '@amber-ladle/core/shelf';
import { computed, onMounted, ref } from 'vue';
import BuyPanel from './BuyPanel.vue';
import LotLane from './LotLane.vue';
import QuickAdd from './QuickAdd.vue';
import ScalePanel from './ScalePanel.vue';
import ReadingsPanel from './ReadingsPanel.vue';
import ThermometerPanel from './ThermometerPanel.vue';
import { useLotActions } from './useLotActions';
import { useKeys } from '../kit/useKeys';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf, type ShelvedLot } from '../data/shelf';
import { weekdayWord, writeWarmth } from '@amber-ladle/words';

/** Produce as lanes over the coming days: what is cut first, then place by place; what keeps for months at the end. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const actions = useLotActions();
const DAYS = 7;
/** What lasts longer is not a matter of days. */
const LONG_DAYS = 30;
const openId = ref<string>();

onMounted(() =>
  shelf.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);

const byEnd = (a: ShelvedLot, b: ShelvedLot): number => a.window.endsAt - b.window.endsAt;
const isLong = ({ window }: ShelvedLot): boolean => window.endsAt - household.moment > LONG_DAYS * TWENTY_FOUR_HOURS;
const isRemnant = ({ lot }: ShelvedLot): boolean =>
  lot.state === 'cut' || lot.state === 'opened' || lot.state === 'made';

interface Group {
  readonly id: string;
  readonly title: string;
  readonly place?: Place;
  readonly lots: readonly ShelvedLot[];
}
const groups = computed<Group[]>(() => {
  const all = [...shelf.shelved].sort(byEnd);
  const soon = all.filter((one) => !isLong(one));
  const fresh = soon.filter((one) => !isRemnant(one));
  return [
    { id: 'cut', title: 'Cut, opened, made', lots: soon.filter(isRemnant) },
    ...shelf.places.map((place) => ({
      id: place.id,
      title: place.name,
      place,
      lots: fresh.filter((one) => one.place?.id === place.id),
    })),
    { id: 'long', title: 'Keeps for months', lots: all.filter(isLong) },
  ].filter((group: Group) => group.lots.length > 0 || group.place !== undefined);
});
const dayNames = computed(() =>
  Array.from({ length: DAYS }, (_, i) =>
    i === 0
      ? 'today'
      : weekdayWord(addDays(localDay(household.moment, household.settings.timeZone), i), 'short', household.where),
  ),
);
const today = computed(() =>
  shelf.shelved.filter(
    ({ window }) =>
      !window.isPast && window.endsAt - household.moment < TWENTY_FOUR_HOURS && window.ripeness?.stage !== 'unripe',
  ),
);
const summary = computed(() => {
  const names = today.value.map(({ name }) => name.toLowerCase());
  if (!shelf.isReady) return '';
  if (shelf.shelved.length === 0) return 'Nothing is on the shelf yet. Write what came in, above.';
  if (names.length === 0) return 'Nothing turns before tomorrow.';
  return `Turns within a day: ${[...new Set(names)].join(', ')}.`;
});

function drop(event: DragEvent, place: Place | undefined): void {
  const lot = shelf.lots.find(({ id }) => id === event.dataTransfer?.getData('text/plain'));
  if (lot && place) void actions.move(lot, place);
}
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
    does: 'next lane',
    run: () => {
      walk(1);
    },
  },
  {
    keys: ['ArrowUp'],
    repeats: true,
    does: 'lane before',
    run: () => {
      walk(-1);
    },
  },
]);
</script>

<template>
  <div class="page shelf">
    <div class="title">
      <h1>Shelf</h1>
      <nav class="links no-print" aria-label="More of the shelf">
        <RouterLink class="quiet-link" :to="{ name: 'book' }">Book, cost and waste</RouterLink>
        <RouterLink class="quiet-link" :to="{ name: 'ingredients' }">Ingredients</RouterLink>
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
        <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -- dropping is a second way; every lot has its place in a list -->
        <section
          v-for="group in groups"
          :key="group.id"
          :aria-labelledby="`group-${group.id}`"
          class="group"
          @dragover.prevent
          @drop.prevent="drop($event, group.place)"
        >
          <h2 :id="`group-${group.id}`">
            <ScenePicture v-if="group.place" :scene="`place-${group.place.kind}`" :size="26" class="place" />
            {{ group.title }}
            <span v-if="group.place" class="quiet figures">{{
              writeWarmth(Math.round(group.place.celsius), household.where)
            }}</span>
          </h2>
          <ul class="plain-list">
            <LotLane
              v-for="one in group.lots"
              :key="one.lot.id"
              :shelved="one"
              :days="DAYS"
              :is-open="openId === one.lot.id"
              @toggle="openId = openId === one.lot.id ? undefined : one.lot.id"
            />
          </ul>
          <p v-if="group.lots.length === 0" class="quiet none">empty; drop something here</p>
        </section>
        <p v-if="shelf.total > shelf.lots.length" class="quiet">
          {{ shelf.lots.length }} of {{ shelf.total }}, what ends first.
        </p>
        <p class="legend quiet" aria-hidden="true">
          <span class="key hard" /> hard <span class="key ready" /> good <span class="key last" /> last day
          <span class="key past" /> past
        </p>
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
.group h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 1.1rem;
  margin: 12px 0 2px;
}
.group h2 .quiet {
  font: 400 0.9rem var(--sans);
}
.none {
  margin: 0 6px 6px;
  font-size: 0.92rem;
}
.legend {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-top: 16px;
  font-size: 0.9rem;
}
.key {
  width: 26px;
  height: 12px;
  margin-left: 10px;
  border: 1px solid var(--quiet);
}
.key.ready {
  background: var(--leaf);
}
.key.last {
  background: var(--amber-fill);
}
.key.hard {
  background: repeating-linear-gradient(125deg, transparent 0 4px, var(--quiet) 4px 5px);
}
.key.past {
  border-style: dotted;
  border-color: var(--clay);
}
/* On paper: what there is on one sheet, and what to buy on another, to take along. */
@media print {
  .columns {
    display: block;
  }
  .summary {
    margin: 2px 0;
  }
  .group:has(.none) {
    display: none;
  }
  .key {
    print-color-adjust: exact;
  }
  aside {
    break-before: page;
  }
  .group :deep(.head) {
    min-height: 0;
    padding-block: 1px;
    font-size: 10pt;
  }
  .group h2 {
    margin-top: 6px;
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
