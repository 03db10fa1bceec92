<script setup lang="ts">
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import WearScale from '../drawings/WearScale.vue';
import NoBowlYet from '../parts/NoBowlYet.vue';
import { useCurrentBowl } from '../composables/useCurrentBowl';
import { COVERAGE_WORDS, HEAT_WORDS, KEEPING_WORDS, rinseWords } from '../words/mask';

const { bowl, failure } = useCurrentBowl();
const mask = computed(() => bowl.value?.snapshot.mask);
const onHead = computed(() => kitchenRound(bowl.value?.snapshot.sized.onHeadMillilitres ?? 0));
</script>

<template>
  <NoBowlYet v-if="failure || !bowl || !mask" title="Wear" :failure="failure" />
  <div v-else class="page wear">
    <p class="quiet">{{ bowl.maskName }} for {{ bowl.headName }}</p>
    <h1>Wear</h1>
    <WearScale :wear="mask.wear" />
    <dl>
      <dt>Where</dt>
      <dd>
        {{ COVERAGE_WORDS[mask.coverage] }}: <span class="figures">{{ onHead }} mL</span> reach the head<template
          v-if="mask.endsExtraShare > 0"
          >, the ends a second time</template
        >.
      </dd>
      <dt>Warmth</dt>
      <dd>{{ HEAT_WORDS[mask.heat] }}</dd>
      <dt>Rinse</dt>
      <dd>{{ rinseWords(mask.rinse) }}</dd>
      <dt>What is left</dt>
      <dd>{{ KEEPING_WORDS[mask.keeping] }} Never to be eaten.</dd>
      <dt>Stop</dt>
      <dd>
        At burning, swelling or a rash: rinse at once. Not on broken or sore skin; ask a pharmacist or doctor when
        unsure.
      </dd>
    </dl>
  </div>
</template>

<style scoped>
.wear {
  max-width: 820px;
}
dl {
  display: grid;
  grid-template-columns: 130px 1fr;
  gap: 12px 20px;
  font-size: 1.2rem;
  margin-top: 24px;
}
dt {
  color: var(--quiet);
}
dd {
  margin: 0;
}
@media (max-width: 520px) {
  dl {
    grid-template-columns: 1fr;
    gap: 2px;
  }
  dd {
    margin-bottom: 12px;
  }
}
</style>
