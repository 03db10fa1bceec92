<script setup lang="ts">
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import { maskWorn, type Bowl } from '@amber-ladle/contract';
import { computed, toRef } from 'vue';
import DayTimeline from './DayTimeline.vue';
import { CautionPanel } from '../caution';
import { MeasuresCard } from '../bowl';
import { BowlOpening, WearLengths } from '../day';
import { useDayAhead } from './useDayAhead';
import { useKeys } from '../kit/useKeys';
import { useHousehold } from '../data/household';
import { makeText, helpWords, untilWords, writeMinutes, writeTime } from '@amber-ladle/words';

/** Before a wash day: when, with which second bowl, and what the day will be like. */
const props = defineProps<{ bowl: Bowl }>();
const household = useHousehold();
const person = computed(() => household.headById(props.bowl.headId));
const {
  kind,
  by,
  leaveBy,
  wish,
  secondId,
  seconds,
  bowls,
  lengths,
  stopped,
  choose,
  isFamily,
  childrenFirst,
  rings,
  saveRings,
  steps,
  plan,
  failure,
  helps,
  isLookingForHelp,
  outs,
  ends,
  isBeginning,
  begin,
} = useDayAhead(toRef(props, 'bowl'));
const time = (at: number): string => untilWords(at, household.moment, household.where);
const costs = computed(
  () => new Map([...(ends.value ?? [])].map(([aimMinutes, at]) => [aimMinutes, makeText.rinsedAt(time(at))] as const)),
);
const clock = (at: number): string => writeTime(new Date(at).toISOString(), household.where);
const dayWords = computed(() => {
  if (!plan.value) return '';
  const minutes = Math.round((plan.value.endsAt - plan.value.startsAt) / 60_000);
  const hands = Math.round(plan.value.handsOnMinutes);
  return makeText.inAll(writeMinutes(minutes), writeMinutes(hands), writeMinutes(Math.round(plan.value.idleMinutes)));
});
const best = computed(() => {
  const all = helps.value ?? [];
  const masks = all.filter((help) => help.kind === 'other-mask');
  const own = all.filter((help) => help.kind !== 'other-mask');
  // The masks that change least about the day first: those that are just enough.
  const enough = [...masks].reverse().filter(({ isEnough }) => isEnough);
  return [...own, ...(enough.length > 0 ? enough : masks).slice(0, 3)];
});
const nameOf = (subject: string): string => household.maskById(subject)?.name ?? '';

const headsOf = ({ snapshot: { head, others } }: Bowl) =>
  [head, ...others].flatMap(({ id }) => household.headById(id) ?? []);

useKeys([{ keys: [' '], does: makeText.beginTheDay, run: () => void begin() }]);
</script>

<template>
  <div class="start">
    <BowlOpening :title="makeText.make" :bowl="bowl" :head="person" />
    <div class="wish">
      <div class="line" role="group" :aria-label="makeText.when">
        <TogglePill :is-on="kind === 'start-at'" look="big" @toggle="kind = 'start-at'">{{
          makeText.startNow
        }}</TogglePill>
        <TogglePill :is-on="kind === 'rinsed-by'" look="big" @toggle="kind = 'rinsed-by'">{{
          makeText.rinsedBy
        }}</TogglePill>
        <input
          v-if="kind === 'rinsed-by'"
          v-model="by"
          type="time"
          class="figures small-field time"
          :aria-label="makeText.rinsedByAloud"
          required
          @blur="leaveBy"
        />
      </div>
      <v-select
        v-if="seconds.length > 0"
        v-model="secondId"
        :items="seconds"
        :label="makeText.aSecondBowl"
        clearable
        class="second"
      />
      <div v-if="isFamily" class="line" role="group" :aria-label="makeText.whoseTurn">
        <TogglePill
          data-test="children-first"
          :is-on="childrenFirst"
          look="big"
          @toggle="childrenFirst = !childrenFirst"
          >{{ makeText.childrenFirst }}</TogglePill
        >
      </div>
      <div class="line" role="group" :aria-label="makeText.ringsOfTheStove">
        <span class="quiet">{{ makeText.rings }}</span>
        <ChoicePills :of="[1, 2, 3, 4]" :is-chosen="(count) => rings === count" @choose="(count) => saveRings(count)" />
      </div>
    </div>
    <WearLengths :lengths="lengths" :stopped="stopped" :costs="costs" @choose="choose" />
    <p v-if="failure" role="alert" class="stop">{{ failure }}</p>
    <template v-else-if="plan">
      <p class="serif sum" data-test="day-sum" aria-live="polite">
        <template v-if="kind === 'start-at'">{{ makeText.begunNowRinsed(time(plan.endsAt)) }}</template>
        <template v-else-if="plan.isAsWished">{{
          makeText.beginRinsed(time(plan.startsAt), time(plan.endsAt))
        }}</template>
        <template v-else>{{ makeText.notBy(clock(Date.parse(wish.at)), time(plan.endsAt)) }}</template>
      </p>
      <p class="quiet figures">
        {{ dayWords }}
        <template v-if="plan.latestStart !== undefined && plan.isAsWished">{{
          makeText.beginAtTheLatest(time(plan.latestStart))
        }}</template>
      </p>
      <div v-if="!plan.isAsWished" class="helps" data-test="helps">
        <p v-if="isLookingForHelp && !helps" class="quiet">{{ makeText.lookingForWhatWould }}</p>
        <ul v-else class="plain-list">
          <li v-for="help in best" :key="help.kind + help.subject">{{ helpWords(help, nameOf(help.subject)) }}</li>
        </ul>
      </div>
      <DayTimeline :plan="plan" :steps="steps" :where="household.where" />
      <ul v-if="outs.length > 0" class="plain-list outs">
        <li v-for="group in outs" :key="group.from + group.at" class="figures">
          {{
            makeText.outOfThe(group.at <= household.moment ? makeText.now : clock(group.at), group.names, group.from)
          }}
        </li>
      </ul>
    </template>
    <CautionPanel
      v-for="one in bowls"
      :key="one.id"
      :mask="maskWorn(one)"
      :heads="headsOf(one)"
      place="making"
      class="cautions"
    />
    <div class="buttons in-reach">
      <v-btn
        color="primary"
        min-height="64"
        block
        :loading="isBeginning"
        :disabled="!plan || Boolean(failure)"
        @click="begin"
        >{{ makeText.beginTheWashDay }}</v-btn
      >
    </div>
    <details>
      <summary>{{ makeText.theMeasures }}</summary>
      <MeasuresCard
        :bowl="bowl.snapshot.sized"
        :catalogue="household.catalogue"
        :makings="bowl.snapshot.choices.makings"
        :spoons="bowl.snapshot.spoons"
      />
      <ol v-if="bowl.snapshot.mask.steps.length > 0">
        <li v-for="words in bowl.snapshot.mask.steps" :key="words">{{ words }}</li>
      </ol>
    </details>
  </div>
</template>

<style scoped>
.wish {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 12px 28px;
  margin: 14px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
}
.time {
  min-height: 52px;
  padding: 0 14px;
  color-scheme: light dark;
  font-size: 1.3rem;
}
.second {
  flex: 0 1 330px;
}
.sum {
  font-size: clamp(1.5rem, 3.4vw, 2.3rem);
  margin: 6px 0;
}
.stop {
  color: var(--clay);
  font-weight: 600;
}
.helps {
  margin: 0 0 14px;
  padding: 8px 14px;
  border-left: 4px solid var(--amber-fill);
}
.outs {
  margin-top: 10px;
}
.buttons {
  margin: 20px 0 8px;
}
</style>
