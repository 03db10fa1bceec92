<script setup lang="ts">
import { api, type Head } from '@amber-ladle/contract';
import { headNeedIn, NOTHING_TAUGHT } from '@amber-ladle/core/house';
import { factorBand, factorSteps, learnFactor } from '@amber-ladle/core/learn';
import { kitchenRound } from '@amber-ladle/core/measure';
import { CategoryScale, Chart, Filler, LinearScale, LineElement, PointElement, Tooltip } from 'chart.js';
import { computed } from 'vue';
import { Line } from 'vue-chartjs';
import { call } from '../data/client';
import { useChartLook } from '../kit/useChartLook';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { evidenceWords, factorWords, writeShortDay } from '@amber-ladle/words';

/** How much this head takes: what each bowl taught, how the doubt narrows, and what that does to the next bowl. */
Chart.register(CategoryScale, LinearScale, PointElement, LineElement, Filler, Tooltip);
const { head } = defineProps<{ head: Head }>();
const household = useHousehold();
const notice = useNotice();
const { ink, look, axis } = useChartLook();

const learnt = computed(() => household.learning.heads[head.id]);
const evidence = computed(() => [...(learnt.value?.evidence ?? [])].sort((a, b) => (a.at < b.at ? -1 : 1)));
const options = computed(() => ({ amount: head.profile.amount.kind, now: household.now().getTime() }));
const band = computed(() => factorBand(learnFactor(evidence.value, options.value)));
const steps = computed(() => factorSteps(evidence.value, options.value));
/** Textures of which enough bowls spoke to tell them apart. */
const byTexture = computed(() =>
  [...new Set(evidence.value.map(({ texture }) => texture))].flatMap((texture) => {
    const belief = learnFactor(evidence.value, { ...options.value, texture });
    return belief.isOfTexture ? [`${texture} ${factorBand(belief).median.toFixed(2)}`] : [];
  }),
);
const labels = computed(() =>
  steps.value.map(({ evidence: one }) => (one ? writeShortDay(one.at, household.where) : 'to begin with')),
);

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

const data = computed(() => ({
  labels: labels.value,
  datasets: [
    {
      label: 'eight in ten, above',
      data: steps.value.map(({ high }) => high),
      borderColor: ink.value.fill,
      borderWidth: 1,
      pointRadius: 0,
      order: 2,
      fill: '+1',
      backgroundColor: ink.value.wash,
    },
    {
      label: 'eight in ten, below',
      data: steps.value.map(({ low }) => low),
      borderColor: ink.value.fill,
      borderWidth: 1,
      pointRadius: 0,
      order: 2,
    },
    {
      label: 'most likely',
      data: steps.value.map(({ median }) => median),
      borderColor: ink.value.amber,
      borderWidth: 2.6,
      order: 1,
      pointRadius: 0,
    },
    {
      label: 'this bowl',
      data: steps.value.map(({ evidence: one }) => (one ? Math.exp(one.logRatio) : null)),
      showLine: false,
      order: 0,
      clip: false as const,
      pointStyle: steps.value.map(({ evidence: one }) =>
        one?.kind === 'at-least' ? 'triangle' : one?.kind === 'partial' ? 'rectRot' : 'circle',
      ),
      pointRadius: 6,
      pointBackgroundColor: ink.value.leaf,
      pointBorderColor: ink.value.leaf,
    },
  ],
}));
const chart = computed(() => ({
  ...look.value,
  layout: { padding: { right: 12 } },
  scales: {
    x: axis('', { grid: { display: false } }),
    y: axis('times what the model expects', { suggestedMin: 0.5, suggestedMax: 1.5 }),
  },
}));

const rows = computed(() =>
  steps.value
    .flatMap((step, i) => {
      const one = evidence.value[i - 1];
      return one ? [{ step, one }] : [];
    })
    .reverse(),
);

