<script setup lang="ts">
import type { WearLog } from '@amber-ladle/contract';
import { MOMENTS, QUALITIES, type Moment } from '@amber-ladle/core/learn';
import { MOMENT_WORDS, notesText } from '@amber-ladle/words';
import { useTemplateRef } from 'vue';

/** The three moments of a bowl, by touch, by tab or by the arrow keys, with how much was said of each. */
const { log, idOf } = defineProps<{ log: WearLog; idOf: (moment: Moment) => string }>();
const moment = defineModel<Moment>({ required: true });
const tabs = useTemplateRef<HTMLButtonElement[]>('tabs');

const saidOf = (one: Moment): number => QUALITIES[one].filter((quality) => log.said[quality] !== undefined).length;

const LAST = MOMENTS.length - 1;
/** Where a key leads from the moment that is shown; round, as everywhere where tabs are walked. */
const STEPS: Readonly<Record<string, (at: number) => number>> = {
  ArrowRight: (at) => (at === LAST ? 0 : at + 1),
  ArrowLeft: (at) => (at === 0 ? LAST : at - 1),
  Home: () => 0,
  End: () => LAST,
};
function walk(event: KeyboardEvent): void {
  const to = STEPS[event.key]?.(MOMENTS.indexOf(moment.value));
  const next = to === undefined ? undefined : MOMENTS[to];
  if (to === undefined || next === undefined) return;
  event.preventDefault();
  moment.value = next;
  tabs.value?.[to]?.focus();
}
</script>

<template>
  <div class="moments" role="tablist" :aria-label="notesText.moment">
    <button
      v-for="one in MOMENTS"
      :id="idOf(one)"
      :key="one"
      ref="tabs"
      type="button"
      role="tab"
      class="moment"
      :aria-selected="moment === one"
      @click="moment = one"
      @keydown="walk"
    >
      {{ MOMENT_WORDS[one] }}
      <span class="quiet figures">{{ notesText.of(saidOf(one), QUALITIES[one].length) }}</span>
    </button>
  </div>
</template>

<style scoped>
.moments {
  display: flex;
  flex-wrap: wrap;
  gap: 4px;
  border-bottom: 2px solid var(--ink);
  margin-bottom: 8px;
}
.moment {
  flex: 1;
  min-height: 56px;
  padding: 4px 8px;
  border: 0;
  background: none;
  color: var(--ink);
  font: 560 1.1rem var(--serif);
  cursor: pointer;
}
.moment span {
  display: block;
  font: 400 0.9rem var(--sans);
}
.moment[aria-selected='true'] {
  background: var(--amber-wash);
  box-shadow: inset 0 -4px var(--amber-fill);
}
</style>
