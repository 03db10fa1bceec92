<script setup lang="ts">
import { notesText } from '@amber-ladle/words';
import ChoicePills from '../kit/ChoicePills.vue';
import { localDay } from '@amber-ladle/core/time';
import { computed, defineAsyncComponent, ref, watch } from 'vue';
import { useRoute, useRouter } from 'vue-router';
import { BowlList } from '../bowl';
import AskedBowl from './AskedBowl.vue';
import LogTable from './LogTable.vue';
import { useHistory } from './useHistory';
import { useHousehold } from '../data/household';

/** The bowl just worn first; then what a head's history says. Each look comes when it is asked for. */
const AmountHistory = defineAsyncComponent(() => import('./AmountHistory.vue'));
const WorksHistory = defineAsyncComponent(() => import('./WorksHistory.vue'));
const LengthHistory = defineAsyncComponent(() => import('./LengthHistory.vue'));
const PhotoHistory = defineAsyncComponent(() => import('./PhotoHistory.vue'));
const SpendingHistory = defineAsyncComponent(() => import('./SpendingHistory.vue'));
const LogFiles = defineAsyncComponent(() => import('./LogFiles.vue'));

const household = useHousehold();
const route = useRoute();
const router = useRouter();

const LOOKS = [
  { id: 'amount', title: notesText.howMuch },
  { id: 'works', title: notesText.whatWorks },
  { id: 'log', title: notesText.theLog },
  { id: 'length', title: notesText.length },
  { id: 'photos', title: notesText.pictures },
  { id: 'spending', title: notesText.costAndTime },
] as const;
type Look = (typeof LOOKS)[number]['id'];
const look = computed<Look>(() => LOOKS.find(({ id }) => id === route.query['look'])?.id ?? 'amount');
const head = computed(() => household.headById(String(route.query['head'] ?? '')) ?? household.heads[0]);
const to = (query: Record<string, string>): unknown => router.replace({ query: { ...route.query, ...query } });

const SPANS = [
  { value: 90, title: notesText.threeMonths },
  { value: 365, title: notesText.aYear },
  { value: 0, title: notesText.everything },
] as const;
const days = ref(365);
const maskId = ref<string | null>(null);
watch(
  () => head.value?.id,
  () => (maskId.value = null),
);
const today = computed(() => localDay(household.moment, household.settings.timeZone));
const wish = computed(() => ({
  headId: head.value?.id,
  maskId: look.value === 'log' ? (maskId.value ?? undefined) : undefined,
  days: days.value,
  today: today.value,
}));
const { logged, judged, total, isReady, readMore } = useHistory(wish);
const masks = computed(() => {
  const worn = new Map(logged.value.map(({ facts }) => [facts.maskId, facts.maskName]));
  return [...worn].map(([value, title]) => ({ value, title }));
});
</script>

<template>
  <div class="page notes">
    <h1>{{ notesText.notes }}</h1>
    <AskedBowl />

    <template v-if="head">
      <div class="who" role="group" :aria-label="notesText.whoseNotes">
        <ChoicePills
          :of="household.heads"
          :says="(one) => one.name"
          look="name"
          :is-chosen="(one) => one.id === head?.id"
          @choose="(one) => to({ head: one.id })"
        />
      </div>
      <nav class="looks" :aria-label="notesText.whatTheNotesSay">
        <RouterLink
          v-for="{ id, title } in LOOKS"
          :key="id"
          :to="{ query: { ...route.query, look: id } }"
          replace
          :aria-current="look === id ? 'page' : undefined"
          >{{ title }}</RouterLink
        >
      </nav>
      <div v-if="look === 'works' || look === 'log'" class="filters">
        <v-select v-model="days" :items="SPANS" :label="notesText.fromTheLast" class="filter" hide-details />
        <v-select
          v-if="look === 'log'"
          v-model="maskId"
          :items="masks"
          :label="notesText.mask"
          clearable
          :placeholder="notesText.all"
          persistent-placeholder
          class="filter"
          hide-details
        />
      </div>
      <AmountHistory v-if="look === 'amount'" :key="head.id" :head="head" />
      <WorksHistory v-else-if="look === 'works'" :key="head.id" :name="head.name" :judged="judged" :logged="logged" />
      <LengthHistory v-else-if="look === 'length'" :key="head.id" :head="head" :logged="logged" />
      <PhotoHistory v-else-if="look === 'photos'" :key="head.id" :head="head" />
      <SpendingHistory v-else-if="look === 'spending'" />
      <section v-else aria-labelledby="log">
        <h2 id="log">{{ notesText.whatWasWritten(head.name) }}</h2>
        <LogTable v-if="isReady" :logged="logged" :total="total" @more="readMore" />
        <LogFiles />
        <p>
          {{ notesText.pouredByEye }}
          <RouterLink class="quiet-link" :to="{ name: 'benches' }">{{ notesText.weighWhatWentIn }}</RouterLink>
          {{ notesText.andItCan }}
        </p>
        <h2 class="kept">{{ notesText.everyBowlYouKept }}</h2>
        <p class="quiet">{{ notesText.asItWasMeasured }}</p>
        <BowlList :bowls="household.bowls.items" />
        <p v-if="household.bowls.total > household.bowls.items.length" class="quiet">
          {{ notesText.theNewestOf(household.bowls.items.length, household.bowls.total) }}
        </p>
      </section>
    </template>
    <p v-else class="quiet">
      {{ notesText.nobodyIsMeasuredYet }}
      <RouterLink class="quiet-link" :to="{ name: 'head', params: { id: 'new' } }">{{
        notesText.addAHead
      }}</RouterLink>{{ notesText.sizeABowl }}
    </p>
  </div>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 8px;
  margin: 6px 0 10px;
}
.looks {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 22px;
  border-bottom: 1px solid var(--rule);
  margin-bottom: 14px;
}
.looks a {
  min-height: 44px;
  display: flex;
  align-items: center;
  color: var(--ink);
  text-decoration: none;
}
.looks a[aria-current] {
  font-weight: 600;
  box-shadow: inset 0 -3px var(--amber-fill);
}
.filters {
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin: 4px 0 12px;
}
.filter {
  max-width: 220px;
  min-width: 160px;
}
.kept {
  margin-top: 28px;
}
</style>
