<script setup lang="ts">
import { TWENTY_FOUR_HOURS } from '@amber-ladle/core/time';
import {
  api,
  MEASURE_KINDS,
  type Head,
  type HeadMeasure,
  type LoggedBowl,
  limitsOf,
  headMeasureSchema,
} from '@amber-ladle/contract';
import { lengthKept, SHEDDING } from '@amber-ladle/core/learn';
import { nearestLandmark } from '@amber-ladle/core/hair';
import { inUnit } from '@amber-ladle/core/measure';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed, ref, watch } from 'vue';
import { Line } from 'vue-chartjs';
import { v4 as newId } from 'uuid';
import NumberField from '../kit/NumberField.vue';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import {
  notesText,
  capital,
  between,
  SHED_WORDS,
  writeShortDay,
  writeSmallLength,
  LANDMARK_WORDS,
} from '@amber-ladle/words';

/** Growth expected against length kept; trims marked. */
const limits = limitsOf(headMeasureSchema);
Chart.register(LinearScale, PointElement, LineElement, Tooltip);
const { head, logged } = defineProps<{ head: Head; logged: readonly LoggedBowl[] }>();
const household = useHousehold();
const notice = useNotice();
const { ink, look, axis } = useChartLook();
const params = computed(() => ({ params: { id: head.id } }));
const { value, know } = useRead(api.heads.measures, () => params.value);
const measures = computed<readonly HeadMeasure[]>(() => value.value ?? []);

const kept = computed(() => lengthKept(measures.value));
/** As the household measures. */
const unit = computed(() => household.where.lengthIn);
const own = (length: number): number => inUnit(length, 'cm', unit.value);
const small = (length: number): string => writeSmallLength(length, household.where);
const span = ({ low, high }: { low: number; high: number }): string => between(own(low), own(high), 2);
const MONTH = 30.44 * TWENTY_FOUR_HOURS;
const words = computed(() => {
  const { answer, kept: gained, grown, lost } = kept.value;
  if (!gained || !lost) return notesText.fromTheThirdLength;
  const grows = notesText.aMonthSmallGrown(
    small(grown.perMonth),
    grown.isMeasured ? notesText.grownByTheMark : notesText.isWhatHairUsually,
    span(grown.interval),
  );
  const keeps = notesText.aMonthKept(small(gained.perMonth), span(gained.interval));
  const ends = {
    keeps: notesText.theEndsKeepAbout,
    breaks: notesText.aboutAMonth(small(lost.perMonth)),
    'breaks-or-slow': notesText.lessIsKeptThan,
    'too-early': '',
  }[answer];
  return `${ends} ${capital(keeps)}; ${grows}.`;
});
const data = computed(() => {
  const { points, grown } = kept.value;
  const [start] = points;
  const last = points.at(-1);
  const expected = (perMonth: number): { x: number; y: number }[] =>
    start && last
      ? [start, last].map(({ at }) => ({
          x: Date.parse(at),
          y: own(start.withTrims + (perMonth * (Date.parse(at) - Date.parse(start.at))) / MONTH),
        }))
      : [];
  const line = (label: string, perMonth: number, dash: number[]) => ({
    label,
    data: expected(perMonth),
    borderColor: ink.value.leaf,
    borderDash: dash,
    borderWidth: 1.4,
    pointRadius: 0,
  });
  return {
    datasets: [
      {
        label: notesText.measuredWhat(unit.value),
        data: points.map(({ at, centimetres: length }) => ({ x: Date.parse(at), y: own(length) })),
        borderColor: ink.value.amber,
        backgroundColor: ink.value.amber,
        pointRadius: 6,
        borderWidth: 2,
      },
      {
        label: notesText.trimsAddedBack(unit.value),
        data: points.map(({ at, withTrims }) => ({ x: Date.parse(at), y: own(withTrims) })),
        borderColor: ink.value.plum,
        backgroundColor: ink.value.plum,
        pointStyle: 'rectRot',
        pointRadius: 6,
        borderDash: [2, 3],
        borderWidth: 1.4,
      },
      line(notesText.growthExpected, grown.perMonth, [6, 4]),
      line(notesText.slowGrowth, grown.interval.low, [2, 5]),
      line(notesText.quickGrowth, grown.interval.high, [2, 5]),
      {
        label: notesText.trim,
        data: measures.value
          .filter(({ kind }) => kind === 'trim')
          .map(({ at }) => ({ x: Date.parse(at), y: own(points.find((one) => one.at > at)?.centimetres ?? 0) })),
        showLine: false,
        pointStyle: 'crossRot',
        pointRadius: 9,
        borderColor: ink.value.clay,
        borderWidth: 3,
      },
    ],
  };
});
const chart = computed(() => ({
  ...look.value,
  scales: {
    x: {
      type: 'linear' as const,
      bounds: 'data' as const,
      ...axis('', { grid: { display: false } }),
      ticks: {
        color: ink.value.quiet,
        maxRotation: 0,
        maxTicksLimit: 7,
        callback: (at: string | number) => writeShortDay(Number(at), household.where),
      },
    },
    y: axis(notesText.stretchedWhat(unit.value)),
  },
}));

