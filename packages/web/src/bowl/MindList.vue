<script setup lang="ts">
import { inARow } from '../data/inARow';
import { bowlText, TEXTURE_WORDS } from '@amber-ladle/words';
import type { SizedBowl, Slip } from '@amber-ladle/core/batch';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { foamOf, handlingNotes, type Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, toRef } from 'vue';
import { sizing } from '../data/sizing';
import { useNewest } from '../kit/useNewest';
import { useRested } from '../kit/useRested';
import { useWords } from '../data/useWords';

const { say } = useWords();

/** What to mind while making: handling by ingredient, room for foam, and where a slip of the hand costs most. */
const props = defineProps<{ bowl: SizedBowl; mask: Mask; catalogue: Catalogue }>();

const names = (ids: readonly string[]): string =>
  inARow(ids.map((id) => ingredientById(props.catalogue, id).name.toLowerCase()));
const notes = computed(() =>
  handlingNotes(props.mask, props.catalogue).map(({ id, ingredientIds, what }) => ({
    id,
    who: names(ingredientIds),
    words: say(what),
  })),
);
const foam = computed(() => (props.mask.whisked ? foamOf(props.bowl.lines, props.catalogue) : undefined));

/** Slips that change the texture or break a limit; the others a cook shrugs off. */
const { current } = useNewest(useRested(toRef(props, 'bowl'), 300).rested, (bowl) => sizing().slips(bowl, props.mask));
function slipWords({ ingredientId, grams, breaks, changesTexture, texture }: Slip): string {
  const what = bowlText.gTooMuch(kitchenRound(grams), names([ingredientId]));
  if (breaks.length > 0) return bowlText.breaksALimit(what, breaks.map(say).join('; '));
  return changesTexture ? bowlText.makesIt(what, TEXTURE_WORDS[texture]) : '';
}
const careful = computed(() => (current.value ?? []).map(slipWords).filter((words) => words !== ''));
</script>

<template>
  <details class="mind">
    <summary>{{ bowlText.mindWhileMaking(notes.length + careful.length + (foam ? 1 : 0)) }}</summary>
    <ul>
      <li v-for="note in notes" :key="note.id">
        <b>{{ note.who }}</b> {{ note.words }}
      </li>
      <li v-if="foam" class="figures">
        {{ bowlText.whiskInABowl(kitchenRound(foam.whiskedMillilitres), kitchenRound(foam.standingMillilitres)) }}
      </li>
      <li v-for="words in careful" :key="words" class="figures">{{ words }}</li>
    </ul>
  </details>
</template>

<style scoped>
ul {
  padding-left: 1.2em;
  margin: 0 0 8px;
}
li {
  margin: 4px 0;
  font-size: 0.97rem;
}
b::first-letter {
  text-transform: uppercase;
}
</style>
