<script setup lang="ts">
import SheetDialog from '../kit/SheetDialog.vue';
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import type { MakingChoice } from '@amber-ladle/contract';
import { ingredientById, rawRecipeOf, type Catalogue } from '@amber-ladle/core/ingredient';
import { madeFromRaw, potFaults, potsOf } from '@amber-ladle/core/recipe';
import { kitchenRound, type Spoon } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useWords } from '../data/useWords';
import { bowlText, makingWords, type AmountToMake, type Makings } from '@amber-ladle/words';
import { readQuantity } from '@amber-ladle/core/measure';

/** The pot behind a made ingredient: the ways of the schools, and what a cooked amount comes to. */
const { ingredientId, amounts, makings, spoons, catalogue } = defineProps<{
  ingredientId: string;
  /** Of the whole bowl: it may share its pot. */
  amounts: readonly AmountToMake[];
  makings: Makings;
  spoons: readonly Spoon[];
  catalogue: Catalogue;
}>();
const emit = defineEmits<{ cook: [making: MakingChoice]; lock: [grams: number] }>();

const row = computed(() => ingredientById(catalogue, ingredientId));
const recipe = computed(() => rawRecipeOf(row.value));
const name = computed(() => row.value.name.toLowerCase());
const making = computed<MakingChoice>(() => makings[ingredientId] ?? {});
const pot = computed(() =>
  potsOf(amounts, catalogue, makings).find(({ holds }) => holds.some((one) => one.ingredientId === ingredientId)),
);
/** Told whole here, for whichever of those that share it. */
const words = computed(
  () => makingWords(amounts, spoons, catalogue, makings).get(pot.value?.holds[0].ingredientId ?? ingredientId) ?? '',
);
const { say, spell } = useWords();
const faults = computed(() => (pot.value ? potFaults(pot.value).map(say) : []));

const WATERS = [
  { volumes: undefined, title: bowlText.asMuch },
  { volumes: 3.75, title: bowlText.threeAndThreeQuarterVolumes },
  { volumes: 5, title: bowlText.fiveVolumes },
] as const;
const LIDS = [
  { lid: 'open', title: 'open' },
  { lid: 'ajar', title: bowlText.lidAjar },
  { lid: 'on', title: bowlText.lidOn },
] as const;

/** Undefined fields are left out: the server takes only what was chosen. */
function choose(part: { [K in keyof MakingChoice]: MakingChoice[K] | undefined }): void {
  const next = Object.fromEntries(
    Object.entries({ ...making.value, ...part }).filter(([, value]) => value !== undefined),
  );
  emit('cook', next as MakingChoice);
}

const cooked = ref('');
const fromCooked = computed(() => {
  const raw = readQuantity(cooked.value, 'g');
  return recipe.value && raw > 0 && raw <= 5000 ? madeFromRaw(recipe.value, raw, making.value) : undefined;
});
</script>

<template>
  <SheetDialog v-if="recipe" :title="bowlText.thePot(name)">
    <template #activator="{ props: activator }">
      <button v-bind="activator" type="button" class="tool" :aria-label="bowlText.thePotOf(name)">
        {{ bowlText.thePotButton }}
      </button>
    </template>
    <template #default="{ close }">
      <p class="figures words" data-test="pot">{{ words }}</p>
      <p v-for="fault in faults" :key="fault" class="fault" role="alert" data-test="pot-fault">{{ fault }}</p>
      <p class="quiet">{{ spell(row.advice) }}</p>
      <template v-if="recipe.pot.minutes > 0">
        <div class="line" role="group" :aria-label="bowlText.water">
          <span class="quiet">{{ bowlText.water }}</span>
          <ChoicePills
            :of="WATERS"
            :says="(water) => water.title"
            :is-chosen="(water) => making.volumes === water.volumes"
            @choose="(water) => choose({ volumes: water.volumes })"
          />
        </div>
        <div class="line" role="group" :aria-label="bowlText.lid">
          <span class="quiet">{{ bowlText.lid }}</span>
          <ChoicePills
            :of="LIDS"
            :says="(one) => one.title"
            :is-chosen="(one) => (making.lid ?? recipe?.pot.lid) === one.lid"
            @choose="(one) => choose({ lid: one.lid })"
          />
        </div>
        <div class="line" role="group" :aria-label="bowlText.ways">
          <span class="quiet">{{ bowlText.way }}</span>
          <TogglePill :is-on="making.soaked === true" @toggle="choose({ soaked: making.soaked ? undefined : true })">{{
            bowlText.soakedAnHour
          }}</TogglePill>
          <TogglePill
            v-if="recipe.yield.kind === 'solids'"
            :is-on="making.byHand === true"
            @toggle="choose({ byHand: making.byHand ? undefined : true })"
            >{{ bowlText.mashedByHand }}</TogglePill
          >
        </div>
      </template>
      <div class="reverse">
        <v-text-field
          v-model="cooked"
          :label="bowlText.cookedAlready(recipe.raw.name)"
          suffix="g"
          inputmode="decimal"
          class="figures"
          autocomplete="off"
        />
        <p v-if="fromCooked" aria-live="polite" class="figures">
          {{ bowlText.thatMakes }} <b data-test="cooked-makes">{{ kitchenRound(fromCooked.madeGrams) }} g</b>
          {{ name }}.
          <v-btn variant="tonal" color="primary" @click="(emit('lock', fromCooked.madeGrams), close())">
            {{ bowlText.useAllOfIt }}
          </v-btn>
        </p>
        <p v-else class="quiet">{{ bowlText.sayHowMuchWent }}</p>
      </div>
      <v-btn color="primary" @click="close">{{ bowlText.close }}</v-btn>
    </template>
  </SheetDialog>
</template>

<style scoped>
.fault {
  color: var(--clay);
  margin: 4px 0;
}
.words {
  font-size: 1.15rem;
  margin: 8px 0;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 10px 0;
}
.line > span {
  min-width: 54px;
}
.reverse {
  display: grid;
  grid-template-columns: 260px 1fr;
  gap: 8px 20px;
  align-items: center;
  margin: 18px 0;
}
@media (max-width: 35em) {
  .reverse {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
