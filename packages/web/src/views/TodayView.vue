<script setup lang="ts">
import { DEFAULT_ENOUGH_CHANCE, demandFor, lossesOf, millilitresToMake } from '@amber-ladle/core/batch';
import { nearestLandmark } from '@amber-ladle/core/hair';
import { kitchenRound } from '@amber-ladle/core/measure';
import { quantile } from '@amber-ladle/core/statistic';
import { computed } from 'vue';
import BowlList from '../parts/BowlList.vue';
import { useHousehold } from '../stores/household';

const household = useHousehold();

/** What each head takes of its last mask again: the figure that everything else starts from. */
const people = computed(() =>
  household.heads.map((head) => {
    const last = household.bowls.items.find(({ headId }) => headId === head.id);
    const mask = household.maskById(last?.maskId) ?? household.masks[0];
    const takes = mask
      ? millilitresToMake(
          quantile(demandFor({ profile: head.profile, wearer: head }, mask).total, DEFAULT_ENOUGH_CHANCE),
          lossesOf(mask),
        )
      : 0;
    return {
      head,
      mask,
      isAgain: Boolean(last),
      takes: kitchenRound(takes),
      reach: nearestLandmark(head.profile.stretchedLengthCentimetres).name,
    };
  }),
);
</script>

<template>
  <div class="page today">
    <h1>Size a bowl</h1>
    <p v-if="people.length === 0" class="empty">
      Nobody is measured yet.
      <RouterLink class="quiet-link" :to="{ name: 'head', params: { id: 'new' } }">Add a head</RouterLink>
      and the first bowl is a minute away.
    </p>
    <ul class="plain-list people">
      <li v-for="{ head, mask, takes, reach, isAgain } in people" :key="head.id">
        <RouterLink :to="{ name: 'bowl', query: { head: head.id, ...(mask ? { mask: mask.id } : {}) } }" class="person">
          <span class="serif name">{{ head.name }}</span>
          <span class="serif takes figures">{{ takes }} mL</span>
          <span class="quiet of">{{ isAgain ? 'last bowl again:' : 'to begin with:' }} {{ mask?.name }}</span>
          <span class="quiet reach">{{ head.profile.stretchedLengthCentimetres }} cm, to the {{ reach }}</span>
        </RouterLink>
      </li>
    </ul>
    <section aria-labelledby="recent">
      <h2 id="recent">Bowls you kept</h2>
      <BowlList :bowls="household.bowls.items.slice(0, 6)" />
      <RouterLink v-if="household.bowls.total > 6" class="quiet-link" :to="{ name: 'notes' }"
        >All {{ household.bowls.total }}</RouterLink
      >
    </section>
  </div>
</template>

<style scoped>
.today {
  max-width: 920px;
}
.people {
  margin: 14px 0 36px;
  border-top: 2px solid var(--ink);
}
.person {
  display: grid;
  grid-template-columns: 1fr auto;
  gap: 0 16px;
  padding: 14px 6px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}
.person:hover {
  background: var(--amber-wash);
}
.name {
  font-size: 1.7rem;
}
.takes {
  font-size: 1.7rem;
  color: rgb(var(--v-theme-primary));
  text-align: right;
}
.reach {
  text-align: right;
  grid-column: 2;
  grid-row: 2;
}
.of {
  grid-column: 1;
  grid-row: 2;
}
.empty {
  font-size: 1.1rem;
}
@media (max-width: 520px) {
  .reach {
    grid-column: 1 / -1;
    grid-row: 3;
    text-align: left;
  }
}
</style>
