<script setup lang="ts">
import type { Bowl } from '@amber-ladle/contract';
import type { Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { wearText, KEEPING_WORDS, RINSE_NEXT, RINSED_WORDS, writeMinutes, writeTime } from '@amber-ladle/words';
import { useHousehold } from '../data/household';
import { AcidRinsePanel, LeftOverPanel } from '../day';
import type { WearingOnScreen } from './useWearing';

/** After the rinse: when and why, what is to be done now, and what was left. */
const { wearing } = defineProps<{ wearing: WearingOnScreen; bowl: Bowl; mask: Mask }>();
const household = useHousehold();
const { life, heads, head, worn, isAllRinsed, isAnew, earlier } = wearing;
</script>

<template>
  <section data-test="rinsed">
    <p class="serif step">
      <template v-if="heads.length > 1">{{ head?.name }}: </template
      >{{ wearText.rinsedOutAt(writeTime(worn?.rinsedAt ?? life?.endedAt ?? '', household.where))
      }}<template v-if="worn?.rinsedWhy">, {{ RINSED_WORDS[worn.rinsedWhy] }}</template
      >.
    </p>
    <details v-if="!life?.endedAt && earlier.length > 0" class="earlier" data-test="earlier">
      <summary>{{ wearText.itWasEarlier }}</summary>
      <button
        v-for="minutes in earlier"
        :key="minutes"
        type="button"
        class="pill"
        @click="wearing.rinsedEarlier(minutes)"
      >
        {{ wearText.ago(writeMinutes(minutes)) }}
      </button>
    </details>
    <div v-if="worn?.rinsedWhy && RINSE_NEXT[worn.rinsedWhy].length > 0" class="what-now" role="alert">
      <ul class="plain-list">
        <li v-for="words in RINSE_NEXT[worn.rinsedWhy]" :key="words">{{ words }}</li>
      </ul>
    </div>
    <AcidRinsePanel v-if="mask.rinse.acidRinse" />
    <LeftOverPanel
      v-if="life && isAllRinsed && !life.endedAt && (life.leftOver?.fate ?? 'undecided') === 'undecided'"
      :bowl="bowl"
      :life="life"
      @life="life = $event"
    />
    <p v-else-if="life?.leftOver && life.leftOver.millilitres >= 1" class="figures">
      {{ wearText.mlWereLeft(kitchenRound(life.leftOver.millilitres)) }}
      <button v-if="!life.endedAt" type="button" class="pill" @click="isAnew = true">
        {{ wearText.wearWhatWasKept }}
      </button>
    </p>
    <p v-else>{{ wearText.neverToBeEaten(KEEPING_WORDS[mask.keeping]) }}</p>
    <v-btn color="primary" min-height="64" :to="{ name: 'notes', query: { bowl: bowl.id, head: head?.id } }">{{
      wearText.howDidItGo
    }}</v-btn>
  </section>
</template>

<style scoped>
.step {
  font-size: 2rem;
  line-height: 1.2;
  margin: 6px 0 10px;
}
.what-now {
  max-width: 62ch;
  margin: 4px 0 16px;
  padding: 12px 16px;
  border-left: 4px solid var(--clay);
  font-size: 1.1rem;
}
.what-now li + li {
  margin-top: 8px;
}
.earlier summary {
  min-height: 44px;
  cursor: pointer;
}
.earlier .pill {
  min-height: 48px;
  margin: 0 8px 8px 0;
}
</style>
