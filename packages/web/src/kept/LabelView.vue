<script setup lang="ts">
import { computed, toRef } from 'vue';
import { kitchenRound } from '@amber-ladle/core/measure';
import { MaskPicture } from '../kit/ink';
import CodeDrawing from '../kit/CodeDrawing.vue';
import { useBowlLife } from './useBowlLife';
import { addressFrom, useDoor } from '../data/door';
import { useKeptBowl } from '../data/useKeptBowl';
import { useHousehold } from '../data/household';
import { keptText, writeMoment } from '@amber-ladle/words';

/** The label for a jar: what, for whom, made when, use by when, not food; with a code that opens the bowl. */
const props = defineProps<{ id: string }>();
const household = useHousehold();
const { bowl, failure } = useKeptBowl(toRef(props, 'id'));
const life = computed(() => bowl.value?.life);
const { budget, strictest } = useBowlLife(bowl, life);

const moment = (at: number): string => writeMoment(at, household.where);
const isMixed = computed(() => (life.value?.stays.length ?? 0) > 0);
const useBy = computed(() => {
  if (!strictest.value) return keptText.withinMonthsRancidSmell;
  if (!isMixed.value || !budget.value) return keptText.countedFromTheMixing;
  const { endsAt } = budget.value;
  return Number.isFinite(endsAt) ? moment(endsAt) : keptText.whileItIsFrozen;
});
/** A phone that is let in opens the bowl by it, wherever the label is printed. */
const { value: door } = useDoor({ isQuiet: true });
const address = computed(() => `${addressFrom(door.value)}/bowls/${props.id}`);
const print = (): void => {
  window.print();
};
</script>

<template>
  <div class="page">
    <div v-if="failure" role="alert">
      <h1>{{ keptText.notHere }}</h1>
      <p>{{ failure }}</p>
    </div>
    <template v-else-if="bowl">
      <RouterLink class="quiet-link no-print" :to="{ name: 'kept-bowl', params: { id: bowl.id } }">{{
        keptText.backToTheBowl
      }}</RouterLink>
      <div class="label" data-test="label">
        <div>
          <MaskPicture :parts="bowl.snapshot.mask.parts" :catalogue="household.catalogue" :size="64" class="picture" />
          <h1>{{ bowl.maskName }}</h1>
          <dl class="figures">
            <dt>{{ keptText.forTerm }}</dt>
            <dd>{{ bowl.headName }}</dd>
            <dt>{{ keptText.made }}</dt>
            <dd>{{ isMixed && life ? moment(Date.parse(life.madeAt)) : keptText.notMixedYet }}</dd>
            <dt>{{ keptText.useBy }}</dt>
            <dd>
              <b>{{ useBy }}</b>
            </dd>
            <dt>{{ keptText.holds }}</dt>
            <dd>{{ kitchenRound(bowl.madeMillilitres) }} mL</dd>
          </dl>
          <p class="not">{{ keptText.notFoodForHair }}</p>
        </div>
        <CodeDrawing :text="address" class="code" />
      </div>
      <p class="no-print actions">
        <v-btn color="primary" @click="print">{{ keptText.printTheLabel }}</v-btn>
      </p>
    </template>
  </div>
</template>

<style scoped>
.label {
  width: 420px;
  max-width: 100%;
  margin: 14px 0;
  padding: 14px 16px;
  display: grid;
  grid-template-columns: 1fr 110px;
  gap: 12px;
  background: #fffdf7;
  color: #2b211a;
  border: 2px solid #2b211a;
  border-radius: 6px;
}
h1 {
  font-size: 1.4rem;
}
dl {
  display: grid;
  grid-template-columns: 60px 1fr;
  gap: 2px 8px;
  margin: 8px 0;
}
dt {
  color: #6b5b4d;
}
dd {
  margin: 0;
}
.not {
  margin: 0;
  font-weight: 700;
  letter-spacing: 0.04em;
}
.picture {
  float: left;
  margin: -6px 10px 0 0;
}
dl {
  clear: both;
}
.code {
  align-self: end;
}
</style>
