<script setup lang="ts">
import { api, type WeekBack } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { daysBetween } from '@amber-ladle/core/time';
import { useRead } from '../data/answer';
import { ScenePicture } from '../kit/ink';
import { useWeeks } from '../data/useWeeks';
import { useHousehold } from '../data/household';
import { weeksText, againstLastWords, paceWords, writeMoney } from '@amber-ladle/words';

/** The weeks that were: what was planned and made, what turned and what it was thought would, what was spent. */
const household = useHousehold();
const weeks = useWeeks();
const { value } = useRead(api.weeks.back, () => ({}), { isQuiet: true });
const back = computed(() => value.value ?? []);

const dateOf = (day: string): string =>
  new Intl.DateTimeFormat(household.settings.locale, { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    new Date(`${day}T12:00:00Z`),
  );
/** It is not over yet. */
const isNow = ({ week }: WeekBack): boolean => daysBetween(week, weeks.today) < 7;
const bowlWords = ({ planned, kept, made }: WeekBack): string =>
  planned === undefined ? `${made}` : weeksText.ofPlannedMadeKept(made, kept, planned);
const against = computed(() => {
  const plan = weeks.weeks;
  return plan
    ? againstLastWords(back.value, { lostGrams: plan.lostGrams, days: plan.days.length }, weeks.today, household.where)
    : '';
});
/** What the forecasts have learnt from. */
const learnt = computed(() =>
  Object.entries(household.climate.paces).flatMap(([id, pace]) => {
    const row = household.catalogue.get(id);
    const words = paceWords(pace);
    return row && words ? [weeksText.ripensHereThanUsual(row.name, words)] : [];
  }),
);
const lostWords = ({ lostGrams, expectedGrams }: WeekBack): string =>
  `${kitchenRound(lostGrams)} g${expectedGrams === undefined ? '' : weeksText.expectedExpectedGrams(kitchenRound(expectedGrams))}`;
</script>

<template>
  <section aria-labelledby="back">
    <h2 id="back">{{ weeksText.lookingBack }}</h2>
    <p v-if="back.length === 0" class="quiet">{{ weeksText.nothingYetAWeek }}</p>
    <table v-else class="figures lined">
      <thead>
        <tr>
          <th scope="col">{{ weeksText.weekOf }}</th>
          <th scope="col">{{ weeksText.bowls }}</th>
          <th scope="col">{{ weeksText.thrownAway }}</th>
          <th scope="col" class="money">{{ weeksText.spent }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="week in back" :key="week.week">
          <th scope="row">{{ isNow(week) ? weeksText.thisWeek : dateOf(week.week) }}</th>
          <td>
            <span class="bowls" aria-hidden="true"
              ><ScenePicture v-for="n in Math.min(week.made, 5)" :key="n" scene="make" :size="26"
            /></span>
            {{ bowlWords(week) }}
          </td>
          <td>{{ lostWords(week) }}</td>
          <td class="money">{{ writeMoney(week.spentMoney, household.where) }}</td>
        </tr>
      </tbody>
    </table>
    <p v-if="against" data-test="against">{{ against }}</p>
    <p v-for="words in learnt" :key="words" data-test="learnt">{{ words }}</p>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 6px;
}
th,
td {
  vertical-align: baseline;
}
.bowls {
  display: inline-flex;
  vertical-align: -7px;
  margin-right: 4px;
}
thead th {
  color: var(--quiet);
}
tbody th {
  font-weight: 600;
}
.money {
  text-align: right;
}
</style>
