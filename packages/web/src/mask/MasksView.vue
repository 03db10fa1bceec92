<script setup lang="ts">
import { inARow } from '../data/inARow';
import { BUILT_IN_MASKS, NEEDS } from '@amber-ladle/core/mask';
import MaskFileButton from './MaskFileButton.vue';
import RankedMasks from './RankedMasks.vue';
import { ripeWords } from './bookOrder';
import { totalMinutes, useMaskSearch } from './useMaskSearch';
import { MaskPicture } from '../kit/ink';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { maskText, FAMILY_ITEMS, NEED_WORDS, SLOT_WORDS, writeMinutes } from '@amber-ladle/words';

/** The book of masks: found by what is wished for, or in the order that suits a head today. */
const household = useHousehold();
const { spell } = useWords();
const { wish, orders, headId, ranking, isWorking, foundIds, shown } = useMaskSearch();
const builtIn = new Set(BUILT_IN_MASKS.map(({ id }) => id));
const needs = NEEDS.map((value) => ({ value, title: NEED_WORDS[value] }));
const slots = (['before-shampoo', 'after-shampoo'] as const).map((value) => ({ value, title: SLOT_WORDS[value] }));
const times = [40, 60, 90, 150].map((value) => ({ value, title: maskText.withinMinutes(writeMinutes(value)) }));
</script>

<template>
  <div class="page">
    <div class="title">
      <h1>{{ maskText.masks }}</h1>
      <span class="does">
        <v-btn color="primary" :to="{ name: 'mask-paste' }">{{ maskText.pasteAMask }}</v-btn>
        <v-btn variant="tonal" color="primary" :to="{ name: 'mask-new' }">{{ maskText.writeOne }}</v-btn>
        <MaskFileButton />
        <v-btn variant="text" color="primary" :to="{ name: 'ingredients' }">{{ maskText.ingredients }}</v-btn>
        <v-btn variant="text" color="primary" :to="{ name: 'benches' }">{{ maskText.smallBenches }}</v-btn>
      </span>
    </div>
    <div class="filters">
      <v-text-field v-model="wish.words" :label="maskText.findByName" clearable />
      <v-select v-model="wish.need" :items="needs" :label="maskText.usedFor" clearable />
      <v-select v-model="wish.family" :items="FAMILY_ITEMS" :label="maskText.withWord" clearable />
      <v-select v-model="wish.slot" :items="slots" :label="maskText.when" clearable />
      <v-select v-model="wish.minutes" :items="times" :label="maskText.time" clearable />
      <v-select
        v-model="wish.order"
        class="order"
        :items="orders"
        :label="maskText.order"
        :placeholder="maskText.asInTheBook"
        persistent-placeholder
        clearable
      />
    </div>
    <v-switch v-if="headId" v-model="wish.noEgg" :label="maskText.noSmellOfEgg" />
    <template v-if="headId">
      <RankedMasks v-if="ranking" :ranking="ranking" :head-id="headId" :shown-ids="foundIds" />
      <p v-else-if="isWorking" class="quiet" role="status">{{ maskText.looking }}</p>
    </template>
    <template v-else>
      <p class="quiet" role="status">{{ maskText.ofMasks(shown.length, household.masks.length) }}</p>
      <p v-if="shown.length === 0" class="empty">
        {{ maskText.noneLikeThatClear }}
        <RouterLink class="quiet-link" :to="{ name: 'mask-new' }">{{ maskText.writeItYourself }}</RouterLink>.
      </p>
      <ul class="plain-list rows book">
        <li v-for="{ mask, ripe } in shown" :key="mask.id">
          <RouterLink :to="{ name: 'mask', params: { id: mask.id } }">
            <MaskPicture class="picture" :parts="mask.parts" :catalogue="household.catalogue" :size="84" is-named />
            <span
              ><span class="serif name">{{ mask.name }}</span>
              <span v-if="!builtIn.has(mask.id)" class="quiet own">
                {{ maskText.yourOwnVersion(mask.version) }}</span
              ></span
            >
            <span>{{ builtIn.has(mask.id) ? spell(mask.summary) : mask.summary }}</span>
            <span class="quiet meta">
              {{ inARow([...mask.needs.map((n) => NEED_WORDS[n]), SLOT_WORDS[mask.slot]]) }} ·
              <span class="figures">{{ writeMinutes(totalMinutes(mask)) }}</span>
              <span v-if="ripe.share > 0" class="ripe"> · {{ ripeWords(ripe, household.catalogue) }}</span>
            </span>
          </RouterLink>
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
.title {
  display: flex;
  justify-content: space-between;
  align-items: center;
}
.does {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
.filters {
  display: grid;
  grid-template-columns: 1.7fr repeat(4, 1fr) 1.3fr;
  gap: 10px;
  margin: 14px 0 10px;
}
.book {
  columns: 2;
  column-gap: 40px;
}
.book li {
  break-inside: avoid;
}
.book a {
  display: grid;
  grid-template-columns: 84px 1fr;
  gap: 2px 18px;
  align-content: center;
  padding: 12px 6px;
}
.book .picture {
  grid-row: span 3;
  align-self: center;
}
.name {
  font-size: 1.3rem;
}
.ripe {
  color: var(--leaf);
}
.meta {
  font-size: 0.92rem;
}
@media (max-width: 56.25em) {
  .title {
    flex-direction: column;
    align-items: flex-start;
    gap: 6px;
  }
  .filters {
    grid-template-columns: 1fr 1fr;
  }
  .filters > :first-child,
  .filters > .order {
    grid-column: 1 / -1;
  }
  .book {
    columns: 1;
  }
}
</style>
