<script setup lang="ts">
import { IngredientPicture } from '../kit/ink';
import { api, type KeptMovement, type Page } from '@amber-ladle/contract';
import { kitchenRound } from '@amber-ladle/core/measure';
import { BarElement, CategoryScale, Chart, LinearScale, Tooltip } from 'chart.js';
import { computed, onMounted, ref } from 'vue';
import { Bar } from 'vue-chartjs';
import { reading, useAnswer, useRead } from '../data/answer';
import CsvPanel from './CsvPanel.vue';
import PlacesPanel from './PlacesPanel.vue';
import { useInk } from '../kit/useInk';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useWords } from '../data/useWords';
import { useShelf } from '../data/shelf';
import {
  shelfText,
  MOVEMENT_WORDS,
  STAGE_WORDS,
  writeDay,
  writeMoney,
  writeMonth,
  writeTime,
  binWords,
} from '@amber-ladle/words';

/** The book behind the shelf: every movement, what was thrown away and why, places, and files in and out. */
Chart.register(LinearScale, CategoryScale, BarElement, Tooltip);
type Line = KeptMovement & { ingredientId: string };
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const { spell } = useWords();
const ink = useInk();
const MOST = 50;
const offset = ref(0);
const { value } = useAnswer<Page<Line>>(() => {
  const query = { limit: MOST, offset: offset.value };
  return { ...reading(api.stock.book, { query }), key: ['the book', query] };
});
const book = computed(() => value.value ?? { items: [], total: 0, offset: 0 });
const thrownAway = useRead(api.stock.waste, () => ({})).value;
const waste = computed(() => thrownAway.value ?? []);
const isReady = computed(() => value.value !== undefined);
onMounted(() => {
  void shelf.load().catch((error: unknown) => {
    notice.fail(error);
  });
});
function turn(by: number): void {
  offset.value = Math.max(0, offset.value + by * MOST);
}

const rows = computed(() =>
  book.value.items.map((line) => ({
    line,
    when: `${writeDay(line.at, household.now(), household.where)} ${writeTime(line.at, household.where)}`,
    name: household.catalogue.get(line.ingredientId)?.name ?? line.ingredientId,
    family: household.catalogue.get(line.ingredientId)?.family ?? '',
    words: [
      MOVEMENT_WORDS[line.kind],
      line.placeId ? (shelf.placeById(line.placeId)?.name ?? line.placeId) : '',
      line.stage ? STAGE_WORDS[line.stage] : '',
      spell(binWords(line.reason ?? '')),
    ]
      .filter(Boolean)
      .join(' · '),
    grams: line.grams === 0 ? '' : `${line.grams > 0 ? '+' : '−'}${kitchenRound(Math.abs(line.grams))} g`,
  })),
);
const months = computed(() =>
  waste.value.map((month) => ({
    ...month,
    name: writeMonth(month.month, household.where),
    reasons: Object.entries(month.byReason)
      .map(([reason, grams]) => `${binWords(reason) || shelfText.noReasonSaid} ${kitchenRound(grams)} g`)
      .join(', '),
  })),
);
const data = computed(() => ({
  labels: months.value.map(({ name }) => name),
  datasets: [
    {
      label: shelfText.thrownAwayG,
      data: waste.value.map(({ grams }) => Math.round(grams)),
      backgroundColor: ink.value.fill,
    },
  ],
}));
const options = computed(() => ({
  responsive: true,
  maintainAspectRatio: false,
  animation: false as const,
  plugins: { legend: { display: false } },
  scales: {
    x: { ticks: { color: ink.value.quiet }, grid: { display: false } },
    y: {
      beginAtZero: true,
      title: { display: true, text: shelfText.grams, color: ink.value.quiet },
      ticks: { color: ink.value.quiet },
      grid: { color: ink.value.rule },
    },
  },
}));
</script>

<template>
  <div class="page">
    <RouterLink class="quiet-link" :to="{ name: 'shelf' }">{{ shelfText.theShelf }}</RouterLink>
    <h1>{{ shelfText.bookOfStock }}</h1>
    <div class="two">
      <section aria-labelledby="waste">
        <h2 id="waste">{{ shelfText.thrownAway }}</h2>
        <p v-if="isReady && months.length === 0" class="quiet">
          {{ shelfText.nothingSoFar }}
        </p>
        <template v-else>
          <div class="chart">
            <Bar :data="data" :options="options" role="img" :aria-label="shelfText.gramsThrownAway" />
          </div>
          <table class="figures" data-test="waste">
            <tbody>
              <tr v-for="month in months" :key="month.month">
                <th scope="row">{{ month.name }}</th>
                <td class="number">{{ kitchenRound(month.grams) }} g</td>
                <td>
                  {{ writeMoney(month.money, household.where) }}{{ month.unpricedGrams > 0 ? shelfText.orMore : '' }}
                </td>
                <td class="quiet">{{ month.reasons }}</td>
              </tr>
            </tbody>
          </table>
        </template>
      </section>
      <section aria-labelledby="files">
        <h2 id="files">{{ shelfText.filesAndCalendar }}</h2>
        <CsvPanel />
        <PlacesPanel />
      </section>
    </div>
    <section aria-labelledby="lines">
      <h2 id="lines">{{ shelfText.everyMovement }}</h2>
      <table class="figures book">
        <tbody>
          <tr v-for="row in rows" :key="row.line.id">
            <td class="quiet beside">{{ row.when }}</td>
            <th scope="row">
              <span class="thing">
                <IngredientPicture :id="row.line.ingredientId" :family="row.family" :size="30" />
                {{ row.name }}
              </span>
            </th>
            <td>
              {{ row.words }} <span class="quiet below">{{ row.when }}</span>
            </td>
            <td class="number">{{ row.grams }}</td>
          </tr>
        </tbody>
      </table>
      <p v-if="isReady && rows.length === 0" class="quiet">{{ shelfText.nothingHasMovedYet }}</p>
      <p v-if="book.total > MOST" class="turn">
        <v-btn variant="text" :disabled="offset === 0" @click="turn(-1)">{{ shelfText.newer }}</v-btn>
        <span class="figures">{{ shelfText.toOf(offset + 1, Math.min(book.total, offset + MOST), book.total) }}</span>
        <v-btn variant="text" :disabled="offset + MOST >= book.total" @click="turn(1)">{{ shelfText.older }}</v-btn>
      </p>
    </section>
  </div>
</template>

<style scoped>
.thing {
  display: flex;
  align-items: center;
  gap: 10px;
}
.two {
  display: grid;
  grid-template-columns: 1.2fr 1fr;
  gap: 40px;
}
h2 {
  margin: 18px 0 10px;
}
.chart {
  height: 190px;
}
table {
  width: 100%;
  border-collapse: collapse;
}
th,
td {
  text-align: left;
  font-weight: 400;
  padding: 7px 12px 7px 0;
  border-bottom: 1px solid var(--rule);
}
th {
  font-weight: 600;
}
.number {
  text-align: right;
  white-space: nowrap;
}
.turn {
  display: flex;
  gap: 12px;
  align-items: center;
}
@media (max-width: 56.25em) {
  .two {
    grid-template-columns: minmax(0, 1fr);
  }
}
/* When it was stands in a column of its own where there is room for one. */
.below {
  display: none;
}
@media (max-width: 43.75em) {
  .beside {
    display: none;
  }
  .below {
    display: block;
    font-size: 0.95rem;
  }
}
</style>
