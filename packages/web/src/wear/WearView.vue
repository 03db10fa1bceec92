<script setup lang="ts">
import { wearText, HEAT_WORDS, rinseWords, writeMinutes } from '@amber-ladle/words';
import { computed } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { CautionPanel } from '../caution';
import { useHousehold } from '../data/household';
import { AcidRinsePanel, BowlOpening, NoBowlYet, useCurrentBowl, WearScale } from '../day';
import ChoicePills from '../kit/ChoicePills.vue';
import { useKeys } from '../kit/useKeys';
import { useWearing } from './useWearing';
import WearRinsed from './WearRinsed.vue';
import WearSections from './WearSections.vue';
import WearTime from './WearTime.vue';

/** On the head: section by section, then the candle of time, then the rinse. */
const household = useHousehold();
const route = useRoute();
const router = useRouter();
const kept = useCurrentBowl();
const { bowl, failure } = kept;
const wearing = useWearing(
  kept,
  computed(() => (route.query['head'] ? String(route.query['head']) : undefined)),
);
const { life, mask, heads, head, isRinsed, state } = wearing;
const person = computed(() => household.headById(head.value?.id));
const choose = (id: string): unknown => router.replace({ query: { ...route.query, head: id } });
useKeys([
  { keys: [' '], does: wearText.nextSectionCap, run: wearing.forward },
  { keys: ['Backspace'], does: wearText.oneBack, run: wearing.back },
]);
</script>

<template>
  <NoBowlYet v-if="failure || !bowl || !mask" :title="wearText.wear" :failure="failure" />
  <div v-else class="page wear wet-hands">
    <BowlOpening :title="wearText.wear" :bowl="bowl" :head="person" />
    <div v-if="heads.length > 1" class="line" role="group" :aria-label="wearText.whoseHead">
      <ChoicePills
        :of="heads"
        :says="(one) => one.name"
        look="big"
        :is-chosen="(one) => one.id === head?.id"
        @choose="(one) => choose(one.id)"
      />
    </div>

    <WearRinsed v-if="life?.endedAt || isRinsed" :wearing="wearing" :bowl="bowl" :mask="mask" />
    <WearTime v-else-if="state" :wearing="wearing" :mask="mask" :state="state" />
    <WearSections v-else :wearing="wearing" :bowl="bowl" :mask="mask" />

    <template v-if="!life?.endedAt && !isRinsed">
      <CautionPanel v-if="person" :mask="mask" :heads="[person]" place="wearing" />
      <WearScale v-if="!state" :wear="mask.wear" />
      <dl>
        <dt>{{ wearText.stop }}</dt>
        <dd>
          {{ wearText.atBurningSwelling }}
        </dd>
        <template v-if="!state">
          <dt>{{ wearText.warmth }}</dt>
          <dd>{{ HEAT_WORDS[mask.heat] }}</dd>
          <dt>{{ wearText.rinse }}</dt>
          <dd>{{ wearText.aimFor(rinseWords(mask.rinse), writeMinutes(mask.wear.aimMinutes)) }}</dd>
        </template>
      </dl>
      <AcidRinsePanel v-if="mask.rinse.acidRinse && state" />
    </template>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 8px 0;
}
dl {
  display: grid;
  grid-template-columns: 110px 1fr;
  gap: 12px 20px;
  font-size: 1.15rem;
  margin-top: 20px;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
}
@media (max-width: 32.5em) {
  dl {
    grid-template-columns: minmax(0, 1fr);
    gap: 2px;
  }
  dd {
    margin-bottom: 12px;
  }
}
</style>
