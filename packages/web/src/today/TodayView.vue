<script setup lang="ts">
import { todayText } from '@amber-ladle/words';
import { onMounted } from 'vue';
import { BowlList } from '../bowl';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { ScenePicture } from '../kit/ink';
import ComingBowls from './ComingBowls.vue';
import FreezeToday from './FreezeToday.vue';
import OneWord from './OneWord.vue';
import PeopleToSize from './PeopleToSize.vue';
import RunningBowls from './RunningBowls.vue';
import TurnsToday from './TurnsToday.vue';
import { useSuggestion } from './useSuggestion';
import WhoIsDue from './WhoIsDue.vue';
import WorthMaking from './WorthMaking.vue';

/** What turns today, what is ready soon, which bowls run, and one bowl worth making. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const { suggestion, isWorking } = useSuggestion();
onMounted(() =>
  shelf.load().catch((error: unknown) => {
    notice.fail(error);
  }),
);
</script>

<template>
  <div class="page today">
    <h1>{{ todayText.today }}</h1>
    <template v-if="household.heads.length === 0">
      <ScenePicture scene="empty" :size="180" />
      <p class="empty">
        {{ todayText.nobodyIsMeasuredYet }}
        <RouterLink class="quiet-link" :to="{ name: 'bowl' }">{{ todayText.sizeAFirstBowl }}</RouterLink>{{
          todayText.itAsks
        }}
      </p>
    </template>
    <WorthMaking v-if="suggestion" :worth="suggestion" />
    <p v-else-if="shelf.isReady && !isWorking && household.heads.length > 0" class="calm">
      {{ todayText.nothingOnTheShelf }}
      <RouterLink class="quiet-link" :to="{ name: 'masks' }">{{ todayText.chooseAMask }}</RouterLink>
      {{ todayText.youFeelLike }}
    </p>

    <div class="two">
      <section aria-labelledby="turning">
        <TurnsToday />
        <FreezeToday />
        <RunningBowls />
        <ComingBowls />
        <OneWord />
      </section>
      <section aria-labelledby="people">
        <WhoIsDue />
        <PeopleToSize />
        <h2 class="kept">{{ todayText.bowlsYouKept }}</h2>
        <BowlList :bowls="household.bowls.items.slice(0, 4)" />
        <RouterLink
          v-if="household.bowls.total > 4"
          class="quiet-link"
          :to="{ name: 'notes', query: { look: 'log' } }"
          >{{ todayText.all(household.bowls.total) }}</RouterLink
        >
      </section>
    </div>
  </div>
</template>

<style scoped>
.calm {
  font-size: 1.15rem;
}
.two {
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 44px;
}
.kept {
  margin: 26px 0 8px;
}
.empty {
  font-size: 1.1rem;
}
@media (max-width: 50em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
    gap: 20px;
  }
}
</style>
