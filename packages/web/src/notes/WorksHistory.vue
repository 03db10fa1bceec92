<script setup lang="ts">
import MaskById from '../kit/MaskById.vue';
import type { LoggedBowl } from '@amber-ladle/contract';
import {
  comparedOn,
  MOMENTS,
  pairsOffered,
  TREND_FROM,
  trendOf,
  verdict,
  whatWorks,
  type JudgedBowl,
} from '@amber-ladle/core/learn';
import type { Average } from '@amber-ladle/core/statistic';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed, ref, watch } from 'vue';
import { Line } from 'vue-chartjs';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { notesText, capital, between, CHANGE_WORDS, MOMENT_WORDS, writeShortDay } from '@amber-ladle/words';

/** What works for this head: masks side by side, this against that, and how verdicts moved. */
Chart.register(LinearScale, PointElement, LineElement, Tooltip);
const { name, judged, logged } = defineProps<{
  name: string;
  judged: readonly JudgedBowl[];
  logged: readonly LoggedBowl[];
}>();
const household = useHousehold();
const { ink, look, axis } = useChartLook();

const works = computed(() => whatWorks(judged));
const nameOf = (maskId: string): string =>
  household.maskById(maskId)?.name ?? logged.find(({ facts }) => facts.maskId === maskId)?.facts.maskName ?? maskId;
const names = computed(() => works.value.map(({ maskId }) => ({ value: maskId, title: nameOf(maskId) })));
const averageWords = (average: Average | undefined): string => (average ? average.mean.toFixed(1) : '–');
const spanWords = ({ interval }: Average): string =>
  interval
    ? notesText.toLowHigh(Math.max(1, interval.low).toFixed(1), Math.min(5, interval.high).toFixed(1))
    : notesText.oneBowl;
const littleWords = (count: number): string =>
  count === 1 ? notesText.oneBowlSaysNothing : count === 2 ? notesText.twoBowlsSayLittle : '';

