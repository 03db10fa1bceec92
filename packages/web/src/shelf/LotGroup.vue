<script setup lang="ts">
import { shelfText, writeWarmth } from '@amber-ladle/words';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import { ScenePicture } from '../kit/ink';
import type { LotGroup } from './groups';
import LotLane from './LotLane.vue';
import { useLotActions } from './useLotActions';

/** A place of the kitchen with the lanes of what stands there; a lot that is dropped on it is moved there. */
const { group } = defineProps<{ group: LotGroup; days: number }>();
/** The lot whose details are open. */
const openId = defineModel<string | undefined>('openId');
const household = useHousehold();
const shelf = useShelf();
const actions = useLotActions();

function drop(event: DragEvent): void {
  const lot = shelf.lots.find(({ id }) => id === event.dataTransfer?.getData('text/plain'));
  if (lot && group.place) void actions.move(lot, group.place);
}
</script>

<template>
  <!-- eslint-disable-next-line vuejs-accessibility/no-static-element-interactions -- dropping is a second way; every lot has its place in a list -->
  <section :aria-labelledby="`group-${group.id}`" class="group" @dragover.prevent @drop.prevent="drop">
    <h2 :id="`group-${group.id}`">
      <ScenePicture v-if="group.place" :scene="`place-${group.place.kind}`" :size="26" class="place" />
      {{ group.title }}
      <span v-if="group.place" class="quiet figures">{{
        writeWarmth(Math.round(group.place.celsius), household.where)
      }}</span>
    </h2>
    <ul class="plain-list">
      <LotLane
        v-for="one in group.lots"
        :key="one.lot.id"
        :shelved="one"
        :days="days"
        :is-open="openId === one.lot.id"
        @toggle="openId = openId === one.lot.id ? undefined : one.lot.id"
      />
    </ul>
    <p v-if="group.lots.length === 0" class="quiet none">{{ shelfText.emptyDropSomethingHere }}</p>
  </section>
</template>

<style scoped>
h2 {
  display: flex;
  gap: 8px;
  align-items: center;
  font-size: 1.1rem;
  margin: 12px 0 2px;
}
h2 .quiet {
  font: 400 0.9rem var(--sans);
}
.none {
  margin: 0 6px 6px;
  font-size: 0.92rem;
}
@media print {
  .group:has(.none) {
    display: none;
  }
  .group :deep(.head) {
    min-height: 0;
    padding-block: 1px;
    font-size: 10pt;
  }
  h2 {
    margin-top: 6px;
  }
}
</style>
