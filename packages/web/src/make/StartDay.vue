<script setup lang="ts">
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import { maskWorn, type Bowl, type KeptWish } from '@amber-ladle/contract';
import { isChild, nextAt } from '@amber-ladle/core/washday';
import { useLocalStorage } from '@vueuse/core';
import { computed, ref, watch } from 'vue';
import DayTimeline from './DayTimeline.vue';
import { CautionPanel } from '../caution';
import { MeasuresCard } from '../bowl';
import { BowlOpening, WearLengths } from '../day';
import { useDayPreview } from './useDayPreview';
import { useKeys } from '../kit/useKeys';
import { useLengths } from '../day';
import { useKeptBowl } from '../data/useKeptBowl';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useWashDay } from '../data/washday';
import { makeText, helpWords, untilWords, writeMinutes, writeTime } from '@amber-ladle/words';

/** Before a wash day: when, with which second bowl, and what the day will be like. */
const { bowl } = defineProps<{ bowl: Bowl }>();
const household = useHousehold();
const person = computed(() => household.headById(bowl.headId));
const store = useWashDay();
const notice = useNotice();
const zone = computed(() => household.settings.timeZone);

const kind = ref<KeptWish['kind']>('start-at');
const by = ref('20:30');
const wish = computed<KeptWish>(() => {
  if (kind.value === 'start-at') return { kind: 'start-at', at: new Date(household.moment).toISOString() };
  const time = /^\d\d:\d\d/.test(by.value) ? by.value.slice(0, 5) : '20:30';
  return { kind: 'rinsed-by', at: new Date(nextAt(time, household.moment, zone.value)).toISOString() };
});

const secondId = ref<string | null>(null);
watch(
  () => bowl.id,
  () => (secondId.value = null),
);
const seconds = computed(() =>
  household.bowls.items
    .filter(({ id, headId, life }) => id !== bowl.id && headId !== bowl.headId && life && !life.endedAt)
    .map(({ id, maskName, headName }) => ({ value: id, title: makeText.dayIsFor(maskName, headName) })),
);
const { bowl: second } = useKeptBowl(computed(() => secondId.value ?? undefined));
const { life, lengths, stopped, choose } = useLengths(computed(() => bowl));
const bowls = computed<Bowl[]>(() => [{ ...bowl, life: life.value }, ...(second.value ? [second.value] : [])]);
const rings = computed(() => household.settings.rings);
const time = (at: number): string => untilWords(at, household.moment, household.where);
/** Asked only where there are children and grown-ups, and remembered. */
const childrenFirst = useLocalStorage('amber-ladle-children-first', false);
const isFamily = computed(() => {
  const people = bowls.value.flatMap(({ snapshot: { head, others } }) => [head, ...others]);
  return people.some(isChild) && !people.every(isChild);
});
const wishes = computed(() => ({ childrenFirst: isFamily.value && childrenFirst.value }));
const { steps, plan, failure, helps, isLookingForHelp, outs, ends } = useDayPreview(bowls, wish, rings, wishes);
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

const isBeginning = ref(false);
async function begin(): Promise<void> {
  if (isBeginning.value || failure.value) return;
  isBeginning.value = true;
  try {
    await store.begin({
      bowlIds: bowls.value.map(({ id }) => id),
      wish: wish.value,
      rings: rings.value,
      ...wishes.value,
    });
  } catch (error) {
    notice.fail(error);
  } finally {
    isBeginning.value = false;
  }
}
useKeys([{ keys: [' '], does: makeText.beginTheDay, run: () => void begin() }]);
async function saveRings(count: number): Promise<void> {
  try {
    await household.saveSettings({ rings: count });
  } catch (error) {
    notice.fail(error);
  }
}
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
          class="figures time"
          :aria-label="makeText.rinsedByAloud"
          required
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
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  color-scheme: light dark;
  font: inherit;
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
