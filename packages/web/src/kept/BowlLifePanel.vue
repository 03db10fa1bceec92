<script setup lang="ts">
import type { Bowl, BowlEnd, BowlLife } from '@amber-ladle/contract';
import { SOURCES } from '@amber-ladle/core/source';
import { computed, ref, toRef } from 'vue';
import BudgetChart from './BudgetChart.vue';
import { useBowlLife } from './useBowlLife';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { keptText, capital, leftWords, untilWords, writeWarmth } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** How long the bowl may still be used, where it stands, and how it ends. */
const props = defineProps<{ bowl: Bowl; life: BowlLife }>();
const emit = defineEmits<{ life: [life: BowlLife] }>();
const household = useHousehold();
const shelf = useShelf();
const { strictest, strictestName, budget, course, spans, made, move, end } = useBowlLife(
  toRef(props, 'bowl'),
  toRef(props, 'life'),
);

const here = computed(() => shelf.placeById(props.life.stays.at(-1)?.placeId ?? '')?.name ?? '');
const decision = ref('');
const until = (at: number): string => untilWords(at, household.moment, household.where);
const rule = computed(() => {
  if (!strictest.value) return '';
  const { roomHours, coldHours, source } = strictest.value.keeping;
  const { title, fromMemory } = SOURCES[source];
  const name = strictestName.value;
  return keptText.decidesH(
    capital(name),
    roomHours,
    coldHours,
    writeWarmth(5, household.where),
    title,
    fromMemory ? keptText.fromMemory : '',
  );
});
const share = computed(() => Math.min(1, budget.value?.usedShare ?? 0));
const ENDS: readonly (readonly [BowlEnd, string])[] = [
  ['worn', keptText.wornChoice],
  ['used-otherwise', keptText.usedOtherwise],
  ['thrown-away', keptText.thrownAway],
];
const ENDED_WORDS: Readonly<Record<BowlEnd, string>> = {
  worn: keptText.wornChoice,
  'used-otherwise': keptText.usedOtherwise,
  'thrown-away': keptText.thrownAway,
};
async function take(answer: Promise<BowlLife | undefined>): Promise<void> {
  const life = await answer;
  if (life) emit('life', life);
}
</script>

<template>
  <section class="life no-print" aria-labelledby="life">
    <h2 id="life">{{ keptText.howLongItLasts }}</h2>
    <p v-if="life.endedAt" data-test="ended">
      {{ ENDED_WORDS[life.endedHow ?? 'worn'] }} {{ until(Date.parse(life.endedAt)) }}.
      <span v-for="one in life.decisions" :key="one.at" class="quiet">{{ say(one.what) }}</span>
    </p>
    <p v-else-if="!strictest" class="quiet">{{ keptText.oilsHoneyAndPowders }}</p>
    <template v-else-if="life.stays.length === 0">
      <p>
        {{ keptText.itsTimeBeginsWhen }} <span class="quiet">{{ rule }}</span>
      </p>
      <div class="line">
        <button v-for="place in shelf.places" :key="place.id" type="button" class="pill" @click="take(made(place.id))">
          {{ keptText.mixedItStandsIn(place.name) }}
        </button>
      </div>
    </template>
    <template v-else-if="budget">
      <p class="big figures" :class="{ over: budget.isPast }" data-test="budget">
        <template v-if="budget.isPast">{{ keptText.pastItsTimeSince(until(budget.endsAt)) }}</template>
        <template v-else-if="!Number.isFinite(budget.endsAt)">{{ keptText.heldByFrost }}</template>
        <template v-else>{{
          keptText.leftTill(leftWords(budget.endsAt - household.moment), until(budget.endsAt))
        }}</template>
      </p>
      <svg
        viewBox="0 0 400 20"
        preserveAspectRatio="none"
        role="img"
        :aria-label="keptText.ofItsTimeUsed(Math.round(share * 100))"
      >
        <rect class="all" x="0.5" y="3" width="399" height="14" />
        <rect class="used" x="0.5" y="3" :width="399 * share" height="14" :class="{ over: budget.isPast }" />
      </svg>
      <p class="quiet">
        {{ keptText.usedIn(Math.round(share * 100), here) }}
        <template v-if="!budget.isPast && budget.endsAtIfCold && budget.endsAtIfCold > budget.endsAtHere + 60_000">
          {{ keptText.inTheFridge(until(Math.min(budget.endsAtIfCold, budget.midnightAt ?? Infinity))) }}
        </template>
        <template v-if="budget.midnightAt"> {{ keptText.aSameDayBowl }} </template>
        {{ rule }}
      </p>
      <BudgetChart v-if="course.length > 1" :course="course" :spans="spans" />
      <div class="line" role="group" :aria-label="keptText.moveTheBowlTo">
        <span class="quiet">{{ keptText.moveTo }}</span>
        <button
          v-for="place in shelf.places.filter(({ id }) => id !== life.stays.at(-1)?.placeId)"
          :key="place.id"
          type="button"
          class="pill"
          @click="take(move(place.id))"
        >
          {{ place.name }}
        </button>
      </div>
      <v-text-field
        v-if="budget.isPast"
        v-model="decision"
        :label="keptText.toWearItAll"
        maxlength="300"
        class="decision"
      />
      <div class="line">
        <button
          v-for="[how, words] in ENDS"
          :key="how"
          type="button"
          class="pill"
          :disabled="how === 'worn' && budget.isPast && decision.trim().length < 3"
          @click="take(end(how, how === 'worn' && budget.isPast ? decision.trim() : undefined))"
        >
          {{ words }}
        </button>
      </div>
    </template>
  </section>
</template>

<style scoped>
.life {
  margin: 18px 0;
}
.big {
  font: 560 1.4rem var(--serif);
  margin: 4px 0;
}
.over {
  color: var(--clay);
}
svg {
  width: 100%;
  max-width: 520px;
  height: 20px;
}
.all {
  fill: none;
  stroke: var(--quiet);
}
.used {
  fill: var(--amber-fill);
}
.used.over {
  fill: var(--clay);
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 8px 0;
}
.decision {
  max-width: 560px;
  margin: 8px 0;
}
.pill:disabled {
  opacity: 0.5;
  cursor: default;
}
</style>