/** Shed hair over the same year, as it was said after bowls. */
const shedding = computed(() => {
  const said = SHEDDING.map((shed) => ({ shed, count: logged.filter(({ log }) => log.shed === shed).length }));
  const counted = logged.flatMap(({ log }) => log.shedCount ?? []);
  const words = said.filter(({ count }) => count > 0).map(({ shed, count }) => `${SHED_WORDS[shed]} ${count}×`);
  if (counted.length > 0)
    words.push(notesText.countedOnAverage(Math.round(counted.reduce((sum, one) => sum + one, 0) / counted.length)));
  return words.length === 0 ? '' : notesText.shedHairOnWash(words.join(', '));
});

const KIND_WORDS = { length: notesText.lengthKind, trim: notesText.cutOff, regrowth: notesText.fromScalp } as const;
const kinds = MEASURE_KINDS.map((value) => ({ value, title: KIND_WORDS[value] }));
const kind = ref<HeadMeasure['kind']>('length');
const centimetres = ref(head.profile.stretchedLengthCentimetres);
watch(kind, (now) => (centimetres.value = now === 'length' ? head.profile.stretchedLengthCentimetres : 2));
const day = ref(household.now().toISOString().slice(0, 10));
async function add(): Promise<void> {
  const now = household.now().toISOString();
  const at = day.value === now.slice(0, 10) ? now : `${day.value}T12:00:00.000Z`;
  const where = kind.value === 'length' ? LANDMARK_WORDS[nearestLandmark(centimetres.value).id] : '';
  const measure: HeadMeasure = { id: newId(), at, kind: kind.value, centimetres: centimetres.value, where };
  try {
    know(await call(api.heads.addMeasure, { ...params.value, body: measure }));
    notice.show(notesText.writtenDown, () => remove(measure, false));
  } catch (error) {
    notice.fail(error);
  }
}
async function remove(measure: HeadMeasure, says = true): Promise<void> {
  try {
    know(await call(api.heads.removeMeasure, { params: { id: head.id, measureId: measure.id } }));
    if (says)
      notice.show(notesText.takenOut, async () => {
        know(await call(api.heads.addMeasure, { ...params.value, body: measure }));
      });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section aria-labelledby="length">
    <h2 id="length">{{ notesText.lengthKept }}</h2>
    <p class="big" data-test="length-words">{{ words }}</p>
    <template v-if="kept.points.length > 0">
      <div class="chart">
        <Line :data="data" :options="chart" role="img" :aria-label="notesText.lengthOverTimeAgainst" />
      </div>
      <p class="quiet legend">{{ notesText.measuredWithTrimsAdded }}</p>
    </template>
    <p v-if="shedding" data-test="shedding">{{ shedding }}</p>
    <form class="line" @submit.prevent="add">
      <v-select v-model="kind" :items="kinds" :label="notesText.what" class="kind" hide-details="auto" />
      <NumberField
        v-model="centimetres"
        :label="notesText.howLong"
        unit="cm"
        v-bind="limits.number('centimetres')"
        :shown-in="unit"
        class="number"
      />
      <v-text-field v-model="day" type="date" :label="notesText.when" class="day" hide-details="auto" />
      <v-btn type="submit" color="primary" min-height="48">{{ notesText.writeItDown }}</v-btn>
    </form>
    <p class="quiet">
      {{ notesText.wetStretched }}
    </p>
    <details v-if="measures.length > 0">
      <summary>{{ notesText.allMeasurements }}</summary>
      <table class="figures" data-test="measures">
        <tbody>
          <tr v-for="one in [...measures].reverse()" :key="one.id">
            <td>{{ writeShortDay(one.at, household.where) }}</td>
            <td>{{ KIND_WORDS[one.kind] }}</td>
            <td>{{ small(one.centimetres) }}</td>
            <td>{{ one.where }}</td>
            <td>
              <button
                type="button"
                class="tool"
                :aria-label="notesText.takeOut(small(one.centimetres))"
                @click="remove(one)"
              >
                {{ notesText.takeOutButton }}
              </button>
            </td>
          </tr>
        </tbody>
      </table>
    </details>
  </section>
</template>

<style scoped>
.chart {
  height: 270px;
}
.legend {
  font-size: 0.92rem;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  align-items: flex-start;
  margin: 10px 0;
}
.kind {
  max-width: 230px;
  min-width: 180px;
}
.number {
  max-width: 150px;
}
.day {
  max-width: 190px;
}
</style>
