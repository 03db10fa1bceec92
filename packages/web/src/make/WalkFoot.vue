<script setup lang="ts">
import { makeText, buttonWords, writeTime } from '@amber-ladle/words';
import { computed } from 'vue';
import { AlarmCheck } from '../alarms';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { RinseNow, useTakeOuts, type RunningDayOnScreen } from '../day';
import DemoTime from '../kit/DemoTime.vue';
import DayTimeline from './DayTimeline.vue';
import PotTimers from './PotTimers.vue';
import type { StageOnScreen } from './useStage';

/** Below a step: what runs by itself, what comes then, what has to come out of the cold, and the big buttons. */
const { running, stage } = defineProps<{ running: RunningDayOnScreen; stage: StageOnScreen }>();
const emit = defineEmits<{ forward: []; more: [stepId: string] }>();
const { say } = useWords();
const household = useHousehold();
const { store, plan, focus, canGo, step, waits, upcoming, second } = running;
const { pours, isWorn, rinseNow } = stage;
const day = computed(() => store.day);
const isWaiting = computed(() => focus.value?.kind === 'waiting');
const label = computed(() => buttonWords(focus.value?.kind ?? 'finished', step.value));
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

/** Said from five minutes before. */
const OUT_AHEAD = 300_000;
const allOuts = useTakeOuts(
  computed(() => day.value?.steps ?? []),
  plan,
);
const outs = computed(() => allOuts.value.filter(({ at }) => at - OUT_AHEAD <= second.value));
const finish = (stepId: string): void => void running.tell([{ kind: 'done', stepId }]);
</script>

<template>
  <div v-if="day && plan" class="foot">
    <PotTimers
      v-if="waits.length > 0"
      :waits="waits"
      :second="second"
      :current-id="step?.id"
      @more="emit('more', $event)"
      @done="finish"
    />
    <AlarmCheck v-if="waits.length > 0 && isWaiting" />
    <p v-if="upcoming.length > 0" class="quiet figures then">
      {{ makeText.then }}
      <template v-for="({ planned: one, step: row }, i) in upcoming" :key="row.id"
        >{{ i > 0 ? makeText.commaThen : '' }}{{ time(one.startsAt) }} {{ say(row.title) }}</template
      >
    </p>
    <p v-for="out in outs" :key="out.from + out.names" class="out" role="status">
      {{ makeText.outOfTheNow(out.from, out.names) }}
    </p>
    <DayTimeline :plan="plan" :steps="day.steps" :now="second" :where="household.where" :current-id="step?.id" />
    <RinseNow v-if="isWorn" @now="rinseNow" />
    <DemoTime v-if="isWaiting || isWorn" />
    <div class="buttons">
      <v-btn
        variant="tonal"
        color="primary"
        min-height="72"
        :disabled="day.events.length === 0"
        @click="running.back"
        >{{ makeText.takeBack }}</v-btn
      >
      <v-btn v-if="pours" variant="tonal" color="primary" min-height="72" @click="running.forward()">{{
        makeText.allAs
      }}</v-btn>
      <v-btn v-if="canGo" color="primary" min-height="72" class="go" data-test="go" @click="emit('forward')">{{
        pours ? makeText.thisIsIn : label
      }}</v-btn>
    </div>
  </div>
</template>

<style scoped>
.out {
  margin: 4px 0;
  font-weight: 600;
}
.then {
  margin: 8px 0 4px;
  font-size: 1.1rem;
}
.foot {
  position: sticky;
  bottom: 0;
  padding: 8px 0 4px;
  background: rgb(var(--v-theme-background));
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 8px;
}
.go {
  flex: 1;
  font-size: 1.35rem;
}
@media (max-width: 32.5em) {
  .foot {
    bottom: 50px;
  }
  .buttons .v-btn {
    padding: 0 10px;
  }
}
</style>
