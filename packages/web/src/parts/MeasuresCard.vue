<script setup lang="ts">
import { writeLine, writeSize, type SizedBowl } from '@amber-ladle/core/batch';
import { CATALOGUE, ingredientById } from '@amber-ladle/core/ingredient';
import type { Spoon } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import DriftMark from './DriftMark.vue';

/** The measures, as large as a recipe card: pieces and spoons first, grams and millilitres beside. */
const {
  bowl,
  spoons,
  pieceSizes = {},
  editable = false,
} = defineProps<{
  bowl: SizedBowl;
  spoons: readonly Spoon[];
  pieceSizes?: Readonly<Record<string, string>>;
  editable?: boolean;
}>();
const emit = defineEmits<{ piece: [ingredientId: string, sizeId: string] }>();

const rows = computed(() =>
  bowl.lines.map((line) => {
    const ingredient = ingredientById(CATALOGUE, line.ingredientId);
    const counted = line.measuredBy === 'piece' ? ingredient.pieces : undefined;
    return {
      line,
      ...writeLine(line, CATALOGUE, spoons),
      state: ingredient.state,
      sizes: (counted?.sizes ?? []).map((size) => ({ id: size.id, name: size.name, words: writeSize(size) })),
      chosen: pieceSizes[line.ingredientId] ?? counted?.usualSize,
    };
  }),
);
</script>

<template>
  <ul class="plain-list card" aria-label="Measures">
    <li v-for="row in rows" :key="row.line.ingredientId" class="row">
      <div class="what">
        <span class="serif amount figures">{{ row.amount }}</span>
        <span class="name"
          >{{ row.name }} <span v-if="row.state" class="quiet state">{{ row.state }}</span></span
        >
      </div>
      <div class="beside quiet figures">
        <span>{{ row.beside }}</span>
        <DriftMark :drift="row.line.drift" :tolerance="row.line.tolerance" />
        <span v-if="row.left" class="left">{{ row.left }}</span>
      </div>
      <div
        v-if="editable && row.sizes.length > 1"
        class="sizes"
        role="group"
        :aria-label="`Size of ${row.line.ingredientId}`"
      >
        <button
          v-for="size in row.sizes"
          :key="size.id"
          type="button"
          class="pill"
          :aria-pressed="size.id === row.chosen"
          :title="size.words"
          @click="emit('piece', row.line.ingredientId, size.id)"
        >
          {{ size.name }}
        </button>
      </div>
    </li>
  </ul>
</template>

<style scoped>
.row {
  padding: 10px 0;
  border-bottom: 1px solid var(--rule);
}
.row:last-child {
  border-bottom: 0;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 9px;
  align-items: baseline;
}
.amount {
  font-size: 1.4rem;
  color: rgb(var(--v-theme-primary));
}
.name {
  font-size: 1.08rem;
}
.state {
  font-size: 0.88rem;
}
.beside {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 14px;
  align-items: center;
  font-size: 0.92rem;
}
.left {
  font-style: italic;
}
.sizes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-top: 6px;
}
</style>
