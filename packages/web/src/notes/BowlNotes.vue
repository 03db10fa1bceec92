<script setup lang="ts">
import type { Bowl, LoggedBowl } from '@amber-ladle/contract';
import { headNeedIn } from '@amber-ladle/core/house';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import LogEditor from './LogEditor.vue';
import { usePages } from '../data/usePages';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { notesText, evidenceWords, timeWords, writeSmallLength } from '@amber-ladle/words';

/** What was written of a kept bowl, what it taught, and what it would be made again. */
const { bowl } = defineProps<{ bowl: Bowl }>();
const household = useHousehold();
const { listed } = useWords();
const pages = usePages(() => bowl.id);

const taught = (headId: string): string => {
  const told = household.learning.heads[headId]?.evidence.find(({ bowlId }) => bowlId === bowl.id);
  return told ? notesText.itTaughtThat(evidenceWords(told)) : '';
};
const made = (page: LoggedBowl): string => {
  const { plannedMillilitres: planned, madeMillilitres: poured, minutes } = page.facts;
  const off = Math.abs(poured - planned) >= 1 ? notesText.mlAs(kitchenRound(poured)) : '';
  return notesText.plannedMl(
    kitchenRound(planned),
    off,
    minutes === undefined ? '' : notesText.fromTheFirstStep(timeWords(minutes)),
  );
};
/** The same mask for the same head, sized by what is known now. */
const again = computed(() => {
  const head = household.headById(bowl.headId);
  const mask = household.maskById(bowl.maskId);
  if (!head || !mask || bowl.snapshot.others.length > 0) return undefined;
  const { enoughChance } = bowl.snapshot.choices;
  const need = kitchenRound(headNeedIn(household.house, head, mask, enoughChance).millilitres);
  const before = kitchenRound(bowl.snapshot.sized.needMillilitres);
  if (need === before) return { words: notesText.madeAgainItNeeds(need), head, mask };
  const length = head.profile.stretchedLengthCentimetres - bowl.snapshot.head.profile.stretchedLengthCentimetres;
  const reasons = [
    notesText.whatEarlierBowlsTaught,
    ...(Math.abs(length) >= 0.5
      ? [
          notesText.hairSmallLengthCount(
            writeSmallLength(Math.abs(length), household.where),
            length > 0 ? notesText.moreHair : notesText.lessHair,
          ),
        ]
      : []),
  ];
  return { words: notesText.madeAgainItNeedsMl(need, before, listed(reasons)), head, mask };
});
const toChange = computed(() => pages.value.flatMap(({ log }) => (log.toChange ? [log.toChange] : [])));
</script>

<template>
  <section class="no-print notes" aria-labelledby="bowl-notes" data-test="bowl-notes">
    <h2 id="bowl-notes">{{ notesText.notes }}</h2>
    <p v-if="again" class="big" data-test="again">
      {{ again.words }}
      <template v-if="toChange.length > 0">{{ notesText.otherwise(toChange.join(' ')) }}</template>
    </p>
    <p v-if="again">
      <v-btn color="primary" variant="tonal" :to="{ name: 'bowl', query: { head: bowl.headId, mask: bowl.maskId } }">{{
        notesText.makeAgainAdjusted
      }}</v-btn>
    </p>
    <div v-for="page in pages" :key="page.headId" class="one">
      <h3 v-if="pages.length > 1">{{ page.facts.headName }}</h3>
      <p class="quiet figures">
        {{ made(page) }} <span data-test="taught">{{ taught(page.headId) }}</span>
      </p>
      <LogEditor :page="page" />
    </div>
  </section>
</template>

<style scoped>
.one {
  max-width: 760px;
}
.notes {
  margin-top: 26px;
}
</style>
