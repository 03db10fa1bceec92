<script setup lang="ts">
import type { DayPlan, PlanStep } from '@amber-ladle/core/washday';
import { computed } from 'vue';
import { makeText, writeTime, type Where } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();
const titleOf = (step: PlanStep | undefined): string => (step ? say(step.title) : '');

/** The day as it lies ahead: what the hands do in one row, what runs by itself in rows below, the present as a line. */
const { plan, steps, now, where, currentId } = defineProps<{
  plan: DayPlan;
  steps: readonly PlanStep[];
  /** Milliseconds; left out before the day begins. */
  now?: number | undefined;
  where: Where;
  currentId?: string | undefined;
}>();

const MINUTE = 60_000;
const byId = computed(() => new Map(steps.map((step) => [step.id, step])));
const from = computed(() => Math.min(plan.startsAt, now ?? Infinity));
const to = computed(() => Math.max(plan.endsAt, now ?? 0, from.value + 10 * MINUTE));
const percent = (at: number): number => ((at - from.value) / (to.value - from.value)) * 100;
const between = (a: number, b: number) => ({
  left: `${percent(a)}%`,
  width: `${Math.max(0.3, percent(b) - percent(a))}%`,
});
const time = (at: number): string => writeTime(new Date(at).toISOString(), where);

const blocks = computed(() =>
  plan.steps
    .filter(({ startsAt, handsFreeAt }) => handsFreeAt > startsAt)
    .map((one) => ({
      ...one,
      step: byId.value.get(one.stepId),
      style: between(one.startsAt, one.handsFreeAt),
      isWide: percent(one.handsFreeAt) - percent(one.startsAt) > 5,
    })),
);
/** Each wait in the first row that is free by then. */
const waits = computed(() => {
  const rowsFreeAt: number[] = [];
  return plan.steps
    .filter(({ handsFreeAt, endsAt }) => endsAt - handsFreeAt >= MINUTE)
    .map((one) => {
      const free = rowsFreeAt.findIndex((at) => at <= one.handsFreeAt);
      const row = free === -1 ? rowsFreeAt.length : free;
      rowsFreeAt[row] = one.endsAt;
      return { ...one, row, step: byId.value.get(one.stepId), style: between(one.handsFreeAt, one.endsAt) };
    });
});
const rows = computed(() => Math.max(0, ...waits.value.map(({ row }) => row + 1)));
/** Whole or half hours, whichever leaves the scale readable. */
const ticks = computed(() => {
  const pace =
    to.value - from.value > 150 * MINUTE
      ? 60 * MINUTE
      : to.value - from.value > 60 * MINUTE
        ? 30 * MINUTE
        : 10 * MINUTE;
  const first = Math.ceil(from.value / pace) * pace;
  const all = Array.from({ length: Math.floor((to.value - first) / pace) + 1 }, (_, i) => first + i * pace);
  return all.filter((at) => at <= to.value);
});
const words = computed(() =>
  plan.steps.map(({ stepId, startsAt, endsAt }) =>
    makeText.fromToWait(time(startsAt), time(endsAt), titleOf(byId.value.get(stepId))),
  ),
);
</script>

<template>
  <figure class="timeline" role="img" :aria-label="makeText.theDay(words.join('; '))">
    <div class="row hands">
      <span
        v-for="one in blocks"
        :key="one.stepId"
        class="block"
        :class="{ done: one.isDone, current: one.stepId === currentId, critical: one.isCritical }"
        :style="one.style"
        :title="`${time(one.startsAt)} ${titleOf(one.step)}`"
        ><template v-if="one.isWide">{{ titleOf(one.step) }}</template></span
      >
    </div>
    <div v-for="row in rows" :key="row" class="row waits">
      <span
        v-for="one in waits.filter((wait) => wait.row === row - 1)"
        :key="one.stepId"
        class="wait"
        :class="{ done: one.isDone, running: one.isWaiting }"
        :style="one.style"
        :title="makeText.fromToStep(time(one.handsFreeAt), time(one.endsAt), titleOf(one.step))"
        >{{ titleOf(one.step) }}</span
      >
    </div>
    <div class="scale figures">
      <span v-for="at in ticks" :key="at" :style="{ left: `${percent(at)}%` }">{{ time(at) }}</span>
    </div>
    <span v-if="now !== undefined" class="now" :style="{ left: `${percent(now)}%` }" />
  </figure>
</template>

<style scoped>
.timeline {
  position: relative;
  margin: 0;
  padding-top: 4px;
}
.row {
  position: relative;
  height: 30px;
  margin-bottom: 3px;
}
.row.waits {
  height: 24px;
}
.block,
.wait {
  position: absolute;
  top: 0;
  bottom: 0;
  overflow: hidden;
  white-space: nowrap;
  text-overflow: ellipsis;
  padding: 0 5px;
  font-size: 0.9rem;
}
.block {
  line-height: 28px;
  background: var(--amber-wash);
  border: 1px solid var(--amber-fill);
  border-radius: 3px;
}
.block.current {
  background: var(--amber-fill);
  color: #2b211a;
  font-weight: 600;
}
.block.done {
  background: none;
  border-color: var(--rule);
  color: var(--quiet);
}
.wait {
  line-height: 22px;
  border-left: 2px solid var(--leaf);
  border-bottom: 2px solid var(--leaf);
  color: var(--ink);
}
.wait.done {
  border-color: var(--rule);
  color: var(--quiet);
}
.wait.running {
  background: color-mix(in srgb, var(--leaf) 18%, transparent);
  font-weight: 600;
}
.scale {
  position: relative;
  height: 22px;
  border-top: 1px solid var(--rule);
  font-size: 0.9rem;
  color: var(--quiet);
}
.scale span {
  position: absolute;
  transform: translateX(-50%);
  padding-top: 2px;
}
.scale span:first-child {
  transform: none;
}
.scale span:last-child:not(:first-child) {
  transform: translateX(-100%);
}
.now {
  position: absolute;
  top: 0;
  bottom: 0;
  border-left: 2px solid var(--clay);
}
</style>
