<script setup lang="ts">
import { inARow } from '../data/inARow';
import { makeText, writeTime } from '@amber-ladle/words';
import { useEventListener, useWakeLock } from '@vueuse/core';
import { computed, onScopeDispose, ref, useTemplateRef } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import type { RunningDayOnScreen } from '../day';
import { useSounds } from '../kit/sounds';
import { useKeys } from '../kit/useKeys';
import { useThisDevice } from '../kit/useThisDevice';
import DayChanges from './DayChanges.vue';
import DayEnd from './DayEnd.vue';
import StageNow from './StageNow.vue';
import { useStage } from './useStage';
import WalkFoot from './WalkFoot.vue';

/** A wash day under way: one step a screen, advanced by a big target or the space bar. */
const { running } = defineProps<{ running: RunningDayOnScreen }>();
const { say } = useWords();
const household = useHousehold();
const { store, plan, focus, canGo, waits } = running;
const shown = useStage(running);
const { bowl, aloud } = shown;
const day = computed(() => store.day);
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);
const doneCount = computed(() => plan.value?.steps.filter(({ isDone }) => isDone).length ?? 0);
const missed = computed(() =>
  (plan.value?.missed ?? []).flatMap(({ stepId }) => {
    const row = running.stepById(stepId);
    return row ? [say(row.title)] : [];
  }),
);

const sound = useSounds();
const decision = ref('');
const now = useTemplateRef<{ readonly pour: () => boolean }>('now');
function forward(): void {
  sound('tap');
  if (now.value?.pour()) return;
  void running.forward(decision.value.trim().length > 2 ? decision.value.trim() : undefined);
  decision.value = '';
}
const more = (stepId: string): void => void running.tell([{ kind: 'more', stepId, minutes: 1 }]);
/** A touch anywhere on the step, where this device wants that; what is to be pressed or typed into is left to itself. */
const wishes = useThisDevice();
const stage = useTemplateRef<HTMLElement>('stage');
useEventListener(stage, 'click', ({ target }: MouseEvent) => {
  const isControl = (target as Element).closest('a, button, input, textarea, label, summary, [role="slider"]') !== null;
  if (wishes.value.goesOnByTap && !isControl && canGo.value) forward();
});
useKeys([
  {
    keys: [' '],
    does: makeText.theNextThing,
    run: () => {
      if (day.value) forward();
    },
  },
  { keys: ['Backspace'], does: makeText.takeTheLastBack, run: () => void running.back() },
  {
    keys: ['+'],
    does: makeText.aMinuteMore,
    run: () => {
      if (waits.value[0]) more(waits.value[0].step.id);
    },
  },
]);

const wakeLock = useWakeLock();
void wakeLock.request('screen').catch(() => undefined);
onScopeDispose(() => void wakeLock.release().catch(() => undefined));
const isEnding = ref(false);
</script>

<template>
  <div v-if="day && plan && focus" class="walk" :data-told="day.events.length">
    <h1 class="sr-only">{{ makeText.make }}</h1>
    <p class="sr-only" role="status" data-test="aloud">{{ aloud }}</p>
    <p class="quiet top figures">
      <span data-test="step">{{ makeText.ofDone(doneCount, day.steps.length) }}</span>
      <template v-if="bowl"> {{ makeText.beingMadeFor(bowl.maskName, bowl.headName) }}</template>
      {{ makeText.rinsedAbout }}
      <b>{{ time(plan.endsAt) }}</b>
      <span class="end">
        <DayChanges :running="running" />
        <button type="button" class="tool" @click="isEnding = !isEnding">{{ makeText.endTheDay }}</button>
      </span>
    </p>
    <div v-if="isEnding" class="line ending" role="alert">
      <span>{{ makeText.whatWasDoneStays }}</span>
      <button type="button" class="pill" @click="store.end()">{{ makeText.endIt }}</button>
      <button type="button" class="pill" @click="isEnding = false">{{ makeText.goOn }}</button>
    </div>

    <DayEnd v-if="focus.kind === 'finished'" :day="day" />
    <template v-else>
      <div ref="stage" class="stage" :class="{ taps: wishes.goesOnByTap }" :data-focus="focus.kind">
        <StageNow ref="now" :running="running" :stage="shown" />
      </div>
      <p v-if="missed.length > 0" class="caution" role="status">{{ makeText.hasWaitedTooLong(inARow(missed)) }}</p>
      <v-text-field
        v-if="store.needsDecision"
        v-model="decision"
        class="decision"
        :label="makeText.theBowlIsPast"
        maxlength="300"
      />
      <WalkFoot :running="running" :stage="shown" @forward="forward" @more="more" />
    </template>
  </div>
</template>

<style scoped>
.walk {
  display: flex;
  flex-direction: column;
  min-height: calc(100vh - 110px);
}
.top {
  font-size: 1.05rem;
  margin: 0;
}
.end {
  float: right;
  display: inline-flex;
  gap: 14px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 10px;
}
.ending {
  padding: 8px 12px;
  border-left: 4px solid var(--clay);
}
.stage {
  flex: 1;
  padding: 8px 0 12px;
}
.taps {
  cursor: pointer;
}
.caution {
  font-size: 1.25rem;
  margin: 0 0 6px;
  padding-left: 12px;
  border-left: 4px solid var(--clay);
}
</style>
