<script setup lang="ts">
import TogglePill from '../kit/TogglePill.vue';
import ChoicePills from '../kit/ChoicePills.vue';
import type { LastedOnHead, LoggedBowl, WearLog } from '@amber-ladle/contract';
import { kitchenRound, spoonMillilitres, spoonName } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useHousehold } from '../data/household';
import { notesText, lastedWords } from '@amber-ladle/words';
import { readNumber } from '@amber-ladle/core/measure';

/** How the bowl lasted: what was left, by eye, spoon, scale or jug, or after which section it ran out. */
const { page, log } = defineProps<{ page: LoggedBowl; log: WearLog }>();
const emit = defineEmits<{ change: [lasted: LastedOnHead | undefined] }>();
const household = useHousehold();

const made = computed(() => page.facts.madeMillilitres);
const SHARES = [
  { share: 0, words: notesText.allUsed },
  { share: 0.05, words: notesText.aScraping },
  { share: 0.125, words: '⅛' },
  { share: 0.25, words: '¼' },
  { share: 0.5, words: '½' },
] as const;
const ranOut = computed(() => (log.lasted?.kind === 'ran-out' ? log.lasted : undefined));
const left = computed(() => (log.lasted?.kind === 'left' ? log.lasted : undefined));
const isShare = (share: number): boolean =>
  left.value?.how === 'judged' && Math.abs(left.value.millilitres - share * made.value) < 0.5;
function judge(share: number): void {
  emit('change', isShare(share) ? undefined : { kind: 'left', millilitres: share * made.value, how: 'judged' });
}

const spoon = computed(() => household.spoons.find(({ id }) => id.includes('tablespoon')) ?? household.spoons[0]);
const units = computed(() => [
  { value: 'mL', title: 'mL', millilitres: 1 },
  { value: 'g', title: notesText.gOnTheScale, millilitres: 1 / page.facts.gramsPerMillilitre },
  ...(spoon.value
    ? [{ value: 'spoon', title: spoonName(spoon.value), millilitres: spoonMillilitres(spoon.value) }]
    : []),
]);
const unit = ref('mL');
const measured = ref('');
const fault = computed(() => {
  if (measured.value.trim() === '') return '';
  const value = amount.value;
  if (value === undefined) return notesText.aNumberSuch;
  return value > made.value + 0.5 ? notesText.moreThanTheMl(kitchenRound(made.value)) : '';
});
const amount = computed(() => {
  const value = readNumber(measured.value);
  const size = units.value.find(({ value: id }) => id === unit.value)?.millilitres ?? 1;
  return measured.value.trim() === '' || Number.isNaN(value) || value < 0 ? undefined : value * size;
});
function measure(): void {
  if (amount.value === undefined || fault.value) return;
  emit('change', { kind: 'left', millilitres: Math.round(amount.value * 10) / 10, how: 'measured' });
}
const said = computed(() => lastedWords({ ...page, log }));
</script>

<template>
  <div class="lasted" data-test="lasted">
    <div class="line" role="group" :aria-label="notesText.whatWasLeft">
      <span class="what">{{ notesText.leftOver }}</span>
      <ChoicePills
        :of="SHARES"
        :says="(one) => one.words"
        :is-chosen="(one) => isShare(one.share)"
        @choose="(one) => judge(one.share)"
      />
      <TogglePill :is-on="ranOut !== undefined" @toggle="emit('change', ranOut ? undefined : { kind: 'ran-out' })">{{
        notesText.ranOut
      }}</TogglePill>
      <v-text-field
        v-model="measured"
        :label="notesText.measured"
        inputmode="decimal"
        class="measured figures"
        :error-messages="fault"
        hide-details="auto"
        @change="measure"
      />
      <v-select
        v-model="unit"
        :items="units"
        :label="notesText.measuredIn"
        class="unit"
        hide-details
        @update:model-value="measure"
      />
    </div>
    <div v-if="ranOut" class="line" role="group" :aria-label="notesText.afterHowManySections">
      <span class="what">{{ notesText.after }}</span>
      <ChoicePills
        :of="page.facts.sections.map((_, i) => i + 1)"
        :is-chosen="(n) => ranOut?.afterSections === n"
        @choose="
          (n) => emit('change', { kind: 'ran-out', ...(ranOut?.afterSections === n ? {} : { afterSections: n }) })
        "
      />
      <span class="quiet">{{ notesText.ofSections(page.facts.sections.length) }}</span>
    </div>
    <p v-if="said" class="quiet figures said" aria-live="polite">{{ notesText.mlMade(kitchenRound(made), said) }}</p>
  </div>
</template>

<style scoped>
.line {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px;
  padding: 5px 0;
}
.line :deep(.pill) {
  min-width: 44px;
  min-height: 44px;
}
.what {
  width: 100px;
  font-weight: 600;
}
.measured {
  min-width: 118px;
  max-width: 130px;
}
.unit {
  max-width: 170px;
}
.said {
  margin: 2px 0 8px;
}
@media (max-width: 32.5em) {
  .what {
    width: 100%;
  }
}
</style>
