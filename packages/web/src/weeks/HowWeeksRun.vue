<script setup lang="ts">
import { limitsOf, weekWishesSchema } from '@amber-ladle/contract';
import { minutesOn, rhythmOf, USUAL_WISHES, type No, type WashRhythm } from '@amber-ladle/core/plan';
import { addDays } from '@amber-ladle/core/time';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { useWeeks } from '../data/useWeeks';
import ChoicePills from '../kit/ChoicePills.vue';
import MinutesInput from '../kit/MinutesInput.vue';
import NumberField from '../kit/NumberField.vue';
import { weeksText, weekdayWord } from '@amber-ladle/words';
import { useWishes } from './useWishes';

/** How the weeks of this household run: who washes how often, which evenings are free, when somebody is in a shop, what is not wanted. */
const limits = limitsOf(weekWishesSchema);
const household = useHousehold();
const shelf = useShelf();
const weeks = useWeeks();
const wishes = useWishes();

/** Monday first, as weeks are read; 2024 began with a Monday. */
const WEEKDAYS = [1, 2, 3, 4, 5, 6, 0] as const;
const nameOf = (weekday: number): string =>
  weekdayWord(addDays('2024-01-01', (weekday + 6) % 7), 'short', household.where);
const HORIZONS = [7, 14, 21, 28] as const;

const heads = computed(() => household.heads.map((head) => ({ head, rhythm: rhythmOf(weeks.wishes, head.id) })));
function setRhythm(headId: string, part: Partial<WashRhythm>): void {
  const rhythm = { ...rhythmOf(weeks.wishes, headId), ...part };
  wishes.change({ rhythms: { ...weeks.wishes.rhythms, [headId]: rhythm } });
}
const toggled = (days: readonly number[], day: number): number[] =>
  days.includes(day) ? days.filter((one) => one !== day) : [...days, day].sort((a, b) => a - b);
