<script setup lang="ts">
import IngredientById from '../kit/IngredientById.vue';
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import { ALLERGENS, type Allergen } from '@amber-ladle/core/ingredient';
import { HAIR_COLOURS, PATCH_HOURS, TREATMENTS, type HeadStory, type Treatment } from '@amber-ladle/core/judge';
import { NEEDS, type Need } from '@amber-ladle/core/mask';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { headText, aboutWords, ALLERGEN_WORDS, COLOUR_WORDS, NEED_WORDS, writeDay } from '@amber-ladle/words';
import { HOUR } from '@amber-ladle/core/time';

/** What a head asks for, and what to be careful about. */
const story = defineModel<HeadStory>({ required: true });
const household = useHousehold();
const set = (part: Partial<HeadStory>): void => void (story.value = { ...story.value, ...part });
const toggled = <T,>(all: readonly T[], one: T): T[] =>
  all.includes(one) ? all.filter((other) => other !== one) : [...all, one];
const { spell } = useWords();
const colours = computed(() => HAIR_COLOURS.map((value) => ({ value, title: spell(COLOUR_WORDS[value]) })));

const day = (at: string): string => writeDay(at, household.now(), household.where);
const nameOf = (id: string): string => household.catalogue.get(id)?.name ?? id;
const ingredients = computed(() =>
  [...household.catalogue.values()]
    .filter(({ traits }) => !traits.isFromTap || traits.skin.length > 0)
    .map(({ id, name }) => ({ value: id, title: name }))
    .sort((a, b) => a.title.localeCompare(b.title)),
);
const tests = computed(() =>
  story.value.patchTests.map((test, i) => {
    const freeAt = Date.parse(test.at) + PATCH_HOURS * HOUR;
    return {
      ...test,
      i,
      isOver: freeAt <= household.moment,
      free: aboutWords(freeAt, household.moment, household.where),
    };
  }),
);
const toTest = ref<string | null>(null);
function dab(): void {
  if (!toTest.value) return;
  set({ patchTests: [...story.value.patchTests, { ingredientId: toTest.value, at: household.now().toISOString() }] });
  toTest.value = null;
}
const judge = (i: number, outcome: 'fine' | 'reaction'): void => {
  set({ patchTests: story.value.patchTests.map((test, k) => (k === i ? { ...test, outcome } : test)) });
};
const drop = (i: number): void => {
  set({ patchTests: story.value.patchTests.filter((_, k) => k !== i) });
};

const TREATMENT_WORDS: Readonly<Record<Treatment['kind'], string>> = {
  protein: headText.boughtProtein,
  colour: headText.colour,
  bleach: headText.bleach,
  clarifying: headText.clarifyingWash,
};
const treat = (kind: Treatment['kind']): void => {
  set({ treatments: [...story.value.treatments, { kind, at: household.now().toISOString() }] });
};
const untreat = (i: number): void => {
  set({ treatments: story.value.treatments.filter((_, k) => k !== i) });
};
const needs = NEEDS as readonly Need[];
const allergens = ALLERGENS as readonly Allergen[];
</script>

