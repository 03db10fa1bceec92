<script setup lang="ts">
import { inARow } from '../../data/inARow';
import { ingredientById, type Catalogue } from '@amber-ladle/core/ingredient';
import type { FormulaPart } from '@amber-ladle/core/mask';
import { computed } from 'vue';
import { plate } from './curve';
import { BOWL, bowlLayers } from './mask';
import InkPicture from './InkPicture.vue';
import { isSmallAt } from './sizes';
import { paintInBowl } from './texture';
import { useBook } from './useBook';

/** A mask by what is in it: a bowl cut open, each layer its share, and what it is mostly made of looking over the rim. */
const {
  parts,
  catalogue,
  size = 88,
  isNamed = false,
} = defineProps<{
  parts: readonly FormulaPart[];
  catalogue: Catalogue;
  size?: number;
  /** Says what is in it, where no list beside it does. */
  isNamed?: boolean;
}>();
const book = useBook();
/** Where up to three things stand behind the rim, the largest in the middle. */
const PLACES = [
  { x: 50, y: 30, of: 46 },
  { x: 21, y: 36, of: 34 },
  { x: 79, y: 36, of: 34 },
] as const;
/** Less than this is a pinch that nobody would draw. */
const LEAST_SHARE = 0.03;

const layers = computed(() =>
  bowlLayers(parts.map(({ ingredientId, share }) => ({ id: ingredientId, share }))).map(({ id, outline }) => ({
    d: plate(outline),
    fill: paintInBowl(ingredientById(catalogue, id)),
    ink: 'fine' as const,
  })),
);
const standing = computed(() => {
  const largest = [...parts]
    .sort((a, b) => b.share - a.share)
    .filter(({ share }, at) => at === 0 || share >= LEAST_SHARE);
  return PLACES.flatMap(({ x, y, of }, at) => {
    const part = largest[at];
    if (!part || !book.value) return [];
    const { id, family } = ingredientById(catalogue, part.ingredientId);
    const drawing = book.value.drawingOf(id, family);
    return [
      { id, marks: drawing.whole('ready'), transform: `translate(${x - of / 2} ${y - of / 2}) scale(${of / 100})` },
    ];
  }).reverse();
});
const name = computed(() =>
  inARow(
    parts.map(
      ({ ingredientId, share }) => `${ingredientById(catalogue, ingredientId).name} ${Math.round(share * 100)} %`,
    ),
  ),
);
const rim = `M${BOWL.middle - BOWL.half - 2} ${BOWL.rim}H${BOWL.middle + BOWL.half + 2}`;
</script>

<template>
  <InkPicture :size :name="isNamed ? name : ''">
    <g v-for="one in standing" :key="one.id" :transform="one.transform">
      <component :is="book?.InkMarks" :marks="one.marks" is-small />
    </g>
    <component :is="book?.InkMarks" :marks="layers" :is-small="isSmallAt(size)" />
    <path class="pen" :d="rim" stroke-width="2" />
  </InkPicture>
</template>
