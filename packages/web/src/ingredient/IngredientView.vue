<script setup lang="ts">
import { inARow } from '../data/inARow';
import { CATALOGUE } from '@amber-ladle/core/ingredient';
import { ALLERGEN_WORDS, ingredientText, familyName } from '@amber-ladle/words';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useWords } from '../data/useWords';
import { IngredientPicture } from '../kit/ink';
import CorrectionForm from './CorrectionForm.vue';
import IngredientFigures from './IngredientFigures.vue';
import UseUpPanel from './UseUpPanel.vue';

/** One ingredient: every figure with its source, what uses it up, and a form to correct or add it. */
const { id } = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();
const { spell } = useWords();

const isNew = computed(() => id === 'new');
const row = computed(() => (isNew.value ? undefined : household.catalogue.get(id)));
const own = computed(() => household.ownById(id));
const isBuiltIn = computed(() => CATALOGUE.has(id));
const isOpen = ref(isNew.value);
watch(
  () => [id, own.value?.version],
  () => {
    isOpen.value = isNew.value;
  },
);
async function onKept(keptId: string): Promise<void> {
  isOpen.value = false;
  if (isNew.value) await router.replace({ name: 'ingredient', params: { id: keptId } });
}
async function remove(): Promise<void> {
  const name = row.value?.name ?? '';
  const [removed, wasBuiltIn] = [id, isBuiltIn.value];
  try {
    await household.removeIngredient(removed);
    notice.show(wasBuiltIn ? ingredientText.hasItsBuilt(name) : ingredientText.isTakenOut(name), () =>
      household.restoreIngredient(removed),
    );
    if (!wasBuiltIn) await router.push({ name: 'ingredients' });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="!isNew && !row" class="page">
    <h1>{{ ingredientText.noSuchIngredient }}</h1>
    <v-btn color="primary" :to="{ name: 'ingredients' }">{{ ingredientText.allIngredients }}</v-btn>
  </div>
  <div v-else class="page">
    <RouterLink class="quiet-link" :to="{ name: 'ingredients' }">{{ ingredientText.allIngredients }}</RouterLink>
    <div class="title">
      <h1 class="named">
        <IngredientPicture v-if="row" :id="row.id" :family="row.family" :size="104" />
        <IngredientPicture v-if="row?.pieces" :id="row.id" :family="row.family" :size="76" state="open" />
        {{ row?.name ?? ingredientText.anIngredientOfYour }}
      </h1>
      <span v-if="row" class="does">
        <v-btn variant="tonal" color="primary" @click="isOpen = !isOpen">{{
          isOpen ? ingredientText.close : ingredientText.correctIt
        }}</v-btn>
        <v-btn v-if="own" variant="text" color="error" @click="remove">
          {{ isBuiltIn ? ingredientText.backToTheBuilt : ingredientText.takeItOut }}
        </v-btn>
      </span>
    </div>
    <p v-if="row" class="quiet">
      {{ [familyName(row.family), row.state].filter(Boolean).join(' · ') }}
      <template v-if="row.allergens.length > 0">
        {{ ingredientText.contains(inARow(row.allergens.map((one) => ALLERGEN_WORDS[one]))) }}</template
      >
      <template v-if="row.crossesWithLatex"> {{ ingredientText.latexAllergyCanCross }}</template>
      <template v-if="row.stains"> {{ ingredientText.stains }}</template>
    </p>
    <p v-if="row?.advice">{{ isBuiltIn ? spell(row.advice) : row.advice }}</p>

    <CorrectionForm v-if="isOpen" :key="`${id} ${own?.version}`" :row="row" @kept="onKept" />

    <div v-if="row" class="two">
      <section aria-labelledby="known">
        <h2 id="known">{{ ingredientText.whatIsKnown }}</h2>
        <IngredientFigures :row="row" />
      </section>
      <section aria-labelledby="use">
        <h2 id="use">{{ ingredientText.useItUp }}</h2>
        <UseUpPanel :ingredient="row" :grams="Number($route.query['grams']) || undefined" />
      </section>
    </div>
  </div>
</template>

<style scoped>
.named {
  display: flex;
  flex-wrap: wrap;
  align-items: flex-end;
  gap: 14px;
}
.title {
  display: flex;
  flex-wrap: wrap;
  justify-content: space-between;
  align-items: center;
  gap: 8px 16px;
  margin-top: 8px;
}
.two {
  display: grid;
  grid-template-columns: 1.3fr 1fr;
  gap: 40px;
}
h2 {
  margin: 14px 0 14px;
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
