<script setup lang="ts">
import type { Head } from '@amber-ladle/contract';
import { enoughIn, headNeedIn, writtenMillilitres } from '@amber-ladle/core/house';
import { TOLD_OUTCOMES, type ToldOutcome } from '@amber-ladle/core/learn';
import { estimateTexture, type Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../../stores/household';
import { enoughWords } from '../../words/chance';
import { TOLD_WORDS } from '../../words/notes';

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
const COUNTS = [1, 2, 3] as const;
</script>

<template>
  <section class="paper makes" aria-labelledby="makes" data-test="makes">
    <h2 id="makes">
      It makes <span class="figures">{{ kitchenRound(makes) }} mL</span><template v-if="heads > 1"> a head</template>,
      {{ texture }}
    </h2>
    <div class="row">
      <span id="count-of">The amounts are for</span>
      <span role="group" aria-labelledby="count-of" class="pills">
        <button
          v-for="count in COUNTS"
          :key="count"
          type="button"
          class="pill"
          :aria-pressed="count === heads"
          @click="emit('heads', count)"
        >
          {{ count === 1 ? 'one head' : `${count} heads` }}
        </button>
      </span>
    </div>
    <template v-if="who">
      <div class="row">
        <span id="whose">Whose head was it for?</span>
        <span role="group" aria-labelledby="whose" class="pills">
          <button
            v-for="one in household.heads"
            :key="one.id"
            type="button"
            class="pill"
            :aria-pressed="one.id === who.id"
            @click="head = one.id"
          >
            {{ one.name }}
          </button>
        </span>
      </div>
      <div class="row">
        <span id="enough">Was it enough?</span>
        <span role="group" aria-labelledby="enough" class="pills">
          <button
            v-for="one in TOLD_OUTCOMES"
            :key="one"
            type="button"
            class="pill"
            :aria-pressed="one === outcome"
            @click="outcome = one === outcome ? undefined : one"
          >
            {{ TOLD_WORDS[one] }}
          </button>
          <button type="button" class="pill" :aria-pressed="outcome === undefined" @click="outcome = undefined">
            not made yet
          </button>
        </span>
      </div>
      <div v-if="both" class="two" aria-live="polite" data-test="both">
        <p>
          <b>As you make it</b><br /><span class="big figures">{{ kitchenRound(makes) }} mL</span><br />
          <span class="quiet">enough for {{ both.name }} {{ enoughWords(1 - both.chance) }}</span>
        </p>
        <p>
          <b>Sized for {{ both.name }}</b
          ><br /><span class="big figures">{{ kitchenRound(both.sized) }} mL</span><br />
          <span class="quiet">{{
            outcome === undefined
              ? 'by her hair, as far as it is known'
              : 'before your word, which will count from then on'
          }}</span>
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
.row {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 6px 14px;
  margin: 6px 0;
}
.pills {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
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
