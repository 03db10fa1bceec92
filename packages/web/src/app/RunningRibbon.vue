<script setup lang="ts">
import { useSessionStorage } from '@vueuse/core';
import { computed, watchEffect } from 'vue';
import { useRoute } from 'vue-router';
import { AlarmBar } from '../alarms';
import { useCurrentBowlId, useRunningBowls, useRunningDay } from '../day';
import { useHousehold } from '../data/household';
import { appText, clockWords, writeTime } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What runs, on every screen: pots, caps, and the step in hand; and what calls. */
const household = useHousehold();
const route = useRoute();
const { store, plan, focus, step, waits, second } = useRunningDay();
const { bowls } = useRunningBowls();
const currentId = useCurrentBowlId();
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

/** Masks on heads that no wash day tells of; of the head it is about Wear itself says all this. */
const worn = computed(() =>
  bowls.value.flatMap(({ summary: { id, headId: first }, worn: heads }) => {
    if (store.day?.bowlIds.includes(id)) return [];
    const isHere = route.name === 'wear' && currentId.value === id;
    const here = isHere ? (route.query['head'] ?? first) : undefined;
    return heads.filter(({ headId }) => headId !== here).map((head) => ({ id, ...head }));
  }),
);
const isDayShown = computed(() => store.day !== undefined && plan.value !== undefined && route.name !== 'make');
const isKnown = computed(() => store.isReady && (store.day === undefined || plan.value !== undefined));
const isShown = computed(() => isDayShown.value || worn.value.length > 0);
/** A page that comes again keeps its place for it until it is known: else all of it would move away under a finger. */
const wasShown = useSessionStorage('amber-ladle-ribbon', false);
watchEffect(() => {
  if (isKnown.value) wasShown.value = isShown.value;
});
</script>

<template>
  <AlarmBar />
  <aside
    v-if="isShown || (!isKnown && wasShown)"
    class="ribbon no-print figures"
    :aria-label="appText.whatRuns"
    data-test="ribbon"
  >
    <RouterLink v-if="isDayShown && plan" :to="{ name: 'make' }" class="day">
      <b v-if="focus?.kind === 'finished'">{{ appText.theDayIsDone }}</b>
      <b v-else-if="step">{{ say(step.title) }}</b>
      <span v-for="{ planned, step: pot } in waits" :key="pot.id" :class="{ due: planned.endsAt <= second }">
        {{ say(pot.title) }} {{ clockWords(planned.endsAt - second) }}
      </span>
      <span>{{ appText.rinsedAbout(time(plan.endsAt)) }}</span>
    </RouterLink>
    <RouterLink
      v-for="one in worn"
      :key="one.id + one.headId"
      :to="{ name: 'wear', query: { bowl: one.id, head: one.headId } }"
      :class="{ due: one.state.phase === 'late' || one.state.phase === 'over' }"
    >
      {{ appText.wearsAimOutBy(one.name, time(one.state.aimAt), time(one.state.limitAt)) }}
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
  min-height: 45px;
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
