<script setup lang="ts">
import ChoicePills from '../kit/ChoicePills.vue';
import { neighbouringGrams, type FittedAmounts, type SizedLine } from '@amber-ladle/core/batch';
import { bowlText, type Makings, makingWords, writeLine, writeSize } from '@amber-ladle/words';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import { schoolOf } from '@amber-ladle/core/judge';
import type { Spoon } from '@amber-ladle/core/measure';
import { computed } from 'vue';
import { AmountPicture } from '../kit/ink';
import { useWords } from '../data/useWords';
import { useHousehold } from '../data/household';
import AmountStepper from '../kit/AmountStepper.vue';
import DriftMark from './DriftMark.vue';
import PieceSizes from './PieceSizes.vue';

/** The measures, as large as a recipe card: pieces and spoons first, grams and millilitres beside. */
const {
  bowl,
  catalogue,
  spoons,
  makings = {},
  pieceSizes = {},
  pieceGrams = {},
  drawn = new Set<string>(),
  aroundId = undefined,
  editable = false,
} = defineProps<{
  bowl: FittedAmounts;
  catalogue: Catalogue;
  /** The school each made thing is cooked by. */
  makings?: Makings;
  spoons: readonly Spoon[];
  pieceSizes?: Readonly<Record<string, string>>;
  /** Usable grams of a piece that was weighed, by ingredient. */
  pieceGrams?: Readonly<Record<string, number>>;
  /** Ingredients whose shelf tells what stays of them, to the gram. */
  drawn?: ReadonlySet<string>;
  /** The fixed amount that is all there is. */
  aroundId?: string | undefined;
  editable?: boolean;
}>();
defineSlots<{
  tools?: (props: { line: SizedLine; called: string }) => unknown;
  /** Where it comes from. */
  source?: (props: { line: SizedLine }) => unknown;
}>();
const emit = defineEmits<{
  piece: [ingredientId: string, sizeId: string];
  /** Usable grams of one piece as it lies there. */
  weigh: [ingredientId: string, grams: number];
  /** An amount to keep to, in grams, or nothing to let it follow again. */
  lock: [ingredientId: string, grams: number | undefined, isAll?: boolean];
}>();

const neighbour = (line: SizedLine, direction: 1 | -1): number | undefined =>
  line.grams > 0
    ? neighbouringGrams(
        ingredientById(catalogue, line.ingredientId),
        {
          measuredBy: line.measuredBy,
          spoons,
          ...(line.pieceGrams === undefined ? {} : { pieceGrams: line.pieceGrams }),
        },
        line.grams,
        direction,
      )
    : undefined;

const household = useHousehold();
const { say } = useWords();
const isByWeight = computed(() => schoolOf(household.settings.schools, 'measure') === 'weight');
const made = computed(() => makingWords(bowl.lines, spoons, catalogue, makings));
const rows = computed(() =>
  bowl.lines.map((line) => {
    const ingredient = ingredientById(catalogue, line.ingredientId);
    const counted = line.measuredBy === 'piece' ? ingredient.pieces : undefined;
    return {
      line,
      ...writeLine(line, catalogue, spoons, isByWeight.value),
      thing: ingredient,
      ingredient: ingredient.name.toLowerCase(),
      state: ingredient.state,
      making: made.value.get(line.ingredientId) ?? '',
      sizes: (counted?.sizes ?? []).map((size) => ({ id: size.id, name: size.name, words: writeSize(size) })),
      weighed: pieceGrams[line.ingredientId],
      chosen: pieceGrams[line.ingredientId] ? undefined : (pieceSizes[line.ingredientId] ?? counted?.usualSize),
      less: editable ? neighbour(line, -1) : undefined,
      more: editable ? neighbour(line, 1) : undefined,
    };
  }),
);
type Row = (typeof rows.value)[number];

function step(row: Row, direction: 1 | -1): void {
  const grams = direction === 1 ? row.more : row.less;
  if (grams !== undefined) emit('lock', row.line.ingredientId, grams);
}
function toggleLock({ line }: Row): void {
  emit('lock', line.ingredientId, line.isLocked ? undefined : line.grams);
}
</script>

