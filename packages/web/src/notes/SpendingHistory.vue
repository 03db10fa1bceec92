<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Bar } from 'vue-chartjs';
import { useRead } from '../data/answer';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { notesText, timeWords, writeMoney, writeMonth } from '@amber-ladle/words';

/** What bowls cost, what was thrown away and how long it took, month by month, for the whole household. */
Chart.register(CategoryScale, LinearScale, BarElement, Tooltip);
const household = useHousehold();
const { ink, look, axis } = useChartLook();
const { value } = useRead(api.notes.spending, () => ({}));
const months = computed(() => value.value ?? []);
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
    { label: notesText.inBowlsBar, data: months.value.map((month) => month.money), backgroundColor: ink.value.leaf },
    {
      label: notesText.thrownAwayBar,
      data: months.value.map((month) => month.wasteMoney),
      backgroundColor: ink.value.fill,
    },
  ],
}));
const chart = computed(() => ({
  ...look.value,
  scales: {
    x: axis('', { stacked: true, grid: { display: false } }),
    y: axis(notesText.moneyAsPrices, { stacked: true, beginAtZero: true }),
  },
}));
</script>

<template>
  <section aria-labelledby="spending">
    <h2 id="spending">{{ notesText.costWasteAndTime }}</h2>
    <p v-if="months.length === 0" class="quiet">
      {{ notesText.nothingToAddUp }}
    </p>
    <template v-else>
      <p class="big figures" data-test="per-bowl">
        {{
          notesText.bowlsTookAboutEach(perBowl.bowls, money(perBowl.spent), money(perBowl.each), money(perBowl.wasted))
        }}
      </p>
      <div class="chart">
        <Bar :data="data" :options="chart" role="img" :aria-label="notesText.moneyInBowls" />
      </div>
      <p class="quiet legend">{{ notesText.belowInBowls }}</p>
      <table class="figures" data-test="months" tabindex="0">
        <thead>
          <tr>
            <th scope="col">{{ notesText.month }}</th>
            <th scope="col">{{ notesText.bowls }}</th>
            <th scope="col">{{ notesText.inBowls }}</th>
            <th scope="col">{{ notesText.thrownAway }}</th>
            <th scope="col">{{ notesText.leftInBowls }}</th>
            <th scope="col">{{ notesText.time }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="month in months" :key="month.month">
            <th scope="row">{{ writeMonth(month.month, household.where) }}</th>
            <td>{{ month.bowls }}</td>
            <td>{{ money(month.money) }}{{ month.unpricedGrams > 0 ? notesText.orMore : '' }}</td>
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
      <p class="quiet">{{ notesText.timeIsCountedWhere }}</p>
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
