<script setup lang="ts">
import { limitsOf, ingredientSchema } from '@amber-ladle/contract';
import type { Ingredient } from '@amber-ladle/core/ingredient';
import { ingredientText, FAMILY_ITEMS } from '@amber-ladle/words';
import { computed, ref, toRef } from 'vue';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import NumberField from '../kit/NumberField.vue';
import { showFault } from '../kit/showFault';
import { whenInForce } from '../kit/whenInForce';
import MindFields from './MindFields.vue';
import PieceFields from './PieceFields.vue';
import PotFields from './PotFields.vue';
import { useIngredientForm } from './useIngredientForm';
import WeightFields from './WeightFields.vue';

/** An ingredient as a kitchen can find it out: a new one, or a correction of what is known. */
const limits = limitsOf(ingredientSchema);
const { row } = defineProps<{ row?: Ingredient | undefined }>();
const emit = defineEmits<{ kept: [id: string] }>();
const household = useHousehold();
const notice = useNotice();
const { form, draft, errors, save } = useIngredientForm(toRef(() => row));
const known = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));

/** What needs another look, beside the name, which says it at its own field. */
const fault = computed(() => Object.entries(errors.value).find(([path]) => path !== 'name')?.[1]);

const isSaving = ref(false);
async function submit(): Promise<void> {
  isSaving.value = true;
  try {
    const id = await save();
    if (id) {
      notice.show(ingredientText.isKept(form.value.name));
      emit('kept', id);
      return;
    }
    notice.fail(new Error(Object.values(errors.value)[0] ?? ingredientText.somethingNeedsAnotherLook));
    await showFault();
  } catch (error) {
    notice.fail(error);
  } finally {
    isSaving.value = false;
  }
}
</script>

<template>
  <form class="paper form" novalidate @submit.prevent="whenInForce($event, submit)">
    <div class="grid">
      <v-text-field
        v-model="form.name"
        :label="ingredientText.name"
        v-bind="limits.text('name')"
        :error-messages="errors['name'] ?? null"
      />
      <v-select v-model="form.family" :items="FAMILY_ITEMS" :label="ingredientText.kind" />
      <v-text-field v-model="form.state" :label="ingredientText.howItIsHandled" v-bind="limits.text('state')" />
      <v-autocomplete
        v-model="form.likeId"
        :items="known"
        :label="ingredientText.asThickAs"
        :no-data-text="ingredientText.nothingOfThatName"
      />
    </div>
    <WeightFields v-model="form" :draft="draft" />
    <p v-if="fault" role="alert" class="alert">{{ fault }}</p>
    <PieceFields v-model="form" />
    <div v-if="form.weight !== 'made'" class="line">
      <v-switch v-model="form.hasPot" :label="ingredientText.itComesOut" />
    </div>
    <PotFields v-if="form.hasPot && form.weight !== 'made'" v-model="form.pot" :known="known" />
    <div class="grid">
      <v-switch v-model="form.spoils" :label="ingredientText.goesOffWithinHours" />
      <NumberField
        v-model="form.keepDays"
        :label="ingredientText.thenKeeps"
        :unit="ingredientText.days"
        :min="1"
        :max="700"
      />
    </div>
    <MindFields v-model="form" />
    <v-text-field v-model="form.advice" :label="ingredientText.aWordOnChoosing" maxlength="300" />
    <p class="line">
      <v-btn type="submit" color="primary" :loading="isSaving">{{
        !row ? ingredientText.addIt : ingredientText.keepTheCorrection
      }}</v-btn>
      <v-btn v-if="!row" variant="text" :to="{ name: 'ingredients' }">{{ ingredientText.cancel }}</v-btn>
    </p>
  </form>
</template>

<style scoped>
.form {
  padding: 18px;
  margin: 10px 0 18px;
}
.grid {
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(190px, 1fr));
  gap: 12px;
  margin-bottom: 12px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  align-items: center;
  margin: 10px 0;
}
.alert {
  color: var(--clay);
}
</style>
