<script setup lang="ts">
import { mdiPin } from '@mdi/js';
import type { Mask } from '@amber-ladle/core/mask';
import { MaskPicture } from '../kit/ink';
import { useHousehold } from '../data/household';

/** A bowl of the plan, in its place. It is dragged to another day, or moved by Alt and an arrow; a touch says why it stands there. */
defineProps<{
  mask: Mask;
  /** All that is said of it. */
  label: string;
  /** Where it stands, for who does not see it. */
  place: string;
  /** Shares its bowl with somebody who stands elsewhere. */
  beside: string;
  isPinned: boolean;
  isMissing: boolean;
  /** Of the plan that was kept, until the new one is there. */
  isOld: boolean;
}>();
const household = useHousehold();
defineEmits<{ open: []; move: [days: number]; drag: [event: DragEvent]; drop: [] }>();
</script>

<template>
  <button
    type="button"
    class="card"
    :class="{ old: isOld, missing: isMissing }"
    :data-label="label"
    draggable="true"
    aria-keyshortcuts="Alt+ArrowLeft Alt+ArrowRight"
    @click="$emit('open')"
    @dragstart="$emit('drag', $event)"
    @dragend="$emit('drop')"
    @keydown.alt.left.prevent="$emit('move', -1)"
    @keydown.alt.right.prevent="$emit('move', 1)"
  >
    <svg v-if="isPinned" class="pin" viewBox="0 0 24 24" aria-hidden="true"><path :d="mdiPin" /></svg>
    <MaskPicture :parts="mask.parts" :catalogue="household.catalogue" :size="52" />
    <span class="name">{{ mask.name }}</span>
    <span v-if="beside" class="quiet">{{ beside }}</span>
    <span class="sr-only">{{ place }}</span>
  </button>
</template>

<style scoped>
.card {
  position: relative;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 1px;
  width: 100%;
  min-height: 80px;
  padding: 4px 3px;
  border: 1px solid var(--rule);
  border-radius: 10px;
  background: rgb(var(--v-theme-surface));
  color: var(--ink);
  font: inherit;
  font-size: 0.9rem;
  line-height: 1.15;
  text-align: center;
  cursor: grab;
  overflow-wrap: anywhere;
  hyphens: auto;
}
.card:hover {
  background: var(--amber-wash);
}
.old {
  border-style: dashed;
}
.missing {
  border-color: var(--clay);
  border-width: 2px;
}
.pin {
  position: absolute;
  top: 3px;
  right: 3px;
  width: 16px;
  fill: rgb(var(--v-theme-primary));
}
</style>
