<script setup lang="ts">
import { bowlText } from '@amber-ladle/words';
import type { SizedLine } from '@amber-ladle/core/batch';
import { hasPot, ingredientById } from '@amber-ladle/core/ingredient';
import { kitchenRound } from '@amber-ladle/core/measure';
import { defineAsyncComponent } from 'vue';
import { useHousehold } from '../data/household';
import { useShelf } from '../data/shelf';
import HintLine from '../kit/HintLine.vue';
import { MaskPicture } from '../kit/ink';
import { useKeys } from '../kit/useKeys';
import DrawDialog from './DrawDialog.vue';
import MeasuresCard from './MeasuresCard.vue';
import MindList from './MindList.vue';
import PotDialog from './PotDialog.vue';
import SwapMenu from './SwapMenu.vue';
import TexturePanel from './TexturePanel.vue';
import { useLaidBench } from './atBench';
import { useRemarks } from './useRemarks';

/** Comes when a bowl is kept for somebody who has no name yet. */
const NameHead = defineAsyncComponent(async () => (await import('../head')).NameHead);
/** Not needed for the first look; nothing is kept before it has spoken. */
const CautionPanel = defineAsyncComponent(async () => (await import('../caution')).CautionPanel);

/** The page of the bowl, as in a cookbook: its name, the day, what to take, and what to mind. */
const household = useHousehold();
const shelf = useShelf();
const { names, dayOffset, days, bench, apart, drawPlan, keeping, isFirst, isTime } = useLaidBench();
const { profile, choices, mask, bowl, isFitting, failure } = bench;
const { isDrawing, isNaming, isSavingName, isKeeping, openStops, wearers, onDecided, keepOrAsk, keep, name } = keeping;
useKeys([{ keys: ['k'], does: bowlText.keepThisBowlKey, run: keepOrAsk }]);

const nameOf = (id: string): string => ingredientById(household.catalogue, id).name.toLowerCase();
/** The book's own ingredient that one on the bench stands in for. */
function stoodFor(ingredientId: string): string | undefined {
  const original = bench.swaps.originalOf(ingredientId);
  return original === ingredientId ? undefined : nameOf(original);
}
/** Whole pieces of it on the shelf weigh something else than the size that is reckoned with. */
function lyingGrams(line: SizedLine): number | undefined {
  if (line.measuredBy !== 'piece' || line.pieceGrams === undefined) return undefined;
  const lot = shelf.shelved.find(
    (one) => one.lot.ingredientId === line.ingredientId && one.lot.pieceGrams && !one.window.isPast,
  )?.lot;
  const grams = lot?.pieceGrams;
  return grams && Math.abs(grams - line.pieceGrams) > 1 ? Math.round(grams) : undefined;
}
const remarks = useRemarks(bench);
</script>

