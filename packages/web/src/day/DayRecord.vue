<script setup lang="ts">
import type { WashDay } from '@amber-ladle/contract';
import { recordOf } from '@amber-ladle/core/washday';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { ScenePicture } from '../kit/ink';
import { dayText, recordWords, writeTime } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What happened on a wash day, minute by minute. */
const { day } = defineProps<{ day: WashDay }>();
const household = useHousehold();
const lines = computed(() =>
  recordOf(day.steps, day.events).map((line) => ({
    time: writeTime(line.at, household.where),
    words: recordWords({
      ...line,
      title: say(line.step.title),
      takenWords: household.catalogue.get(line.ingredientId ?? '')?.name ?? dayText.it,
    }),
    titleId: line.step.title.id,
    about: line.step.kind,
    isWeight: line.kind === 'weigh',
  })),
);
</script>

<template>
  <ol class="plain-list record" data-test="record">
    <li v-for="(line, i) in lines" :key="i" :class="{ quiet: line.isWeight }">
      <ScenePicture :title-id="line.titleId" :kind="line.about" :size="28" class="scene" />
      <time class="figures">{{ line.time }}</time> <span>{{ line.words }}</span>
    </li>
  </ol>
</template>

<style scoped>
.record {
  columns: 2;
  column-gap: 36px;
}
li {
  display: flex;
  gap: 8px;
  align-items: center;
  padding: 3px 0;
  break-inside: avoid;
}
.scene {
  flex: none;
}
time {
  flex: none;
  min-width: 3.2em;
  color: rgb(var(--v-theme-primary));
}
@media (max-width: 43.75em) {
  .record {
    columns: 1;
  }
}
</style>
