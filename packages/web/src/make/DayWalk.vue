<script setup lang="ts">
import type { StepKind } from '@amber-ladle/core/washday';
import type { RinseReason, Wearing } from '@amber-ladle/contract';
import { useEventListener, useWakeLock } from '@vueuse/core';
import { v4 as newId } from 'uuid';
import { computed, onScopeDispose, ref, useTemplateRef } from 'vue';
import { AlarmCheck } from '../alarms';
import StepPicture from './StepPicture.vue';
import DemoTime from '../kit/DemoTime.vue';
import DayTimeline from './DayTimeline.vue';
import DayChanges from './DayChanges.vue';
import DayEnd from './DayEnd.vue';
import { HairWaitsLine } from '../day';
import PlateTest from './PlateTest.vue';
import PotTimers from './PotTimers.vue';
import PourPanel from './PourPanel.vue';
import { RinseNow } from '../day';
import { useRouter } from 'vue-router';
import { useChanges } from '../data/useChanges';
import { useHairWaits } from '../day';
import { useKeptBowl } from '../data/useKeptBowl';
import { useSounds } from '../kit/sounds';
import { useAloud } from '../kit/useAloud';
import { useKeys } from '../kit/useKeys';
import { useThisDevice } from '../kit/useThisDevice';
import { useRunningBowls } from '../day';
import { usePages } from '../data/usePages';
import type { RunningDayOnScreen } from '../day';
import { useTakeOuts } from '../day';
import { useHeld } from '../data/held';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import {
  buttonWords,
  clockWords,
  leftAloud,
  markOf,
  PHASE_WORDS,
  TOOL_WORDS,
  writeMinutes,
  writeTime,
} from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say, sayAll } = useWords();

/** A wash day under way: one step a screen, advanced by a big target or the space bar. */
const { running } = defineProps<{ running: RunningDayOnScreen }>();
const household = useHousehold();
const held = useHeld();
const notice = useNotice();
const router = useRouter();
const { store, plan, focus, canGo, step, plannedById, progress, waits, upcoming, second } = running;
const day = computed(() => store.day);
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);

/** The bowl that the step on the screen belongs to. */
const { bowl, catalogue, reread } = useKeptBowl(computed(() => step.value?.bowlId ?? day.value?.bowlIds[0]));
useChanges(['bowls'], reread);
const pour = useTemplateRef<{ readonly pour: () => boolean }>('pour');
/** What is cooked goes into a pot, not onto the scale: it is measured once it is made. */
const MEASURING: ReadonlySet<StepKind> = new Set(['measure', 'mix', 'prepare']);
const pours = computed(
  () =>
    focus.value?.kind === 'hands' &&
    step.value !== undefined &&
    MEASURING.has(step.value.kind) &&
    step.value.ingredientIds.length > 0,
);
const inHandFor = computed(() => {
  const far = step.value && progress.value.get(step.value.id);
  return far ? Math.max(0, Math.floor((second.value - far.startedAt) / 60_000)) : 0;
});
const onHead = computed(() => ['apply', 'wear', 'rinse'].includes(step.value?.kind ?? ''));
/** The bowl is mixed and not yet on a head: the moment for a plate. */
const canTry = computed(
  () => focus.value?.kind !== 'waiting' && step.value?.kind === 'apply' && bowl.value?.snapshot.mask.texture !== 'oil',
);
const pages = usePages(computed(() => (canTry.value ? bowl.value?.id : undefined)));
const page = computed(() => pages.value.find(({ headId }) => headId === bowl.value?.snapshot.head.id));
const waitsForMask = useHairWaits(computed(() => step.value?.headId));
const planned = computed(() => plannedById(step.value?.id));
const doneCount = computed(() => plan.value?.steps.filter(({ isDone }) => isDone).length ?? 0);
const label = computed(() => buttonWords(focus.value?.kind ?? 'finished', step.value));
const missed = computed(() =>
  (plan.value?.missed ?? []).flatMap(({ stepId }) => {
    const row = running.stepById(stepId);
    return row ? [say(row.title)] : [];
  }),
);

/** Said from five minutes before. */
const OUT_AHEAD = 300_000;
const allOuts = useTakeOuts(
  computed(() => day.value?.steps ?? []),
  plan,
);
const outs = computed(() => allOuts.value.filter(({ at }) => at - OUT_AHEAD <= second.value));

