<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';

/** What the shades of a lane mean. */
</script>

<template>
  <p class="legend quiet" aria-hidden="true">
    <span class="key hard" /> {{ shelfText.hard }} <span class="key ready" /> {{ shelfText.good }}
    <span class="key last" /> {{ shelfText.lastDay }} <span class="key past" /> {{ shelfText.past }}
  </p>
</template>

<style scoped>
.legend {
  display: flex;
  align-items: center;
  gap: 6px;
  margin-top: 16px;
  font-size: 0.9rem;
}
.key {
  width: 26px;
  height: 12px;
  margin-left: 10px;
  border: 1px solid var(--quiet);
}
.key.ready {
  background: var(--leaf);
}
.key.last {
  background: var(--amber-fill);
}
.key.hard {
  background: repeating-linear-gradient(125deg, transparent 0 4px, var(--quiet) 4px 5px);
}
.key.past {
  border-style: dotted;
  border-color: var(--clay);
}
@media print {
  .key {
    print-color-adjust: exact;
  }
}
</style>
