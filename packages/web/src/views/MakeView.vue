<script setup lang="ts">
import { computed, ref, watch } from 'vue';
import MeasuresCard from '../parts/MeasuresCard.vue';
import NoBowlYet from '../parts/NoBowlYet.vue';
import { useCurrentBowl } from '../composables/useCurrentBowl';
import { useKeys } from '../composables/useKeys';

const { bowl, failure, catalogue } = useCurrentBowl();
const at = ref(0);
watch(bowl, () => (at.value = 0));
/** Measuring comes first; then the mask's own steps. */
const count = computed(() => 1 + (bowl.value?.snapshot.mask.steps.length ?? 0));
const next = (): void => void (at.value = Math.min(count.value - 1, at.value + 1));
const back = (): void => void (at.value = Math.max(0, at.value - 1));
useKeys([
  { keys: [' '], does: 'next step', run: next },
  { keys: ['Backspace'], does: 'step before', run: back },
]);
</script>

<template>
  <NoBowlYet v-if="failure || !bowl" title="Make" :failure="failure" />
  <div v-else class="page make">
    <p class="quiet top">
      {{ bowl.maskName }} for {{ bowl.headName }} · step
      <span class="figures" data-test="step">{{ at + 1 }} of {{ count }}</span>
    </p>
    <h1 class="sr-only">Make</h1>
    <div class="stage" aria-live="polite">
      <template v-if="at === 0">
        <h2>Measure out</h2>
        <MeasuresCard
          :bowl="bowl.snapshot.sized"
          :catalogue="catalogue"
          :makings="bowl.snapshot.choices.makings"
          :spoons="bowl.snapshot.spoons"
          class="measures"
        />
      </template>
      <p v-else class="serif step">{{ bowl.snapshot.mask.steps[at - 1] }}</p>
    </div>
    <div class="buttons">
      <v-btn variant="tonal" color="primary" height="64" :disabled="at === 0" @click="back">Back</v-btn>
      <v-btn v-if="at < count - 1" color="primary" height="64" @click="next">Next</v-btn>
      <v-btn v-else color="primary" height="64" :to="{ name: 'wear', query: { bowl: bowl.id } }">To the wearing</v-btn>
    </div>
  </div>
</template>

<style scoped>
.make {
  max-width: 980px;
  display: flex;
  flex-direction: column;
  min-height: calc(100vh - 72px);
}
.top {
  font-size: 1.1rem;
  margin: 0 0 12px;
}
.stage {
  flex: 1;
}
.step {
  font-size: clamp(2rem, 4.6vw, 3.4rem);
  line-height: 1.2;
  margin: 4vh 0;
}
.measures {
  font-size: 1.2rem;
}
.measures :deep(.amount) {
  font-size: 2.1rem;
}
.measures :deep(.name) {
  font-size: 1.4rem;
}
.buttons {
  display: grid;
  grid-template-columns: 1fr 2fr;
  gap: 12px;
  position: sticky;
  bottom: 0;
  padding: 12px 0;
  background: rgb(var(--v-theme-background));
}
@media (max-width: 520px) {
  .buttons {
    bottom: 50px;
  }
}
</style>
