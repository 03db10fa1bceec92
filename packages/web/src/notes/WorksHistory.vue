<script setup lang="ts">
import type { LoggedBowl } from '@amber-ladle/contract';
import { MOMENTS, whatWorks, type JudgedBowl } from '@amber-ladle/core/learn';
import type { Average } from '@amber-ladle/core/statistic';
import { MOMENT_WORDS, notesText } from '@amber-ladle/words';
import { computed } from 'vue';
import ThisAgainstThat from './ThisAgainstThat.vue';
import VerdictTrend from './VerdictTrend.vue';
import { changeWords } from './useComparison';
import { useHousehold } from '../data/household';
import MaskById from '../kit/MaskById.vue';

/** What works for this head: masks side by side, this against that, and how verdicts moved. */
const { name, judged, logged } = defineProps<{
  name: string;
  judged: readonly JudgedBowl[];
  logged: readonly LoggedBowl[];
}>();
const household = useHousehold();

const works = computed(() => whatWorks(judged));
const nameOf = (maskId: string): string =>
  household.maskById(maskId)?.name ?? logged.find(({ facts }) => facts.maskId === maskId)?.facts.maskName ?? maskId;
const averageWords = (average: Average | undefined): string => (average ? average.mean.toFixed(1) : '–');
const spanWords = ({ interval }: Average): string =>
  interval
    ? notesText.toLowHigh(Math.max(1, interval.low).toFixed(1), Math.min(5, interval.high).toFixed(1))
    : notesText.oneBowl;
const littleWords = (count: number): string =>
  count === 1 ? notesText.oneBowlSaysNothing : count === 2 ? notesText.twoBowlsSayLittle : '';
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
                notesText.alsoChanged(changeWords(one.confounders))
              }}</template>
            </td>
          </tr>
        </tbody>
      </table>
      <p class="quiet">
        {{ notesText.spansHoldTheTruth }}
      </p>
      <VerdictTrend :judged="judged" :works="works" :name-of="nameOf" />
      <ThisAgainstThat v-if="works.length > 1" :judged="judged" :name-of="nameOf" />
    </template>
  </section>
</template>

<style scoped>
.mask {
  display: flex;
  align-items: center;
  gap: 10px;
  max-width: 260px;
  min-width: 200px;
}
.careful {
  font-size: 0.92rem;
  color: var(--quiet);
}
</style>
