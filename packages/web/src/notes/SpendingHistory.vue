<script setup lang="ts">
import { api, type MonthOfSpending } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { computed, shallowRef } from 'vue';
import { Bar } from 'vue-chartjs';
import { call } from '../data/client';
import { inTurn } from '../data/inTurn';
import { useChanges } from '../data/useChanges';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { timeWords, writeMoney, writeMonth } from '@amber-ladle/words';

/** What bowls cost, what was thrown away and how long it took, month by month, for the whole household. */
Chart.register(CategoryScale, LinearScale, BarElement, Tooltip);
const household = useHousehold();
const notice = useNotice();
const { ink, look, axis } = useChartLook();
const months = shallowRef<readonly MonthOfSpending[]>([]);
const read = inTurn(
  () =>
    call(api.notes.spending).catch((error: unknown) => {
      notice.fail(error);
      return [];
    }),
  (all) => (months.value = all),
);
void read();
useChanges(['shelf', 'notes', 'bowls'], read);
const money = (amount: number): string => writeMoney(amount, household.where);
const perBowl = computed(() => {
  const bowls = months.value.reduce((sum, month) => sum + month.bowls, 0);
  const spent = months.value.reduce((sum, month) => sum + month.money, 0);
  const wasted = months.value.reduce((sum, month) => sum + month.wasteMoney, 0);
  return { bowls, spent, wasted, each: bowls === 0 ? 0 : spent / bowls };
});
const data = computed(() => ({
  labels: months.value.map(({ month }) => writeMonth(month, household.where)),
  datasets: [
    { label: 'in bowls', data: months.value.map((month) => month.money), backgroundColor: ink.value.leaf },
    { label: 'thrown away', data: months.value.map((month) => month.wasteMoney), backgroundColor: ink.value.fill },
  ],
}));
const chart = computed(() => ({
  ...look.value,
  scales: {
    x: axis('', { stacked: true, grid: { display: false } }),
    y: axis('money, as prices were written', { stacked: true, beginAtZero: true }),
  },
}));
</script>

<template>
  <section aria-labelledby="spending">
    <h2 id="spending">Cost, waste and time</h2>
    <p v-if="months.length === 0" class="quiet">
      Nothing to add up yet. Give what comes onto the shelf a price, and every bowl knows what it cost.
    </p>
    <template v-else>
      <p class="big figures" data-test="per-bowl">
        {{ perBowl.bowls }} bowls took {{ money(perBowl.spent) }}, about {{ money(perBowl.each) }} each;
        {{ money(perBowl.wasted) }} went in the bin.
      </p>
      <div class="chart">
        <Bar
          :data="data"
          :options="chart"
          role="img"
          aria-label="Money in bowls and in the bin by month; the table below says the same"
        />
      </div>
      <p class="quiet legend">Below: in bowls. On top: thrown away.</p>
      <table class="figures" data-test="months" tabindex="0">
        <thead>
          <tr>
            <th scope="col">Month</th>
            <th scope="col">Bowls</th>
            <th scope="col">In bowls</th>
            <th scope="col">Thrown away</th>
            <th scope="col">Left in bowls</th>
            <th scope="col">Time</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="month in months" :key="month.month">
            <th scope="row">{{ writeMonth(month.month, household.where) }}</th>
            <td>{{ month.bowls }}</td>
            <td>{{ money(month.money) }}{{ month.unpricedGrams > 0 ? ' or more' : '' }}</td>
            <td>
              <template v-if="month.wasteGrams > 0"
                >{{ money(month.wasteMoney) }}
                <span class="quiet">{{ kitchenRound(month.wasteGrams) }} g</span></template
              >
              <template v-else>–</template>
            </td>
            <td>{{ month.leftMillilitres > 0 ? `${kitchenRound(month.leftMillilitres)} mL` : '–' }}</td>
            <td>{{ month.minutes > 0 ? timeWords(month.minutes) : '–' }}</td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">Time is counted where a wash day was walked in Make, from its first step to its rinse.</p>
    </template>
  </section>
</template>

<style scoped>
.chart {
  height: 230px;
}
.legend {
  font-size: 0.92rem;
}
</style>
