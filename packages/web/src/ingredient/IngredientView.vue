<script setup lang="ts">
import { IngredientPicture } from '../kit/ink';
import ChoicePills from '../kit/ChoicePills.vue';
import { ALLERGENS, CATALOGUE, SMELLS, type Allergen, type Smell } from '@amber-ladle/core/ingredient';
import { spoonName } from '@amber-ladle/core/measure';
import { computed, ref, watch } from 'vue';
import { useRouter } from 'vue-router';
import DraftLines from './DraftLines.vue';
import IngredientFigures from './IngredientFigures.vue';
import NumberField from '../kit/NumberField.vue';
import UseUpPanel from './UseUpPanel.vue';
import { useIngredientForm } from './useIngredientForm';
import { showFault } from '../kit/showFault';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { useNotice } from '../data/notice';
import PotFields from './PotFields.vue';
import { FAMILY_ITEMS, familyName } from '@amber-ladle/words';

/** One ingredient: every figure with its source, what uses it up, and a form to correct or add it. */
const props = defineProps<{ id: string }>();
const household = useHousehold();
const notice = useNotice();
const router = useRouter();

const isNew = computed(() => props.id === 'new');
const row = computed(() => (isNew.value ? undefined : household.catalogue.get(props.id)));
const own = computed(() => household.ownById(props.id));
const isBuiltIn = computed(() => CATALOGUE.has(props.id));
const { form, draft, errors, reset, save } = useIngredientForm(row);
const isOpen = ref(isNew.value);
watch(
  () => [props.id, own.value?.version],
  () => {
    reset();
    isOpen.value = isNew.value;
  },
);

const families = FAMILY_ITEMS;
function toggleSmell(smell: Smell): void {
  const { smells } = form.value;
  form.value.smells = smells.includes(smell) ? smells.filter((one) => one !== smell) : [...smells, smell];
}
const spoons = computed(() => household.spoons.map((spoon) => ({ value: spoon.id, title: spoonName(spoon) })));
const known = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
const WEIGHTS = [
  { value: 'spoon', title: 'a level spoon, weighed' },
  { value: 'composition', title: 'its composition' },
  { value: 'made', title: 'what it is made of' },
] as const;
const { spell } = useWords();
const COMPONENTS = [
  ['waterGrams', 'Water'],
  ['proteinGrams', 'Protein'],
  ['fatGrams', 'Fat'],
  ['carbohydrateGrams', 'Carbohydrate'],
  ['fibreGrams', spell('Fibre')],
  ['ashGrams', 'Ash'],
] as const;
function toggle(allergen: Allergen): void {
  const { allergens } = form.value;
  form.value.allergens = allergens.includes(allergen)
    ? allergens.filter((one) => one !== allergen)
    : [...allergens, allergen];
}

