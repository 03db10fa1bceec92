<script setup lang="ts">
import { api, type WeekBack } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, shallowRef } from 'vue';
import { daysBetween } from '@amber-ladle/core/time';
import { call } from '../data/client';
import { ScenePicture } from '../kit/ink';
import { useWeeks } from '../data/useWeeks';
import { useHousehold } from '../data/household';
import { inTurn } from '../data/inTurn';
import { useChanges } from '../data/useChanges';
import { againstLastWords, paceWords, writeMoney } from '@amber-ladle/words';

/** The weeks that were: what was planned and made, what turned and what it was thought would, what was spent. */
const household = useHousehold();
const weeks = useWeeks();
const back = shallowRef<readonly WeekBack[]>([]);
const read = inTurn(
  () => call(api.weeks.back).catch(() => back.value),
  (all) => (back.value = all),
);
void read();
useChanges(['weeks', 'bowls', 'shelf'], read);

const dateOf = (day: string): string =>
  new Intl.DateTimeFormat(household.settings.locale, { day: 'numeric', month: 'short', timeZone: 'UTC' }).format(
    new Date(`${day}T12:00:00Z`),
  );
/** It is not over yet. */
const isNow = ({ week }: WeekBack): boolean => daysBetween(week, weeks.today) < 7;
const bowlWords = ({ planned, kept, made }: WeekBack): string =>
  planned === undefined ? `${made}` : `${made}, ${kept} of ${planned} planned`;
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
    return row && words ? [`${row.name} ripens ${words} here than usual; it is reckoned with.`] : [];
  }),
);
const lostWords = ({ lostGrams, expectedGrams }: WeekBack): string =>
  `${kitchenRound(lostGrams)} g${expectedGrams === undefined ? '' : `, expected ${kitchenRound(expectedGrams)}`}`;
</script>

<template>
  <section aria-labelledby="back">
    <h2 id="back">Looking back</h2>
    <p v-if="back.length === 0" class="quiet">Nothing yet. A week from now this says what came of the plan.</p>
    <table v-else class="figures">
      <thead>
        <tr>
          <th scope="col">Week of</th>
          <th scope="col">Bowls</th>
          <th scope="col">Thrown away</th>
          <th scope="col" class="money">Spent</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="week in back" :key="week.week">
          <th scope="row">{{ isNow(week) ? 'This week' : dateOf(week.week) }}</th>
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
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  padding: 8px 8px 8px 0;
  border-bottom: 1px solid var(--rule);
  text-align: left;
  vertical-align: baseline;
}
.bowls {
  display: inline-flex;
  vertical-align: -7px;
  margin-right: 4px;
}
thead th {
  color: var(--quiet);
  font-weight: 400;
}
tbody th {
  font-weight: 600;
}
.money {
  text-align: right;
}
</style>
