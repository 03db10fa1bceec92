<script setup lang="ts">
import type { Head } from '@amber-ladle/contract';
import { enoughIn, headNeedIn, writtenMillilitres } from '@amber-ladle/core/house';
import { TOLD_OUTCOMES, type ToldOutcome } from '@amber-ladle/core/learn';
import { estimateTexture, type Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import ChoiceRow from '../kit/ChoiceRow.vue';
import { pasteText, enoughWords, TOLD_WORDS, TEXTURE_WORDS } from '@amber-ladle/words';

/** What the text makes, for whom that is enough, and what the same mask sized for her takes. */
const { mask, heads } = defineProps<{ mask: Mask; /** For how many the amounts are. */ heads: number }>();
const emit = defineEmits<{ heads: [count: number] }>();
const head = defineModel<string | undefined>('head', { required: true });
const outcome = defineModel<ToldOutcome | undefined>('outcome', { required: true });
const household = useHousehold();

const makes = computed(() => writtenMillilitres(mask, household.house) ?? 0);
const texture = computed(
  () =>
    estimateTexture(
      mask.parts.map(({ ingredientId, share }) => ({ ingredientId, grams: share })),
      household.catalogue,
    ).texture,
);
const who = computed<Head | undefined>(() => household.headById(head.value) ?? household.heads[0]);
const both = computed(() => {
  const one = who.value;
  if (!one || makes.value <= 0) return undefined;
  return {
    name: one.name,
    chance: enoughIn(household.house, one, mask, makes.value),
    sized: headNeedIn(household.house, one, mask).millilitres,
  };
});
const COUNTS = [1, 2, 3].map((value) => ({
  value,
  title: pasteText.heads(value),
}));
const people = computed(() => household.heads.map(({ id, name }) => ({ value: id, title: name })));
const NOT_MADE = 'not-made';
const OUTCOMES = [
  ...TOLD_OUTCOMES.map((value) => ({ value, title: TOLD_WORDS[value] })),
  { value: NOT_MADE, title: pasteText.notMadeYet },
] as const;
</script>

<template>
  <section class="paper makes" aria-labelledby="makes" data-test="makes">
    <h2 id="makes">
      {{ pasteText.itMakes }} <span class="figures">{{ kitchenRound(makes) }} mL</span
      ><template v-if="heads > 1"> {{ pasteText.aHead }}</template
      >,
      {{ TEXTURE_WORDS[texture] }}
    </h2>
    <ChoiceRow
      :label="pasteText.theAmountsAreFor"
      :options="COUNTS"
      :model-value="heads"
      @update:model-value="emit('heads', $event)"
    />
    <template v-if="who">
      <ChoiceRow
        :label="pasteText.whoseHead"
        :options="people"
        :model-value="who.id"
        @update:model-value="head = $event"
      />
      <ChoiceRow
        :label="pasteText.wasItEnough"
        :options="OUTCOMES"
        :model-value="outcome ?? NOT_MADE"
        @update:model-value="outcome = $event === NOT_MADE ? undefined : $event"
      />
      <div v-if="both" class="two" aria-live="polite" data-test="both">
        <p>
          <b>{{ pasteText.asYouMakeIt }}</b><br /><span class="big figures">{{ kitchenRound(makes) }} mL</span><br />
          <span class="quiet">{{ pasteText.enoughFor(both.name, enoughWords(1 - both.chance)) }}</span>
        </p>
        <p>
          <b>{{ pasteText.sizedFor(both.name) }}</b><br /><span class="big figures"
            >{{ kitchenRound(both.sized) }} mL</span
          ><br />
          <span class="quiet">{{ outcome === undefined ? pasteText.byHerHair : pasteText.beforeYourWord }}</span>
        </p>
      </div>
    </template>
  </section>
</template>

<style scoped>
.makes {
  padding: 14px 18px;
  margin: 18px 0;
}
h2 {
  margin: 0 0 8px;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 16px;
  margin-top: 10px;
  border-top: 1px solid var(--rule);
}
.two p {
  margin: 10px 0 0;
}
.big {
  font: 560 1.5rem var(--serif);
}
</style>
