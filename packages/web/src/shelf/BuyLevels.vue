<script setup lang="ts">
import { inARow } from '../data/inARow';
import { shelfText } from '@amber-ladle/words';
import { readQuantity } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';

/** What should never run out. */
const emit = defineEmits<{ change: [] }>();
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();

const items = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
const ingredientId = ref<string | null>(null);
const amount = ref('250');
async function set(): Promise<void> {
  const grams = readQuantity(amount.value, 'g');
  if (!ingredientId.value || !(grams >= 0)) return;
  try {
    await shelf.setRestock({ ingredientId: ingredientId.value, grams });
    emit('change');
    ingredientId.value = null;
  } catch (error) {
    notice.fail(error);
  }
}
const words = computed(() =>
  inARow(
    shelf.restock.map(
      (level) => `${household.catalogue.get(level.ingredientId)?.name ?? level.ingredientId} ${level.grams} g`,
    ),
  ),
);
</script>

<template>
  <details class="no-print">
    <summary>{{ shelfText.alwaysInTheHouse }}</summary>
    <p class="quiet">{{ words || shelfText.oilsAndDryGoods }}</p>
    <div class="level">
      <v-autocomplete
        v-model="ingredientId"
        :items="items"
        :label="shelfText.what"
        density="compact"
        :no-data-text="shelfText.nothingOfThatName"
      />
      <v-text-field v-model="amount" :label="shelfText.atLeast" suffix="g" density="compact" inputmode="decimal" />
      <v-btn variant="tonal" color="primary" :disabled="!ingredientId" @click="set">{{ shelfText.set }}</v-btn>
    </div>
  </details>
</template>

<style scoped>
.level {
  display: grid;
  grid-template-columns: 1.4fr 1fr auto;
  gap: 6px;
}
</style>
