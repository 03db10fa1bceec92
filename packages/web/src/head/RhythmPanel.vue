<script setup lang="ts">
import { inARow } from '../data/inARow';
import MaskById from '../kit/MaskById.vue';
import { daysLater } from '@amber-ladle/core/time';
import type { Head } from '@amber-ladle/contract';
import { beatsOf, betweenWashDays, schoolsDisagree } from '@amber-ladle/core/judge';
import { TELLS_FROM } from '@amber-ladle/core/learn';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { headText, aboutWords, RHYTHM_WORDS, writeDay } from '@amber-ladle/words';

/** The rhythm of a head: what it had when, when it may again, and the year at a glance. */
const { head } = defineProps<{ head: Head }>();
const household = useHousehold();
const zone = computed(() => household.settings.timeZone);
const wore = computed(() => household.histories[head.id] ?? []);
const disagrees = computed(() => schoolsDisagree(household.settings.schools, head.story));
const beats = computed(() =>
  beatsOf(wore.value, household.settings.schools, head.story, zone.value).map((beat) => ({
    ...beat,
    words: RHYTHM_WORDS[beat.rhythm],
    last: writeDay(beat.lastAt, household.now(), household.where),
    again:
      beat.earliestAt > household.moment
        ? headText.againFrom(aboutWords(beat.earliestAt, household.moment, household.where))
        : beat.dueAt <= household.moment
          ? headText.itIsTime
          : headText.mayComeAgain,
  })),
);

/** What it wore, the most worn first. */
const masks = computed(() => {
  const counts = new Map<string, { count: number; at: string }>();
  for (const { maskId, at } of wore.value) {
    const before = counts.get(maskId);
    counts.set(maskId, { count: (before?.count ?? 0) + 1, at: before && before.at > at ? before.at : at });
  }
  return [...counts]
    .map(([id, { count, at }]) => ({
      id,
      name: household.maskById(id)?.name ?? id,
      words: `${count > 1 ? headText.timesLast(count) : ''}${writeDay(at, household.now(), household.where)}`,
      count,
    }))
    .sort((a, b) => b.count - a.count);
});

/** What its skin complained of. */
const burned = computed(() =>
  wore.value
    .filter(({ isBurned }) => isBurned)
    .map(({ maskId, at }) => ({
      at,
      name: household.maskById(maskId)?.name ?? maskId,
      day: writeDay(at, household.now(), household.where),
    })),
);

const WEEKS = 53;
/** A cell for each of the last weeks, with how often the head wore something in it. */
const weeks = computed(() => {
  const end = household.moment;
  const zone = household.settings.timeZone;
  return Array.from({ length: WEEKS }, (_, i) => {
    const from = daysLater(end, (i - WEEKS) * 7, zone);
    const to = daysLater(from, 7, zone);
    const inWeek = wore.value.filter(({ at }) => Date.parse(at) > from && Date.parse(at) <= to);
    return {
      from,
      count: inWeek.length,
      names: inWeek.map(({ maskId }) => household.maskById(maskId)?.name ?? maskId),
    };
  });
});
/** What its bowls tell by themselves, from the second on. */
const between = computed(() => {
  const days = betweenWashDays(wore.value);
  if (!days) return '';
  const { count, usualDays, leastDays, mostDays } = days;
  if (count === 2) return headText.twoWashDays(usualDays);
  const span = leastDays === mostDays ? '' : headText.daysRange(leastDays, mostDays);
  return headText.aMaskEveryDays(usualDays, span, count, count < TELLS_FROM + 2 ? headText.fewYet : '');
});
const all = computed(() => weeks.value.reduce((sum, { count }) => sum + count, 0));
</script>

<template>
  <section aria-labelledby="rhythm" class="rhythm" data-test="rhythm">
    <h2 id="rhythm">{{ headText.rhythm }}</h2>
    <p v-if="disagrees" class="warn">{{ headText.stiffAfterProtein }}</p>
    <p v-if="beats.length === 0" class="quiet">{{ headText.nothingWornYet }}</p>
    <p v-if="between" class="figures" data-test="between">{{ between }}</p>
    <ul v-if="beats.length > 0" class="plain-list">
      <li v-for="beat in beats" :key="beat.rhythm">
        <b>{{ beat.words }}</b> <span class="quiet">{{ headText.everyDays(beat.last, beat.intervalDays) }}</span>
        <span class="again">{{ beat.again }}</span>
      </li>
    </ul>
    <ul v-if="burned.length > 0" class="plain-list" :aria-label="headText.whatBurnedOrItched" data-test="burned">
      <li v-for="one in burned" :key="one.at + one.name" class="warn">
        <b>{{ one.name }}</b> {{ headText.burnedOrItched }} <span class="quiet again">{{ one.day }}</span>
      </li>
    </ul>
    <ul v-if="masks.length > 0" class="plain-list" :aria-label="headText.whatItWore">
      <li v-for="mask in masks" :key="mask.id">
        <MaskById :id="mask.id" :size="36" />
        <RouterLink class="quiet-link" :to="{ name: 'bowl', query: { head: head.id, mask: mask.id } }">{{
          mask.name
        }}</RouterLink>
        <span class="quiet again">{{ mask.words }}</span>
      </li>
    </ul>
    <svg v-if="all > 0" class="year" viewBox="0 0 530 22" role="img" :aria-label="headText.bowlsWorn(all)">
      <rect
        v-for="(week, i) in weeks"
        :key="week.from"
        :x="i * 10 + 1"
        y="2"
        width="8"
        height="18"
        :class="{ worn: week.count > 0, often: week.count > 1 }"
      >
        <title>{{ inARow(week.names) }}</title>
      </rect>
    </svg>
  </section>
</template>

<style scoped>
li {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 10px;
  padding: 5px 0;
  border-bottom: 1px solid var(--rule);
}
.again {
  margin-left: auto;
}
.warn {
  padding-left: 12px;
  border-left: 3px solid var(--amber-fill);
}
.year {
  display: block;
  width: 100%;
  margin-top: 10px;
}
rect {
  fill: none;
  stroke: var(--rule);
}
rect.worn {
  fill: var(--amber-wash);
  stroke: var(--amber-fill);
}
rect.often {
  fill: var(--amber-fill);
}
</style>
