<script setup lang="ts">
import { beatsOf } from '@amber-ladle/core/judge';
import { todayText, RHYTHM_WORDS, writeDay } from '@amber-ladle/words';
import { computed } from 'vue';
import { useHousehold } from '../data/household';

/** Who may have what again, where it is time. */
const household = useHousehold();
const due = computed(() =>
  household.heads.flatMap((head) =>
    beatsOf(household.histories[head.id] ?? [], household.settings.schools, head.story, household.settings.timeZone)
      .filter(({ dueAt }) => dueAt <= household.moment)
      .map(({ rhythm, lastAt }) => ({
        id: head.id,
        key: `${head.id} ${rhythm}`,
        name: head.name,
        words: todayText.lastRhythmDay(RHYTHM_WORDS[rhythm], writeDay(lastAt, household.now(), household.where)),
      })),
  ),
);
</script>

<template>
  <template v-if="due.length > 0">
    <h2>{{ todayText.whoIsDue }}</h2>
    <ul class="plain-list ruled-list" data-test="due">
      <li v-for="one in due" :key="one.key" class="figures">
        <RouterLink class="quiet-link" :to="{ name: 'head', params: { id: one.id } }">{{ one.name }}</RouterLink>
        <span class="quiet">{{ one.words }}</span>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h2 {
  margin: 8px 0;
}
</style>
