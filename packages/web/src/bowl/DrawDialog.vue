<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import type { StockChange } from '@amber-ladle/contract';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { computed, useTemplateRef, watch } from 'vue';
import type { DrawPlan } from './useDrawPlan';
import IngredientById from '../kit/IngredientById.vue';
import SheetDialog from '../kit/SheetDialog.vue';
import { useHousehold } from '../data/household';

/** What would be taken from the shelf, to look over before it is. */
const { drawPlan, note, confirm } = defineProps<{
  drawPlan: DrawPlan;
  note: string;
  /** What the button says. */
  confirm: string;
}>();
const emit = defineEmits<{ take: [change: StockChange | undefined] }>();
const isOpen = defineModel<boolean>({ required: true });
const household = useHousehold();
/** In focus once it is open, so that enter takes them. */
const primary = useTemplateRef<{ $el: HTMLElement }>('primary');

// What is crossed out is taken from elsewhere, or bought.
watch(isOpen, () => {
  drawPlan.allowAll();
});
const rows = computed(() =>
  drawPlan.plan.value.map((line) => ({
    line,
    name: ingredientById(household.catalogue, line.ingredientId).name,
    takes: line.takes.map((take) => ({ take, words: drawPlan.takeWords(take) })),
  })),
);
function take(): void {
  emit('take', drawPlan.changeOf(drawPlan.plan.value, note));
  isOpen.value = false;
}
function none(): void {
  emit('take', undefined);
  isOpen.value = false;
}
</script>

<template>
  <SheetDialog v-model="isOpen" :title="bowlText.takeFromTheShelf" @opened="primary?.$el.focus()">
    <ul class="plain-list" data-test="takes">
      <li v-for="row in rows" :key="row.line.ingredientId">
        <IngredientById :id="row.line.ingredientId" />
        <b>{{ row.name }}</b>
        <button
          v-for="one in row.takes"
          :key="one.take.lotId"
          type="button"
          class="pill figures"
          aria-pressed="true"
          :title="bowlText.takeItFromElsewhere"
          @click="drawPlan.cross(one.take.lotId)"
        >
          {{ one.words }}
        </button>
        <span v-if="row.line.shortGrams > 0" class="quiet figures">{{
          bowlText.gAre(Math.round(row.line.shortGrams))
        }}</span>
      </li>
    </ul>
    <p v-if="drawPlan.crossedLots.value.length > 0" class="quiet crossed">
      {{ bowlText.notFrom }}
      <button
        v-for="one in drawPlan.crossedLots.value"
        :key="one.lot.id"
        type="button"
        class="pill"
        aria-pressed="false"
        @click="drawPlan.allow(one.lot.id)"
      >
        {{ one.name }}
      </button>
    </p>
    <p class="actions">
      <v-btn ref="primary" color="primary" @click="take">{{ confirm }}</v-btn>
      <v-btn variant="text" color="primary" @click="none">{{ bowlText.keepWithoutTaking }}</v-btn>
      <v-btn variant="text" @click="isOpen = false">{{ bowlText.cancel }}</v-btn>
    </p>
  </SheetDialog>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 10px;
  align-items: center;
  padding: 8px 0;
  border-bottom: 1px solid var(--rule);
}
.crossed {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0 0;
}
.actions {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 16px 0 0;
}
</style>
