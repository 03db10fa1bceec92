<script setup lang="ts">
import type { Ranking } from '@amber-ladle/core/judge';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { MaskPicture } from '../kit/ink';
import { maskText, aboutWords, reasonSentence } from '@amber-ladle/words';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** Masks for one head and now, the best first with its reasons; then those that are not offered, each with why. */
const { ranking, headId, shownIds } = defineProps<{
  ranking: Ranking;
  headId: string;
  /** Those that the filters above leave. */
  shownIds: ReadonlySet<string>;
}>();
const household = useHousehold();
const rows = computed(() =>
  ranking.ranked
    .filter(({ maskId }) => shownIds.has(maskId))
    .flatMap(({ maskId, terms, score }) => {
      const mask = household.maskById(maskId);
      return mask
        ? [{ mask, score, reason: reasonSentence(terms, household.catalogue, household.where, household.moment) }]
        : [];
    }),
);
const out = computed(() =>
  ranking.excluded
    .filter(({ maskId }) => shownIds.has(maskId))
    .flatMap(({ maskId, what, freeAt }) => {
      const mask = household.maskById(maskId);
      const free = freeAt === undefined ? '' : maskText.freeFrom(aboutWords(freeAt, household.moment, household.where));
      return mask ? [{ mask, words: `${say(what)}${free}` }] : [];
    }),
);
</script>

<template>
  <div data-test="ranked">
    <ol class="plain-list rows">
      <li v-for="{ mask, reason, score } in rows" :key="mask.id">
        <RouterLink :to="{ name: 'bowl', query: { head: headId, mask: mask.id } }">
          <MaskPicture class="picture" :parts="mask.parts" :catalogue="household.catalogue" :size="60" />
          <span class="top"
            ><span class="serif name">{{ mask.name }}</span>
            <span class="quiet figures" :title="maskText.pointsForAndAgainst">{{ score.toFixed(1) }}</span></span
          >
          <span>{{ reason }}</span>
        </RouterLink>
      </li>
    </ol>
    <p v-if="rows.length === 0">{{ maskText.noneThatMay }}</p>
    <template v-if="out.length > 0">
      <h2>{{ maskText.notNow }}</h2>
      <ul class="plain-list" data-test="excluded">
        <li v-for="{ mask, words } in out" :key="mask.id" class="out">
          <RouterLink class="quiet-link" :to="{ name: 'mask', params: { id: mask.id } }">{{ mask.name }}</RouterLink>
          {{ words }}
        </li>
      </ul>
    </template>
  </div>
</template>

<style scoped>
li a {
  display: grid;
  grid-template-columns: 60px 1fr;
  gap: 2px 16px;
}
.picture {
  grid-row: span 2;
  align-self: center;
}
.name {
  font-size: 1.3rem;
}
.top {
  display: flex;
  justify-content: space-between;
}
.out {
  padding: 4px 0;
}
h2 {
  margin: 20px 0 6px;
}
</style>
