<script setup lang="ts">
import { CATALOGUE, gramsPerMillilitre, ingredientById } from '@amber-ladle/core/ingredient';
import { estimateTexture } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import FormulaBar from '../drawings/FormulaBar.vue';
import WearScale from '../drawings/WearScale.vue';
import InHandPanel from '../parts/InHandPanel.vue';
import { useHousehold } from '../stores/household';
import {
  COVERAGE_WORDS,
  HEAT_WORDS,
  KEEPING_WORDS,
  NEED_WORDS,
  rinseWords,
  SLOT_WORDS,
  writeMinutes,
} from '../words/mask';

const props = defineProps<{ id: string }>();
const household = useHousehold();
const mask = computed(() => household.maskById(props.id));
const rows = computed(() =>
  (mask.value?.parts ?? []).map((part) => {
    const ingredient = ingredientById(CATALOGUE, part.ingredientId);
    return { part, ingredient, millilitres: (part.share * 100) / gramsPerMillilitre(ingredient) };
  }),
);
const texture = computed(() =>
  mask.value
    ? estimateTexture(
        mask.value.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
        CATALOGUE,
      )
    : undefined,
);
const allergens = computed(() => [...new Set(rows.value.flatMap(({ ingredient }) => ingredient.allergens))]);
const latex = computed(() => rows.value.some(({ ingredient }) => ingredient.crossesWithLatex));
const stains = computed(() =>
  rows.value.filter(({ ingredient }) => ingredient.stains).map(({ ingredient }) => ingredient.name),
);
const shareWords = (share: number): string => `${(share * 100).toFixed(share < 0.02 ? 1 : 0)} %`;
</script>

<template>
  <div v-if="!mask" class="page">
    <h1>No such mask</h1>
    <p>It may have been renamed or taken out of the book.</p>
    <v-btn color="primary" :to="{ name: 'masks' }">All masks</v-btn>
  </div>
  <div v-else class="page">
    <RouterLink class="quiet-link" :to="{ name: 'masks' }">All masks</RouterLink>
    <div class="title">
      <h1>{{ mask.name }}</h1>
      <v-btn color="primary" :to="{ name: 'bowl', query: { mask: mask.id } }">Size this</v-btn>
    </div>
    <p class="summary">{{ mask.summary }}</p>
    <p class="quiet">
      Makers use it for {{ mask.needs.map((n) => NEED_WORDS[n]).join(', ') }} · {{ SLOT_WORDS[mask.slot] }} ·
      {{ COVERAGE_WORDS[mask.coverage] }} · {{ writeMinutes(mask.handsOnMinutes) }} of work
    </p>
    <div class="two">
      <section aria-labelledby="formula">
        <h2 id="formula">Formula</h2>
        <FormulaBar :parts="mask.parts" />
        <table class="figures">
          <thead>
            <tr>
              <th scope="col">To 100 g</th>
              <th scope="col" class="number">share</th>
              <th scope="col" class="number">mL</th>
              <th scope="col" class="number">may drift</th>
            </tr>
          </thead>
          <tbody>
            <tr v-for="row in rows" :key="row.part.ingredientId">
              <th scope="row">
                {{ row.ingredient.name }} <span class="quiet">{{ row.ingredient.state }}</span>
              </th>
              <td class="number">{{ shareWords(row.part.share) }}</td>
              <td class="number">{{ row.millilitres.toFixed(row.millilitres < 10 ? 1 : 0) }}</td>
              <td class="number">± {{ Math.round(row.part.tolerance * 100) }} %</td>
            </tr>
          </tbody>
        </table>
        <p v-if="texture && mask.texture !== 'oil'">
          Comes out <b>{{ texture.texture }}</b>, by estimate to an order of magnitude.
        </p>
      </section>
      <section aria-labelledby="making">
        <h2 id="making">Making</h2>
        <ol>
          <li v-for="step in mask.steps" :key="step">{{ step }}</li>
        </ol>
      </section>
    </div>
    <section aria-labelledby="hand">
      <h2 id="hand">From what I have</h2>
      <InHandPanel :mask="mask" />
    </section>
    <section aria-labelledby="wearing">
      <h2 id="wearing">Wearing and rinsing</h2>
      <div class="scale"><WearScale :wear="mask.wear" /></div>
      <p>{{ HEAT_WORDS[mask.heat] }} {{ rinseWords(mask.rinse) }} {{ KEEPING_WORDS[mask.keeping] }}</p>
    </section>
    <section aria-labelledby="care">
      <h2 id="care">With care</h2>
      <ul>
        <li v-if="allergens.length > 0">
          Contains {{ allergens.join(', ').replaceAll('-', ' ') }}: a food allergy is a skin allergy too.
        </li>
        <li v-if="latex">A latex allergy can cross with fruit in this.</li>
        <li v-if="stains.length > 0">{{ stains.join(', ') }} can stain: dark towel, old shirt.</li>
        <li>New to a head: patch test at the inner elbow, 24 to 48 hours. Not on broken or sore skin.</li>
        <li v-for="row in rows.filter(({ ingredient }) => ingredient.advice)" :key="row.ingredient.id">
          {{ row.ingredient.name }}: {{ row.ingredient.advice }}
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
  gap: 16px;
  margin-top: 8px;
}
.summary {
  font-size: 1.2rem;
  margin: 4px 0;
}
.two {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 40px;
  margin-top: 20px;
}
h2 {
  margin: 16px 0 8px;
}
table {
  width: 100%;
  border-collapse: collapse;
  margin: 10px 0;
}
th,
td {
  text-align: left;
  padding: 6px 8px 6px 0;
  border-bottom: 1px solid var(--rule);
  font-weight: 400;
}
thead th {
  color: var(--quiet);
  font-size: 0.9rem;
}
.number {
  text-align: right;
  white-space: nowrap;
}
ol,
ul {
  padding-left: 1.3em;
}
li {
  margin: 5px 0;
}
.scale {
  max-width: 620px;
}
@media (max-width: 800px) {
  .two {
    grid-template-columns: 1fr;
    gap: 8px;
  }
}
</style>
