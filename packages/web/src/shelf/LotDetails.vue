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
import {
  shelfText,
  aboutWords,
  STAGE_WORDS,
  stateWords,
  tillWords,
  windowReason,
  writeMoney,
  binWords,
} from '@amber-ladle/words';
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
        ? shelfText.pastAllTheSame
        : ready
          ? shelfText.readyAbout(aboutWords(ready.at, household.moment, household.where))
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
    fault.value = shelfText.usableGramsFault;
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
      <span v-if="lot.pricePerGram" class="quiet">{{
        shelfText.per100GUsable(writeMoney(lot.pricePerGram * 100, household.where))
      }}</span>
    </p>
    <div v-if="shelved.window.ripeness" class="line" role="group" :aria-label="shelfText.howItFeels">
      <span class="quiet">{{ shelfText.itFeels }}</span>
      <ChoicePills
        :of="STAGES"
        :says="(stage) => STAGE_WORDS[stage]"
        :is-chosen="(stage) => shelved.window.ripeness?.stage === stage"
        @choose="(stage) => actions.touch(lot, stage)"
      />
    </div>
    <div class="line" role="group" :aria-label="shelfText.moveTo">
      <span class="quiet">{{ shelfText.moveTo }}</span>
      <button v-for="one in moves" :key="one.place.id" type="button" class="pill" @click="actions.move(lot, one.place)">
        {{ one.place.name }} <span class="quiet">{{ one.words }}</span>
      </button>
      <button v-if="lot.state === 'whole' && !lot.pieceGrams" type="button" class="pill" @click="actions.open(lot)">
        {{ shelfText.itIsOpened }}
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
        {{ shelfText.cutOne }}
      </button>
      <RouterLink
        v-if="lot.state !== 'raw' && !shelved.window.isPast"
        class="quiet-link use"
        :to="{ name: 'ingredient', params: { id: lot.ingredientId }, query: { grams: Math.round(lot.grams) } }"
        >{{ shelfText.useItUp }}</RouterLink
      >
      <label class="figures weigh"
        >{{ shelfText.weighs }}
        <input
          v-model="weighed"
          inputmode="decimal"
          class="small-field"
          :aria-label="shelfText.usableGramsOfNow(row.name)"
          @keydown.enter="correct"
        />
        {{ shelfText.gOf(kitchenRound(lot.grams)) }}</label
      >
      <button
        v-if="scale?.isSteady && scale.grams > 0"
        type="button"
        class="tool"
        @click="weighed = String(scale.grams)"
      >
        {{ shelfText.gFromTheScale(scale.grams) }}
      </button>
      <button type="button" class="tool" @click="correct">{{ shelfText.correct }}</button>
      <span v-if="fault" class="alert" role="alert">{{ fault }}</span>
    </div>
    <div class="line" role="group" :aria-label="shelfText.throwAwayOrUse">
      <label class="figures weigh"
        >{{ shelfText.takeOut }}
        <input
          v-model="grams"
          inputmode="decimal"
          class="small-field"
          :placeholder="String(kitchenRound(lot.grams))"
          :aria-label="shelfText.gramsOfToTake(row.name)"
        />
        g:</label
      >
      <button type="button" class="pill" @click="actions.useOtherwise(lot, wanted)">
        {{ shelfText.eatenOrUsedOtherwise }}
      </button>
      <button
        v-for="reason in BIN_REASONS"
        :key="reason"
        type="button"
        class="pill"
        @click="actions.discard(lot, wanted, reason)"
      >
        {{ shelfText.bin(spell(binWords(reason))) }}
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
}
.weigh input::placeholder {
  color: var(--quiet);
  opacity: 1;
}
.alert {
  color: var(--clay);
}
</style>
