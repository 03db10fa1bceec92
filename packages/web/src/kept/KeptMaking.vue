<script setup lang="ts">
import { inARow } from '../data/inARow';
import { api, maskWorn, type Bowl, type BowlLife } from '@amber-ladle/contract';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { handlingNotes } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { keptText, FATE_WORDS, KEEPING_WORDS, rinseWords, writeMinutes } from '@amber-ladle/words';
import { computed } from 'vue';
import { useRead } from '../data/answer';
import { useWords } from '../data/useWords';
import { DayRecord } from '../day';

/** How a kept bowl is made and worn, and what happened when it was. */
const { bowl, life, catalogue } = defineProps<{
  bowl: Bowl;
  life: BowlLife | undefined;
  catalogue: Catalogue;
}>();
const { say } = useWords();
const notes = computed(() =>
  handlingNotes(bowl.snapshot.mask, catalogue).map(({ id, ingredientIds, what }) => ({
    id,
    who: inARow(ingredientIds.map((one) => ingredientById(catalogue, one).name)),
    words: say(what),
  })),
);
/** As long as was chosen for it. */
const wear = computed(() => maskWorn({ snapshot: bowl.snapshot, life }).wear);
/** The wash day it was made on. */
const { value } = useRead(api.washDays.ofBowl, () => ({ params: { bowlId: bowl.id } }), { isQuiet: true });
const day = computed(() => value.value?.day ?? undefined);
</script>

<template>
  <ol class="steps">
    <li v-for="step in bowl.snapshot.mask.steps" :key="step">{{ step }}</li>
  </ol>
  <ul v-if="notes.length > 0" class="minds">
    <li v-for="note in notes" :key="note.id">
      <b>{{ note.who }}</b> {{ note.words }}
    </li>
  </ul>
  <p data-test="wear">
    {{
      keptText.wearNeverPastNever(
        writeMinutes(wear.aimMinutes),
        writeMinutes(wear.limitMinutes),
        rinseWords(bowl.snapshot.mask.rinse),
        KEEPING_WORDS[bowl.snapshot.mask.keeping],
      )
    }}
  </p>
  <section v-if="day && day.events.length > 0" aria-labelledby="happened">
    <h2 id="happened">{{ keptText.whatHappened }}</h2>
    <DayRecord :day="day" />
  </section>
  <p v-if="life?.leftOver" class="figures" data-test="left">
    {{
      keptText.leftInTheBowl(
        kitchenRound(life.leftOver.millilitres),
        life.leftOver.how === 'measured' ? keptText.measured : keptText.judgedByEye,
        FATE_WORDS[life.leftOver.fate],
      )
    }}
  </p>
</template>

<style scoped>
.minds {
  padding-left: 1.3em;
  margin: 0 0 14px;
}
.steps {
  padding-left: 1.4em;
  margin: 20px 0;
}
.steps li {
  margin: 6px 0;
}
</style>
