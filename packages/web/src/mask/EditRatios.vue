<script setup lang="ts">
import { maskText } from '@amber-ladle/words';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { ratioHeld } from './choices';
import type { MaskEditor } from './useMaskEditor';

/** Liquids of a mask that keep their ratio by volume whatever the bowl. */
const props = defineProps<{ editor: MaskEditor }>();
const { fields, set, draft, trial } = props.editor;
const household = useHousehold();

const partNames = computed(() =>
  draft.parts.value.map(({ ingredientId }) => ({
    value: ingredientId,
    title: ingredientById(household.catalogue, ingredientId).name,
  })),
);
const ratioOf = ref<string | null>(null);
const ratioTo = ref<string | null>(null);
const nameOf = (id: string): string => household.catalogue.get(id)?.name ?? id;
function hold(): void {
  const held = ratioHeld(draft.parts.value, trial.value?.bowl.lines ?? [], ratioOf.value, ratioTo.value);
  if (held)
    set({ heldRatios: [...fields.value.heldRatios.filter((one) => one.ingredientId !== held.ingredientId), held] });
}
</script>

<template>
  <details v-if="partNames.length > 1" class="ratio">
    <summary>{{ maskText.liquidsThatKeepTheir(fields.heldRatios.length) }}</summary>
    <ul class="plain-list">
      <li v-for="held in fields.heldRatios" :key="held.ingredientId" class="figures">
        {{
          maskText.to1ByVolume(
            nameOf(held.ingredientId),
            nameOf(held.toIngredientId).toLowerCase(),
            held.ratio.toFixed(2),
          )
        }}
        <button
          type="button"
          class="tool"
          @click="set({ heldRatios: fields.heldRatios.filter((one) => one !== held) })"
        >
          {{ maskText.letGo }}
        </button>
      </li>
    </ul>
    <div class="pair">
      <v-select v-model="ratioOf" :items="partNames" :label="maskText.thisWord" density="compact" />
      <v-select v-model="ratioTo" :items="partNames" :label="maskText.toThis" density="compact" />
      <v-btn variant="tonal" color="primary" @click="hold">{{ maskText.holdAsItIs }}</v-btn>
    </div>
  </details>
</template>

<style scoped>
.pair {
  display: grid;
  grid-template-columns: 1fr 1fr auto;
  gap: 8px;
}
@media (max-width: 56.25em) {
  .pair {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
