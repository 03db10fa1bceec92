<script setup lang="ts">
import type { Bowl, BowlSummary } from '@amber-ladle/contract';
import { bowlBudget, bowlPastOf, bowlRuleOf } from '@amber-ladle/core/shelf';
import { computed, shallowRef, watch } from 'vue';
import { useHousehold } from '../stores/household';
import { useShelf } from '../stores/shelf';
import { leftWords } from '../words/shelf';
import { untilWords } from '../words/when';

/** Bowls whose clock runs, and those that are planned. */
const household = useHousehold();
const shelf = useShelf();
const isRunning = ({ life }: BowlSummary): boolean => Boolean(life && life.stays.length > 0 && !life.endedAt);
const running = computed(() => household.bowls.items.filter(isRunning));
const planned = computed(() =>
  household.bowls.items.filter(
    ({ life }) => life?.plannedFor && !life.isDrawn && !life.endedAt && life.stays.length === 0,
  ),
);
/** Their ingredients decide; they are read once each. */
const whole = shallowRef<readonly Bowl[]>([]);
watch(
  () => running.value.map(({ id }) => id).join(),
  async () => {
    const known = new Map(whole.value.map((bowl) => [bowl.id, bowl]));
    whole.value = await Promise.all(
      running.value.map(({ id }) => Promise.resolve(known.get(id) ?? household.readBowl(id))),
    ).catch(() => []);
  },
  { immediate: true },
);
const rows = computed(() =>
  running.value.flatMap((summary) => {
    const bowl = whole.value.find(({ id }) => id === summary.id);
    const strictest = bowl ? bowlRuleOf(bowl.snapshot.ingredients) : undefined;
    const { life } = summary;
    if (!bowl || !strictest || !life || !shelf.isReady) return [];
    const budget = bowlBudget(
      bowlPastOf(life, bowl.snapshot.mask.keeping, strictest),
      shelf.climate,
      household.settings.timeZone,
      household.moment,
    );
    return [{ summary, budget }];
  }),
);
const until = (at: number): string => untilWords(at, household.moment, household.where);
</script>

<template>
  <div v-if="rows.length > 0 || planned.length > 0" class="running" data-test="running">
    <h2>Bowls</h2>
    <ul class="plain-list">
      <li v-for="{ summary, budget } in rows" :key="summary.id">
        <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: summary.id } }"
          >{{ summary.maskName }} for {{ summary.headName }}</RouterLink
        >
        <span class="figures" :class="{ over: budget.isPast }">
          {{
            budget.isPast
              ? 'past its time'
              : `${leftWords(budget.endsAt - household.moment)} left, till ${until(budget.endsAt)}`
          }}
        </span>
      </li>
      <li v-for="one in planned" :key="one.id">
        <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: one.id } }"
          >{{ one.maskName }} for {{ one.headName }}</RouterLink
        >
        <span class="quiet">planned for {{ until(Date.parse(one.life?.plannedFor ?? '')) }}</span>
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
  justify-content: space-between;
  gap: 4px 12px;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}
.over {
  color: var(--clay);
  font-weight: 600;
}
</style>
