<script setup lang="ts">
import type { Mask } from '@amber-ladle/core/mask';
import { hoodMinutes, type WearState } from '@amber-ladle/core/washday';
import {
  wearText,
  coatedWords,
  HEAT_WORDS,
  leftAloud,
  markOf,
  PHASE_WORDS,
  rinseWords,
  SECTION_WORDS,
  writeTime,
} from '@amber-ladle/words';
import { computed } from 'vue';
import { AlarmCheck } from '../alarms';
import { useHousehold } from '../data/household';
import { RinseNow } from '../day';
import ChoicePills from '../kit/ChoicePills.vue';
import DemoTime from '../kit/DemoTime.vue';
import { ScenePicture } from '../kit/ink';
import { useAloud } from '../kit/useAloud';
import type { WearingOnScreen } from './useWearing';
import WearCandle from './WearCandle.vue';

/** Under the cap: the candle of time, warmth, and the rinse. */
const { wearing, mask, state } = defineProps<{ wearing: WearingOnScreen; mask: Mask; state: WearState }>();
const household = useHousehold();
const { amounts, coated, second } = wearing;
const time = (at: number): string => writeTime(new Date(at).toISOString(), household.where);
const isEgg = computed(() => mask.heat === 'never');
const residue = computed(() => (coated.value.length > 0 ? coatedWords(mask) : ''));
const hoodFrom = computed(() => {
  const hood = hoodMinutes(mask);
  return hood > 0 ? state.aimAt - hood * 60_000 : undefined;
});
/** When the present phase ends. */
const phaseEnd = computed(() =>
  state.phase === 'over'
    ? undefined
    : { early: state.minimumAt, fine: state.aimAt, aim: state.limitAt, late: state.limitAt }[state.phase],
);
const aloud = useAloud(
  () => {
    const left = (phaseEnd.value ?? second.value) - second.value;
    const words = phaseEnd.value === undefined ? '' : ` ${leftAloud(left)}.`;
    return { key: `${state.phase} ${markOf(left)}`, text: PHASE_WORDS[state.phase] + words };
  },
  () => household.settings.locale,
);
</script>

<template>
  <section class="stage">
    <p class="sr-only" role="status" data-test="aloud">{{ aloud }}</p>
    <div class="clock"><WearCandle :wear="mask.wear" :state="state" /></div>
    <div>
      <p class="serif step" data-test="phase">{{ PHASE_WORDS[state.phase] }}</p>
      <p class="figures">
        {{ wearText.atLeastTillBest(time(state.minimumAt), time(state.aimAt)) }}
        <b>{{ time(state.limitAt) }}</b>.
      </p>
      <p :class="{ stop: isEgg }">{{ HEAT_WORDS[mask.heat] }}</p>
      <p v-if="hoodFrom !== undefined" class="figures hood" data-test="hood">
        <ScenePicture scene="hood" :size="56" />
        {{ wearText.underTheHood(time(hoodFrom)) }}
      </p>
      <p>{{ rinseWords(mask.rinse) }}</p>
      <div v-if="state.phase !== 'early'" class="left" role="group" :aria-label="wearText.stillCoatedUnder">
        <span class="quiet">{{ wearText.stillCoated }}</span>
        <ChoicePills
          :of="amounts"
          :says="(one) => SECTION_WORDS[one.id]"
          :is-chosen="(one) => coated.includes(one.id)"
          @choose="(one) => wearing.feel(one.id)"
        />
        <p v-if="residue" aria-live="polite" data-test="residue">{{ residue }}</p>
      </div>
      <div class="buttons in-reach">
        <v-btn v-if="state.phase !== 'early'" color="primary" min-height="64" @click="wearing.rinsed()">{{
          wearText.rinsedOut
        }}</v-btn>
        <v-btn variant="text" min-height="64" @click="wearing.back">{{ wearText.capOffAgain }}</v-btn>
      </div>
      <RinseNow @now="wearing.rinsed" />
      <DemoTime />
      <AlarmCheck />
    </div>
  </section>
</template>

<style scoped>
.hood {
  display: flex;
  align-items: center;
  gap: 14px;
}
.stage {
  display: grid;
  grid-template-columns: 380px 1fr;
  gap: 36px;
  margin-top: 12px;
}
.step {
  font-size: 2rem;
  line-height: 1.2;
  margin: 6px 0 10px;
}
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  margin: 16px 0;
}
.left {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin-top: 14px;
}
.left p {
  flex-basis: 100%;
  margin: 0;
  font-weight: 600;
}
.stop {
  color: var(--clay);
  font-weight: 600;
}
@media (max-width: 50em) {
  .stage {
    grid-template-columns: minmax(0, 1fr);
    gap: 12px;
  }
}
@media (max-width: 32.5em) {
  .clock {
    max-width: 270px;
    margin: 0 auto;
  }
}
</style>