const first = ref<string>();
const second = ref<string>();
/** What has been worn near each other can be held against each other; the most pairs are looked at first. */
const offered = computed(() => pairsOffered(judged));
watch(
  offered,
  ([best]) => {
    first.value ??= best?.firstId;
    second.value ??= best?.secondId;
  },
  { immediate: true },
);
/** What can stand against the first, with how often. */
const others = computed(() =>
  offered.value.flatMap(({ firstId, secondId, pairs }) => {
    const other = firstId === first.value ? secondId : secondId === first.value ? firstId : undefined;
    return other === undefined ? [] : [{ value: other, title: `${nameOf(other)}, ${notesText.pairs(pairs)}` }];
  }),
);
const paired = computed(() => {
  const ids = new Set(offered.value.flatMap(({ firstId, secondId }) => [firstId, secondId]));
  return names.value.filter(({ value }) => ids.has(value));
});
watch(first, () => {
  if (!others.value.some(({ value }) => value === second.value)) second.value = others.value[0]?.value;
});
const compared = computed(() =>
  first.value && second.value && first.value !== second.value
    ? comparedOn(judged, first.value, second.value)
    : undefined,
);
const answer = computed(() => {
  if (!compared.value || !first.value || !second.value) return '';
  const { answer: says, pairs, difference, confounders } = compared.value;
  const [a, b] = [nameOf(first.value), nameOf(second.value)];
  const pairWords = notesText.pairs(pairs.length);
  const changed =
    confounders.length > 0
      ? notesText.alsoChangedThese(
          confounders.map(({ change, count }) => `${CHANGE_WORDS[change]} (${count}×)`).join(', '),
        )
      : '';
  const by = difference ? Math.abs(difference.mean).toFixed(1) : '';
  const span = difference?.interval ? ` (${between(difference.interval.low, difference.interval.high)})` : '';
  if (says === 'first') return notesText.cameOutBetter(a, by, span, pairWords, changed);
  if (says === 'second') return notesText.cameOutBetterBy(b, by, span, pairWords, changed);
  if (says === 'too-close') return notesText.tooClose(pairWords, span, changed);
  return notesText.ofBowlsTooFew(capital(pairWords), changed);
});

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
  const so = scores.map(({ score }) => score.toFixed(1)).join(', then ');
  if (missing <= 0) return notesText.soFarAll(so);
  return notesText.soFarAndThere(so, missing);
});
const trendWords = computed(() => {
  if (!trend.value) return fewWords.value;
  const { answer: says, perMonth, interval } = trend.value;
  const span = notesText.pointsAMonth(between(interval.low, interval.high, 2));
  if (says === 'even') return notesText.neitherBetterNorWorse(span);
  return notesText.itGetsPoints(says, Math.abs(perMonth).toFixed(2), span);
});
const STYLES = ['circle', 'triangle', 'rect', 'rectRot', 'star', 'crossRot'] as const;
const MARKS = ['●', '▲', '■', '◆', '✱', '✕'] as const;
const data = computed(() => {
  const colours = [ink.value.amber, ink.value.leaf, ink.value.plum, ink.value.clay, ink.value.ink, ink.value.quiet];
  return {
    datasets: works.value.slice(0, STYLES.length).map(({ maskId }, i) => ({
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
    x: {
      type: 'linear' as const,
      bounds: 'data' as const,
      offset: true,
      ...axis('', { grid: { display: false } }),
      ticks: {
        color: ink.value.quiet,
        maxRotation: 0,
        maxTicksLimit: 7,
        callback: (at: string | number) => writeShortDay(Number(at), household.where),
      },
    },
    y: axis('verdict, 1 to 5', { min: 1, max: 5 }),
  },
}));
</script>

<template>
  <section aria-labelledby="works">
    <h2 id="works">{{ notesText.whatWorksFor(name) }}</h2>
    <p v-if="works.length === 0" class="quiet">
      {{ notesText.nothingWasJudgedYet }}
    </p>
    <template v-else>
      <!-- Wider than a phone: scrolled by keyboard, too. -->
      <table class="figures" data-test="works" tabindex="0">
        <thead>
          <tr>
            <th scope="col">{{ notesText.mask }}</th>
            <th scope="col">{{ notesText.bowls }}</th>
            <th v-for="moment in MOMENTS" :key="moment" scope="col">{{ MOMENT_WORDS[moment] }}</th>
            <th scope="col">{{ notesText.allTogetherAloud }}</th>
            <th scope="col">{{ notesText.careful }}</th>
          </tr>
        </thead>
        <tbody>
          <tr v-for="one in works" :key="one.maskId">
            <th scope="row">
              <span class="mask"><MaskById :id="one.maskId" />{{ nameOf(one.maskId) }}</span>
            </th>
            <td>{{ one.count }}</td>
            <td v-for="moment in MOMENTS" :key="moment">{{ averageWords(one.moments[moment]) }}</td>
            <td>
              <b>{{ one.overall.mean.toFixed(1) }}</b> <span class="quiet">{{ spanWords(one.overall) }}</span>
            </td>
            <td class="careful">
              {{ littleWords(one.count) }}
              <template v-if="one.confounders.length > 0">{{
                notesText.alsoChanged(
                  one.confounders.map(({ change, count }) => `${CHANGE_WORDS[change]} ${count}×`).join(', '),
                )
              }}</template>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">
        {{ notesText.spansHoldTheTruth }}
      </p>
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
      <template v-if="names.length > 1 && offered.length === 0">
        <h3>{{ notesText.thisAgainstThat }}</h3>
        <p class="quiet" data-test="no-pairs">
          {{ notesText.twoMasks }}
        </p>
      </template>
      <template v-else-if="offered.length > 0">
        <h3>{{ notesText.thisAgainstThat }}</h3>
        <div class="line">
          <v-select v-model="first" :items="paired" :label="notesText.thisWord" class="mask" hide-details />
          <v-select v-model="second" :items="others" :label="notesText.againstThat" class="mask" hide-details />
        </div>
        <p class="big" data-test="compared">{{ answer }}</p>
      </template>
    </template>
  </section>
</template>

<style scoped>
.mask {
  display: flex;
  align-items: center;
  gap: 10px;
}
.chart {
  height: 240px;
}
.legend {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 20px;
  margin: 4px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 8px 0;
}
.mask {
  max-width: 260px;
  min-width: 200px;
}
.careful {
  font-size: 0.92rem;
  color: var(--quiet);
}
</style>