<template>
  <ul class="plain-list card" :aria-label="bowlText.measures">
    <li v-for="row in rows" :key="row.line.ingredientId" class="row">
      <div class="seen">
        <AmountPicture :ingredient="row.thing" :line="row.line" :spoons="spoons" />
        <DriftMark :drift="row.line.drift" :tolerance="row.line.tolerance" />
      </div>
      <div class="what">
        <span class="serif amount figures">{{ row.amount }}</span>
        <span class="name"
          >{{ row.name }} <span v-if="row.state" class="quiet state">{{ row.state }}</span></span
        >
      </div>
      <div class="beside quiet figures">
        <span>{{ row.beside }}</span>
        <span v-if="row.left && !drawn.has(row.line.ingredientId)" class="left">{{ row.left }}</span>
        <span class="hands">
          <slot name="tools" v-bind="{ line: row.line, called: row.ingredient }" />
          <AmountStepper
            v-if="editable && row.line.grams > 0"
            class="stepper"
            :name="row.ingredient"
            :is-locked="row.line.isLocked"
            :can-less="row.less !== undefined"
            @step="step(row, $event)"
            @lock="toggleLock(row)"
          />
        </span>
      </div>
      <div v-if="editable && row.line.isLocked" class="means" role="group" :aria-label="bowlText.fixed(row.ingredient)">
        <ChoicePills
          :of="[false, true]"
          :says="(isAll) => (isAll ? bowlText.itIsAllI : bowlText.exactlyThisFillUp)"
          :is-chosen="(isAll) => isAll === (aroundId === row.line.ingredientId)"
          @choose="(isAll) => emit('lock', row.line.ingredientId, row.line.grams, isAll)"
        />
      </div>
      <p v-if="row.line.heldBy" class="held figures" data-test="held">
        {{ bowlText.theLimit(say(row.line.heldBy)) }}
      </p>
      <slot name="source" v-bind="{ line: row.line }" />
      <p v-if="row.making" class="making figures">{{ row.making }}</p>
      <PieceSizes
        v-if="editable && row.sizes.length > 1"
        :name="row.ingredient"
        :sizes="row.sizes"
        :chosen="row.chosen"
        :weighed="row.weighed"
        @piece="emit('piece', row.line.ingredientId, $event)"
        @weigh="emit('weigh', row.line.ingredientId, $event)"
      />
    </li>
  </ul>
</template>

<style scoped>
.held {
  margin: 4px 0 0;
  color: var(--clay);
}
.means {
  display: flex;
  flex-wrap: wrap;
  gap: 6px;
  margin: 6px 0;
}
.row {
  display: grid;
  grid-template-columns: 92px minmax(0, 1fr);
  column-gap: 14px;
  align-content: start;
  padding: 12px 0;
  border-bottom: 1px solid var(--rule);
}
.row > :not(.seen) {
  grid-column: 2;
}
.seen {
  grid-row: 1 / span 6;
  align-self: start;
  display: flex;
  flex-direction: column;
  align-items: center;
  gap: 4px;
  padding-top: 4px;
}
.seen :deep(.amount-picture) {
  justify-content: center;
}
.row:last-child {
  border-bottom: 0;
}
.what {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 9px;
  align-items: baseline;
}
.amount {
  font-size: 1.4rem;
  color: rgb(var(--v-theme-primary));
}
.name {
  font-size: 1.08rem;
}
.state {
  font-size: 0.88rem;
}
.beside {
  display: flex;
  flex-wrap: wrap;
  gap: 2px 10px;
  align-items: center;
  font-size: 0.92rem;
}
.making {
  margin: 4px 0 0;
  font-size: 0.95rem;
}
.hands {
  display: inline-flex;
  align-items: center;
  margin: -4px -6px -4px auto;
}
.left {
  font-style: italic;
}
</style>
