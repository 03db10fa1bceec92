<script setup lang="ts">
import type { HeadLook } from '@amber-ladle/contract';
import type { HairProfile } from '@amber-ladle/core/hair';
import { computed } from 'vue';
import { figureOf } from './figure';
import { CENTRE_X, fallShare, fallsToY, hairLocks, hairOutline, strandPaths, tipY } from './hairShape';
import { HAIR, SKIN } from './tones';

/** A person from behind with her own hair: as long, as full and as curled as it is; what coils take of its length is dotted. */
const { profile, look, ageYears } = defineProps<{ profile: HairProfile; look: HeadLook; ageYears: number }>();

const figure = computed(() => figureOf(ageYears));
const outline = computed(() => hairOutline(profile, look.pattern));
const strands = computed(() => strandPaths(profile, look.pattern));
const locks = computed(() => hairLocks(profile, look.pattern));
const hair = computed(() => HAIR[look.hair]);
const skin = computed(() => SKIN[look.skin].tone);
/** The strand held straight, where it falls shorter than it is. */
const stretched = computed(() =>
  fallShare(look.pattern, profile.style) < 0.85
    ? `M${CENTRE_X} ${fallsToY(profile, look.pattern) + 4}V${tipY(profile.stretchedLengthCentimetres)}`
    : '',
);
</script>

<template>
  <g class="figure">
    <path v-for="d in figure.arms" :key="d" class="skin" :d :fill="skin" />
    <path class="skin" :d="figure.torso" :fill="skin" />
    <path class="skin neck" :d="figure.neck" :fill="skin" />
    <path v-for="d in figure.straps" :key="d" class="top" :d />
    <path class="top" :d="figure.top" />
    <path v-for="d in figure.ears" :key="d" class="skin" :d :fill="skin" />
    <path class="skin" :d="figure.head" :fill="skin" />
    <path class="mass" :d="outline" :fill="profile.style === 'cornrows' ? skin : hair.tone" />
    <g v-for="(one, at) in locks" :key="`lock ${at}`" class="lock">
      <path :d="one.course" class="about" :stroke-width="one.width + 2.4" />
      <path :d="one.course" :stroke="hair.tone" :stroke-width="one.width" />
      <path v-for="(d, turn) in one.turns" :key="turn" class="strand" :d :stroke="hair.strand" />
    </g>
    <path v-for="(d, at) in strands" :key="at" class="strand" :d :stroke="hair.strand" />
    <path v-if="stretched" class="stretched" :d="stretched" />
  </g>
</template>

<style scoped>
.skin,
.top,
.mass {
  stroke: var(--ink-line);
  stroke-width: 1.5;
  stroke-linejoin: round;
}
.neck {
  stroke: none;
}
.top {
  fill: var(--top);
}
.strand {
  fill: none;
  stroke-width: 1.2;
  stroke-linecap: round;
  stroke-opacity: 0.75;
}
.lock path {
  fill: none;
  stroke-linecap: round;
}
.lock .about {
  stroke: var(--ink-line);
}
.stretched {
  fill: none;
  stroke: var(--ink);
  stroke-width: 1.6;
  stroke-dasharray: 1 5;
  stroke-linecap: round;
}
@media (forced-colors: active) {
  .skin,
  .top {
    fill: Canvas;
    stroke: CanvasText;
  }
  .mass {
    fill: GrayText;
    stroke: CanvasText;
  }
}
</style>
