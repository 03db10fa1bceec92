<script setup lang="ts">
/** How purée, cream, gel, oil, powder, syrup and what runs like water look, as patterns to lay over a paint. */
defineProps<{ id: string }>();
</script>

<template>
  <pattern :id="`${id}-puree`" width="26" height="20" patternUnits="userSpaceOnUse">
    <path class="fleck" d="M4 5q2 -2 4 0M17 12q2 -2 4 0M10 16q1 -1 3 0M20 3h2" />
  </pattern>
  <pattern :id="`${id}-cream`" width="44" height="22" patternUnits="userSpaceOnUse">
    <path class="fold" d="M4 8q9 -6 18 0t18 0M-6 19q9 -5 16 0" />
  </pattern>
  <pattern :id="`${id}-gel`" width="32" height="26" patternUnits="userSpaceOnUse">
    <circle class="bubble" cx="8" cy="8" r="3.2" />
    <circle class="bubble" cx="24" cy="18" r="2.2" />
    <circle class="bubble" cx="15" cy="21" r="1.4" />
  </pattern>
  <pattern :id="`${id}-oil`" width="40" height="18" patternUnits="userSpaceOnUse">
    <path class="shine" d="M5 6h13M26 13h9" />
  </pattern>
  <pattern :id="`${id}-powder`" width="12" height="11" patternUnits="userSpaceOnUse">
    <path class="grain" d="M2 3h0M7 6h0M10 1h0M4 9h0" />
  </pattern>
  <pattern :id="`${id}-syrup`" width="34" height="30" patternUnits="userSpaceOnUse">
    <path class="shine" d="M8 4q-4 9 0 18M25 12q-3 6 0 12" />
  </pattern>
  <pattern :id="`${id}-liquid`" width="36" height="16" patternUnits="userSpaceOnUse">
    <path class="fold" d="M2 6q4.500 4 9 0t9 0M18 13q4 3.500 8 0" />
  </pattern>
</template>

<style scoped>
path,
circle {
  fill: none;
  stroke: #3b2f26;
  stroke-linecap: round;
}
.fleck {
  stroke-width: 1.5;
  stroke-opacity: 0.4;
}
.fold {
  stroke-width: 1.2;
  stroke-opacity: 0.22;
}
.bubble {
  stroke-width: 1.1;
  stroke-opacity: 0.34;
}
.shine {
  stroke: #fff;
  stroke-width: 2.4;
  stroke-opacity: 0.5;
}
.grain {
  stroke-width: 1.9;
  stroke-opacity: 0.4;
}
</style>
