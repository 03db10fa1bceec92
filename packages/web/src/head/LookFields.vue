<script setup lang="ts">
import { headText, HAIR_TONE_WORDS, PATTERN_WORDS, SKIN_TONE_WORDS } from '@amber-ladle/words';
import { HAIR_PATTERNS, HAIR_TONES, SKIN_TONES, type HeadLook } from '@amber-ladle/contract';
import ChoicePills from '../kit/ChoicePills.vue';
import { useWords } from '../data/useWords';
import { HAIR, SKIN } from './tones';

/** How a head is drawn. Nothing is reckoned from it, and the page says so. */
const look = defineModel<HeadLook>({ required: true });
const { spell } = useWords();
const TONES = [
  {
    key: 'hair',
    title: headText.hair,
    of: HAIR_TONES.map((id) => ({ id, name: HAIR_TONE_WORDS[id], tone: HAIR[id].tone })),
  },
  {
    key: 'skin',
    title: headText.skin,
    of: SKIN_TONES.map((id) => ({ id, name: SKIN_TONE_WORDS[id], tone: SKIN[id].tone })),
  },
] as const;
</script>

<template>
  <fieldset class="look">
    <legend class="serif">{{ headText.howItLooks }}</legend>
    <p class="quiet">{{ headText.forTheDrawingAlone }}</p>
    <div class="line" role="group" :aria-label="headText.fallsIn">
      <ChoicePills
        :of="HAIR_PATTERNS"
        :says="(one) => PATTERN_WORDS[one]"
        :is-chosen="(one) => one === look.pattern"
        @choose="(pattern) => (look = { ...look, pattern })"
      />
    </div>
    <div v-for="row in TONES" :key="row.key" class="line" role="group" :aria-label="row.title">
      <span class="quiet called">{{ row.title }}</span>
      <button
        v-for="one in row.of"
        :key="one.id"
        type="button"
        class="tone"
        :aria-pressed="look[row.key] === one.id"
        :aria-label="`${row.title} ${spell(one.name)}`"
        :style="{ background: one.tone }"
        @click="look = { ...look, [row.key]: one.id }"
      />
    </div>
  </fieldset>
</template>

<style scoped>
.look {
  border: 0;
  margin: 0;
  padding: 0;
}
legend {
  padding: 0;
  font-size: 1.15rem;
}
p {
  margin: 2px 0 6px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px;
  margin: 6px 0;
}
.called {
  width: 40px;
}
.tone {
  width: 44px;
  height: 44px;
  border: 1.5px solid var(--ink-line);
  border-radius: 50%;
  cursor: pointer;
  forced-color-adjust: none;
}
.tone[aria-pressed='true'] {
  outline: 3px solid var(--amber-fill);
  outline-offset: 2px;
}
</style>
