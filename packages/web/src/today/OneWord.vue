<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { todayText, askWords } from '@amber-ladle/words';
import { computed } from 'vue';
import { useRead } from '../data/answer';

/** Bowls that ask for a word: how they went, and from the next day on how the hair is dry. */
const { value: open } = useRead(api.notes.open, () => ({}), { isQuiet: true });
const asks = computed(() =>
  (open.value ?? []).slice(0, 3).map(({ bowlId, headId, facts, wants }) => ({
    key: `${bowlId} ${headId}`,
    query: { bowl: bowlId, head: headId },
    words: askWords(wants, facts),
  })),
);
</script>

<template>
  <template v-if="asks.length > 0">
    <h2>{{ todayText.oneWordAbout }}</h2>
    <ul class="plain-list ruled-list" data-test="asks">
      <li v-for="one in asks" :key="one.key" class="figures">
        <RouterLink class="quiet-link" :to="{ name: 'notes', query: one.query }">{{ one.words }}</RouterLink>
      </li>
    </ul>
  </template>
</template>

<style scoped>
h2 {
  margin: 8px 0;
}
</style>