const isSaving = ref(false);
async function submit(): Promise<void> {
  isSaving.value = true;
  try {
    const id = await save();
    if (!id) {
      notice.fail(new Error(Object.values(errors.value)[0] ?? 'Something needs another look.'));
      await showFault();
      return;
    }
    notice.show(`${form.value.name} is kept.`);
    isOpen.value = false;
    if (isNew.value) await router.replace({ name: 'ingredient', params: { id } });
  } catch (error) {
    notice.fail(error);
  } finally {
    isSaving.value = false;
  }
}
async function remove(): Promise<void> {
  const name = row.value?.name ?? '';
  const { id } = props;
  const wasBuiltIn = isBuiltIn.value;
  try {
    await household.removeIngredient(id);
    notice.show(wasBuiltIn ? `${name} has its built-in figures again.` : `${name} is taken out.`, () =>
      household.restoreIngredient(id),
    );
    if (!wasBuiltIn) await router.push({ name: 'ingredients' });
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <div v-if="!isNew && !row" class="page">
    <h1>No such ingredient</h1>
    <v-btn color="primary" :to="{ name: 'ingredients' }">All ingredients</v-btn>
  </div>
  <div v-else class="page">
    <RouterLink class="quiet-link" :to="{ name: 'ingredients' }">All ingredients</RouterLink>
    <div class="title">
      <h1 class="named">
        <IngredientPicture v-if="row" :id="row.id" :family="row.family" :size="104" />
        <IngredientPicture v-if="row?.pieces" :id="row.id" :family="row.family" :size="76" state="open" />
        {{ row?.name ?? 'An ingredient of your own' }}
      </h1>
      <span v-if="row" class="does">
        <v-btn variant="tonal" color="primary" @click="isOpen = !isOpen">{{ isOpen ? 'Close' : 'Correct it' }}</v-btn>
        <v-btn v-if="own" variant="text" color="error" @click="remove">
          {{ isBuiltIn ? 'Back to the built-in figures' : 'Take it out' }}
        </v-btn>
      </span>
    </div>
    <p v-if="row" class="quiet">
      {{ [familyName(row.family), row.state].filter(Boolean).join(' · ') }}
      <template v-if="row.allergens.length > 0">
        · contains {{ row.allergens.join(', ').replaceAll('-', ' ') }}</template
      >
      <template v-if="row.crossesWithLatex"> · latex allergy can cross</template>
      <template v-if="row.stains"> · stains</template>
    </p>
    <p v-if="row?.advice">{{ isBuiltIn ? spell(row.advice) : row.advice }}</p>

    <form v-if="isOpen" class="paper form" novalidate @submit.prevent="submit">
      <div class="grid">
        <v-text-field v-model="form.name" label="Name" maxlength="60" :error-messages="errors['name'] ?? null" />
        <v-select v-model="form.family" :items="families" label="Kind" />
        <v-text-field v-model="form.state" label="How it is handled" maxlength="120" />
        <v-autocomplete v-model="form.likeId" :items="known" label="As thick as" no-data-text="Nothing of that name." />
      </div>
      <div class="line" role="group" aria-label="How its weight is known">
        <span class="quiet">Known by</span>
        <ChoicePills
          :of="WEIGHTS"
          :says="(way) => way.title"
          :is-chosen="(way) => form.weight === way.value"
          @choose="(way) => (form.weight = way.value)"
        />
      </div>
      <div v-if="form.weight === 'spoon'" class="grid">
        <v-select v-model="form.spoonId" :items="spoons" label="Spoon" />
        <NumberField
          :model-value="form.spoonGrams ?? 0"
          label="It weighs"
          unit="g"
          :min="0.1"
          :max="1000"
          @update:model-value="form.spoonGrams = $event"
        />
      </div>
      <div v-else-if="form.weight === 'composition'" class="grid">
        <NumberField
          v-for="[key, title] in COMPONENTS"
          :key="key"
          v-model="form.composition[key]"
          :label="`${title} in 100 g`"
          unit="g"
          :min="0"
          :max="100"
        />
      </div>
      <div v-else>
        <DraftLines :draft="draft" simple />
        <div class="grid after">
          <NumberField v-model="form.keptBackPercent" label="Stays in the cloth" unit="%" :min="0" :max="95" />
          <NumberField v-model="form.minutes" label="Takes" unit="min" :min="0" :max="100000" />
          <v-text-field v-model="form.how" label="How" maxlength="500" />
        </div>
      </div>
      <p v-if="errors['density'] || errors['composition'] || errors['recipe']" role="alert" class="alert">
        {{ errors['density'] ?? errors['composition'] ?? errors['recipe'] }}
      </p>
      <div class="grid">
        <v-text-field
          v-model="form.noun"
          label="One of it is called"
          placeholder="not counted"
          persistent-placeholder
        />
        <v-text-field v-if="form.noun" v-model="form.nouns" label="Several are called" />
        <NumberField
          v-if="form.noun"
          :model-value="form.pieceGrams ?? 0"
          label="Usable in a usual one"
          unit="g"
          :min="1"
          :max="5000"
          @update:model-value="form.pieceGrams = $event"
        />
        <NumberField
          v-if="form.noun"
          v-model="form.refusePercent"
          label="Peel, stone, shell"
          unit="%"
          :min="0"
          :max="95"
        />
        <NumberField v-if="form.noun" v-model="form.cutInto" label="Cut into at most" unit="parts" :min="1" :max="16" />
        <NumberField v-model="form.strainedPercent" label="Stays in a cloth" unit="%" :min="0" :max="95" />
      </div>
      <div v-if="form.weight !== 'made'" class="line">
        <v-switch v-model="form.hasPot" label="it comes out of a pot or a jar" />
      </div>
      <PotFields v-if="form.hasPot && form.weight !== 'made'" v-model="form.pot" :known="known" />
      <div class="grid">
        <v-switch v-model="form.spoils" label="goes off within hours in a room" />
        <NumberField v-model="form.keepDays" label="Then keeps in a fridge" unit="days" :min="1" :max="700" />
      </div>
      <div class="line" role="group" aria-label="Smells of">
        <span class="quiet">Smells of</span>
        <ChoicePills
          :of="SMELLS"
          :is-chosen="(smell) => form.smells.includes(smell)"
          @choose="(smell) => toggleSmell(smell)"
        />
      </div>
      <div class="line" role="group" aria-label="Contains">
        <span class="quiet">Contains</span>
        <ChoicePills
          :of="ALLERGENS"
          :says="(allergen) => allergen.replace('-', ' ')"
          :is-chosen="(allergen) => form.allergens.includes(allergen)"
          @choose="(allergen) => toggle(allergen)"
        />
      </div>
      <div class="line">
        <v-switch v-model="form.crossesWithLatex" label="latex allergy can cross" />
        <v-switch v-model="form.stains" label="it stains" />
      </div>
      <v-text-field v-model="form.advice" label="A word on choosing or handling it" maxlength="300" />
      <p class="line">
        <v-btn type="submit" color="primary" :loading="isSaving">{{ isNew ? 'Add it' : 'Keep the correction' }}</v-btn>
        <v-btn v-if="isNew" variant="text" :to="{ name: 'ingredients' }">Cancel</v-btn>
      </p>
    </form>

    <div v-if="row" class="two">
      <section aria-labelledby="known">
        <h2 id="known">What is known of it</h2>
        <IngredientFigures :row="row" />
      </section>
      <section aria-labelledby="use">
        <h2 id="use">Use it up</h2>
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
.after {
  margin-top: 12px;
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
h2 {
  margin: 14px 0 14px;
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