<template>
  <section v-if="mask" :aria-label="bowlText.measuresForThisBowl">
    <div class="heading">
      <MaskPicture :parts="mask.parts" :catalogue="household.catalogue" :size="84" class="dish" />
      <div>
        <h2>{{ mask.name }}</h2>
        <p class="figures quiet sum">
          {{ bowl ? bowlText.mlFor(kitchenRound(bowl.madeMillilitres), names) : '' }}
        </p>
      </div>
      <RouterLink class="quiet-link" :to="{ name: 'mask', params: { id: mask.id } }">{{
        bowlText.howItIsMade
      }}</RouterLink>
    </div>
    <div class="when">
      <v-select v-model="dayOffset" :items="days" :label="bowlText.day" density="compact" class="day" />
      <v-btn
        v-if="bowl"
        color="primary"
        min-height="48"
        class="keep"
        :loading="isKeeping"
        :disabled="openStops === undefined"
        @click="keepOrAsk"
      >
        {{ dayOffset > 0 ? bowlText.planIt : apart.length > 0 ? bowlText.keepTheseBowls : bowlText.keepThisBowl }}
      </v-btn>
    </div>
    <HintLine v-if="isFirst" id="keep">
      {{ bowlText.keptTheBowl }}
    </HintLine>
    <p v-if="failure" role="alert" class="alert">{{ failure }}</p>
    <MeasuresCard
      v-if="bowl"
      :bowl="bowl"
      :catalogue="household.catalogue"
      :spoons="household.spoons"
      :makings="choices.makings"
      :piece-sizes="choices.pieceSizes"
      :piece-grams="choices.pieceGrams"
      :drawn="drawPlan.drawn.value"
      :around-id="choices.aroundId"
      editable
      class="page"
      :class="{ fitting: isFitting }"
      @piece="bench.choosePiece"
      @weigh="bench.weigh"
      @lock="bench.lock"
    >
      <template #source="{ line }">
        <p
          v-if="shelf.lots.length > 0 && drawPlan.sourceWords(line.ingredientId).words"
          class="from figures"
          :class="{ short: drawPlan.sourceWords(line.ingredientId).isShort }"
        >
          {{ drawPlan.sourceWords(line.ingredientId).words }}
          <button
            v-if="lyingGrams(line)"
            type="button"
            class="tool"
            @click="bench.weigh(line.ingredientId, lyingGrams(line) ?? 0)"
          >
            {{ bowlText.asTheyLieThere(lyingGrams(line) ?? 0) }}
          </button>
        </p>
      </template>
      <template #tools="{ line, called }">
        <SwapMenu
          :name="called"
          :offered="() => bench.swaps.offered(line.ingredientId)"
          :original="stoodFor(line.ingredientId)"
          :is-there="(id: string) => shelf.onHand.has(id)"
          @swap="bench.swaps.swap(line.ingredientId, $event)"
        />
        <PotDialog
          v-if="hasPot(ingredientById(household.catalogue, line.ingredientId))"
          :ingredient-id="line.ingredientId"
          :amounts="bowl.lines"
          :makings="choices.makings"
          :spoons="household.spoons"
          :catalogue="household.catalogue"
          @cook="bench.cook(line.ingredientId, $event)"
          @lock="bench.lock(line.ingredientId, $event)"
        />
      </template>
    </MeasuresCard>
    <section v-for="own in apart" :key="own.person.id" class="own" :aria-label="bowlText.bowlFor(own.person.name)">
      <h3>
        {{ bowlText.forPerson(own.person.name) }}
        <span class="figures quiet sum">{{ kitchenRound(own.bowl.madeMillilitres) }} mL</span>
      </h3>
      <MeasuresCard
        :bowl="own.bowl"
        :catalogue="household.catalogue"
        :spoons="household.spoons"
        :makings="choices.makings"
      />
    </section>
    <TexturePanel
      v-if="isTime && bowl && mask.texture !== 'oil'"
      :bowl="bowl"
      :catalogue="household.catalogue"
      :offset="household.textureOffset(mask.id)"
    />
    <MindList v-if="isTime && bowl" :bowl="bowl" :mask="mask" :catalogue="household.catalogue" />
    <CautionPanel :mask="mask" :heads="wearers" place="choosing" decides @decided="onDecided" />
    <ul v-if="remarks.length > 0" class="plain-list remarks">
      <li v-for="remark in remarks" :key="remark">{{ remark }}</li>
    </ul>
    <!-- One that was put off keeps what was typed; the next head has a form of its own. -->
    <NameHead
      v-if="profile"
      :key="household.heads.length"
      v-model="isNaming"
      :profile="profile"
      :is-saving="isSavingName"
      @named="name"
    />
    <DrawDialog
      v-model="isDrawing"
      :draw-plan="drawPlan"
      :note="bowlText.forMaskNames(mask.name, names)"
      :confirm="bowlText.takeTheseAndKeep"
      @take="keep"
    />
  </section>
</template>

<style scoped>
.from .tool {
  margin-left: -8px;
}
.heading {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  gap: 0 14px;
  align-items: center;
}
.heading .dish {
  grid-row: 1 / span 2;
  justify-self: center;
}
.heading h2 {
  margin: 0;
  font-size: 1.6rem;
  line-height: 1.15;
}
.heading .quiet-link {
  justify-self: start;
}
.sum {
  margin: 2px 0;
  font-family: var(--sans);
  font-size: 1.05rem;
}
.page {
  border-top: 3px double var(--amber-fill);
  padding-top: 4px;
}
.fitting {
  opacity: 0.92;
}
.remarks {
  border-left: 3px solid var(--clay);
  padding-left: 12px;
  margin: 10px 0;
}
.own {
  border-top: 2px solid var(--ink);
  margin-top: 14px;
  padding-top: 10px;
}
.when {
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin: 12px 0 14px;
}
.day {
  flex: 1 1 150px;
  max-width: 200px;
}
.from {
  margin: 2px 0;
  font-size: 0.93rem;
  color: var(--leaf);
}
.from.short {
  color: var(--clay);
}
.alert {
  color: var(--clay);
}
</style>
