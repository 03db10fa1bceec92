<script setup lang="ts">
import { mdiBasketOutline } from '@mdi/js';
import type { WeekBowl } from '@amber-ladle/core/plan';
import type { Day } from '@amber-ladle/core/time';
import { useHousehold } from '../data/household';
import { useWeeks } from '../data/useWeeks';
import { HeadPicture } from '../head';
import { IngredientPicture } from '../kit/ink';
import { weeksText, weekdayWord } from '@amber-ladle/words';
import BowlCard from './BowlCard.vue';
import ProduceLane from './ProduceLane.vue';
import { useBoard } from './useBoard';
import { useMoving } from './useMoving';

/** Days side by side, a line for each head with its bowls, and the produce below, dwindling where bowls draw from it. */
const emit = defineEmits<{ bowl: [bowl: WeekBowl]; day: [day: Day] }>();
const household = useHousehold();
const weeks = useWeeks();
const { days, lanes, cellOf, beside, placeOf, label } = useBoard();
const { moving, over, take, letGo, move, drop, hover } = useMoving();
</script>

<template>
  <div class="board" :style="{ '--days': days.length }" :class="{ long: days.length > 14 }">
    <div class="names" aria-hidden="true" />
    <button
      v-for="(day, on) in days"
      :key="day.day"
      type="button"
      class="day"
      :class="{ today: on === 0, full: day.minutes === 0 }"
      @click="emit('day', day.day)"
    >
      <span>{{ on === 0 ? weeksText.today : weekdayWord(day.day, 'short', household.where) }}</span>
      <b class="figures">{{ Number(day.day.slice(8)) }}</b>
      <svg v-if="day.isShopDay" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiBasketOutline" /></svg>
      <span class="sr-only">{{ weeksText.minutes(day.minutes, day.isShopDay ? weeksText.withAShop : '') }}</span>
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
            @open="emit('bowl', bowl)"
            @move="(by) => move(bowl, by)"
            @drag="(event) => take(bowl, event)"
            @drop="letGo"
          />
        </template>
      </div>
    </template>

    <template v-for="{ lane, name, amount, words, family, isCut } in lanes" :key="lane.lotId">
      <RouterLink class="names produce" :to="{ name: 'shelf' }">
        <IngredientPicture :id="lane.ingredientId" :family :size="34" :is-open="isCut" />
        <span
          ><b>{{ name }}</b> <span class="quiet figures amount">{{ amount }}</span></span
        >
      </RouterLink>
      <div class="lane">
        <ProduceLane :lane="lane" :label="`${name}, ${amount}${words ? `: ${words}` : ''}`" />
        <span v-if="words" class="quiet">{{ words }}</span>
      </div>
    </template>
  </div>
</template>

<style scoped>
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
  overflow-wrap: anywhere;
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
/* No gram stands alone in a line. */
.amount {
  white-space: nowrap;
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
  padding: 2px 6px;
  border-radius: 6px;
  background: rgb(var(--v-theme-background));
  font-size: 0.9rem;
}
@media (max-width: 50em) {
  .board {
    grid-template-columns: 118px repeat(var(--days), minmax(88px, 1fr));
    scroll-snap-type: x proximity;
    scroll-padding-left: 118px;
  }
  .lane .quiet {
    position: sticky;
    left: 118px;
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
  /* Beside its head a name would reach into the first day. */
  .who {
    flex-direction: column;
    justify-content: center;
    gap: 2px;
    text-align: center;
  }
  /* Strawberries fit. */
  .produce {
    gap: 4px;
    padding-right: 4px;
    font-size: 0.875rem;
  }
  .produce :deep(svg) {
    width: 26px;
    flex: none;
  }
}
</style>
