<script setup lang="ts">
import { ingredientText, nounFor } from '@amber-ladle/words';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { pieceSize } from '@amber-ladle/core/ingredient';
import { kitchenRound, readFraction } from '@amber-ladle/core/measure';
import { computed, ref, watch } from 'vue';
import { useHousehold } from '../data/household';
import { sizing } from '../data/sizing';
import MaskById from '../kit/MaskById.vue';
import { useNewest } from '../kit/useNewest';

/** "Use this one up": every mask that would take all of it, and whom the bowl would serve. */
const props = defineProps<{ ingredient: Ingredient; grams?: number | undefined }>();
const household = useHousehold();

const isCounted = computed(() => props.ingredient.measuredBy[0] === 'piece' && Boolean(props.ingredient.pieces));
const written = ref('');
const unit = computed(() =>
  isCounted.value ? nounFor(readFraction(written.value.trim()), props.ingredient.pieces ?? {}) : 'g',
);
const each = computed(() => (isCounted.value ? pieceSize(props.ingredient).usableGrams : 1));
const headId = ref(household.heads[0]?.id ?? '');
watch(
  () => [props.ingredient.id, props.grams] as const,
  ([, grams]) => (written.value = grams ? String(Math.round((grams / each.value) * 100) / 100) : '1'),
  { immediate: true },
);
const usable = computed(() => {
  const quantity = readFraction(written.value.trim());
  const total = (quantity ?? 0) * each.value;
  return total > 0 && total <= 20_000 ? total : undefined;
});
const fault = computed(() =>
  written.value.trim() !== '' && usable.value === undefined ? ingredientText.aNumberSuch : '',
);
const head = computed(() => household.headById(headId.value) ?? household.heads[0]);
const wish = computed(() =>
  usable.value && head.value
    ? {
        masks: household.masks,
        id: props.ingredient.id,
        grams: usable.value,
        head: head.value,
        house: household.house,
        spoons: household.spoons,
      }
    : undefined,
);
const { current, failure } = useNewest(wish, ({ masks, id, grams: all, head: served, spoons }) =>
  sizing().usingUp(masks, id, all, served, { spoons }),
);
function servingWords(servings: number): string {
  if (servings < 0.6) return ingredientText.farTooLittle;
  if (servings < 0.95) return ingredientText.aLittleShort;
  if (servings < 1.4) return ingredientText.justRight;
  return ingredientText.enoughForTimes(Math.round(servings * 10) / 10);
}
const uses = computed(() =>
  (current.value ?? []).map(({ mask, bowl, servings }) => ({
    id: mask.id,
    name: mask.name,
    made: kitchenRound(bowl.madeMillilitres),
    words: servingWords(servings),
  })),
);
</script>

<template>
  <div class="use">
    <div class="ask">
      <v-text-field
        v-model="written"
        :label="ingredientText.iHaveOf(ingredient.name.toLowerCase())"
        :suffix="unit"
        :error-messages="fault"
        class="figures"
        autocomplete="off"
      />
      <v-select
        v-if="household.heads.length > 1"
        v-model="headId"
        :items="household.heads.map(({ id, name }) => ({ value: id, title: name }))"
        :label="ingredientText.forWord"
      />
    </div>
    <p v-if="failure" class="alert" role="alert">{{ failure }}</p>
    <ul class="plain-list rows" data-test="uses" aria-live="polite">
      <li v-for="one in uses" :key="one.id">
        <RouterLink
          :to="{ name: 'bowl', query: { mask: one.id, head: head?.id, useUp: ingredient.id, grams: usable } }"
          class="one"
        >
          <MaskById :id="one.id" />
          <span class="serif">{{ one.name }}</span>
          <span class="figures">{{ one.made }} mL</span>
          <span class="quiet">{{ one.words }}</span>
        </RouterLink>
      </li>
    </ul>
    <p v-if="current && uses.length === 0" class="quiet">{{ ingredientText.noMask }}</p>
  </div>
</template>

<style scoped>
.ask {
  display: grid;
  grid-template-columns: minmax(180px, 260px) minmax(160px, 220px);
  gap: 12px;
  margin-bottom: 8px;
}
.rows .one {
  display: grid;
  grid-template-columns: auto 1fr 90px 170px;
  gap: 0 12px;
  padding: 6px;
  min-height: 44px;
  align-items: center;
}
.one .serif {
  font-size: 1.15rem;
}
.one .figures {
  text-align: right;
  padding-right: 16px;
}
.alert {
  color: var(--clay);
}
@media (max-width: 43.75em) {
  .ask {
    grid-template-columns: minmax(0, 1fr);
  }
  .rows .one {
    grid-template-columns: auto 1fr auto;
  }
  .one .quiet {
    grid-column: 2 / -1;
  }
}
</style>
