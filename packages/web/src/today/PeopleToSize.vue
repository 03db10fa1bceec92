<script setup lang="ts">
import { todayText } from '@amber-ladle/words';
import { headNeedIn } from '@amber-ladle/core/house';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { HeadPicture } from '../head';

/** Everybody, with what she takes of her last mask again. */
const household = useHousehold();
const people = computed(() =>
  household.heads.map((head) => {
    const last = household.bowls.items.find(({ headId }) => headId === head.id);
    const mask = household.maskById(last?.maskId) ?? household.masks[0];
    const takes = mask ? headNeedIn(household.house, head, mask).usualMillilitres : 0;
    return { head, mask, isAgain: Boolean(last), takes: kitchenRound(takes) };
  }),
);
</script>

<template>
  <h2 id="people">{{ todayText.sizeABowl }}</h2>
  <ul class="plain-list people">
    <li v-for="{ head, mask, takes, isAgain } in people" :key="head.id">
      <RouterLink :to="{ name: 'bowl', query: { head: head.id, ...(mask ? { mask: mask.id } : {}) } }" class="person">
        <HeadPicture class="portrait" :head :size="64" />
        <span class="serif name">{{ head.name }}</span>
        <span class="quiet of">{{ isAgain ? todayText.lastBowlAgain : todayText.toBeginWith }} {{ mask?.name }}</span>
        <!-- Of this mask: another takes more or less of the same head. -->
        <span class="takes figures"
          ><span class="quiet">{{ todayText.usuallyTakes }}</span> {{ takes }} mL</span
        >
      </RouterLink>
    </li>
  </ul>
</template>

<style scoped>
h2 {
  margin: 8px 0;
}
.people {
  border-top: 2px solid var(--ink);
}
.person {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: 0 16px;
  align-items: center;
  padding: 6px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}
.person:hover {
  background: var(--amber-wash);
}
.name {
  font-size: 1.4rem;
}
.takes .quiet {
  display: block;
  font-size: 0.95rem;
}
.takes {
  grid-row: 1 / span 2;
  grid-column: 3;
  line-height: 1.25;
  font-size: 1.4rem;
  color: rgb(var(--v-theme-primary));
  text-align: right;
}
.portrait {
  grid-row: span 2;
}
.of {
  grid-row: 2;
  grid-column: 2;
}
</style>
