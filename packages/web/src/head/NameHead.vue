<script setup lang="ts">
import { headInputSchema, type HeadInput, limitsOf } from '@amber-ladle/contract';
import { scalpAreaAtAge, type HairProfile } from '@amber-ladle/core/hair';
import { ALLERGENS, type Allergen } from '@amber-ladle/core/ingredient';
import { NO_STORY } from '@amber-ladle/core/judge';
import { useTemplateRef } from 'vue';
import ChoicePills from '../kit/ChoicePills.vue';
import { showFault } from '../kit/showFault';
import { whenInForce } from '../kit/whenInForce';
import { useSchemaForm } from '../kit/useSchemaForm';
import SheetDialog from '../kit/SheetDialog.vue';
import NumberField from '../kit/NumberField.vue';
import { headText, ALLERGEN_WORDS } from '@amber-ladle/words';
import { GUEST, newHead } from './newHead';

/** Whose head it is that was sized for: the least that has to be known before a bowl is kept for it. */
const limits = limitsOf(headInputSchema);
const isOpen = defineModel<boolean>({ required: true });
const { profile, isSaving } = defineProps<{
  /** As it was measured at the bench. */
  profile: HairProfile;
  isSaving: boolean;
}>();
const emit = defineEmits<{ named: [head: HeadInput] }>();

const { defineField, errors, handleSubmit, values, setFieldValue } = useSchemaForm<HeadInput>(
  headInputSchema,
  newHead(),
);
const [name] = defineField('name');
const [ageYears] = defineField('ageYears');
const [sensitiveSkin] = defineField('sensitiveSkin');
const allergies = (): readonly Allergen[] => values.story?.allergies ?? [];
function toggle(one: Allergen): void {
  const now = allergies();
  const next = now.includes(one) ? now.filter((other) => other !== one) : [...now, one];
  setFieldValue('story', { ...(values.story ?? NO_STORY), allergies: next });
}
/** A scalp that nobody measured follows the age. */
const isScalpAssumed = (): boolean => profile.scalpAreaSquareCentimetres === GUEST.profile.scalpAreaSquareCentimetres;
const form = useTemplateRef<HTMLFormElement>('form');
const nameField = useTemplateRef<{ focus(): void }>('nameField');
const save = handleSubmit(
  (said) => {
    const scalp = isScalpAssumed() ? { scalpAreaSquareCentimetres: Math.round(scalpAreaAtAge(said.ageYears)) } : {};
    emit('named', { ...said, profile: { ...profile, ...scalp } });
  },
  () => void showFault(form.value ?? document),
);
</script>

<template>
  <SheetDialog v-model="isOpen" :title="headText.whoseHeadIsIt" :width="560" @opened="nameField?.focus()">
    <form ref="form" data-test="name-head" @submit.prevent="whenInForce($event, save)">
      <p class="quiet">{{ headText.theMeasurementsAreThose }}</p>
      <div class="two">
        <v-text-field
          ref="nameField"
          v-model="name"
          :label="headText.name"
          v-bind="limits.text('name')"
          :error-messages="errors.name ?? null"
        />
        <NumberField
          v-model="ageYears"
          :label="headText.age"
          :unit="headText.years"
          v-bind="limits.number('ageYears')"
        />
      </div>
      <p id="allergies">{{ headText.anythingThisSkin }}</p>
      <div class="line" role="group" aria-labelledby="allergies">
        <ChoicePills
          :of="ALLERGENS"
          :says="(one) => ALLERGEN_WORDS[one]"
          :is-chosen="(one) => allergies().includes(one)"
          @choose="toggle"
        />
      </div>
      <v-switch v-model="sensitiveSkin" :label="headText.sensitiveSkin" />
      <div class="buttons">
        <v-btn type="submit" color="primary" size="large" :loading="isSaving">{{ headText.nameItAndKeep }}</v-btn>
        <v-btn variant="text" @click="isOpen = false">{{ headText.notYet }}</v-btn>
      </div>
    </form>
  </SheetDialog>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 2fr 1fr;
  gap: 12px;
}
.line,
.buttons {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
}
</style>