const sound = useSounds();
const decision = ref('');
function forward(): void {
  sound('tap');
  if (pours.value && pour.value?.pour()) return;
  void running.forward(decision.value.trim().length > 2 ? decision.value.trim() : undefined);
  decision.value = '';
}
/** The rest of what goes in is as written. */
const skipPours = (): void => void running.forward();
const more = (stepId: string): void => void running.tell([{ kind: 'more', stepId, minutes: 1 }]);
const { bowls: clocks } = useRunningBowls();
/** How far the mask on the head that this step is about is. */
const worn = computed(() => {
  if (step.value?.kind !== 'wear') return undefined;
  const { bowlId, headId } = step.value;
  return clocks.value.find(({ summary }) => summary.id === bowlId)?.worn.find((one) => one.headId === headId)?.state;
});
const isTime = computed(() => worn.value !== undefined && worn.value.phase !== 'early' && worn.value.phase !== 'fine');
/** What to do; of a mask whose time has come that is how it is rinsed, and no word of the cap. */
const toDo = computed(() => {
  const { bowlId, headId, words = [] } = step.value ?? {};
  const rinse = day.value?.steps.find((one) => one.kind === 'rinse' && one.bowlId === bowlId && one.headId === headId);
  return isTime.value && rinse ? rinse.words : words;
});
/** The mask is on a head: it may come out at any moment, whatever the clock says. */
const isWorn = computed(() => step.value?.kind === 'wear' && focus.value?.kind !== 'hands');
async function rinseNow(why: RinseReason): Promise<void> {
  const { bowlId = day.value?.bowlIds[0] ?? '', headId } = step.value ?? {};
  if (headId === undefined) return;
  const wear = (wearing: Wearing) =>
    held.tellWear({ pressId: newId(), pressedAt: household.now().getTime(), bowlId, body: { ...wearing, headId } });
  wear({ isRinsed: true, rinsedWhy: why }).catch((error: unknown) => {
    notice.fail(error);
  });
  notice.show('Rinsed out.', () => wear({ isRinsed: false }));
  await router.push({ name: 'wear', query: { bowl: bowlId, head: headId } });
}
/** Said once a step, and of what runs by itself at few moments. */
const aloud = useAloud(
  () => {
    if (focus.value?.kind === 'finished') return { key: 'finished', text: 'That was the day.' };
    if (!focus.value || !step.value) return undefined;
    const { kind } = focus.value;
    const title = say(step.value.title);
    const { id } = step.value;
    if (worn.value && isTime.value) return { key: `${id} ${worn.value.phase}`, text: PHASE_WORDS[worn.value.phase] };
    if (kind !== 'waiting') return { key: `${id} ${kind}`, text: `${title}. ${sayAll(toDo.value)}` };
    const left = (planned.value?.endsAt ?? second.value) - second.value;
    return { key: `${id} ${kind} ${markOf(left)}`, text: `${title}: ${leftAloud(left)}.` };
  },
  () => household.settings.locale,
);
/** A touch anywhere on the step, where this device wants that; what is to be pressed or typed into is left to itself. */
const wishes = useThisDevice();
const stage = useTemplateRef<HTMLElement>('stage');
useEventListener(stage, 'click', ({ target }: MouseEvent) => {
  const isControl = (target as Element).closest('a, button, input, textarea, label, summary, [role="slider"]') !== null;
  if (wishes.value.goesOnByTap && !isControl && canGo.value) forward();
});
const finish = (stepId: string): void => void running.tell([{ kind: 'done', stepId }]);
useKeys([
  {
    keys: [' '],
    does: 'the next thing',
    run: () => {
      if (day.value) forward();
    },
  },
  { keys: ['Backspace'], does: 'take the last back', run: () => void running.back() },
  {
    keys: ['+'],
    does: 'a minute more for the first pot',
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
    <h1 class="sr-only">Make</h1>
    <p class="sr-only" role="status" data-test="aloud">{{ aloud }}</p>
    <p class="quiet top figures">
      <span data-test="step">{{ doneCount }} of {{ day.steps.length }} done</span>
      <template v-if="bowl"> · {{ bowl.maskName }} for {{ bowl.headName }}</template> · rinsed about
      <b>{{ time(plan.endsAt) }}</b>
      <span class="end">
        <DayChanges :running="running" />
        <button type="button" class="tool" @click="isEnding = !isEnding">End the day</button>
      </span>
    </p>
    <div v-if="isEnding" class="line ending" role="alert">
      <span>What was done stays in the record. End this wash day?</span>
      <button type="button" class="pill" @click="store.end()">End it</button>
      <button type="button" class="pill" @click="isEnding = false">Go on</button>
    </div>

    <DayEnd v-if="focus.kind === 'finished'" :day="day" />
    <template v-else>
      <div ref="stage" class="stage" :class="{ taps: wishes.goesOnByTap }" :data-focus="focus.kind">
        <StepPicture v-if="step" class="picture" :step="step" />
        <template v-if="focus.kind === 'waiting'">
          <p class="kicker">Nothing for the hands</p>
          <h2 v-if="worn && isTime" class="step" data-test="title">{{ PHASE_WORDS[worn.phase] }}</h2>
          <h2 v-else-if="planned && step" class="step" data-test="title">
            {{ say(step.title) }}: <span class="figures">{{ clockWords(planned.endsAt - second) }}</span>
          </h2>
          <p v-if="step?.lookFor" class="words">{{ say(step.lookFor) }}</p>
        </template>
        <template v-else-if="step">
          <p class="kicker figures">
            <template v-if="focus.kind === 'due'">The clock calls</template>
            <template v-else-if="focus.kind === 'next'">Next</template>
            <template v-else>Now · {{ inHandFor }} of about {{ writeMinutes(step.handsOnMinutes) }}</template>
          </p>
          <h2 class="step" data-test="title">{{ worn && isTime ? PHASE_WORDS[worn.phase] : say(step.title) }}</h2>
          <p v-if="worn" class="limit figures" data-test="out-by">Out by {{ time(worn.limitAt) }}.</p>
          <PourPanel
            v-if="pours && bowl"
            ref="pour"
            :key="step.id"
            :bowl="bowl"
            :catalogue="catalogue"
            :day="day"
            :step="step"
            @tell="running.tell($event)"
          />
          <p v-else-if="toDo.length > 0" class="words" data-test="words">{{ sayAll(toDo) }}</p>
          <p v-if="step.lookFor" class="look"><b>Look for:</b> {{ say(step.lookFor) }}</p>
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
            >{{ step.kind === 'apply' ? 'Section by section' : 'On the head' }}</v-btn
          >
        </template>
      </div>
      <p v-if="missed.length > 0" class="caution" role="status">Has waited too long: {{ missed.join(', ') }}.</p>
      <v-text-field
        v-if="store.needsDecision"
        v-model="decision"
        class="decision"
        label="The bowl is past its time. To wear it all the same, say why; the record keeps it"
        maxlength="300"
      />
      <div class="foot">
        <PotTimers
          v-if="waits.length > 0"
          :waits="waits"
          :second="second"
          :current-id="step?.id"
          @more="more"
          @done="finish"
        />
        <AlarmCheck v-if="waits.length > 0 && focus.kind === 'waiting'" />
        <p v-if="upcoming.length > 0" class="quiet figures then">
          Then
          <template v-for="({ planned: one, step: row }, i) in upcoming" :key="row.id"
            >{{ i > 0 ? ', then ' : '' }}{{ time(one.startsAt) }} {{ say(row.title) }}</template
          >
        </p>
        <p v-for="out in outs" :key="out.from + out.names" class="out" role="status">
          Out of the {{ out.from }} now: {{ out.names }}.
        </p>
        <DayTimeline :plan="plan" :steps="day.steps" :now="second" :where="household.where" :current-id="step?.id" />
        <RinseNow v-if="isWorn" @now="rinseNow" />
        <DemoTime v-if="focus.kind === 'waiting' || isWorn" />
        <div class="buttons">
          <v-btn
            variant="tonal"
            color="primary"
            min-height="72"
            :disabled="day.events.length === 0"
            @click="running.back"
            >Take back</v-btn
          >
          <v-btn v-if="pours" variant="tonal" color="primary" min-height="72" @click="skipPours"
            >All as on the card</v-btn
          >
          <v-btn v-if="canGo" color="primary" min-height="72" class="go" data-test="go" @click="forward">{{
            pours ? 'This is in' : label
          }}</v-btn>
        </div>
      </div>
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
.picture {
  float: right;
  margin: 0 0 8px 28px;
}
.stage {
  flex: 1;
  padding: 8px 0 12px;
}
.taps {
  cursor: pointer;
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
