<script setup lang="ts">
import { computed } from 'vue';
import { useRead } from '../data/answer';
import { api } from '@amber-ladle/contract';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { isAway, shownFrom } from '../data/reach';
import { useKeptHere } from '../kit/useKeptHere';
import { appText, writeDay, writeTime } from '@amber-ladle/words';

/** One line of how things are, where they are not as usual: the server is away, or has newer pages than this one. */
const held = useHeld();
const household = useHousehold();
const { hasNewer, load } = useKeptHere();
const hasWorker = (): boolean => 'serviceWorker' in navigator && navigator.serviceWorker.controller !== null;
const isNewer = computed(() => hasNewer.value || (household.hasNewerPages && !hasWorker()));
/** Fingers slip once or twice. */
const WORTH_A_WORD = 3;
// Told where something can be done about it: on the household's own machine.
const { value: door } = useRead(api.door.state, () => (location.protocol === 'http:' ? {} : undefined), {
  isQuiet: true,
});
const wrongTries = computed(() => door.value?.tries.wrong ?? 0);
/** By the household's clock, as every other time on the page. */
const from = computed(() => {
  if (shownFrom.value === 0) return '';
  const at = new Date(shownFrom.value + household.now().getTime() - Date.now()).toISOString();
  return `${writeDay(at, household.now(), household.where)}, ${writeTime(at, household.where)}`;
});
</script>

<template>
  <p v-if="isAway" class="line away no-print" role="status" data-test="away">
    <span
      ><b>{{ appText.theServerDoes }}</b>
      <template v-if="from"> {{ appText.whatYouSee(from) }}</template>
      <template v-if="held.count > 0"> {{ appText.keptHereAndTold(held.count) }}</template></span
    >
  </p>
  <p v-else-if="wrongTries >= WORTH_A_WORD" class="line no-print" role="status" data-test="strangers">
    <span>{{ appText.wrongCodesWereTried(wrongTries) }}</span>
    <RouterLink class="quiet-link" :to="{ name: 'settings' }">{{ appText.seeToIt }}</RouterLink>
  </p>
  <p v-else-if="isNewer" class="line no-print" role="status" data-test="newer">
    <span>{{ appText.thereIsANewer }}</span>
    <button type="button" class="pill" @click="load">{{ appText.loadIt }}</button>
  </p>
</template>

<style scoped>
.line {
  display: flex;
  align-items: center;
  justify-content: space-between;
  gap: 12px;
  margin: 0;
  padding: 8px 24px;
  background: var(--amber-wash);
  border-bottom: 1px solid var(--amber-fill);
}
.away {
  border-bottom-color: var(--clay);
}
.pill {
  flex: none;
}
</style>
