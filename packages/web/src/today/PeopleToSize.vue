<script setup lang="ts">
import { todayText } from '@amber-ladle/words';
import { HeadPicture } from '../head';
import { usePeople } from './usePeople';

/** Everybody, with what she takes of her last mask again. */
const { people } = usePeople();
</script>

<template>
  <h2 id="people">{{ todayText.sizeABowl }}</h2>
  <ul class="plain-list people">
    <li v-for="{ head, mask, isAgain, takes } in people" :key="head.id">
      <RouterLink :to="{ name: 'bowl', query: { head: head.id, ...(mask ? { mask: mask.id } : {}) } }" class="person">
        <HeadPicture class="portrait" :head :size="64" />
        <span class="serif name">{{ head.name }}</span>
        <span class="quiet of">{{ isAgain ? todayText.lastBowlAgain : todayText.toBeginWith }} {{ mask?.name }}</span>
        <!-- Of this mask: another takes more or less of the same head. -->
        <span v-if="takes !== undefined" class="takes figures"
          ><span class="quiet">{{ todayText.usuallyTakes }}</span> {{ takes }} mL</span
        >
      </RouterLink>
    </li>
  </ul>
</template>

<style scoped>
h2 {
  margin: 8px 0;
}
.people {
  border-top: 2px solid var(--ink);
}
.person {
  display: grid;
  grid-template-columns: 52px 1fr auto;
  gap: 0 16px;
  align-items: center;
  padding: 6px;
  color: var(--ink);
  text-decoration: none;
  border-bottom: 1px solid var(--rule);
}
.person:hover {
  background: var(--amber-wash);
}
.name {
  font-size: 1.4rem;
}
.takes .quiet {
  display: block;
  font-size: 0.95rem;
}
.takes {
  grid-row: 1 / span 2;
  grid-column: 3;
  line-height: 1.25;
  font-size: 1.4rem;
  color: rgb(var(--v-theme-primary));
  text-align: right;
}
.portrait {
  grid-row: span 2;
}
.of {
  grid-row: 2;
  grid-column: 2;
}
</style>
