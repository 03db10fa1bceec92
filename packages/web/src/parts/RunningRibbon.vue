<script setup lang="ts">
import { wearState } from '@amber-ladle/core/washday';
import { computed, watch } from 'vue';
import { useRoute } from 'vue-router';
import { useChime } from '../composables/useChime';
import { useRunningDay } from '../composables/useRunningDay';
import { useHousehold } from '../stores/household';
import { clockWords } from '../words/washday';
import { writeTime } from '../words/when';
import { useWords } from '../composables/useWords';

const { say } = useWords();

/** What runs, on every screen: pots, caps, and the step in hand; and the sound that calls. */
const household = useHousehold();
const route = useRoute();
const chime = useChime();
const { store, plan, focus, step, waits, second } = useRunningDay();
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

/** Masks on heads that no wash day tells of. */
const worn = computed(() =>
  household.bowls.items.flatMap(({ id, maskId, life }) => {
    const wear = household.maskById(maskId)?.wear;
    if (!wear || !life || life.endedAt || store.day?.bowlIds.includes(id)) return [];
    return Object.entries(life.wearing).flatMap(([headId, { wornFrom, rinsedAt }]) =>
      wornFrom && !rinsedAt
        ? [{ id, headId, name: household.headById(headId)?.name ?? '', state: wearState(wear, wornFrom, second.value) }]
        : [],
    );
  }),
);
const due = computed(() => waits.value.filter(({ planned }) => planned.endsAt <= second.value));
/** Rings when something comes due, and again every half minute while it is. */
const calls = computed(() =>
  due.value.map(({ planned }) => `${planned.stepId} ${Math.floor((second.value - planned.endsAt) / 30_000)}`).join(' '),
);
watch(calls, (now, before) => {
  if (now !== '' && now !== before) chime();
});
const isMaking = computed(() => route.name === 'make');
</script>

<template>
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
