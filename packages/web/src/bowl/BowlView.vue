<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import { nextTick, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { isGuest } from '../head';
import BenchHair from './BenchHair.vue';
import BenchMeasures from './BenchMeasures.vue';
import BenchPick from './BenchPick.vue';
import BenchVessel from './BenchVessel.vue';
import { layBench } from './atBench';

/** The most of one thing that can be asked to go in, g. */
const MOST_GRAMS = 5000;

const { head, book, names, bench, isTime } = layBench();
const { profile, mask, need } = bench;

/** "Use this one up", as it was asked elsewhere: all of it goes in, and the rest follows. */
const route = useRoute();
const router = useRouter();
watch(
  () => [route.query['useUp'], route.query['grams'], book.value?.id] as const,
  ([ingredientId, grams, id]) => {
    const all = Number(grams);
    if (!ingredientId || !id || !(all > 0 && all <= MOST_GRAMS)) return;
    void nextTick(() => {
      bench.lock(String(ingredientId), all, true);
    });
    const { useUp: _useUp, grams: _grams, ...query } = route.query;
    void router.replace({ query });
  },
  { immediate: true },
);
</script>

<template>
  <div v-if="profile && book && mask && need" class="bench" :class="{ guest: isGuest(head) }">
    <h1 class="sr-only">{{ bowlText.bowlForHeading(mask.name, names) }}</h1>
    <BenchPick class="pick" />
    <BenchHair v-if="isTime || isGuest(head)" class="hair" />
    <BenchVessel v-if="isTime" class="middle" />
    <BenchMeasures class="right" />
  </div>
</template>

<style scoped>
.bench {
  display: grid;
  grid-template: 'pick vessel measures' auto 'hair vessel measures' 1fr / 364px minmax(320px, 1fr) 410px;
  gap: 0;
  max-width: var(--measure);
  margin: 0 auto;
}
.bench > section {
  padding: 14px 20px 24px;
}
.pick {
  grid-area: pick;
  padding-bottom: 0 !important;
}
.hair {
  grid-area: hair;
  padding-top: 4px !important;
}
.middle {
  grid-area: vessel;
  border-left: 1px solid var(--rule);
}
.right {
  grid-area: measures;
  border-left: 1px solid var(--rule);
  background: rgb(var(--v-theme-surface));
}
@media (max-width: 66.25em) {
  .bench {
    grid-template: 'pick vessel' auto 'hair vessel' 1fr 'measures measures' auto / 1fr 1fr;
  }
  .right {
    border-left: 0;
    border-top: 1px solid var(--rule);
  }
}
@media (max-width: 43.75em) {
  .bench {
    grid-template: 'pick' auto 'measures' auto 'hair' auto 'vessel' auto / 1fr;
  }
  /* Nobody is known yet: the hair to be pulled comes before what it comes to, which goes along with it. */
  .bench.guest {
    grid-template: 'pick' auto 'hair' auto 'measures' auto 'vessel' auto / 1fr;
  }
  .bench > section {
    border-left: 0;
    padding: 12px 14px 20px;
  }
  .hair,
  .middle {
    border-top: 1px solid var(--rule);
  }
}
</style>
