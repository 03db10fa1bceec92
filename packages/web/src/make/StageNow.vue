<script setup lang="ts">
import { makeText, clockWords, PHASE_WORDS, TOOL_WORDS, writeMinutes, writeTime } from '@amber-ladle/words';
import { computed, useTemplateRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { HairWaitsLine, type RunningDayOnScreen } from '../day';
import PlateTest from './PlateTest.vue';
import PourPanel from './PourPanel.vue';
import StepPicture from './StepPicture.vue';
import type { StageOnScreen } from './useStage';

/** One step of a wash day: its picture, what to do, what to look for, and what goes in. */
const { running, stage } = defineProps<{ running: RunningDayOnScreen; stage: StageOnScreen }>();
const { say, sayAll } = useWords();
const household = useHousehold();
const { step, second, store, focus } = running;
const { bowl, catalogue, pours, inHandFor, page, waitsForMask, planned, worn, isTime, toDo } = stage;
const day = computed(() => store.day);
const kind = computed(() => focus.value?.kind);
const onHead = computed(() => ['apply', 'wear', 'rinse'].includes(step.value?.kind ?? ''));
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

const panel = useTemplateRef<{ readonly pour: () => boolean }>('panel');
/** What stands on the scale is in. @returns false where nothing is measured, or nothing more */
const pour = (): boolean => pours.value && (panel.value?.pour() ?? false);
defineExpose({ pour });
</script>

<template>
  <StepPicture v-if="step" class="picture" :step="step" />
  <template v-if="kind === 'waiting'">
    <p class="kicker">{{ makeText.nothingForTheHands }}</p>
    <h2 v-if="worn && isTime" class="step" data-test="title">{{ PHASE_WORDS[worn.phase] }}</h2>
    <h2 v-else-if="planned && step" class="step" data-test="title">
      {{ say(step.title) }}: <span class="figures">{{ clockWords(planned.endsAt - second) }}</span>
    </h2>
    <p v-if="step?.lookFor" class="words">{{ say(step.lookFor) }}</p>
  </template>
  <template v-else-if="step">
    <p class="kicker figures">
      <template v-if="kind === 'due'">{{ makeText.theClockCalls }}</template>
      <template v-else-if="kind === 'next'">{{ makeText.next }}</template>
      <template v-else>{{ makeText.nowOfAbout(inHandFor, writeMinutes(step.handsOnMinutes)) }}</template>
    </p>
    <h2 class="step" data-test="title">{{ worn && isTime ? PHASE_WORDS[worn.phase] : say(step.title) }}</h2>
    <p v-if="worn" class="limit figures" data-test="out-by">{{ makeText.outBy(time(worn.limitAt)) }}</p>
    <PourPanel
      v-if="pours && bowl && day"
      ref="panel"
      :key="step.id"
      :bowl="bowl"
      :catalogue="catalogue"
      :day="day"
      :step="step"
      @tell="running.tell($event)"
    />
    <p v-else-if="toDo.length > 0" class="words" data-test="words">{{ sayAll(toDo) }}</p>
    <p v-if="step.lookFor" class="look">
      <b>{{ makeText.lookFor }}</b> {{ say(step.lookFor) }}
    </p>
    <HairWaitsLine v-if="waitsForMask" :waits="waitsForMask" :second="second" />
    <p v-if="step.limit && !isTime" class="limit">{{ say(step.limit) }}</p>
    <p v-for="caution in step.cautions" :key="caution.id" class="caution">{{ say(caution) }}</p>
    <p v-if="step.tools.length > 0" class="quiet tools">
      {{ step.tools.map((tool) => TOOL_WORDS[tool]).join(' · ') }}
    </p>
    <PlateTest v-if="page && bowl" :key="page.bowlId" :page="page" :bowl="bowl" :catalogue="catalogue" />
    <v-btn
      v-if="onHead && bowl"
      variant="tonal"
      color="primary"
      min-height="56"
      :to="{ name: 'wear', query: { bowl: bowl.id, head: step.headId } }"
      >{{ step.kind === 'apply' ? makeText.sectionBySection : makeText.onTheHead }}</v-btn
    >
  </template>
</template>

<style scoped>
.picture {
  float: right;
  margin: 0 0 8px 28px;
}
.kicker {
  margin: 0;
  font-size: 1.15rem;
  font-weight: 600;
  color: rgb(var(--v-theme-primary));
}
.step {
  font-size: clamp(2.1rem, 5vw, 3.6rem);
  line-height: 1.12;
  margin: 4px 0 10px;
}
.words {
  font-size: clamp(1.3rem, 2.4vw, 1.75rem);
  margin: 0 0 10px;
}
.look,
.limit,
.caution {
  font-size: 1.25rem;
  margin: 0 0 6px;
}
.limit {
  font-weight: 600;
}
.caution {
  padding-left: 12px;
  border-left: 4px solid var(--clay);
}
.tools {
  font-size: 1.1rem;
}
</style>
