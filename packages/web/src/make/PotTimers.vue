<script setup lang="ts">
import type { PlannedStep, PlanStep } from '@amber-ladle/core/washday';
import { makeText, clockWords } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What runs by itself, each with its own clock. */
defineProps<{
  waits: readonly { planned: PlannedStep; step: PlanStep }[];
  second: number;
  currentId?: string | undefined;
}>();
const emit = defineEmits<{ more: [stepId: string]; done: [stepId: string] }>();
</script>

<template>
  <ul class="plain-list pots" :aria-label="makeText.whatRunsByItself">
    <li v-for="{ planned, step } in waits" :key="step.id" :class="{ due: planned.endsAt <= second }" data-test="pot">
      <span class="clock figures" role="timer">{{ clockWords(planned.endsAt - second) }}</span>
      <span class="title">{{ say(step.title) }}</span>
      <button type="button" class="pill" @click="emit('more', step.id)">+ 1 min</button>
      <button
        v-if="step.id !== currentId && step.kind !== 'wear'"
        type="button"
        class="pill"
        @click="emit('done', step.id)"
      >
        {{ makeText.done }}
      </button>
    </li>
  </ul>
</template>

<style scoped>
.pots {
  display: flex;
  flex-wrap: wrap;
  gap: 8px 12px;
}
li {
  display: flex;
  align-items: center;
  gap: 10px;
  padding: 4px 10px 4px 14px;
  border: 1px solid var(--leaf);
  border-radius: 6px;
}
li.due {
  border: 2px solid var(--clay);
}
.clock {
  font: 560 1.5rem var(--serif);
}
.due .clock {
  color: var(--clay);
}
</style>