/** How masks come out in this kitchen against what is reckoned. */
const textures = computed(() =>
  Object.entries(household.learning.textures).flatMap(([maskId, { offset, sigma, count }]) => {
    const mask = household.maskById(maskId);
    if (!mask) return [];
    const way = offset > 0 ? 'thicker' : 'thinner';
    // Less than the doubt is no finding.
    const words = Math.abs(offset) < Math.max(0.1, 0.5 * sigma) ? 'about as reckoned' : `${way} than reckoned`;
    return [{ maskId, name: mask.name, words: `${words}, by ${count} ${count === 1 ? 'bowl' : 'bowls'}` }];
  }),
);

async function forget(): Promise<void> {
  try {
    await call(api.notes.forget, { params: { id: head.id } });
    notice.show(`From now on ${head.name}’s bowls teach anew; what was written stays.`, async () => {
      await call(api.notes.remember, { params: { id: head.id } });
    });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section aria-labelledby="amount">
    <h2 id="amount">How much {{ head.name }} takes</h2>
    <template v-if="evidence.length > 0">
      <p class="big" data-test="factor">
        {{ head.name }} takes {{ factorWords(band.median) }}: {{ band.median.toFixed(2) }} of it, in eight of ten cases
        between {{ band.low.toFixed(2) }} and {{ band.high.toFixed(2) }}.
      </p>
      <p class="figures" data-test="next-bowl">
        Learnt from {{ evidence.length }} {{ evidence.length === 1 ? 'bowl' : 'bowls' }}.
        <template v-if="next">
          The next {{ next.mask.name }} is sized to {{ next.taught }} mL instead of {{ next.plain }} mL.
        </template>
        <template v-if="byTexture.length > 0"> Told apart by texture: {{ byTexture.join(', ') }}.</template>
      </p>
      <div class="chart">
        <Line
          :data="data"
          :options="chart"
          role="img"
          :aria-label="`How the band of doubt narrows bowl by bowl; the table below says the same`"
        />
      </div>
      <p class="quiet legend">
        Line: most likely. Band: eight in ten. ● a bowl with something left · ◆ ran out on the way · ▲ ran out, nobody
        knows where.
      </p>
      <details>
        <summary>Bowl by bowl</summary>
        <table class="figures" data-test="taught">
          <thead>
            <tr>
              <th scope="col">Worn</th>
              <th scope="col">Bowl</th>
              <th scope="col">It taught</th>
              <th scope="col">After it</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="{ step, one } in rows" :key="one.bowlId ?? one.maskId">
              <td>{{ writeShortDay(one.at, household.where) }}</td>
              <td>
                <RouterLink
                  v-if="one.bowlId"
                  class="quiet-link"
                  :to="{ name: 'kept-bowl', params: { id: one.bowlId } }"
                  >{{ one.maskName }}</RouterLink
                >
                <template v-else>
                  <RouterLink class="quiet-link" :to="{ name: 'mask', params: { id: one.maskId } }">{{
                    one.maskName
                  }}</RouterLink>
                  as she writes it
                </template>
              </td>
              <td>{{ evidenceWords(one) }}</td>
              <td>{{ step.low.toFixed(2) }} – {{ step.high.toFixed(2) }}</td>
            </tr>
          </tbody>
        </table>
        <p class="quiet">
          A bowl counts for half after a year. A bad one is set aside on its own page.
          <button type="button" class="tool" @click="forget">Forget all and begin anew</button>
        </p>
      </details>
    </template>
    <template v-else>
      <p data-test="factor">
        Nothing learnt yet: bowls are sized by the model, which is right within a third for most heads.
      </p>
      <p class="quiet">
        After a bowl, say what was left, or that it ran out. From then on the next one is sized by it.
        <template v-if="learnt?.forgottenBefore"
          >Everything before {{ writeShortDay(learnt.forgottenBefore, household.where) }} is forgotten.</template
        >
      </p>
    </template>
    <template v-if="textures.length > 0">
      <h3>How masks come out here</h3>
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
