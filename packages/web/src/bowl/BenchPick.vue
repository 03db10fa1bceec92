<script setup lang="ts">
import { OVERNIGHT_MINUTES } from '@amber-ladle/core/mask';
import { kitchenRound } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { useHousehold } from '../data/household';
import { HeadPicture } from '../head';
import ChoicePills from '../kit/ChoicePills.vue';
import ChoiceRow from '../kit/ChoiceRow.vue';
import HintLine from '../kit/HintLine.vue';
import { MaskPicture } from '../kit/ink';
import TogglePill from '../kit/TogglePill.vue';
import {
  bowlText,
  consequenceWords,
  COVERAGE_WORDS,
  lighterWords,
  SLOT_WORDS,
  WISH_WORDS,
  writeMinutes,
  TEXTURE_WORDS,
} from '@amber-ladle/words';
import SharePanel from './SharePanel.vue';
import { useLaidBench } from './atBench';

/** Whose head, which mask, how long it is worn, and what goes in instead. */
const household = useHousehold();
const { headId, maskId, head, book, others, bench, compared, isFirst } = useLaidBench();
const { isApart } = others;
const { mask, asWritten } = bench;
const { consequences, made: swapsMade, wishes, isMissing, lighter } = bench.swaps;

/** The lengths that it may be worn, where there are several. */
const wears = computed(() =>
  bench.wears.value.map(({ aimMinutes, isChosen }) => ({
    value: aimMinutes,
    isChosen,
    title: aimMinutes > OVERNIGHT_MINUTES ? 'overnight' : bowlText.wornFor(writeMinutes(aimMinutes)),
  })),
);
const maskItems = computed(() =>
  household.masks.map((m) => ({
    value: m.id,
    title: m.name,
    subtitle: `${TEXTURE_WORDS[m.texture]}, ${SLOT_WORDS[m.slot]}`,
  })),
);
</script>

<template>
  <section v-if="mask" :aria-label="bowlText.headAndMask">
    <HintLine v-if="isFirst" id="mask">
      {{ bowlText.anyMask }}
      <RouterLink class="quiet-link" :to="{ name: 'mask-paste' }">{{ bowlText.pasteTheOneYou }}</RouterLink>.
    </HintLine>
    <div v-if="household.heads.length > 0" class="who" role="group" :aria-label="bowlText.head">
      <ChoicePills
        v-slot="{ one }"
        :of="household.heads"
        look="name"
        :is-chosen="(person) => person.id === head.id"
        @choose="(person) => (headId = person.id)"
      >
        <span class="called"><HeadPicture :head="one" :size="40" class="face" />{{ one.name }}</span>
      </ChoicePills>
    </div>
    <SharePanel
      v-model="isApart"
      :candidates="others.candidates.value"
      :chosen-ids="others.chosenIds.value"
      :compared="compared"
      @toggle="others.toggle"
    />
    <v-autocomplete
      :model-value="book?.id"
      :items="maskItems"
      :label="bowlText.mask"
      class="mask-pick"
      :hint="`${TEXTURE_WORDS[mask.texture]}, ${COVERAGE_WORDS[mask.coverage]}, ${SLOT_WORDS[mask.slot]}`"
      persistent-hint
      :no-data-text="bowlText.noMask"
      @update:model-value="(id: string | null | undefined) => id && (maskId = id)"
    >
      <template #item="{ props: item, item: entry }">
        <v-list-item v-bind="item" :subtitle="entry.subtitle">
          <template #prepend>
            <MaskPicture
              class="item"
              :parts="household.maskById(entry.value)?.parts ?? []"
              :catalogue="household.catalogue"
              :size="44"
            />
          </template>
        </v-list-item>
      </template>
    </v-autocomplete>
    <ChoiceRow
      v-if="wears.length > 0"
      :label="bowlText.worn"
      data-test="wears"
      :options="wears"
      :model-value="wears.find(({ isChosen }) => isChosen)?.value"
      @update:model-value="bench.change({ wearAimMinutes: $event })"
    />
    <div
      v-if="wishes.length > 0 || isMissing || lighter || asWritten"
      class="wishes"
      role="group"
      :aria-label="bowlText.swaps"
    >
      <button v-if="isMissing" type="button" class="pill" @click="bench.swaps.fromHand">
        {{ bowlText.withWhatIsHere }}
      </button>
      <TogglePill v-if="asWritten" data-test="as-written" :is-on="asWritten.isKept" @toggle="bench.toggleWritten()">{{
        bowlText.asIWrite(kitchenRound(asWritten.millilitres))
      }}</TogglePill>
      <TogglePill v-if="lighter" data-test="lighter" :is-on="lighter.isMade" @toggle="bench.swaps.toggleLighter()">{{
        lighterWords(lighter)
      }}</TogglePill>
      <ChoicePills
        :of="wishes"
        :says="({ wish }) => WISH_WORDS[wish]"
        :is-chosen="({ isMet }) => isMet"
        @choose="({ wish, isMet }) => bench.swaps.toggleWish(wish, isMet)"
      />
    </div>
    <div v-if="consequences" class="swapped" aria-live="polite" data-test="swapped">
      <ul class="plain-list">
        <li v-for="one in swapsMade" :key="one.ingredientId">
          <b>{{ one.standIn }}</b> {{ bowlText.forName(one.name) }}
          <button type="button" class="tool" @click="bench.swaps.swap(one.ingredientId, undefined)">
            {{ bowlText.takeBack }}
          </button>
        </li>
      </ul>
      <p class="quiet">{{ consequenceWords(consequences).join(' ') }}</p>
    </div>
  </section>
</template>

<style scoped>
.who {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin-bottom: 12px;
}
.who :deep(.pill.name) {
  padding: 2px 16px 0 8px;
  overflow: hidden;
}
.item {
  margin-right: 14px;
}
.called {
  display: inline-flex;
  align-items: center;
  gap: 6px;
}
.face {
  align-self: end;
}
.mask-pick {
  margin-bottom: 8px;
}
.wishes {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 0 0 8px;
}
.swapped {
  border-left: 3px solid var(--amber-fill);
  padding-left: 12px;
  margin-bottom: 10px;
}
.swapped p {
  margin: 2px 0 0;
  font-size: 0.95rem;
}
</style>
