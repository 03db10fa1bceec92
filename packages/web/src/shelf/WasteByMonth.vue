<script setup lang="ts">
import { inARow } from '../data/inARow';
import { api } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { shelfText, binWords, writeMoney, writeMonth } from '@amber-ladle/words';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Bar } from 'vue-chartjs';
import { useRead } from '../data/answer';
import { useHousehold } from '../data/household';
import { useChartLook } from '../kit/useChartLook';

/** What was thrown away, month by month: how much, what it had cost, and why. */
Chart.register(LinearScale, CategoryScale, BarElement, Tooltip);
const household = useHousehold();
const { ink, look, axis } = useChartLook();
const { value: waste } = useRead(api.stock.waste, () => ({}));
const months = computed(() =>
  (waste.value ?? []).map((month) => ({
    ...month,
    name: writeMonth(month.month, household.where),
    reasons: inARow(
      Object.entries(month.byReason).map(
        ([reason, grams]) => `${binWords(reason) || shelfText.noReasonSaid} ${kitchenRound(grams)} g`,
      ),
    ),
  })),
);
const data = computed(() => ({
  labels: months.value.map(({ name }) => name),
  datasets: [
    {
      label: shelfText.thrownAwayG,
      data: months.value.map(({ grams }) => Math.round(grams)),
      backgroundColor: ink.value.fill,
    },
  ],
}));
const options = computed(() => ({
  ...look.value,
  scales: { x: axis('', { grid: { display: false } }), y: axis(shelfText.grams, { beginAtZero: true }) },
}));
</script>

<template>
  <section aria-labelledby="waste">
    <h2 id="waste">{{ shelfText.thrownAway }}</h2>
    <p v-if="waste && months.length === 0" class="quiet">{{ shelfText.nothingSoFar }}</p>
    <template v-else>
      <div class="chart">
        <Bar :data="data" :options="options" role="img" :aria-label="shelfText.gramsThrownAway" />
      </div>
      <table class="figures lined" data-test="waste">
        <tbody>
          <tr v-for="month in months" :key="month.month">
            <th scope="row">{{ month.name }}</th>
            <td class="number">{{ kitchenRound(month.grams) }} g</td>
            <td>{{ writeMoney(month.money, household.where) }}{{ month.unpricedGrams > 0 ? shelfText.orMore : '' }}</td>
            <td class="quiet">{{ month.reasons }}</td>
          </tr>
        </tbody>
      </table>
    </template>
  </section>
</template>

<style scoped>
h2 {
  margin: 18px 0 10px;
}
.chart {
  height: 190px;
}
tbody th {
  font-weight: 600;
}
</style>
