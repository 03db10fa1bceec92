<script setup lang="ts">
import { kitText } from '@amber-ladle/words';
import qrcode from 'qrcode-generator';
import { computed } from 'vue';

/** A square code that a camera reads as an address. */
const { text } = defineProps<{ text: string }>();

const QUIET = 4;
const code = computed(() => {
  const made = qrcode(0, 'M');
  made.addData(text);
  made.make();
  const count = made.getModuleCount();
  let path = '';
  for (let row = 0; row < count; row++)
    for (let column = 0; column < count; column++)
      if (made.isDark(row, column)) path += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
  return { path, size: count + 2 * QUIET };
});
</script>

<template>
  <svg
    :viewBox="`0 0 ${code.size} ${code.size}`"
    role="img"
    :aria-label="kitText.codeFor(text)"
    shape-rendering="crispEdges"
  >
    <rect width="100%" height="100%" fill="#fff" />
    <path :d="code.path" fill="#000" />
  </svg>
</template>

<style scoped>
svg {
  width: 100%;
  display: block;
}
</style>
