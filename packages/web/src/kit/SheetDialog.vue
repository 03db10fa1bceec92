<script setup lang="ts">
import { useId, watch } from 'vue';

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
const close = (): void => void (isOpen.value = false);
</script>

<template>
  <v-dialog
    v-model="isOpen"
    :max-width="width"
    :aria-labelledby="id"
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
