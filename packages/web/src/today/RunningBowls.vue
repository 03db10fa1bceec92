<script setup lang="ts">
import { computed } from 'vue';
import { useRunningBowls } from '../day';
import { useHousehold } from '../data/household';
import MaskById from '../kit/MaskById.vue';
import { todayText, leftWords, untilWords } from '@amber-ladle/words';

/** Bowls whose clock runs, and those that are planned. */
const household = useHousehold();
const { bowls } = useRunningBowls();
const planned = computed(() =>
  household.bowls.items.filter(
    ({ life }) => life?.plannedFor && !life.isDrawn && !life.endedAt && life.stays.length === 0,
  ),
);
const rows = computed(() =>
  bowls.value.flatMap(({ summary, budget }) => (budget === undefined ? [] : [{ summary, budget }])),
);
const until = (at: number): string => untilWords(at, household.moment, household.where);
</script>

<template>
  <div v-if="rows.length > 0 || planned.length > 0" class="running" data-test="running">
    <h2>{{ todayText.bowls }}</h2>
    <ul class="plain-list">
      <li v-for="{ summary, budget } in rows" :key="summary.id">
        <MaskById :id="summary.maskId" />
        <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: summary.id } }">{{
          todayText.makingNow(summary.maskName, summary.headName)
        }}</RouterLink>
        <span class="figures" :class="{ over: budget.isPast }">
          {{
            budget.isPast
              ? todayText.pastItsTime
              : todayText.leftTill(leftWords(budget.endsAt - household.moment), until(budget.endsAt))
          }}
        </span>
      </li>
      <li v-for="one in planned" :key="one.id">
        <MaskById :id="one.maskId" />
        <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: one.id } }">{{
          todayText.makingNow(one.maskName, one.headName)
        }}</RouterLink>
        <span class="quiet">{{ todayText.plannedFor(until(Date.parse(one.life?.plannedFor ?? ''))) }}</span>
      </li>
    </ul>
  </div>
</template>

<style scoped>
h2 {
  margin: 20px 0 4px;
}
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}
li > :last-child {
  margin-left: auto;
}
.over {
  color: var(--clay);
  font-weight: 600;
}
</style>
