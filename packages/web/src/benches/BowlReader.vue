<script setup lang="ts">
import { reasonOf } from '../data/reason';
import { benchesText, TEXTURE_WORDS } from '@amber-ladle/words';
import { readFormula } from '@amber-ladle/core/exchange';
import { writtenBowl } from '@amber-ladle/core/house';
import { BLANK_MASK } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { CautionPanel } from '../caution';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What a bowl written down anywhere is like: how thick, how much, over which limits, and careful with what. */
const household = useHousehold();
const text = ref('');
const headId = ref<string | null>(household.heads[0]?.id ?? null);
const people = computed(() => household.heads.map(({ id, name }) => ({ value: id, title: name })));
const head = computed(() => household.headById(headId.value ?? undefined));

const read = computed(() => {
  if (text.value.trim() === '') return undefined;
  try {
    const { lines } = readFormula(text.value, household.catalogue, household.settings.measureSystem);
    const clear = lines.flatMap(({ ingredientId, grams, questions }) =>
      ingredientId && grams && questions.length === 0 ? [{ ingredientId, grams }] : [],
    );
    return { clear, unclear: lines.filter(({ questions }) => questions.length > 0).map((line) => line.text) };
  } catch (error) {
    return { clear: [], unclear: [], fault: reasonOf(error) };
  }
});
const like = computed(() => {
  const amounts = read.value?.clear ?? [];
  if (amounts.length === 0) return undefined;
  const asItIs = { ...BLANK_MASK, id: 'read', name: benchesText.asWritten, version: 1 };
  const wearer = { ageYears: head.value?.ageYears ?? 30, sensitiveSkin: head.value?.sensitiveSkin ?? false };
  return writtenBowl(household.house, amounts, asItIs, wearer);
});
</script>

<template>
  <section aria-labelledby="reader">
    <h2 id="reader">{{ benchesText.whatIsThisBowl }}</h2>
    <v-textarea
      v-model="text"
      :label="benchesText.theMeasuresOne"
      :placeholder="benchesText.n2Yolks3Tbsp"
      persistent-placeholder
      rows="4"
      auto-grow
      maxlength="4000"
      class="text"
    />
    <v-select v-model="headId" :items="people" :label="benchesText.forWord" class="for" />
    <p v-if="read?.fault" role="alert">{{ read.fault }}</p>
    <p v-if="read && read.unclear.length > 0" class="quiet">{{ benchesText.notRead(read.unclear.join(' · ')) }}</p>
    <template v-if="like">
      <p class="big figures" data-test="like">
        {{ benchesText.aboutMl(kitchenRound(like.millilitres), TEXTURE_WORDS[like.texture.texture]) }}
      </p>
      <p v-for="cap in like.over" :key="cap.id" class="over">{{ benchesText.overALimit(say(cap.what)) }}</p>
      <CautionPanel v-if="head" :mask="like.mask" :heads="[head]" place="choosing" />
    </template>
  </section>
</template>

<style scoped>
.text {
  margin-top: 10px;
}
.for {
  margin-top: 12px;
  max-width: 220px;
}
.big {
  font: 560 1.4rem var(--serif);
  margin: 6px 0;
}
.over {
  color: var(--clay);
  font-weight: 600;
}
p {
  margin: 4px 0;
}
</style>
