<script setup lang="ts">
import IngredientById from '../kit/IngredientById.vue';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { bowlText, familyName } from '@amber-ladle/words';

/** What could stand in for one ingredient, opened where it stands. */
const { name, offered, isThere } = defineProps<{
  name: string;
  /** The nearest first; asked for when the menu opens. */
  offered: () => readonly Ingredient[];
  /** The book's ingredient, where something stands in for it now. */
  original?: string | undefined;
  /** True for what is on the shelf. */
  isThere: (ingredientId: string) => boolean;
}>();
const emit = defineEmits<{ swap: [ingredientId: string | undefined] }>();
</script>

<template>
  <v-menu>
    <template #activator="{ props: activator }">
      <button v-bind="activator" type="button" class="tool" :aria-label="bowlText.swap(name)">
        {{ bowlText.swapButton }}
      </button>
    </template>
    <!-- A region of its own: it hangs outside of the page. -->
    <section :aria-label="bowlText.insteadOf(name)">
      <v-list class="offers">
        <v-list-item v-if="original" :title="bowlText.backTo(original)" @click="emit('swap', undefined)" />
        <v-list-item
          v-for="row in offered()"
          :key="row.id"
          :title="row.name"
          :subtitle="
            isThere(row.id) ? bowlText.inTheHouse(row.state) : row.state || familyName(row.family).toLowerCase()
          "
          @click="emit('swap', row.id)"
        >
          <template #prepend><IngredientById :id="row.id" class="picture" /></template>
        </v-list-item>
        <v-list-item v-if="offered().length === 0" :title="bowlText.nothingInTheCatalogue" disabled />
      </v-list>
    </section>
  </v-menu>
</template>

<style scoped>
.picture {
  margin-right: 12px;
}
.offers {
  max-height: 420px;
}
</style>
