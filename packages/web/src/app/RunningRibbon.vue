<script setup lang="ts">
import { computed } from 'vue';
import { useRoute } from 'vue-router';
import { AlarmBar } from '../alarms';
import { useRunningBowls } from '../day';
import { useRunningDay } from '../day';
import { useHousehold } from '../data/household';
import { clockWords } from '../words/washday';
import { writeTime } from '../words/when';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What runs, on every screen: pots, caps, and the step in hand; and what calls. */
const household = useHousehold();
const route = useRoute();
const { store, plan, focus, step, waits, second } = useRunningDay();
const { bowls } = useRunningBowls();
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

/** Masks on heads that no wash day tells of. */
const worn = computed(() =>
  bowls.value.flatMap(({ summary: { id }, worn: heads }) =>
    store.day?.bowlIds.includes(id) ? [] : heads.map((head) => ({ id, ...head })),
  ),
);
const isMaking = computed(() => route.name === 'make');
</script>

<template>
  <AlarmBar />
  <aside
    v-if="(store.day && plan && !isMaking) || worn.length > 0"
    class="ribbon no-print figures"
    aria-label="What runs"
    data-test="ribbon"
  >
    <RouterLink v-if="store.day && plan && !isMaking" :to="{ name: 'make' }" class="day">
      <b v-if="focus?.kind === 'finished'">The day is done: close it</b>
      <b v-else-if="step">{{ say(step.title) }}</b>
      <span v-for="{ planned, step: pot } in waits" :key="pot.id" :class="{ due: planned.endsAt <= second }">
        {{ say(pot.title) }} {{ clockWords(planned.endsAt - second) }}
      </span>
      <span>rinsed about {{ time(plan.endsAt) }}</span>
    </RouterLink>
    <RouterLink
      v-for="one in worn"
      :key="one.id + one.headId"
      :to="{ name: 'wear', query: { bowl: one.id, head: one.headId } }"
      :class="{ due: one.state.phase === 'late' || one.state.phase === 'over' }"
    >
      {{ one.name }} wears: aim {{ time(one.state.aimAt) }}, out by {{ time(one.state.limitAt) }}
    </RouterLink>
  </aside>
</template>

<style scoped>
.ribbon {
  display: flex;
  flex-wrap: wrap;
  gap: 0 24px;
  padding: 0 24px;
  background: var(--amber-wash);
  border-bottom: 1px solid var(--amber-fill);
}
a {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 18px;
  min-height: 44px;
  color: var(--ink);
  text-decoration: none;
}
.due {
  color: var(--clay);
  font-weight: 600;
}
</style>
