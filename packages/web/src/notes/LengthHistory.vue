<script setup lang="ts">
import { inARow } from '../data/inARow';
import { api, type Head, type HeadMeasure, type LoggedBowl } from '@amber-ladle/contract';
import { lengthKept, SHEDDING } from '@amber-ladle/core/learn';
import { inUnit } from '@amber-ladle/core/measure';
import { Chart, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import MeasureForm from './MeasureForm.vue';
import { useLengthChart } from './useLengthChart';
import {
  notesText,
  capital,
  between,
  MEASURE_WORDS,
  SHED_WORDS,
  writeShortDay,
  writeSmallLength,
} from '@amber-ladle/words';

/** Growth expected against length kept; trims marked. */
Chart.register(LinearScale, PointElement, LineElement, Tooltip);
const { head, logged } = defineProps<{ head: Head; logged: readonly LoggedBowl[] }>();
const household = useHousehold();
const notice = useNotice();
const params = computed(() => ({ params: { id: head.id } }));
const { value, know } = useRead(api.heads.measures, () => params.value);
const measures = computed<readonly HeadMeasure[]>(() => value.value ?? []);

const kept = computed(() => lengthKept(measures.value));
/** As the household measures. */
const unit = computed(() => household.where.lengthIn);
const own = (length: number): number => inUnit(length, 'cm', unit.value);
const small = (length: number): string => writeSmallLength(length, household.where);
const span = ({ low, high }: { low: number; high: number }): string => between(own(low), own(high), 2);
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
/** Shed hair over the same year, as it was said after bowls. */
const shedding = computed(() => {
  const said = SHEDDING.map((shed) => ({ shed, count: logged.filter(({ log }) => log.shed === shed).length }));
  const counted = logged.flatMap(({ log }) => log.shedCount ?? []);
  const words = said.filter(({ count }) => count > 0).map(({ shed, count }) => `${SHED_WORDS[shed]} ${count}×`);
  if (counted.length > 0)
    words.push(notesText.countedOnAverage(Math.round(counted.reduce((sum, one) => sum + one, 0) / counted.length)));
  return words.length === 0 ? '' : notesText.shedHairOnWash(inARow(words));
});

const { data, chart } = useLengthChart(kept);
async function add(measure: HeadMeasure): Promise<void> {
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
    <MeasureForm :head="head" @measured="add" />
    <p class="quiet">
      {{ notesText.wetStretched }}
    </p>
    <details v-if="measures.length > 0">
      <summary>{{ notesText.allMeasurements }}</summary>
      <table class="figures" data-test="measures">
        <tbody>
          <tr v-for="one in [...measures].reverse()" :key="one.id">
            <td>{{ writeShortDay(one.at, household.where) }}</td>
            <td>{{ MEASURE_WORDS[one.kind] }}</td>
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
</style>
