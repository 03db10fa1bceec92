<script setup lang="ts">
import { api } from '@amber-ladle/contract';
import { headNeedIn, writtenMillilitres } from '@amber-ladle/core/house';
import { TOLD_OUTCOMES, type ToldOutcome } from '@amber-ladle/core/learn';
import type { Mask } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed, ref } from 'vue';
import { useRead } from '../data/answer';
import { call } from '../data/client';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { maskText, TOLD_WORDS } from '@amber-ladle/words';
import ChoiceRow from '../kit/ChoiceRow.vue';

/** What a mask makes as its maker writes it, whose head that was for and whether it was enough: the first that is known of her. */
const { mask } = defineProps<{ mask: Mask }>();
const household = useHousehold();
const notice = useNotice();

const { value, know } = useRead(api.masks.told, () => ({ params: { id: mask.id } }), { isQuiet: true });
const told = computed(() => value.value ?? []);

const chosen = ref<string>();
const head = computed(() => household.headById(chosen.value ?? told.value[0]?.headId ?? '') ?? household.heads[0]);
const outcome = computed(() => told.value.find(({ headId }) => headId === head.value?.id)?.outcome);
const makes = computed(() => kitchenRound(writtenMillilitres(mask, household.house) ?? 0));
const need = computed(() =>
  head.value ? kitchenRound(headNeedIn(household.house, head.value, mask).millilitres) : undefined,
);

const people = computed(() => household.heads.map(({ id, name }) => ({ value: id, title: name })));
const OUTCOMES = TOLD_OUTCOMES.map((value) => ({ value, title: TOLD_WORDS[value] }));

async function tell(next: ToldOutcome): Promise<void> {
  const who = head.value;
  if (!who) return;
  const params = { id: mask.id, headId: who.id };
  try {
    know(
      next === outcome.value
        ? await call(api.masks.untell, { params })
        : await call(api.masks.tell, { params, body: { outcome: next } }),
    );
  } catch (error) {
    notice.fail(error);
  }
}
</script>

<template>
  <section v-if="head" class="paper told" aria-labelledby="told" data-test="told">
    <h2 id="told">
      {{ maskText.asWrittenItMakes }} <span class="figures">{{ makes }} mL</span>
    </h2>
    <ChoiceRow
      :label="maskText.whoseHead"
      :options="people"
      :model-value="head.id"
      @update:model-value="chosen = $event"
    />
    <ChoiceRow :label="maskText.andWasItEnough" :options="OUTCOMES" :model-value="outcome" @update:model-value="tell" />
    <p class="quiet figures" aria-live="polite" data-test="told-need">
      <template v-if="outcome">{{ maskText.sizedFor(head.name, need ?? 0) }}</template>
      <template v-else>{{ maskText.sizedForItTakes(head.name, need ?? 0) }}</template>
    </p>
  </section>
</template>

<style scoped>
.told {
  margin: 18px 0 8px;
  padding: 14px 18px;
}
h2 {
  margin: 0 0 8px;
}
p {
  margin: 8px 0 0;
}
</style>
