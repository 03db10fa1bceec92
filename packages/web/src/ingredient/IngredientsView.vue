<script setup lang="ts">
import { ingredientText, familyName, writeSize } from '@amber-ladle/words';
import { CATALOGUE, gramsPerMillilitre, type Ingredient } from '@amber-ladle/core/ingredient';
import { SOURCES } from '@amber-ladle/core/source';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { IngredientPicture } from '../kit/ink';

const household = useHousehold();
const { spell } = useWords();
const search = ref('');
const groups = computed(() => {
  const wanted = search.value.trim().toLowerCase();
  const found = [...household.catalogue.values()].filter(({ name, state }) =>
    `${name} ${state}`.toLowerCase().includes(wanted),
  );
  const byFamily = new Map<string, Ingredient[]>();
  for (const row of found) byFamily.set(row.family, [...(byFamily.get(row.family) ?? []), row]);
  return [...byFamily].map(([family, rows]) => ({ family: family, rows }));
});
const sizes = (row: Ingredient): string => (row.pieces?.sizes ?? []).map(writeSize).join(' · ');
const density = (row: Ingredient): string =>
  `${gramsPerMillilitre(row).toFixed(2)} g/mL (${SOURCES[row.density?.source ?? row.composition?.source ?? 'own'].title})`;
</script>

<template>
  <div class="page">
    <div class="title">
      <h1>{{ ingredientText.ingredients }}</h1>
      <v-btn color="primary" :to="{ name: 'ingredient', params: { id: 'new' } }">{{ ingredientText.addOne }}</v-btn>
    </div>
    <p class="quiet">
      {{ ingredientText.whatAmberLadleKnows }}
    </p>
    <v-text-field v-model="search" :label="ingredientText.find" clearable class="find" @click:clear="search = ''" />
    <p v-if="groups.length === 0">{{ ingredientText.nothingOfThatNameHere }}</p>
    <section v-for="group in groups" :key="group.family" :aria-labelledby="`family-${group.family}`">
      <h2 :id="`family-${group.family}`">
        {{ familyName(group.family) }}
      </h2>
      <ul class="plain-list">
        <li v-for="row in group.rows" :key="row.id" class="row">
          <span class="pictures">
            <IngredientPicture :id="row.id" :family="row.family" :size="52" />
            <IngredientPicture v-if="row.pieces" :id="row.id" :family="row.family" :size="36" state="open" />
          </span>
          <span class="name"
            ><RouterLink class="ingredient" :to="{ name: 'ingredient', params: { id: row.id } }">{{
              row.name
            }}</RouterLink>
            {{ ' ' }}<span class="quiet">{{ row.state }}</span>
            <span v-if="household.ownById(row.id)" class="quiet">
              · {{ CATALOGUE.has(row.id) ? ingredientText.correctedByYou : ingredientText.yourOwn }}</span
            ></span
          >
          <span class="figures facts">
            <span v-if="sizes(row)">{{ sizes(row) }}</span>
            <span class="quiet">{{ density(row) }}</span>
          </span>
          <span class="advice">{{ spell(row.advice) }}</span>
        </li>
      </ul>
    </section>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  flex-wrap: wrap;
  gap: 4px 12px;
  justify-content: space-between;
  align-items: center;
}
.ingredient {
  color: var(--ink);
  font-weight: 600;
  text-underline-offset: 3px;
}
.find {
  max-width: 320px;
  margin: 12px 0;
}
h2 {
  margin: 26px 0 4px;
  display: flex;
  align-items: center;
  gap: 10px;
}
.pictures {
  display: flex;
  align-items: flex-end;
  gap: 6px;
}
.row {
  display: grid;
  grid-template-columns: 96px 1.1fr 1.2fr 1.2fr;
  gap: 4px 20px;
  align-items: center;
  padding: 9px 0;
  border-bottom: 1px solid var(--rule);
}
.facts {
  display: flex;
  flex-direction: column;
  font-size: 0.95rem;
}
.advice {
  font-size: 0.95rem;
}
@media (max-width: 50em) {
  .row {
    grid-template-columns: 92px minmax(0, 1fr);
  }
  .pictures {
    grid-row: span 3;
  }
}
</style>
