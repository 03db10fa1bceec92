<script setup lang="ts">
import { useEventListener } from '@vueuse/core';
import { onScopeDispose, useId, watch } from 'vue';
import { useRouter } from 'vue-router';

/**
 * A sheet over the page. It has its title for a name, goes by escape, by a tap beside it and by Back, and gives the focus back to
 * where it was.
 */
const { title, width = 620 } = defineProps<{ title: string; width?: number }>();
const isOpen = defineModel<boolean>({ default: false });
defineEmits<{ opened: [] }>();
const id = useId();
let before: Element | null = null;
watch(
  isOpen,
  (opens) => {
    if (opens) before = document.activeElement;
  },
  { immediate: true },
);
function giveBack(): void {
  if (before instanceof HTMLElement && before.isConnected) before.focus({ preventScroll: true });
}
/** Back closes the sheet and leaves the page as it is. (The package's own way forgets the first page of all.) */
const router = useRouter();
let isBack = false;
useEventListener(
  window,
  'popstate',
  () => {
    isBack = true;
    setTimeout(() => (isBack = false));
  },
  // Before the router hears of it and asks the guards.
  { capture: true },
);
onScopeDispose(
  router.beforeEach(() => {
    if (!isBack || !isOpen.value) return true;
    isOpen.value = false;
    return false;
  }),
);
const close = (): void => void (isOpen.value = false);
</script>

<template>
  <v-dialog
    v-model="isOpen"
    :max-width="width"
    :aria-labelledby="id"
    :close-on-back="false"
    @after-enter="$emit('opened')"
    @after-leave="giveBack"
  >
    <template v-if="$slots['activator']" #activator="{ props }">
      <slot name="activator" :props="props" />
    </template>
    <div class="paper sheet">
      <h2 :id="id">{{ title }}</h2>
      <slot :close="close" />
    </div>
  </v-dialog>
</template>

<style scoped>
.sheet {
  overflow-y: auto;
}
</style>
