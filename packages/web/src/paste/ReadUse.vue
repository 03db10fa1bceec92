<script setup lang="ts">
import type { UnderstoodMask, UseReading } from '@amber-ladle/core/exchange';
import type { Mask } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { pasteText, caredWords, USE_WORDS, usedWords, wearWords } from '@amber-ladle/words';

/** How it is used, as far as the text says, and what its ingredients decided where it is silent. */
const { mask, readings, understood } = defineProps<{
  mask: Mask;
  readings: readonly UseReading[];
  understood: UnderstoodMask;
}>();

const rows = computed(() => {
  const seen = new Set<string>();
  return (
    readings
      .map(({ what, words }) => ({ what, words, label: USE_WORDS[what], value: usedWords(what, mask) }))
      .filter(({ what, value }) => value !== '' && !seen.has(what) && seen.add(what))
      // Where several were read from the same words, those stand once.
      .map((row, i, all) => ({ ...row, words: row.words === all[i - 1]?.words ? '' : row.words }))
  );
});
</script>

<template>
  <section aria-labelledby="used">
    <h2 id="used">{{ pasteText.howItIsUsed }}</h2>
    <dl class="used">
      <div v-for="row in rows" :key="row.what">
        <dt>{{ row.label }}</dt>
        <dd>
          {{ row.value }} <span v-if="row.words" class="quiet">“{{ row.words }}”</span>
        </dd>
      </div>
      <div v-if="mask.otherWears?.length">
        <dt>{{ pasteText.orWorn }}</dt>
        <dd v-for="wear in mask.otherWears" :key="wear.aimMinutes">
          {{ pasteText.chosenWithEachBowl(wearWords(wear)) }}
        </dd>
      </div>
      <div v-for="what in understood.silent" :key="what">
        <dt>{{ pasteText.notSaid }}</dt>
        <dd>
          {{ caredWords(what, mask) }} <span class="quiet">{{ pasteText.whatIs }}</span>
        </dd>
      </div>
    </dl>
    <p v-if="rows.length === 0 && understood.silent.length === 0" class="quiet">
      {{ pasteText.theTextSaysNothing }}
    </p>
  </section>
</template>

<style scoped>
.used div {
  display: grid;
  grid-template-columns: 140px 1fr;
  gap: 0 12px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
dl {
  margin: 0;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
  grid-column: 2;
}
@media (max-width: 32.5em) {
  .used div {
    grid-template-columns: minmax(0, 1fr);
  }
  dd {
    grid-column: 1;
  }
}
</style>
