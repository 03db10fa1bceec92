<script setup lang="ts">
import { PROFILE_LIMITS } from '@amber-ladle/core/hair';
import { kitchenRound } from '@amber-ladle/core/measure';
import { bowlText, stepLength, writeLength } from '@amber-ladle/words';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { HeadDrawing, isGuest, ProfileFields } from '../head';
import HintLine from '../kit/HintLine.vue';
import { useKeys } from '../kit/useKeys';
import { useLaidBench } from './atBench';
import { measureOnBench } from './useBench';

/** The hair that the bowl is for: pulled to its length, or told. */
const household = useHousehold();
const notice = useNotice();
const { head, bench, cups, isFirst } = useLaidBench();
const { profile, bowl, isChanged } = bench;

function setLength(stretchedLengthCentimetres: number): void {
  if (profile.value) profile.value = { ...profile.value, stretchedLengthCentimetres };
}
function goBy(steps: number): void {
  const { min, max } = PROFILE_LIMITS.stretchedLengthCentimetres;
  const now = profile.value?.stretchedLengthCentimetres ?? min;
  setLength(Math.min(max, Math.max(min, stepLength(now, household.where.lengthIn, steps))));
}
const longer = (): void => {
  goBy(1);
};
const shorter = (): void => {
  goBy(-1);
};
useKeys([
  { keys: ['+', '='], repeats: true, does: bowlText.aLittleLonger, run: longer },
  { keys: ['-', '−'], repeats: true, does: bowlText.aLittleShorter, run: shorter },
]);

async function saveToHead(): Promise<void> {
  if (!profile.value) return;
  const { name, note, ageYears, sensitiveSkin } = head.value;
  try {
    await household.saveHead({ name, note, ageYears, sensitiveSkin, profile: profile.value }, head.value);
    measureOnBench(null);
    notice.show(bowlText.measurementsAreSaved(name));
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section v-if="profile" :aria-label="bowlText.hair" :class="{ guest: isGuest(head) }">
    <HintLine v-if="isFirst" id="length">{{ bowlText.pullTheRingDown }}</HintLine>
    <p v-if="bowl" class="comes-to" aria-hidden="true">
      <span class="serif figures">{{ kitchenRound(bowl.madeMillilitres) }} mL</span>
      <span class="quiet">{{ cups }}, {{ writeLength(profile.stretchedLengthCentimetres, household.where) }}</span>
    </p>
    <HeadDrawing :profile="profile" :look="head.look" :age-years="head.ageYears" @length="setLength" />
    <ProfileFields v-model="profile" />
    <p v-if="isChanged && !isGuest(head)" class="changed">
      <v-btn variant="tonal" color="primary" @click="saveToHead">{{ bowlText.saveTo(head.name) }}</v-btn>
      <v-btn variant="text" @click="profile = undefined">{{ bowlText.putBack }}</v-btn>
    </p>
  </section>
</template>

<style scoped>
.changed {
  display: flex;
  gap: 8px;
  margin: 12px 0 0;
}
.comes-to {
  display: none;
}
@media (max-width: 43.75em) {
  .guest .comes-to {
    position: sticky;
    z-index: 2;
    top: 0;
    display: flex;
    align-items: baseline;
    gap: 10px;
    margin: 0 -14px;
    padding: 6px 14px;
    background: rgb(var(--v-theme-background));
    border-bottom: 1px solid var(--rule);
    font-size: 1.5rem;
  }
  .comes-to .quiet {
    font-size: 1rem;
  }
}
</style>
