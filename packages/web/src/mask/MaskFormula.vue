<script setup lang="ts">
import { maskText, TEXTURE_WORDS } from '@amber-ladle/words';
import { estimateTexture, type Mask } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { IngredientPicture } from '../kit/ink';
import FormulaBar from './FormulaBar.vue';
import { partRows, shareWords } from './maskFacts';

/** What a mask is made of: its shares as a bar and as a table, and how thick it comes out. */
const { mask } = defineProps<{ mask: Mask }>();
const household = useHousehold();
const rows = computed(() => partRows(mask.parts, household.catalogue));
const texture = computed(
  () =>
    estimateTexture(
      mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
      household.catalogue,
    ).texture,
);
</script>

<template>
  <section aria-labelledby="formula">
    <h2 id="formula">{{ maskText.formula }}</h2>
    <FormulaBar :parts="mask.parts" />
    <table class="figures lined">
      <thead>
        <tr>
          <th scope="col">{{ maskText.to100G }}</th>
          <th scope="col" class="number">{{ maskText.share }}</th>
          <th scope="col" class="number">mL</th>
          <th scope="col" class="number">{{ maskText.mayDrift }}</th>
        </tr>
      </thead>
      <tbody>
        <tr v-for="row in rows" :key="row.part.ingredientId">
          <th scope="row" class="thing">
            <IngredientPicture :id="row.ingredient.id" :family="row.ingredient.family" :size="36" />
            <span>
              <RouterLink class="ingredient" :to="{ name: 'ingredient', params: { id: row.ingredient.id } }">{{
                row.ingredient.name
              }}</RouterLink>
              <span class="quiet"> {{ row.ingredient.state }}</span>
            </span>
          </th>
          <td class="number">{{ shareWords(row.part.share) }}</td>
          <td class="number">{{ row.millilitres.toFixed(row.millilitres < 10 ? 1 : 0) }}</td>
          <td class="number">± {{ Math.round(row.part.tolerance * 100) }} %</td>
        </tr>
      </tbody>
    </table>
    <p v-if="mask.texture !== 'oil'">
      {{ maskText.comesOut }} <b>{{ TEXTURE_WORDS[texture] }}</b>{{ maskText.byEstimate }}
    </p>
  </section>
</template>

<style scoped>
.ingredient {
  margin-right: 6px;
  color: var(--ink);
  text-underline-offset: 3px;
}
.thing {
  display: flex;
  align-items: center;
  gap: 12px;
}
h2 {
  margin: 16px 0 14px;
}
table {
  margin: 10px 0;
}
thead th {
  color: var(--quiet);
  font-size: 0.9rem;
}
</style>
