<script setup lang="ts">
import { shelfText } from '@amber-ladle/words';
import { api } from '@amber-ladle/contract';
import { linkTo } from '../data/client';
import { useNotice } from '../data/notice';
import { IngredientPicture } from '../kit/ink';
import { share } from '../kit/share';
import BuyLevels from './BuyLevels.vue';
import { useBuying, type BuyRow } from './useBuying';

/** What to buy, in shop units, by the days with a shop and in the order of a way through it. */
const { trips, isReady, again, bought } = useBuying();
const notice = useNotice();

const textOf = ({ amount, name, line }: BuyRow): string => `• ${amount} ${name || line.what}`;
/** To somebody who goes to the shop. */
async function give(): Promise<void> {
  const text = trips.value
    .map(({ title, aisles }) => [title, ...aisles.flatMap(({ rows }) => rows.map(textOf))].join('\n'))
    .join('\n\n');
  try {
    if ((await share({ title: shelfText.toBuy, text })) === 'copied') notice.show(shelfText.theListIsCopied);
  } catch (error) {
    notice.fail(error);
  }
}
/** Nothing but the list goes onto paper. */
function print(): void {
  const { dataset } = document.documentElement;
  dataset['print'] = 'buy';
  window.print();
  delete dataset['print'];
}
</script>

<template>
  <section class="buy" aria-labelledby="buy">
    <h2 id="buy">{{ shelfText.toBuy }}</h2>
    <p v-if="isReady && trips.length === 0" class="quiet">
      {{ shelfText.nothingPlanABowl }}
    </p>
    <div data-test="buy">
      <section v-for="trip in trips" :key="trip.day" class="trip" :aria-label="trip.title">
        <h3>
          {{ trip.title }} <span class="quiet figures">{{ trip.money }}</span>
        </h3>
        <template v-for="aisle in trip.aisles" :key="aisle.title">
          <p class="aisle quiet">{{ aisle.title }}</p>
          <ul class="plain-list">
            <li v-for="row in aisle.rows" :key="row.key">
              <button
                type="button"
                class="tick"
                :aria-label="shelfText.bought(row.amount, row.line.what)"
                @click="bought(row)"
              />
              <IngredientPicture
                :id="row.line.ingredientId"
                :family="row.family"
                :size="34"
                :look="row.line.buy ?? 'ready'"
              />
              <span
                ><b class="figures">{{ row.amount }}</b> {{ row.name }}
                <span class="quiet">{{ row.beside }}</span>
                <span v-if="row.instead" class="quiet instead">{{ row.instead }}</span></span
              >
            </li>
          </ul>
        </template>
      </section>
    </div>
    <p v-if="trips.length > 0" class="tools no-print">
      <button type="button" class="tool" @click="give">{{ shelfText.giveTheList }}</button>
      <button type="button" class="tool" @click="print">{{ shelfText.print }}</button>
      <a class="tool" :href="linkTo(api.stock.buyFile)" download>{{ shelfText.asATable }}</a>
    </p>
    <BuyLevels @change="again" />
  </section>
</template>

<style>
@media print {
  [data-print='buy'] body *:not(:has(.buy), .buy, .buy *) {
    display: none;
  }
}
</style>

<style scoped>
h2 {
  margin: 0 0 6px;
}
h3 {
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 10px;
  margin: 12px 0 0;
  border-bottom: 2px solid var(--ink);
  font-size: 1.15rem;
}
h3 .quiet {
  font-family: var(--sans);
  font-size: 0.95rem;
  font-weight: 400;
}
.aisle {
  margin: 8px 0 0;
  font-size: 0.9rem;
  font-style: italic;
}
li {
  display: grid;
  grid-template-columns: 44px 38px 1fr;
  gap: 0 6px;
  align-items: center;
  padding: 6px 0;
  border-bottom: 1px solid var(--rule);
  min-height: 48px;
}
li .quiet {
  display: block;
  font-size: 0.9rem;
}
.tick {
  width: 44px;
  height: 44px;
  margin: -6px 0;
  border: 0;
  background: transparent;
  cursor: pointer;
}
.tick::before {
  content: '';
  display: block;
  width: 28px;
  height: 28px;
  margin: 0 auto;
  border: 2px solid var(--quiet);
  border-radius: 6px;
}
.tick:hover::before {
  background: var(--amber-wash);
}
.tools {
  display: flex;
  flex-wrap: wrap;
  gap: 6px 14px;
  align-items: center;
}
.tools .tool {
  display: inline-flex;
  align-items: center;
  justify-content: center;
  min-width: 44px;
  padding: 0;
}
</style>
