<script setup lang="ts">
import { inARow } from '../data/inARow';
import type { Head } from '@amber-ladle/contract';
import { headNeedIn, NOTHING_TAUGHT } from '@amber-ladle/core/house';
import { factorBand, factorSteps, learnFactor } from '@amber-ladle/core/learn';
import { kitchenRound } from '@amber-ladle/core/measure';
import { CategoryScale, Chart, Filler, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import BowlByBowl from './BowlByBowl.vue';
import { useFactorChart } from './useFactorChart';
import { useHousehold } from '../data/household';
import { notesText, factorWords, writeShortDay, TEXTURE_WORDS } from '@amber-ladle/words';

/** How much this head takes: what each bowl taught, how the doubt narrows, and what that does to the next bowl. */
Chart.register(CategoryScale, LinearScale, PointElement, LineElement, Filler, Tooltip);
const { head } = defineProps<{ head: Head }>();
const household = useHousehold();

const learnt = computed(() => household.learning.heads[head.id]);
const evidence = computed(() => [...(learnt.value?.evidence ?? [])].sort((a, b) => (a.at < b.at ? -1 : 1)));
const options = computed(() => ({ amount: head.profile.amount.kind, now: household.now().getTime() }));
const band = computed(() => factorBand(learnFactor(evidence.value, options.value)));
const steps = computed(() => factorSteps(evidence.value, options.value));
/** Textures of which enough bowls spoke to tell them apart. */
const byTexture = computed(() =>
  [...new Set(evidence.value.map(({ texture }) => texture))].flatMap((texture) => {
    const belief = learnFactor(evidence.value, { ...options.value, texture });
    return belief.isOfTexture ? [`${TEXTURE_WORDS[texture]} ${factorBand(belief).median.toFixed(2)}`] : [];
  }),
);
const { data, chart } = useFactorChart(steps);

/** The mask she had last, with and without what was learnt. */
const next = computed(() => {
  const last = household.bowls.items.find(({ headId }) => headId === head.id);
  const mask = household.maskById(last?.maskId) ?? household.masks[0];
  if (!mask) return undefined;
  const unlearnt = { ...household.house, learning: NOTHING_TAUGHT };
  return {
    mask,
    taught: kitchenRound(headNeedIn(household.house, head, mask).millilitres),
    plain: kitchenRound(headNeedIn(unlearnt, head, mask).millilitres),
  };
});

/** How masks come out in this kitchen against what is reckoned. */
const textures = computed(() =>
  Object.entries(household.learning.textures).flatMap(([maskId, { offset, sigma, count }]) => {
    const mask = household.maskById(maskId);
    if (!mask) return [];
    const way = offset > 0 ? notesText.thicker : notesText.thinner;
    // Less than the doubt is no finding.
    const words =
      Math.abs(offset) < Math.max(0.1, 0.5 * sigma) ? notesText.aboutAsReckoned : notesText.thanReckoned(way);
    return [{ maskId, name: mask.name, words: notesText.byBowls(words, count) }];
  }),
);
</script>

<template>
  <section aria-labelledby="amount">
    <h2 id="amount">{{ notesText.howMuchTakes(head.name) }}</h2>
    <template v-if="evidence.length > 0">
      <p class="big" data-test="factor">
        {{
          notesText.takesOf(
            head.name,
            factorWords(band.median),
            band.median.toFixed(2),
            band.low.toFixed(2),
            band.high.toFixed(2),
          )
        }}
      </p>
      <p class="figures" data-test="next-bowl">
        {{ notesText.learntFromBowls(evidence.length) }}
        <template v-if="next">
          {{ notesText.theNextIsSized(next.mask.name, next.taught, next.plain) }}
        </template>
        <template v-if="byTexture.length > 0"> {{ notesText.toldApartByTexture(inARow(byTexture)) }}</template>
      </p>
      <div class="chart">
        <Line :data="data" :options="chart" role="img" :aria-label="notesText.howTheBand" />
      </div>
      <p class="quiet legend">
        {{ notesText.lineMostLikelyBand }}
      </p>
      <BowlByBowl :head="head" :steps="steps" :evidence="evidence" />
    </template>
    <template v-else>
      <p data-test="factor">
        {{ notesText.nothingLearntYetBowls }}
      </p>
      <p class="quiet">
        {{ notesText.afterABowlSay }}
        <template v-if="learnt?.forgottenBefore">{{
          notesText.everythingBeforeIsForgotten(writeShortDay(learnt.forgottenBefore, household.where))
        }}</template>
      </p>
    </template>
    <template v-if="textures.length > 0">
      <h3>{{ notesText.howMasksComeOut }}</h3>
      <ul class="plain-list" data-test="textures">
        <li v-for="one in textures" :key="one.maskId">
          <b>{{ one.name }}</b> <span class="quiet">{{ one.words }}</span>
        </li>
      </ul>
    </template>
  </section>
</template>

<style scoped>
.chart {
  height: 280px;
  margin: 8px 0 4px;
}
.legend {
  font-size: 0.92rem;
}
</style>
