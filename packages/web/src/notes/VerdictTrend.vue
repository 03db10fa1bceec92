<script setup lang="ts">
import { TREND_FROM, trendOf, verdict, type JudgedBowl, type MaskOnHead } from '@amber-ladle/core/learn';
import { between, notesText, writeShortDay } from '@amber-ladle/words';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import { useHousehold } from '../data/household';
import { useChartLook } from '../kit/useChartLook';

/** How verdicts moved over the months, a sign for each mask, and whether that is a trend. */
Chart.register(LinearScale, PointElement, LineElement, Tooltip);
const { judged, works, nameOf } = defineProps<{
  judged: readonly JudgedBowl[];
  works: readonly MaskOnHead[];
  nameOf: (maskId: string) => string;
}>();
const household = useHousehold();
const { ink, look, axis, timeAxis } = useChartLook();

const trend = computed(() => trendOf(judged));
/** What few bowls tell: what they were, and that it is no trend. */
const fewWords = computed(() => {
  const scores = judged
    .flatMap(({ at, said }) => {
      const score = verdict(said);
      return score === undefined ? [] : [{ at, score }];
    })
    .sort((a, b) => (a.at < b.at ? -1 : 1));
  const missing = TREND_FROM - scores.length;
  const so = notesText.oneThenAnother(scores.map(({ score }) => score.toFixed(1)));
  if (missing <= 0) return notesText.soFarAll(so);
  return notesText.soFarAndThere(so, missing);
});
const trendWords = computed(() => {
  if (!trend.value) return fewWords.value;
  const { answer: says, perMonth, interval } = trend.value;
  const span = notesText.pointsAMonth(between(interval.low, interval.high, 2));
  if (says === 'even') return notesText.neitherBetterNorWorse(span);
  const points = Math.abs(perMonth).toFixed(2);
  return says === 'better' ? notesText.itGetsBetter(points, span) : notesText.itGetsWorse(points, span);
});
const STYLES = ['circle', 'triangle', 'rect', 'rectRot', 'star', 'crossRot'] as const;
const MARKS = ['●', '▲', '■', '◆', '✱', '✕'] as const;
const data = computed(() => {
  const colours = [ink.value.amber, ink.value.leaf, ink.value.plum, ink.value.clay, ink.value.ink, ink.value.quiet];
  return {
    datasets: works.slice(0, STYLES.length).map(({ maskId }, i) => ({
      label: nameOf(maskId),
      data: judged
        .filter((bowl) => bowl.maskId === maskId)
        .map(({ at, said }) => ({ x: Date.parse(at), y: verdict(said) ?? NaN }))
        .filter(({ y }) => !Number.isNaN(y))
        .sort((a, b) => a.x - b.x),
      borderColor: colours[i],
      backgroundColor: colours[i],
      pointStyle: STYLES[i],
      pointRadius: 6,
      borderWidth: 1.2,
    })),
  };
});
const chart = computed(() => ({
  ...look.value,
  scales: {
    x: { ...timeAxis((at) => writeShortDay(at, household.where)), offset: true },
    y: axis(notesText.verdictAxis, { min: 1, max: 5 }),
  },
}));
</script>

<template>
  <h3>{{ notesText.howItWentOver }}</h3>
  <div class="chart">
    <Line :data="data" :options="chart" role="img" :aria-label="notesText.verdictsOverTime" />
  </div>
  <p class="legend">
    <span v-for="(one, i) in works.slice(0, MARKS.length)" :key="one.maskId"
      >{{ MARKS[i] }} {{ nameOf(one.maskId) }}</span
    >
  </p>
  <p data-test="trend">{{ trendWords }}</p>
</template>

<style scoped>
.chart {
  height: 240px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: 4px 0;
}
</style>