function setMinutes(weekday: number, minutes: number): void {
  wishes.change({ weekdayMinutes: weeks.wishes.weekdayMinutes.map((one, i) => (i === weekday ? minutes : one)) });
}
/** A limit begins with what the plan comes to as it is, in whole money. */
const limit = (isLimited: boolean): void => {
  wishes.change({ budget: isLimited ? Math.max(1, Math.ceil(weeks.weeks?.spent ?? 0)) : undefined });
};
/** What is on the shelf and could be used up first. */
const turning = computed(() => {
  const ids = new Set(shelf.lots.map(({ ingredientId }) => ingredientId));
  const lanes = new Set((weeks.weeks?.lanes ?? []).map(({ ingredientId }) => ingredientId));
  return [...new Set([...lanes, ...weeks.wishes.useUpIds])].filter((id) => ids.has(id));
});
const rowName = (id: string): string => household.catalogue.get(id)?.name ?? id;
const noWords = ({ maskId, ingredientId, headId, to }: No): string =>
  [
    maskId ? household.maskById(maskId)?.name : ingredientId ? rowName(ingredientId).toLowerCase() : 'bowl',
    headId ? weeksText.forHeadId(household.headById(headId)?.name ?? '') : '',
    weeksText.untilZ(
      new Intl.DateTimeFormat(household.settings.locale, { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
        new Date(`${to}T12:00:00Z`),
      ),
    ),
  ]
    .filter(Boolean)
    .join(' ');
const things = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
function addNo(ingredientId: string | null): void {
  if (!ingredientId) return;
  const from = weeks.today;
  wishes.change({ noes: [...weeks.wishes.noes, { from, to: addDays(from, 6), ingredientId }] });
}
</script>

<template>
  <h3>{{ weeksText.whoWashesHowOften }}</h3>
  <div v-for="{ head, rhythm } in heads" :key="head.id" class="line" role="group" :aria-label="head.name">
    <b class="who">{{ head.name }}</b>
    <NumberField
      class="every"
      :model-value="rhythm.everyDays"
      :label="weeksText.every"
      :unit="weeksText.daysUnit"
      :min="1"
      :max="28"
      @update:model-value="(days: number) => setRhythm(head.id, { everyDays: Math.round(days) })"
    />
    <span class="pills">
      <ChoicePills
        :of="WEEKDAYS"
        :says="nameOf"
        :is-chosen="(day) => rhythm.weekdays.includes(day)"
        @choose="(day) => setRhythm(head.id, { weekdays: toggled(rhythm.weekdays, day) })"
      />
    </span>
  </div>
  <p class="quiet">{{ weeksText.noDayChosen }}</p>

  <h3>{{ weeksText.minutesInHand }}</h3>
  <div class="week">
    <div v-for="day in WEEKDAYS" :key="day" class="weekday">
      <span>{{ nameOf(day) }}</span>
      <MinutesInput
        :model-value="weeks.wishes.weekdayMinutes[day] ?? 0"
        :label="weeksText.minutesOn(nameOf(day))"
        @update:model-value="(minutes: number) => setMinutes(day, minutes)"
      />
    </div>
  </div>

  <h3>{{ weeksText.daysWithAShop }}</h3>
  <div class="pills" role="group" :aria-label="weeksText.daysWithAShop">
    <ChoicePills
      :of="WEEKDAYS"
      :says="nameOf"
      :is-chosen="(day) => weeks.wishes.shopWeekdays.includes(day)"
      @choose="(day) => wishes.change({ shopWeekdays: toggled(weeks.wishes.shopWeekdays, day) })"
    />
  </div>

  <h3>{{ weeksText.toSpendAtMost(weeks.wishes.horizonDays) }}</h3>
  <div class="line" role="group" :aria-label="weeksText.toSpendAtMostAloud" data-test="budget">
    <ChoicePills
      :of="[false, true]"
      :says="(isLimited) => (isLimited ? weeksText.noMoreThan : weeksText.asItComes)"
      :is-chosen="(isLimited) => (weeks.wishes.budget !== undefined) === isLimited"
      @choose="limit"
    />
    <NumberField
      v-if="weeks.wishes.budget !== undefined"
      class="every"
      :model-value="weeks.wishes.budget"
      :label="weeksText.money"
      :unit="household.settings.currency || weeksText.inAll"
      v-bind="limits.number('budget')"
      @done="(budget: number) => wishes.change({ budget })"
    />
  </div>
  <p v-if="weeks.wishes.budget !== undefined" class="quiet">{{ weeksText.whatNoPrice }}</p>

  <template v-if="turning.length > 0">
    <h3>{{ weeksText.useUpFirst }}</h3>
    <div class="pills" role="group" :aria-label="weeksText.useUpFirst">
      <ChoicePills
        :of="turning"
        :says="rowName"
        :is-chosen="(id) => weeks.wishes.useUpIds.includes(id)"
        @choose="
          (id) =>
            wishes.change({
              useUpIds: weeks.wishes.useUpIds.includes(id)
                ? weeks.wishes.useUpIds.filter((one) => one !== id)
                : [...weeks.wishes.useUpIds, id],
            })
        "
      />
    </div>
  </template>

  <h3>{{ weeksText.notWanted }}</h3>
  <ul class="plain-list">
    <li v-for="(no, i) in weeks.wishes.noes" :key="i" class="line">
      <span>{{ weeksText.no(noWords(no)) }}</span>
      <v-btn variant="text" @click="wishes.change({ noes: weeks.wishes.noes.filter((_, at) => at !== i) })">
        {{ weeksText.takeItOff }}
      </v-btn>
    </li>
  </ul>
  <v-autocomplete
    :model-value="null"
    :items="things"
    :label="weeksText.nothingWith"
    :no-data-text="weeksText.nothingOfThatName"
    @update:model-value="addNo"
  />

  <h3>{{ weeksText.howFarAhead }}</h3>
  <div class="pills" role="group" :aria-label="weeksText.howFarAhead">
    <ChoicePills
      :of="HORIZONS"
      :says="(days) => weeksText.days(days)"
      :is-chosen="(days) => weeks.wishes.horizonDays === days"
      @choose="(days) => wishes.change({ horizonDays: days })"
    />
  </div>
  <p class="quiet">
    {{ weeksText.todayHasMinutes(minutesOn(weeks.wishes, weeks.today)) }}
    <button type="button" class="as-link" @click="weeks.wish(USUAL_WISHES)">{{ weeksText.allAsAtFirst }}</button>
  </p>
</template>

<style scoped>
h3 {
  margin: 16px 0 6px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 12px;
  padding: 4px 0;
}
.who {
  min-width: 90px;
}
.every {
  max-width: 130px;
  margin-top: 6px;
}
.pills {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
}
.week {
  display: grid;
  grid-template-columns: repeat(7, 1fr);
  gap: 6px;
}
.weekday {
  display: flex;
  flex-direction: column;
}
.week :deep(input) {
  width: 100%;
}
.as-link {
  min-height: 44px;
  border: 0;
  background: none;
  color: rgb(var(--v-theme-primary));
  font: inherit;
  text-decoration: underline;
  text-underline-offset: 3px;
  cursor: pointer;
}
@media (max-width: 32.5em) {
  .week {
    grid-template-columns: repeat(4, 1fr);
  }
}
</style>
