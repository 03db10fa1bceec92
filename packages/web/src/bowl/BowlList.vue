<script setup lang="ts">
import type { BowlSummary } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { MaskPicture } from '../kit/ink';
import { useHousehold } from '../data/household';
import { bowlsText, writeDay } from '@amber-ladle/words';

/** Kept bowls, one line each, newest first. */
defineProps<{ bowls: readonly BowlSummary[] }>();
const household = useHousehold();
const partsOf = (maskId: string) => household.maskById(maskId)?.parts ?? [];
const day = (instant: string) => writeDay(instant, household.now(), household.where);
</script>

<template>
  <p v-if="bowls.length === 0" class="quiet">
    {{ bowlsText.noneYetSizeOne }}
    <RouterLink class="quiet-link" :to="{ name: 'bowl' }">{{ bowlsText.bowl }}</RouterLink>
    {{ bowlsText.benchAndKeepIt }}
  </p>
  <ul v-else class="plain-list list">
    <li v-for="bowl in bowls" :key="bowl.id">
      <RouterLink :to="{ name: 'kept-bowl', params: { id: bowl.id } }">
        <MaskPicture class="picture" :parts="partsOf(bowl.maskId)" :catalogue="household.catalogue" :size="42" />
        <span class="mask">{{ bowl.maskName }}</span>
        <span>{{ bowl.headName }}</span>
        <span class="figures made">{{ kitchenRound(bowl.madeMillilitres) }} mL</span>
        <span class="quiet day">{{ day(bowl.keptAt) }}</span>
      </RouterLink>
    </li>
  </ul>
</template>

<style scoped>
.list {
  margin: 8px 0;
}
.list a {
  display: grid;
  grid-template-columns: 42px 2fr 1fr 80px 110px;
  gap: 16px;
  align-items: center;
  min-height: 48px;
  padding: 0 6px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}
.list a:hover {
  background: var(--amber-wash);
}
.mask {
  font-weight: 600;
}
.made,
.day {
  text-align: right;
}
@media (max-width: 32.5em) {
  .list a {
    grid-template-columns: 42px 1fr auto;
    gap: 0 12px;
    padding: 8px 4px;
  }
}
.picture {
  grid-row: span 2;
}
@media (min-width: 32.5em) {
  .picture {
    grid-row: auto;
  }
}
</style>
