<script setup lang="ts">
import { inARow } from '../data/inARow';
import { api, type Bowl, type BowlLife } from '@amber-ladle/contract';
import { usualOf } from '@amber-ladle/core/batch';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import {
  keptText,
  enoughWords,
  swapWords,
  untilWords,
  whySteps,
  writeDay,
  writeLength,
  writeMoney,
  writeTime,
} from '@amber-ladle/words';
import { computed } from 'vue';
import { WhyDialog } from '../bowl';
import { useRead } from '../data/answer';
import { useHousehold } from '../data/household';

/** What a kept bowl is: of what, for whom, how much, and what it cost. */
const { bowl, life, catalogue } = defineProps<{
  bowl: Bowl;
  life: BowlLife | undefined;
  catalogue: Catalogue;
}>();
const household = useHousehold();
const sized = computed(() => bowl.snapshot.sized);
const swaps = computed(() => swapWords(bowl.snapshot.choices.swaps, catalogue));
const { value: cost } = useRead(api.bowls.cost, () => (life?.isDrawn ? { params: { id: bowl.id } } : undefined), {
  isQuiet: true,
});
</script>

<template>
  <p class="quiet when">
    <template v-if="life?.plannedFor && !life.isDrawn"
      >{{ keptText.plannedFor(untilWords(Date.parse(life.plannedFor), household.moment, household.where)) }}
    </template>
    {{
      keptText.keptAt(writeDay(bowl.keptAt, household.now(), household.where), writeTime(bowl.keptAt, household.where))
    }}
  </p>
  <h1>{{ keptText.nameForHead(bowl.maskName, bowl.headName) }}</h1>
  <p class="sum figures">
    <b data-test="kept-made">{{ kitchenRound(sized.madeMillilitres) }} mL</b>
    {{
      keptText.madeEnoughUsuallyTaken(
        enoughWords(sized.chanceShort),
        writeLength(bowl.snapshot.head.profile.stretchedLengthCentimetres, household.where),
        kitchenRound(usualOf(sized)),
      )
    }}
    <WhyDialog class="no-print" :steps="whySteps(sized, household.where)" :millilitres="sized.needMillilitres" />
  </p>
  <p v-if="cost && cost.grams > 0" class="quiet figures" data-test="cost">
    {{
      keptText.fromTheShelfG(
        kitchenRound(cost.grams),
        writeMoney(cost.money, household.where),
        cost.unpricedGrams > 0 ? keptText.orMore : '',
      )
    }}
  </p>
  <p v-if="swaps.length > 0" class="quiet">{{ keptText.swapped(inARow(swaps)) }}</p>
</template>

<style scoped>
.when {
  margin: 0;
}
.sum {
  margin: 6px 0 14px;
}
</style>
