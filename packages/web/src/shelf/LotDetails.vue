<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { BIN_REASONS, lotPast, STAGES, windowIfMoved, type Place } from '@amber-ladle/core/shelf';
import { computed, ref } from 'vue';
import { useScaleReading } from './useScale';
import { useLotActions } from './useLotActions';
import { useHousehold } from '../data/household';
import { useWords } from '../data/useWords';
import { useShelf, type ShelvedLot } from '../data/shelf';
import { aboutWords, STAGE_WORDS, stateWords, tillWords, windowReason, writeMoney } from '@amber-ladle/words';
import { readQuantity } from '@amber-ladle/core/measure';

/** A lane explains itself, and hands do what hands do: feel, move, weigh, open, use, throw away. */
const { shelved } = defineProps<{ shelved: ShelvedLot }>();
const household = useHousehold();
const shelf = useShelf();
const actions = useLotActions();
const scale = useScaleReading();

const lot = computed(() => shelved.lot);
const row = computed(() => ingredientById(household.catalogue, lot.value.ingredientId));
/** What another place would do to it: "fridge: till Tuesday". */
const moves = computed(() =>
  shelf.places
    .filter(({ id }) => id !== shelved.place?.id)
    .map((place: Place) => {
      const window = windowIfMoved(row.value, lotPast(lot.value), shelf.climate, household.moment, place);
      const ready = window.ripeness?.ready;
      const words = window.isPast
        ? 'past all the same'
        : ready
          ? `ready ${aboutWords(ready.at, household.moment, household.where)}`
          : tillWords(window.endsAt, household.moment, household.where);
      return { place, words };
    }),
);
const { spell } = useWords();
const grams = ref('');
const wanted = computed(() => {
  const value = readQuantity(grams.value, 'g');
  return grams.value.trim() !== '' && value > 0 && value <= lot.value.grams ? value : lot.value.grams;
});
const weighed = ref('');
const fault = ref('');
async function correct(): Promise<void> {
  const value = readQuantity(weighed.value, 'g');
  if (weighed.value.trim() === '' || !(value >= 0) || value > 100_000) {
    fault.value = 'Usable grams, 0 or more.';
    return;
  }
  fault.value = '';
  await actions.correct(lot.value, value);
  weighed.value = '';
}
</script>

<template>
  <div class="details">
    <p class="why figures" data-test="lot-why">
      {{ windowReason(shelved.window, stateWords(lot.state, row), household.where) }}
      <span v-if="lot.pricePerGram" class="quiet"
        >{{ writeMoney(lot.pricePerGram * 100, household.where) }} per 100 g usable.</span
      >
    </p>
    <div v-if="shelved.window.ripeness" class="line" role="group" aria-label="How it feels">
      <span class="quiet">It feels</span>
      <ChoicePills
        :of="STAGES"
        :says="(stage) => STAGE_WORDS[stage]"
        :is-chosen="(stage) => shelved.window.ripeness?.stage === stage"
        @choose="(stage) => actions.touch(lot, stage)"
      />
    </div>
    <div class="line" role="group" aria-label="Move to">
      <span class="quiet">Move to</span>
      <button v-for="one in moves" :key="one.place.id" type="button" class="pill" @click="actions.move(lot, one.place)">
        {{ one.place.name }} <span class="quiet">{{ one.words }}</span>
      </button>
      <button v-if="lot.state === 'whole' && !lot.pieceGrams" type="button" class="pill" @click="actions.open(lot)">
        it is opened
      </button>
    </div>
    <div class="line">
      <button
        v-if="lot.state === 'whole' && row.traits.prepared === 'cut' && !shelved.window.isPast"
        type="button"
        class="pill"
        data-test="cut"
        @click="actions.cut(lot)"
      >
        cut one
      </button>
      <RouterLink
        v-if="lot.state !== 'raw' && !shelved.window.isPast"
        class="quiet-link use"
        :to="{ name: 'ingredient', params: { id: lot.ingredientId }, query: { grams: Math.round(lot.grams) } }"
        >Use it up</RouterLink
      >
      <label class="figures weigh"
        >weighs
        <input
          v-model="weighed"
          inputmode="decimal"
          :aria-label="`Usable grams of ${row.name} now`"
          @keydown.enter="correct"
        />
        g of {{ kitchenRound(lot.grams) }}</label
      >
      <button
        v-if="scale?.isSteady && scale.grams > 0"
        type="button"
        class="tool"
        @click="weighed = String(scale.grams)"
      >
        {{ scale.grams }} g from the scale
      </button>
      <button type="button" class="tool" @click="correct">correct</button>
      <span v-if="fault" class="alert" role="alert">{{ fault }}</span>
    </div>
    <div class="line" role="group" aria-label="Throw away or use otherwise">
      <label class="figures weigh"
        >Take out
        <input
          v-model="grams"
          inputmode="decimal"
          :placeholder="String(kitchenRound(lot.grams))"
          :aria-label="`Grams of ${row.name} to take out`"
        />
        g:</label
      >
      <button type="button" class="pill" @click="actions.useOtherwise(lot, wanted)">eaten or used otherwise</button>
      <button
        v-for="reason in BIN_REASONS"
        :key="reason"
        type="button"
        class="pill"
        @click="actions.discard(lot, wanted, reason)"
      >
        bin: {{ spell(reason) }}
      </button>
    </div>
  </div>
</template>

<style scoped>
.details {
  padding: 8px 12px 14px;
  background: rgb(var(--v-theme-surface));
  border: 1px solid var(--rule);
  border-top: 0;
}
.why {
  margin: 0 0 6px;
}
.line {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 8px;
  align-items: center;
  margin: 6px 0;
}
.use {
  min-height: 44px;
  display: inline-flex;
  align-items: center;
}
.weigh input {
  width: 76px;
  min-height: 40px;
  padding: 0 8px;
  border: 1px solid var(--quiet);
  border-radius: 6px;
  background: transparent;
  color: var(--ink);
  font: inherit;
}
.weigh input::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.alert {
  color: var(--clay);
}
</style>
