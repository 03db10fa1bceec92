<script setup lang="ts">
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import type { ReadLine } from './usePastedMask';
import { useWords } from '../data/useWords';
import { useHousehold } from '../data/household';
import { pasteText, remarkWords } from '@amber-ladle/words';

/** The measures as they were read, each with what was taken for granted and what was written beside it. */
const { lines } = defineProps<{ lines: readonly ReadLine[] }>();
const emit = defineEmits<{ leaveOut: [key: string, isLeftOut: boolean]; putIn: [key: string] }>();
const household = useHousehold();
const { say } = useWords();
const nameOf = (id: string): string => ingredientById(household.catalogue, id).name;

const rows = computed(() =>
  lines
    .filter(({ isOpen }) => !isOpen)
    .map(({ line, key, ingredientId, grams, isOut }) => ({
      key,
      isOut,
      isPots: line.isPots === true && isOut,
      name: ingredientId ? nameOf(ingredientId) : line.text,
      written: line.text,
      grams: grams === undefined ? '' : `${kitchenRound(grams)} g`,
      notes: [
        ...(isOut ? [] : line.assumed.map(say)),
        ...(line.instead.length > 0
          ? [
              pasteText.orKeptAsYour(
                line.instead
                  .map((id) => nameOf(id).toLowerCase())
                  .reduce((one, other) => pasteText.thisOrThat(one, other)),
              ),
            ]
          : []),
        ...line.remarks.map(remarkWords),
        ...(line.role === 'thinner' ? [pasteText.thinsTheBowlUntil] : []),
      ],
    })),
);
</script>

<template>
  <ul class="plain-list read" data-test="read-measures">
    <li v-for="row in rows" :key="row.key" :class="{ out: row.isOut }">
      <span class="name">{{ row.name }}</span>
      <span class="grams figures">{{ row.isOut ? '' : row.grams }}</span>
      <button
        v-if="row.isPots"
        type="button"
        class="tool"
        :aria-label="pasteText.putItInThe(row.name)"
        @click="emit('putIn', row.key)"
      >
        {{ pasteText.putItInTheBowl }}
      </button>
      <button
        v-else
        type="button"
        class="tool"
        :aria-label="row.isOut ? pasteText.takeIn(row.name) : pasteText.leaveOut(row.name)"
        @click="emit('leaveOut', row.key, !row.isOut)"
      >
        {{ row.isOut ? pasteText.takeInWord : pasteText.leaveOutWord }}
      </button>
      <span class="said quiet">
        “{{ row.written }}”<template v-if="row.isPots">{{ pasteText.staysInThePot }}</template
        ><template v-for="note in row.notes" :key="note"> · {{ note }}</template>
      </span>
    </li>
  </ul>
</template>

<style scoped>
.read li {
  display: grid;
  grid-template-columns: 1fr auto auto;
  gap: 0 12px;
  align-items: baseline;
  padding: 7px 0;
  border-bottom: 1px solid var(--rule);
}
.name {
  font: 560 1.1rem var(--serif);
}
.grams {
  font-weight: 600;
}
.said {
  grid-column: 1 / -1;
  font-size: 0.94rem;
}
.out .name {
  color: var(--quiet);
  text-decoration: line-through;
}
</style>
