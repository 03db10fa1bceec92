<script setup lang="ts">
import { keptText } from '@amber-ladle/words';
import type { BowlLife } from '@amber-ladle/contract';
import { computed, defineAsyncComponent, toRef } from 'vue';
import { MeasuresCard, VesselDrawing } from '../bowl';
import { useKeptBowl } from '../data/useKeptBowl';
import { useWords } from '../data/useWords';
import BowlLifePanel from './BowlLifePanel.vue';
import KeptActions from './KeptActions.vue';
import KeptMaking from './KeptMaking.vue';
import KeptSum from './KeptSum.vue';

/** Comes when the bowl's card stands. */
const BowlNotes = defineAsyncComponent(async () => (await import('../notes')).BowlNotes);

/** A bowl as it was kept: its card, its life, how it is made, and what is noted of it. */
const { id } = defineProps<{ id: string }>();
const { say } = useWords();
const { bowl, failure, catalogue, know } = useKeptBowl(toRef(() => id));
const life = computed<BowlLife | undefined>({
  get: () => bowl.value?.life,
  set: (now) => {
    if (bowl.value && now) know({ ...bowl.value, life: now });
  },
});
const sized = computed(() => bowl.value?.snapshot.sized);
</script>

<template>
  <div class="page">
    <div v-if="failure" role="alert">
      <h1>{{ keptText.notHere }}</h1>
      <p>{{ failure }}</p>
      <v-btn color="primary" :to="{ name: 'notes', query: { look: 'log' } }">{{ keptText.allBowls }}</v-btn>
    </div>
    <template v-else-if="bowl && sized">
      <KeptSum :bowl="bowl" :life="life" :catalogue="catalogue" />
      <div class="two">
        <MeasuresCard
          :bowl="sized"
          :catalogue="catalogue"
          :spoons="bowl.snapshot.spoons"
          :makings="bowl.snapshot.choices.makings"
        />
        <VesselDrawing
          class="no-print"
          :bowl="sized"
          :catalogue="catalogue"
          :need-millilitres="sized.needMillilitres"
          :low-millilitres="sized.needMillilitres"
          :high-millilitres="sized.needMillilitres"
        />
      </div>
      <p v-for="one in life?.endedAt ? [] : (life?.decisions ?? [])" :key="one.at" class="decisions">
        {{ say(one.what) }}
      </p>
      <BowlLifePanel v-if="life" :bowl="bowl" :life="life" @life="life = $event" />
      <KeptMaking :bowl="bowl" :life="life" :catalogue="catalogue" />
      <KeptActions v-model:life="life" :bowl="bowl" />
      <BowlNotes v-if="life && (life.endedAt || Object.keys(life.wearing).length > 0)" :bowl="bowl" />
    </template>
  </div>
</template>

<style scoped>
.two {
  display: grid;
  grid-template-columns: 1.3fr 1fr;
  gap: 32px;
  align-items: start;
}
@media print {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
  .page {
    padding: 0;
  }
}
.decisions {
  padding-left: 12px;
  border-left: 4px solid var(--clay);
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
</style>
