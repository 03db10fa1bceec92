<script setup lang="ts">
import type { Bowl, LoggedBowl } from '@amber-ladle/contract';
import type { Catalogue } from '@amber-ladle/core/ingredient';
import { flowOfSpread } from '@amber-ladle/core/learn';
import { computed, toRef } from 'vue';
import { PlateField } from '../notes';
import { useLog } from '../notes';
import { makeText, plateSays } from '@amber-ladle/words';

/** The plate test while the bowl stands on the bench: what to do about this bowl, and written down for the next. */
const props = defineProps<{ page: LoggedBowl; bowl: Bowl; catalogue: Catalogue }>();
const { log, change } = useLog(toRef(props, 'page'));
const says = computed(() => {
  const across = log.value.plateCentimetres;
  const { gramsPerMillilitre } = props.page.facts;
  return across === undefined
    ? ''
    : plateSays(props.bowl.snapshot.sized, flowOfSpread(across, gramsPerMillilitre), props.catalogue);
});
</script>

<template>
  <div class="plate">
    <PlateField
      :centimetres="log.plateCentimetres"
      :asks="makeText.asThickAsReckoned"
      :grams-per-millilitre="page.facts.gramsPerMillilitre"
      @change="change({ plateCentimetres: $event })"
    />
    <p v-if="says" class="says" data-test="plate-advice" role="status">{{ says }}</p>
  </div>
</template>

<style scoped>
.plate {
  font-size: 1.1rem;
  margin: 0 0 10px;
}
.says {
  margin: 0;
}
</style>
