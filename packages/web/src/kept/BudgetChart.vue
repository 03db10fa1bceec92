<script setup lang="ts">
import { inUnit } from '@amber-ladle/core/measure';
import type { Span } from '@amber-ladle/core/shelf';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { keptText, writeTime } from '@amber-ladle/words';

/** How warm a bowl stood, and what that took of its time. */
Chart.register(LinearScale, PointElement, LineElement, Tooltip);
const { course, spans } = defineProps<{
  course: readonly { readonly at: number; readonly share: number }[];
  spans: readonly Span[];
}>();
const household = useHousehold();
const { ink, look, axis, timeAxis } = useChartLook();
const unit = computed(() => household.where.warmthIn);
const own = (celsius: number): number => inUnit(celsius, '°C', unit.value);

const data = computed(() => ({
  datasets: [
    {
      label: keptText.shareOfTimeAxis,
      data: course.map(({ at, share }) => ({ x: at, y: Math.min(150, share * 100) })),
      borderColor: ink.value.clay,
      borderWidth: 2.4,
      pointRadius: 0,
      yAxisID: 'share',
    },
    {
      label: unit.value,
      data: spans.flatMap(({ from, to, celsius }) => [
        { x: from, y: own(celsius) },
        { x: to, y: own(celsius) },
      ]),
      borderColor: ink.value.amber,
      borderDash: [5, 3],
      borderWidth: 1.6,
      pointRadius: 0,
      yAxisID: 'celsius',
    },
  ],
}));
const options = computed(() => ({
  ...look.value,
  scales: {
    x: {
      ...timeAxis((at) => writeTime(new Date(at).toISOString(), household.where), 6),
      min: course[0]?.at,
      max: course.at(-1)?.at,
    },
    share: axis(keptText.usedAxis, { min: 0, suggestedMax: 100 }),
    celsius: axis(keptText.dashed(unit.value), {
      position: 'right' as const,
      suggestedMin: own(0),
      suggestedMax: own(25),
      grid: { display: false },
    }),
  },
}));
</script>

<template>
  <div class="chart">
    <Line :data="data" :options="options" role="img" :aria-label="keptText.temperatureWhereTheBowl" />
  </div>
</template>

<style scoped>
.chart {
  height: 180px;
  max-width: 620px;
  margin: 8px 0;
}
</style>
