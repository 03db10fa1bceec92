<script setup lang="ts">
import { makeText } from '@amber-ladle/words';
import DayWalk from './DayWalk.vue';
import { NoBowlYet } from '../day';
import StartDay from './StartDay.vue';
import { useCurrentBowl } from '../day';
import { useRunningDay } from '../day';

/** The wash day: begun here, then walked step by step. */
const { bowl, failure } = useCurrentBowl();
const running = useRunningDay();
const { store } = running;
</script>

<template>
  <div v-if="store.day" class="page make wet-hands"><DayWalk :running="running" /></div>
  <template v-else-if="store.isReady">
    <NoBowlYet v-if="failure || !bowl" :title="makeText.make" :failure="failure" />
    <div v-else-if="bowl.life?.endedAt" class="page make wet-hands">
      <p class="quiet">{{ makeText.forIsDone(bowl.maskName, bowl.headName) }}</p>
      <h1>{{ makeText.make }}</h1>
      <p>{{ makeText.sizeTheNextBowl }}</p>
      <div class="line">
        <v-btn color="primary" min-height="64" :to="{ name: 'bowl' }">{{ makeText.sizeABowl }}</v-btn>
        <RouterLink class="quiet-link" :to="{ name: 'kept-bowl', params: { id: bowl.id } }">{{
          makeText.whatHappened
        }}</RouterLink>
      </div>
    </div>
    <div v-else class="page make wet-hands"><StartDay :bowl="bowl" /></div>
  </template>
</template>

<style scoped>
.make {
  padding-bottom: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 18px;
}
</style>
