<script setup lang="ts">
import { useHeld } from '../data/held';

/** Says that presses wait here while the server is away. */
const held = useHeld();
</script>

<template>
  <p v-if="held.isAway && held.count > 0" class="held no-print" role="status" data-test="held">
    <b>The server does not answer.</b>
    {{ held.count === 1 ? 'What you tapped is' : `The ${held.count} things you tapped are` }} kept here and told when it
    does.
  </p>
</template>

<style scoped>
.held {
  margin: 0;
  padding: 10px 24px;
  background: var(--amber-wash);
  border-bottom: 1px solid var(--clay);
}
</style>