<template>
  <fieldset class="story">
    <legend class="serif">{{ headText.whatItAsksFor }}</legend>
    <div class="line">
      <ChoicePills
        :of="needs"
        :says="(need) => NEED_WORDS[need]"
        :is-chosen="(need) => story.needs.includes(need)"
        @choose="(need) => set({ needs: toggled(story.needs, need) })"
      />
      <TogglePill :is-on="story.isWeighedDown" @toggle="set({ isWeighedDown: !story.isWeighedDown })">{{
        headText.goesLimpEasily
      }}</TogglePill>
      <TogglePill :is-on="story.isProteinSensitive" @toggle="set({ isProteinSensitive: !story.isProteinSensitive })">{{
        headText.stiffAfterProteinBeside
      }}</TogglePill>
    </div>
    <legend class="serif">{{ headText.carefulWith }}</legend>
    <div class="line">
      <ChoicePills
        :of="allergens"
        :says="(allergen) => ALLERGEN_WORDS[allergen]"
        :is-chosen="(allergen) => story.allergies.includes(allergen)"
        @choose="(allergen) => set({ allergies: toggled(story.allergies, allergen) })"
      />
      <TogglePill :is-on="story.hasLatexAllergy" @toggle="set({ hasLatexAllergy: !story.hasLatexAllergy })">{{
        headText.latex
      }}</TogglePill>
    </div>
    <div class="line">
      <v-select
        :model-value="story.colour"
        :items="colours"
        :label="headText.theHairIs"
        class="colour"
        @update:model-value="set({ colour: $event })"
      />
      <v-switch
        :model-value="story.hasBrokenSkin"
        :label="headText.brokenOrSoreSkin"
        @update:model-value="set({ hasBrokenSkin: Boolean($event) })"
      />
    </div>
    <legend class="serif">{{ headText.patchTests }}</legend>
    <p class="quiet">{{ headText.aDab }}</p>
    <ul class="plain-list">
      <li v-for="test in tests" :key="test.i" class="test">
        <span class="line">
          <IngredientById :id="test.ingredientId" />
          <b>{{ nameOf(test.ingredientId) }}</b> <span class="quiet">{{ day(test.at) }}</span>
        </span>
        <span v-if="test.outcome === 'fine'">{{ headText.fine }}</span>
        <span v-else-if="test.outcome === 'reaction'" class="bad">{{ headText.reacted }}</span>
        <span v-else class="line">
          <span class="quiet">{{ test.isOver ? headText.howWasIt : headText.free(test.free) }}</span>
          <button type="button" class="pill" @click="judge(test.i, 'fine')">{{ headText.fine }}</button>
          <button type="button" class="pill" @click="judge(test.i, 'reaction')">{{ headText.itReacted }}</button>
        </span>
        <button
          type="button"
          class="tool"
          :aria-label="headText.takeOutTheTest(nameOf(test.ingredientId))"
          @click="drop(test.i)"
        >
          {{ headText.takeOut }}
        </button>
      </li>
    </ul>
    <div class="line">
      <v-autocomplete v-model="toTest" :items="ingredients" :label="headText.testToday" clearable class="totest" />
      <v-btn variant="tonal" color="primary" :disabled="!toTest" @click="dab">{{ headText.dabbedOn }}</v-btn>
    </div>
    <legend class="serif">{{ headText.doneElsewhere }}</legend>
    <div class="line">
      <span class="quiet">{{ headText.today }}</span>
      <button v-for="kind in TREATMENTS" :key="kind" type="button" class="pill" @click="treat(kind)">
        {{ spell(TREATMENT_WORDS[kind]) }}
      </button>
    </div>
    <ul v-if="story.treatments.length > 0" class="plain-list">
      <li v-for="(treatment, i) in story.treatments" :key="i" class="test">
        <span>{{ spell(TREATMENT_WORDS[treatment.kind]) }} {{ day(treatment.at) }}</span>
        <button type="button" class="tool" @click="untreat(i)">{{ headText.takeOut }}</button>
      </li>
    </ul>
  </fieldset>
</template>

<style scoped>
.story {
  border: 0;
  padding: 0;
  margin: 8px 0 16px;
}
legend {
  font-size: 1.2rem;
  margin: 14px 0 6px;
  padding: 0;
  float: left;
  width: 100%;
}
legend + * {
  clear: both;
}
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  margin: 6px 0;
}
.colour {
  max-width: 220px;
}
.totest {
  max-width: 300px;
}
.test {
  display: grid;
  grid-template-columns: minmax(180px, 1fr) auto auto;
  align-items: center;
  gap: 4px 16px;
  padding: 4px 0;
  border-bottom: 1px solid var(--rule);
}
.bad {
  color: var(--clay);
  font-weight: 600;
}
p {
  margin: 0;
}
</style>
