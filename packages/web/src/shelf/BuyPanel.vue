<script setup lang="ts">
import { api, type NewLot, type NewMovement } from '@amber-ladle/contract';
import { ingredientById, pieceSize } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import type { BuyLine, BuyStage } from '@amber-ladle/core/shelf';
import { usualPlace } from '@amber-ladle/core/exchange';
import { computed, onMounted, ref, shallowRef } from 'vue';
import { v4 as newId } from 'uuid';
import { call } from '../data/client';
import { inTurn } from '../data/inTurn';
import { useChanges } from '../data/useChanges';
import { useHousehold } from '../data/household';
import { useNotice } from '../data/notice';
import { useShelf } from '../data/shelf';
import { aboutWords } from '../words/when';
import { useWords } from '../data/useWords';
import { IngredientPicture } from '../kit/ink';
import { share } from '../kit/share';
import { readQuantity } from '@amber-ladle/core/measure';

const { say } = useWords();

/** What to buy, in shop units; what is ticked off lies on the shelf. */
const household = useHousehold();
const shelf = useShelf();
const notice = useNotice();
const lines = shallowRef<readonly BuyLine[]>([]);
const isReady = ref(false);
const read = inTurn(
  () => call(api.stock.buy),
  (list) => {
    lines.value = list;
    isReady.value = true;
  },
);
onMounted(() =>
  read().catch((error: unknown) => {
    notice.fail(error);
  }),
);
useChanges(['shelf', 'bowls', 'weeks'], () => void read().catch(() => undefined));

const BUY_WORDS: Readonly<Record<BuyStage, string>> = {
  unripe: 'hard',
  nearly: 'nearly ready',
  ready: 'ripe',
};
const rows = computed(() =>
  lines.value.map((line) => {
    const row = ingredientById(household.catalogue, line.ingredientId);
    const amount = line.pieces
      ? `${line.pieces} ${line.pieces > 1 ? row.pieces?.nouns : row.pieces?.noun}`
      : `${kitchenRound(line.shopGrams)} g`;
    const when = line.readyBy ? aboutWords(Date.parse(line.readyBy), household.moment, household.where) : '';
    return {
      line,
      amount,
      family: row.family,
      name: line.pieces && row.name.toLowerCase() === row.pieces?.noun ? '' : line.what,
      beside: [
        line.buy ? `buy ${BUY_WORDS[line.buy]}, ready for ${when}` : when ? `for ${when}` : '',
        line.reasons.map(say).join(', '),
      ]
        .filter(Boolean)
        .join(' · '),
    };
  }),
);

/** Ticked off: it lies where such things usually lie. */
async function bought({ line }: (typeof rows.value)[number]): Promise<void> {
  const row = ingredientById(household.catalogue, line.ingredientId);
  const pieceGrams = line.pieces ? pieceSize(row).usableGrams : undefined;
  const grams = line.pieces && pieceGrams ? line.pieces * pieceGrams : line.grams;
  const placeId = usualPlace(row, line.isRaw ? 'raw' : 'whole', shelf.places);
  const place = shelf.placeById(placeId);
  const lot: NewLot = {
    id: newId(),
    ingredientId: row.id,
    state: line.isRaw ? 'raw' : 'whole',
    since: household.now().toISOString(),
    label: '',
    ...(pieceGrams ? { pieceGrams } : {}),
  };
  const movement: NewMovement = {
    lotId: lot.id,
    kind: 'add',
    grams,
    placeId: place?.id ?? '',
    ...(row.ripening && !line.isRaw ? { stage: line.buy ?? ('unripe' as const) } : {}),
  };
  try {
    await shelf.change(`${line.what} lies in: ${place?.name ?? ''}.`, [movement], [lot]);
    await read();
  } catch (error) {
    notice.fail(error);
  }
}

/** To somebody who goes to the shop. */
async function give(): Promise<void> {
  const text = rows.value.map(({ amount, name, line }) => `• ${amount} ${name || line.what}`.trim()).join('\n');
  try {
    if ((await share({ title: 'To buy', text })) === 'copied') notice.show('The list is copied.');
  } catch (error) {
    notice.fail(error);
  }
}

const items = computed(() => [...household.catalogue.values()].map(({ id, name }) => ({ value: id, title: name })));
const levelId = ref<string | null>(null);
const levelGrams = ref('250');
async function addLevel(): Promise<void> {
  const grams = readQuantity(levelGrams.value, 'g');
  if (!levelId.value || !(grams >= 0)) return;
  try {
    await shelf.setRestock({ ingredientId: levelId.value, grams });
    await read();
    levelId.value = null;
  } catch (error) {
    notice.fail(error);
  }
}
const levelWords = computed(() =>
  shelf.restock
    .map(({ ingredientId, grams }) => `${household.catalogue.get(ingredientId)?.name ?? ingredientId} ${grams} g`)
    .join(', '),
);
</script>

<template>
  <section class="buy" aria-labelledby="buy">
    <h2 id="buy">To buy</h2>
    <p v-if="isReady && rows.length === 0" class="quiet">
      Nothing. Plan a bowl for another day on the bench, and what is missing for it appears here.
    </p>
    <ul class="plain-list" data-test="buy">
      <li v-for="row in rows" :key="row.line.ingredientId">
        <button
          type="button"
          class="tick"
          :aria-label="`Bought: ${row.amount} ${row.line.what}`"
          @click="bought(row)"
        />
        <IngredientPicture
          :id="row.line.ingredientId"
          :family="row.family"
          :size="34"
          :look="row.line.buy ?? 'ready'"
        />
        <span
          ><b class="figures">{{ row.amount }}</b> {{ row.name }} <span class="quiet">{{ row.beside }}</span></span
        >
      </li>
    </ul>
    <button v-if="rows.length > 0" type="button" class="tool no-print" @click="give">Give the list to somebody</button>
    <details class="no-print">
      <summary>Always in the house</summary>
      <p class="quiet">{{ levelWords || 'Oils and dry goods that should never run out.' }}</p>
      <div class="level">
        <v-autocomplete
          v-model="levelId"
          :items="items"
          label="What"
          density="compact"
          no-data-text="Nothing of that name."
        />
        <v-text-field v-model="levelGrams" label="at least" suffix="g" density="compact" inputmode="decimal" />
        <v-btn variant="tonal" color="primary" :disabled="!levelId" @click="addLevel">Set</v-btn>
      </div>
    </details>
  </section>
</template>

<style scoped>
h2 {
  margin: 0 0 6px;
}
li {
  display: grid;
  grid-template-columns: 44px 38px 1fr;
  gap: 0 6px;
  align-items: center;
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
.level {
  display: grid;
  grid-template-columns: 1.4fr 1fr auto;
  gap: 6px;
}
</style>
