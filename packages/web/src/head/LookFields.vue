<script setup lang="ts">
import { HAIR_PATTERNS, HAIR_TONES, SKIN_TONES, type HeadLook } from '@amber-ladle/contract';
import { HAIR, SKIN } from './tones';

/** How a head is drawn. Nothing is reckoned from it, and the page says so. */
const look = defineModel<HeadLook>({ required: true });
const PATTERN_WORDS = { straight: 'straight', waves: 'waves', curls: 'curls', coils: 'coils' } as const;
</script>

<template>
  <fieldset class="look">
    <legend class="serif">How it looks</legend>
    <p class="quiet">For the drawing alone; amounts come from the figures above.</p>
    <div class="line" role="group" aria-label="Falls in">
      <button
        v-for="one in HAIR_PATTERNS"
        :key="one"
        type="button"
        class="pill"
        :aria-pressed="look.pattern === one"
        @click="look = { ...look, pattern: one }"
      >
        {{ PATTERN_WORDS[one] }}
      </button>
    </div>
    <div class="line" role="group" aria-label="Hair">
      <span class="quiet called">Hair</span>
      <button
        v-for="one in HAIR_TONES"
        :key="one"
        type="button"
        class="tone"
        :aria-pressed="look.hair === one"
        :aria-label="`Hair ${HAIR[one].name}`"
        :style="{ background: HAIR[one].tone }"
        @click="look = { ...look, hair: one }"
      />
    </div>
    <div class="line" role="group" aria-label="Skin">
      <span class="quiet called">Skin</span>
      <button
        v-for="one in SKIN_TONES"
        :key="one"
        type="button"
        class="tone"
        :aria-pressed="look.skin === one"
        :aria-label="`Skin ${SKIN[one].name}`"
        :style="{ background: SKIN[one].tone }"
        @click="look = { ...look, skin: one }"
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
